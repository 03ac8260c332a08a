<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useDriving } from '@/job/driving'
import { useJob } from '@/job/useJob'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import ColdPanel from './ColdPanel.vue'
import DayPanel from './DayPanel.vue'
import DriverPanel from './DriverPanel.vue'
import HaulPicture from './HaulPicture.vue'
import MomentPanel from './MomentPanel.vue'
import PointsPanel from './PointsPanel.vue'
import RoadTotals from './RoadTotals.vue'
import { nearest, placesOf, roadAxis } from './roadAxis'

const job = useJob()
const driving = useDriving()
const panels = [
  ['here', 'Here'],
  ['day', 'The day'],
  ['points', 'The road'],
  ['driver', 'The driver'],
  ['cold', 'Cold start'],
] as const
const panel = ref<(typeof panels)[number][0]>('here')
const cursor = ref<number | null>(null)
/** The point of the road that is edited. */
const opened = ref<string | null>(null)
const axis = computed(() => roadAxis(job.content.haul.journey!.points))
const places = computed(() => (driving.trip?.trace ? placesOf(axis.value, driving.trip.trace) : []))
/** The moment under the cursor, of the build in hand. */
const at = computed(() => (cursor.value === null || !places.value.length ? null : nearest(places.value, cursor.value)))
function goTo(seconds: number) {
  const trace = driving.trip?.trace
  if (trace) cursor.value = places.value[nearest(trace.timeS, seconds)]!
}
watch(at, (i) => {
  if (i !== null) driving.momentS = driving.trip!.trace!.timeS[i]!
})
// The first look is at the worst moment.
watch(
  () => driving.trip,
  (trip) => {
    if (cursor.value === null && trip?.coolant) goTo(driving.momentS ?? trip.coolant.atS)
  },
  { immediate: true },
)
</script>

<template>
  <div class="haul">
    <section class="panel road">
      <header>
        <h2>{{ job.content.haul.journey!.name }}</h2>
        <span class="soft small">drag across, or ← →, for any moment of it</span>
      </header>
      <HaulPicture v-model="cursor" v-model:opened="opened" :editing="panel === 'points'" />
      <p v-if="driving.said.length" role="alert" class="bad">
        {{ driving.said.map((s) => say(s, unitWorld)).join('; ') }}
      </p>
      <RoadTotals />
    </section>
    <section class="panel side">
      <ChoiceInput v-model="panel" label="Beside the road" :choices="panels" small />
      <MomentPanel v-if="panel === 'here'" :at="at" @go="goTo" />
      <DayPanel v-else-if="panel === 'day'" />
      <PointsPanel v-else-if="panel === 'points'" v-model="opened" />
      <DriverPanel v-else-if="panel === 'driver'" :at="at" />
      <ColdPanel v-else />
    </section>
  </div>
</template>

<style scoped>
.haul {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 372px;
  gap: 14px;
  padding: 14px;
  flex: 1;
}
/* The road stays in sight while what stands beside it is scrolled. */
.road {
  position: sticky;
  top: 196px;
  align-self: start;
}
.side {
  display: flex;
  flex-direction: column;
  gap: 14px;
}
.bad {
  border-left: 6px solid var(--over);
  background: var(--over-wash);
  padding: 8px 12px;
  margin: 8px 0;
}
@media (max-width: 1100px) {
  .haul {
    grid-template-columns: minmax(0, 1fr);
  }
  .road {
    position: static;
  }
}
@media print {
  .road {
    position: static;
  }
}
</style>
