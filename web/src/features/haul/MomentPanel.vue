<script setup lang="ts">
import { computed } from 'vue'
import { useDriving } from '@/job/driving'
import { useJob } from '@/job/useJob'
import { FLUIDS } from '@/shared/api/gauges'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber } from '@/shared/units/units'
import { flag, ordinal } from '@/shared/ui/words'
import DataTable from '@/shared/ui/DataTable.vue'
import { clock, clockOf } from '@/shared/ui/clock'
import { nearest } from './roadAxis'
import { stretchAt } from './stretch'

/** One moment of the road: where it is, how it is driven, and how every build stands there. */
const props = defineProps<{ at: number | null }>()
const emit = defineEmits<{ go: [seconds: number] }>()
const job = useJob()
const driving = useDriving()
const trace = computed(() => driving.trip?.trace)
const point = computed(() => {
  const t = trace.value
  if (!t || props.at === null) return null
  const i = props.at
  const points = job.content.haul.journey!.points
  const from = points.filter((p) => p.distanceKm <= t.distanceKm[i]! + 1e-9).at(-1) ?? points[0]!
  const standing = t.speedKmh[i] === 0
  return {
    place: from.place && Math.abs(from.distanceKm - t.distanceKm[i]!) < 0.3 ? from.place : '',
    km: t.distanceKm[i]!,
    time: t.timeS[i]!,
    standing,
    off: standing && from.stop?.engine === 'OFF',
    gear: t.gear[i]!,
    locked: t.locked[i]!,
    speed: t.speedKmh[i]!,
    asked: from.speedKmh,
    grade: standing ? 0 : stretchAt(points, t.distanceKm[i]!).gradePercent,
    ambient: t.ambientC[i]!,
    elevation: t.elevationM[i]!,
    limit: t.coolantLimitC[i]!,
    open: t.thermostatOpen[i]!,
    fan: t.fanShare[i]!,
  }
})
const COLUMNS = [
  { key: 'name', label: 'At this moment' },
  { key: 'coolantC', label: 'coolant', figure: true },
  { key: 'feedC', label: 'feed', figure: true },
  { key: 'panC', label: 'pan', figure: true },
]
const rows = computed(() => {
  if (!point.value) return []
  const { standing, time, km } = point.value
  // At the same place; where it stands, as long after the start.
  return job.content.builds.flatMap((b) => {
    const t = driving.tripOf(b.id)?.trace
    if (!t) return []
    const i = b.id === job.selected ? props.at! : standing ? nearest(t.timeS, time) : nearest(t.distanceKm, km)
    return [{ ...b, letter: flag(b, job.content.builds), i, t }]
  })
})
const holding = computed(() => {
  const p = point.value!
  if (p.off) return 'engine off'
  if (p.standing) return 'standing'
  return `${ordinal(p.gear)} gear, ${p.locked ? 'locked' : 'slipping'}`
})
/** The stretch under the cursor becomes what is asked when it is held until temperatures settle. */
function take() {
  const p = point.value!
  const stretch = stretchAt(job.content.haul.journey!.points, p.km)
  job.edit('haul', {
    ...job.content.haul,
    gradePercent: Number(stretch.gradePercent.toFixed(1)),
    speedKmh: stretch.speedKmh,
    ambientC: Number(p.ambient.toFixed(1)),
    altitudeM: Math.round(p.elevation),
  })
  driving.asked = 'held'
}
</script>

<template>
  <div v-if="point" class="moment" data-moment>
    <div class="head">
      <p class="km">{{ format(point.km, 'distance', unitWorld, 1) }}</p>
      <p class="when">
        <b>{{ point.place || ' ' }}</b>
        <span class="soft small">
          after {{ clock(point.time) }} · at {{ clockOf(job.content.haul.journey!.departureHour, point.time) }}</span
        >
      </p>
    </div>
    <dl>
      <div>
        <dt>speed</dt>
        <dd>
          {{ format(point.speed, 'speed', unitWorld)
          }}<small v-if="!point.standing && point.speed < point.asked - 0.5">
            of {{ format(point.asked, 'speed', unitWorld) }}</small
          >
        </dd>
      </div>
      <div>
        <dt>grade</dt>
        <dd>{{ format(point.grade, 'percent', unitWorld) }}</dd>
      </div>
      <div>
        <dt>driveline</dt>
        <dd>{{ holding }}</dd>
      </div>
      <div>
        <dt>air</dt>
        <dd>{{ format(point.ambient, 'temperature', unitWorld) }}</dd>
      </div>
      <div>
        <dt>height</dt>
        <dd>{{ format(point.elevation, 'altitude', unitWorld) }}</dd>
      </div>
      <div>
        <dt>coolant limit</dt>
        <dd>{{ format(point.limit, 'temperature', unitWorld) }}</dd>
      </div>
      <div>
        <dt>thermostat</dt>
        <dd>{{ formatNumber(100 * point.open, 0) }} % open</dd>
      </div>
      <div>
        <dt>fan</dt>
        <dd>{{ point.fan < 0.02 ? 'at rest' : `${formatNumber(100 * point.fan, 0)} % of its top` }}</dd>
      </div>
    </dl>
    <DataTable label="Builds at this moment" :columns="COLUMNS" :rows="rows" :row-key="(r) => r.id">
      <template #name="{ row }"
        ><button type="button" class="plain" :class="{ own: row.id === job.selected }" @click="job.selected = row.id">
          <b>{{ row.letter }}</b> {{ row.name }}
        </button></template
      >
      <template #coolantC="{ row }">{{ format(row.t.coolantC[row.i], 'temperature', unitWorld) }}</template>
      <template #feedC="{ row }">{{ format(row.t.feedC[row.i], 'temperature', unitWorld) }}</template>
      <template #panC="{ row }">{{ format(row.t.panC[row.i], 'temperature', unitWorld) }}</template>
    </DataTable>
    <div class="acts">
      <button
        v-for="[fluid, label] in FLUIDS"
        :key="fluid"
        type="button"
        class="act"
        @click="driving.trip?.[fluid] && emit('go', driving.trip[fluid]!.atS)"
      >
        Worst {{ label.toLowerCase() }}
      </button>
    </div>
    <button v-if="!point.standing" type="button" class="act" @click="take">Hold this stretch until it settles</button>
  </div>
  <p v-else class="soft">Driving the road …</p>
</template>

<style scoped>
.moment {
  display: grid;
  gap: 12px;
}
.head {
  display: flex;
  align-items: center;
  gap: 14px;
}
.km {
  font: 600 40px/1 var(--rb-font-head);
  white-space: nowrap;
}
.when {
  display: grid;
}
dl {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 6px 14px;
  margin: 0;
}
dl > div {
  border-top: 1px solid var(--rule-soft);
  padding-top: 3px;
}
dt {
  color: var(--ink-soft);
  font-size: 14px;
}
dd {
  margin: 0;
  font: 600 19px/1.15 var(--rb-font-head);
}
dd small {
  font-size: 15px;
  color: var(--over-ink);
}
.own {
  color: var(--accent-ink);
}
@media (pointer: coarse) {
  .plain {
    min-height: 44px;
  }
}
.acts {
  display: grid;
  grid-template-columns: repeat(3, 1fr);
  gap: 6px;
}
.acts .act {
  padding: 0 6px;
  font-size: 15px;
  justify-content: center;
  text-align: center;
}
</style>
