<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { useDriving } from '@/job/driving'
import { useJob } from '@/job/useJob'
import { word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { printOnly } from '@/shared/ui/printOnly'
import { clockOf } from '@/shared/ui/clock'

/** The drive as a card for the dashboard: places in their order, and what is done there. */
const job = useJob()
const driving = useDriving()
interface Line {
  km: number
  place: string
  does: string[]
}
const lines = computed<Line[]>(() => {
  const { points, changes } = job.content.haul.journey!
  const at = (km: number) => points.filter((p) => p.place && Math.abs(p.distanceKm - km) < 0.05)[0]?.place ?? ''
  let air = job.content.haul.airConditioning
  let fan = false
  const all: Line[] = [...changes]
    .sort((a, b) => a.fromKm - b.fromKm)
    .map((c) => {
      const does = [
        ...(c.airConditioning !== air ? [c.airConditioning ? 'A/C may go on' : 'A/C off'] : []),
        ...(c.fanFull !== fan ? [c.fanFull ? 'fan to full' : 'fan as it likes'] : []),
        c.holdGear ? `no gear above ${c.holdGear}` : 'gears free',
        c.noFasterKmh ? `no faster than ${format(c.noFasterKmh, 'speed', unitWorld.value)}` : 'speed as the road',
      ]
      air = c.airConditioning
      fan = c.fanFull
      return { km: c.fromKm, place: at(c.fromKm), does }
    })
  for (const p of points) {
    if (!p.stop?.minutes) continue
    all.push({
      km: p.distanceKm,
      place: p.place,
      does: [`stand ${format(p.stop.minutes, 'period', unitWorld.value)}, ${word(`choice.${p.stop.engine}`)}`],
    })
  }
  return all.sort((a, b) => a.km - b.km)
})
const watch = computed(() => {
  const t = driving.trip
  return t?.coolant
    ? `Hottest at ${format(t.coolant.atKm, 'distance', unitWorld.value, 1)}, ${clockOf(job.content.haul.journey!.departureHour, t.coolant.atS)}: coolant ${format(t.coolant.peakC, 'temperature', unitWorld.value, 0)}, limit ${format(t.coolant.limitC, 'temperature', unitWorld.value, 0)}.`
    : ''
})
const card = useTemplateRef('card')
const print = () => printOnly(card.value!)
</script>

<template>
  <section ref="card" class="card" data-drive-card>
    <header>
      <h3>{{ job.content.haul.journey!.name }}</h3>
      <span>{{ job.content.about.name }}, {{ job.build.name }}</span>
    </header>
    <p v-if="!lines.length" class="soft">Nothing to do but drive.</p>
    <ol>
      <li v-for="(l, i) in lines" :key="i">
        <b>{{ format(l.km, 'distance', unitWorld, 1) }}</b>
        <span>{{ l.place }}<template v-if="l.place">: </template>{{ l.does.join(', ') }}</span>
      </li>
    </ol>
    <p class="small">{{ watch }} Past a limit: stop safely, idle it down, open nothing.</p>
    <button type="button" class="act" data-screen-only @click="print">Print for the dashboard</button>
  </section>
</template>

<style scoped>
.card {
  border: 2.5px solid var(--ink);
  padding: 10px 12px;
  display: grid;
  gap: 6px;
  break-inside: avoid;
}
.card header {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  gap: 8px;
  border-bottom: 1.5px solid var(--ink);
  padding-bottom: 4px;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
li {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 8px;
  font-size: 17px;
}
li b {
  font: 600 20px/1.1 var(--rb-font-head);
}
.act {
  justify-content: center;
}
</style>
