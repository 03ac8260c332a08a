<script setup lang="ts">
import { computed } from 'vue'
import { newId } from '@/job/paths'
import { useJob } from '@/job/useJob'
import type { Run, RunMoment } from '@/shared/api/types'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import NameInput from '@/shared/ui/NameInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'

/** A drive without a logger: a few numbers read off a gauge, written or tapped at the wheel's side. */
const props = defineProps<{ run: Run }>()
const emit = defineEmits<{ edit: [moments: RunMoment[]] }>()
const job = useJob()
const MOST = 60
const moments = computed(() => props.run.data.moments)
/** When the first of this drive was tapped on this device. */
const KEY = `first-reading-${props.run.id}`
function minutes(): number {
  const first = Number(sessionStorage.getItem(KEY))
  if (!first || !moments.value.length) {
    sessionStorage.setItem(KEY, String(Date.now()))
    return moments.value.at(-1)?.afterMin ?? 0
  }
  return Math.round((Date.now() - first) / 6000) / 10
}
function add() {
  const last = moments.value.at(-1)
  const haul = job.content.haul
  const made: RunMoment = {
    id: newId(moments.value, 'read'),
    afterMin: minutes(),
    place: '',
    gradePercent: last?.gradePercent ?? haul.gradePercent,
    speedKmh: last?.speedKmh ?? haul.speedKmh,
    ambientC: last?.ambientC ?? props.run.data.ambientC ?? haul.ambientC,
    altitudeM: last?.altitudeM ?? haul.altitudeM,
    fans: last?.fans ?? null,
    airConditioning: last?.airConditioning ?? props.run.data.airConditioning ?? null,
    gear: null,
    readBy: last?.readBy ?? 'READER',
    coolantC: null,
    needlePlace: null,
    panC: null,
    feedC: null,
    steadyMin: 0,
  }
  emit('edit', [...moments.value, made])
}
const change = (id: string, what: Partial<RunMoment>) =>
  emit(
    'edit',
    moments.value.map((m) => (m.id === id ? { ...m, ...what } : m)),
  )
const READ_BY = [
  ['READER', 'reader ± 2 K'],
  ['THERMOMETER', 'by hand ± 5 K'],
  ['NEEDLE', 'needle ± 5 K'],
] as const
const YES = [
  ['on', 'on'],
  ['off', 'off'],
  ['unknown', '?'],
] as const
const known = (v: boolean | null) => (v == null ? 'unknown' : v ? 'on' : 'off')
const meant = (v: string | undefined) => (v === 'unknown' ? null : v === 'on')
</script>

<template>
  <section class="panel read" data-moments>
    <h2>Read off a gauge</h2>
    <p v-if="!moments.length" class="soft">
      No logger: tap a reading whenever nothing has moved for two minutes, and write what the gauge says. Two or three
      on the climb are enough to hold it against another drive.
    </p>
    <article v-for="m in moments" :key="m.id" :data-moment="m.id">
      <div class="row">
        <QuantityInput
          :model-value="m.afterMin"
          label="Since it began"
          quantity="period"
          @update:model-value="change(m.id, { afterMin: $event ?? 0 })"
        />
        <NameInput
          :model-value="m.place"
          label="Place"
          :most="40"
          @update:model-value="change(m.id, { place: $event ?? '' })"
        />
        <QuantityInput
          :model-value="m.speedKmh"
          label="Speed, 0 at idle"
          quantity="speed"
          @update:model-value="change(m.id, { speedKmh: $event ?? 0 })"
        />
        <QuantityInput
          :model-value="m.gradePercent"
          label="Grade"
          quantity="percent"
          @update:model-value="change(m.id, { gradePercent: $event ?? 0 })"
        />
        <QuantityInput
          :model-value="m.ambientC"
          label="Air outside"
          quantity="temperature"
          @update:model-value="change(m.id, { ambientC: $event ?? m.ambientC })"
        />
        <QuantityInput
          :model-value="m.steadyMin"
          label="Nothing had moved for"
          quantity="period"
          @update:model-value="change(m.id, { steadyMin: $event ?? 0 })"
        />
      </div>
      <div class="row">
        <div class="named wide">
          <span class="small soft" aria-hidden="true">Read by</span>
          <ChoiceInput
            :model-value="m.readBy"
            label="Read by"
            :choices="READ_BY"
            small
            @update:model-value="change(m.id, { readBy: $event! })"
          />
        </div>
        <QuantityInput
          v-if="m.readBy === 'NEEDLE'"
          :model-value="m.needlePlace"
          label="Needle, 0 to 100"
          quantity="percent"
          optional
          @update:model-value="change(m.id, { needlePlace: $event })"
        />
        <QuantityInput
          v-else
          :model-value="m.coolantC"
          label="Coolant"
          quantity="temperature"
          optional
          @update:model-value="change(m.id, { coolantC: $event })"
        />
        <QuantityInput
          :model-value="m.panC"
          label="Oil pan"
          quantity="temperature"
          optional
          @update:model-value="change(m.id, { panC: $event })"
        />
        <QuantityInput
          :model-value="m.feedC"
          label="Oil feed"
          quantity="temperature"
          optional
          @update:model-value="change(m.id, { feedC: $event })"
        />
        <div class="named">
          <span class="small soft" aria-hidden="true">Fans</span>
          <ChoiceInput
            :model-value="known(m.fans)"
            label="Fans"
            :choices="YES"
            small
            @update:model-value="change(m.id, { fans: meant($event) })"
          />
        </div>
        <div class="named">
          <span class="small soft" aria-hidden="true">Air conditioning</span>
          <ChoiceInput
            :model-value="known(m.airConditioning)"
            label="Air conditioning"
            :choices="YES"
            small
            @update:model-value="change(m.id, { airConditioning: meant($event) })"
          />
        </div>
        <button
          type="button"
          class="act"
          :aria-label="`Remove the reading at ${m.afterMin} min`"
          @click="
            emit(
              'edit',
              moments.filter((k) => k.id !== m.id),
            )
          "
        >
          Remove
        </button>
      </div>
      <p v-if="m.steadyMin < 2" class="note">
        Not settled: it is kept, but held against nothing. Read it again once nothing has moved for two minutes.
      </p>
      <p v-else-if="m.readBy === 'NEEDLE' && job.content.checks.needle.length < 2" class="note">
        What the needle’s places mean on this truck is written down at Checks; until then its place is kept, but means
        no temperature.
      </p>
    </article>
    <button type="button" class="act main" data-read :disabled="moments.length >= MOST" @click="add">
      A reading now
    </button>
  </section>
</template>

<style scoped>
.read {
  display: grid;
  gap: 10px;
}
article {
  border-top: 1px solid var(--rule);
  padding-top: 8px;
  display: grid;
  gap: 8px;
}
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
  align-items: end;
}
.row > * {
  flex: 1 1 110px;
}
.named {
  display: grid;
  gap: 2px;
}
.row > .wide {
  flex: 2 1 330px;
}
.row > button {
  flex: 0 0 auto;
}
.note {
  margin: 0;
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 6px 10px;
}
.main {
  min-height: 56px;
  font-size: 20px;
}
</style>
