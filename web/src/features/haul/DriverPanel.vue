<script setup lang="ts">
import { computed } from 'vue'
import { useDriving } from '@/job/driving'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { DriverOption } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import QuantityField from '@/job/fields/QuantityField.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import DriveCard from './DriveCard.vue'
import { changeAt, taken } from './roadEdits'

/** What the driver can do, from which place on at the latest, and what is done. */
const props = defineProps<{ at: number | null }>()
const MOST = 20
const job = useJob()
const driving = useDriving()
const journey = computed(() => job.content.haul.journey!)
const path = (id: string) => `haul.journey.changes.${id}` as const
const { result, problem, queueing, older } = useComputed<DriverOption[]>(
  '/api/compute/haul-choices',
  () => !job.dragging && { job: job.content, build: job.selected },
)
const kept = computed(() => {
  const t = driving.trip
  return !!t?.coolant && [t.coolant, t.feed!, t.pan!].every((p) => p.headroomK >= 0)
})
const signed = (k: number) => `${k > 0 ? '+' : ''}${format(k, 'difference', unitWorld.value, 1)}`
const later = (s: number) =>
  Math.abs(s) < 30 ? '' : `, ${format(Math.abs(s) / 60, 'period', unitWorld.value)} ${s > 0 ? 'longer' : 'sooner'}`
function add() {
  const km = props.at === null ? journey.value.points[0]!.distanceKm : driving.trip!.trace!.distanceKm[props.at]!
  job.edit('haul.journey.changes', changeAt(journey.value, job.content.haul.airConditioning, km))
}
const act = (option: DriverOption) =>
  job.edit('haul.journey', taken(journey.value, job.content.haul.airConditioning, option))
const remove = (id: string) =>
  job.edit(
    'haul.journey.changes',
    journey.value.changes.filter((c) => c.id !== id),
  )
</script>

<template>
  <div class="driver">
    <h3>{{ kept ? 'Every limit is kept; what would buy more' : 'What keeps it, from where at the latest' }}</h3>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <p v-else-if="!result" class="soft">{{ queueing || 'Trying what a driver can do …' }}</p>
    <ul class="options" :class="{ older }" data-choices>
      <li v-for="o in result ?? []" :key="o.kind">
        <VerdictMark :standing="kept || o.keeps ? 'HOLDS' : 'OVER'" :size="16" />
        <p>
          <b>{{ say(o.said, unitWorld) }}</b>
          <span class="small soft"
            >coolant {{ signed(o.coolantK) }}, pan {{ signed(o.panK) }}{{ later(o.longerS)
            }}<template v-if="!kept">{{ o.keeps ? ': keeps every limit' : ': not enough alone' }}</template></span
          >
        </p>
        <button type="button" class="act" @click="act(o)">Do it</button>
      </li>
    </ul>
    <p class="small soft">
      As computed, for {{ job.build.name }}. A rest is taken where it is safe to stand; nothing is opened hot.
    </p>

    <h3>What is done on this road</h3>
    <p v-if="!journey.changes.length" class="soft">Driven as the day says, from end to end.</p>
    <section v-for="(c, i) in journey.changes" :key="c.id" class="change" :aria-label="`Change ${i + 1}`">
      <div class="fields">
        <QuantityField label="From" :path="`${path(c.id)}.fromKm`" quantity="distance" :step="0.1" />
        <QuantityField
          label="No faster than"
          :path="`${path(c.id)}.noFasterKmh`"
          quantity="speed"
          :step="5"
          optional
          placeholder="as the road"
        />
        <QuantityField
          label="No gear above"
          :path="`${path(c.id)}.holdGear`"
          quantity="count"
          :step="1"
          optional
          placeholder="free"
        />
        <div class="low">
          <ToggleInput
            :model-value="c.airConditioning"
            label="Air conditioning"
            @update:model-value="(on) => job.edit(`${path(c.id)}.airConditioning`, on)"
            >A/C</ToggleInput
          >
        </div>
        <div class="low">
          <ToggleInput
            :model-value="c.fanFull"
            label="Fan held full"
            @update:model-value="(on) => job.edit(`${path(c.id)}.fanFull`, on)"
            >fan full</ToggleInput
          >
        </div>
        <button type="button" class="act" @click="remove(c.id)">Take out</button>
      </div>
    </section>
    <button type="button" class="act main" :disabled="journey.changes.length >= MOST" @click="add">
      From the cursor on …
    </button>
    <DriveCard />
  </div>
</template>

<style scoped>
.driver {
  display: grid;
  gap: 12px;
}
.options {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
}
.options li {
  display: grid;
  grid-template-columns: 16px minmax(0, 1fr) auto;
  align-items: center;
  gap: 10px;
  padding: 7px 0;
  border-top: 1px solid var(--rule-soft);
}
.options p {
  display: grid;
}
.options b {
  font: 600 18px/1.15 var(--rb-font-head);
}
.options b::first-letter {
  text-transform: uppercase;
}
.options .act {
  padding: 0 12px;
}
.older {
  opacity: 0.5;
}
.change {
  border-top: 1.5px solid var(--ink);
  padding-top: 8px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 10px 14px;
}
.low {
  display: flex;
  flex-direction: column;
  justify-content: flex-end;
}
.act {
  justify-content: center;
}
</style>
