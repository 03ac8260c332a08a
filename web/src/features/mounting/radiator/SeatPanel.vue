<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import QuantityField from '@/job/fields/QuantityField.vue'
import type { RadiatorSeat } from '@/shared/api/types'
import { choiceWord, word } from '@/shared/message/say'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import ToggleInput from '@/shared/ui/ToggleInput.vue'

/** What is measured round the radiator while the old one is still in, and of the old one itself. */
const job = useJob()
const SEAT = 'nose.radiator' as const
const OWN = `${SEAT}.own` as const
const seat = computed<RadiatorSeat>(() => job.content.nose.radiator)

const ROUND = ['leftMm', 'rightMm', 'topMm', 'bushingMm', 'screwInMm'] as const
const LABELS: Record<(typeof ROUND)[number], string> = {
  leftMm: 'Support, left edge',
  rightMm: 'Support, right edge',
  topMm: 'Upper bar, underside',
  bushingMm: 'Bore of the bushings',
  screwInMm: 'Screws go in',
}
const BODY = ['overWidthMm', 'overHeightMm', 'pinsApartMm', 'pinMm', 'topsApartMm', 'topsUpMm', 'topsBackMm'] as const
const UPPER = ['upperAcrossMm', 'upperUpMm', 'upperBackMm', 'upperNeckMm'] as const
const LOWER = ['lowerAcrossMm', 'lowerUpMm', 'lowerBackMm', 'lowerNeckMm'] as const
const REST = ['insertDepthMm', 'capUpMm', 'fanApartMm', 'fanUpMm'] as const
const HOSES = [
  ['upperHose', 'Upper hose', 'from the engine'],
  ['lowerHose', 'Lower hose', 'to the pump'],
] as const
const HOSE = ['lengthMm', 'straightMm'] as const
const open = computed(
  () =>
    ROUND.filter((k) => seat.value[k] === null).length +
    [...BODY, ...UPPER, ...LOWER, ...REST].filter((k) => seat.value.own[k] === null).length +
    HOSES.flatMap(([key]) => HOSE.filter((k) => seat.value[key][k] === null)).length,
)
const UNKNOWN = 'UNKNOWN'
const pick = <T extends string>(all: readonly T[]) => [
  [UNKNOWN, 'not yet'] as const,
  ...all.map((c) => [c, choiceWord(c)] as const),
]
const THREADS = pick(['M5', 'M6', 'M8', 'M10', 'M12'])
const LOOKS = pick(['BACKWARD', 'FORWARD', 'LEFT', 'RIGHT', 'UP', 'DOWN'])
const DRAINS = pick(['LEFT', 'MIDDLE', 'RIGHT', 'NONE'])
type Choice = 'insert' | 'upperLooks' | 'lowerLooks' | 'drain'
const take = (key: Choice, value: string) => job.edit(`${OWN}.${key}`, value === UNKNOWN ? null : value)
const REACHED = ['LEFT', 'MIDDLE', 'RIGHT'] as const
type Reached = (typeof REACHED)[number]
const reach = (where: Reached, on: boolean) =>
  job.edit(
    `${SEAT}.reach`,
    REACHED.filter((r) => (r === where ? on : seat.value.reach.includes(r))),
  )
</script>

<template>
  <section class="panel side" data-seat>
    <header>
      <h2>Measured</h2>
      <span class="small soft">{{ open ? `${open} still open` : 'all of it' }}</span>
    </header>
    <p class="small soft">
      With the old one still in, engine cold, fan fuse out. Across and up as on the front end: from the lower left of
      the old core. Of the radiator itself: from its core’s middle, lower edge and front.
    </p>
    <h3>Round it</h3>
    <div class="fields">
      <QuantityField
        v-for="key in ROUND"
        :key="key"
        :label="LABELS[key]"
        :path="`${SEAT}.${key}`"
        quantity="size"
        :step="1"
        optional
        placeholder="not yet"
      />
    </div>
    <div class="reach">
      <span class="small soft">A hand reaches a drain</span>
      <ToggleInput
        v-for="r in REACHED"
        :key="r"
        :label="`A hand reaches a drain ${choiceWord(r)}`"
        :model-value="seat.reach.includes(r)"
        @update:model-value="(on) => reach(r, on)"
        >{{ choiceWord(r) }}</ToggleInput
      >
    </div>
    <h3>The old one</h3>
    <div class="fields">
      <QuantityField
        v-for="key in [...BODY, ...REST]"
        :key="key"
        :label="word(`field.${key}`)"
        :path="`${OWN}.${key}`"
        quantity="size"
        :step="1"
        optional
        placeholder="not yet"
      />
      <PickInput
        label="Insert thread"
        :choices="THREADS"
        :model-value="seat.own.insert ?? UNKNOWN"
        @update:model-value="(v) => take('insert', v!)"
      />
      <PickInput
        label="Drain"
        :choices="DRAINS"
        :model-value="seat.own.drain ?? UNKNOWN"
        @update:model-value="(v) => take('drain', v!)"
      />
      <NameInput
        label="Oil ports"
        optional
        :most="40"
        placeholder="not yet"
        :model-value="seat.own.oilPorts"
        @update:model-value="(v) => job.edit(`${OWN}.oilPorts`, v)"
      />
      <NameInput
        label="Plug"
        optional
        :most="40"
        placeholder="not yet"
        :model-value="seat.own.connector"
        @update:model-value="(v) => job.edit(`${OWN}.connector`, v)"
      />
    </div>
    <template v-for="[key, title, way] in HOSES" :key="key">
      <h3>
        {{ title }} <span class="small soft">{{ way }}</span>
      </h3>
      <div class="fields">
        <QuantityField
          v-for="neck in key === 'upperHose' ? UPPER : LOWER"
          :key="neck"
          :label="word(`field.${neck}`)"
          :path="`${OWN}.${neck}`"
          quantity="size"
          :step="1"
          optional
          placeholder="not yet"
        />
        <PickInput
          label="A hose leaves it"
          :choices="LOOKS"
          :model-value="(key === 'upperHose' ? seat.own.upperLooks : seat.own.lowerLooks) ?? UNKNOWN"
          @update:model-value="(v) => take(key === 'upperHose' ? 'upperLooks' : 'lowerLooks', v!)"
        />
        <QuantityField
          v-for="measure in HOSE"
          :key="measure"
          :label="word(`field.${measure}`)"
          :path="`${SEAT}.${key}.${measure}`"
          quantity="size"
          :step="5"
          optional
          placeholder="not yet"
        />
        <ToggleInput
          :label="`${title}: spring or firm wall`"
          :model-value="seat[key].spring"
          @update:model-value="(on) => job.edit(`${SEAT}.${key}.spring`, on)"
          >spring or firm</ToggleInput
        >
      </div>
    </template>
  </section>
</template>

<style scoped>
.side {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.side > header {
  margin: 0;
}
.side h3 {
  margin: 6px 0 0;
}
.fields {
  display: grid;
  grid-template-columns: repeat(2, minmax(0, 1fr));
  gap: 10px;
  align-items: end;
}
.reach {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.reach > .small {
  width: 100%;
}
</style>
