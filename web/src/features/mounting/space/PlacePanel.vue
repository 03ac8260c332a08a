<script setup lang="ts">
import { computed, ref, watch } from 'vue'
import { useAsked } from '@/job/useAsked'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { FittedCooler, PlaceResult, StoodCooler } from '@/shared/api/types'
import { choiceWord, partName, say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { pick, trying } from './state'

/** Every place where a cooler clears what stands there, the best first; one is tried in the views, and taken. */
const props = defineProps<{ cooler: FittedCooler; name: string }>()
const job = useJob()
const { result, problem, queueing, older } = useComputed<PlaceResult>(
  '/api/compute/places',
  () => job.content && { job: job.content, build: job.selected, cooler: props.cooler.id },
)

type Spot = PlaceResult['places'][number]
interface Row {
  key: string
  spot: Spot
  moved: PlaceResult['bought'][number] | null
}
const rows = computed<Row[]>(() => [
  ...(result.value?.places ?? []).map((spot, n) => ({ key: `place-${n}`, spot, moved: null })),
  ...(result.value?.bought ?? []).map((m, n) => ({ key: `moved-${n}`, spot: m.place, moved: m })),
])
const chosen = ref('')
const row = computed(() => rows.value.find((r) => r.key === chosen.value))
watch(row, (r) => {
  failed.value = ''
  if (r) stood.value = null
  trying.value = r ? { piece: props.cooler.id, box: r.spot.box, moved: (r.moved?.things ?? []).map((t) => t.id) } : null
})

const stood = ref<StoodCooler | null>(null)
const { working, failed, ask } = useAsked()
/** Stands it there with brackets and hoses; what stood in a hose's way is said after. */
const stand = (cooler: FittedCooler, moved: string[]) =>
  ask<StoodCooler>('/api/compute/stand-cooler', { cooler, moved }, (answer) => {
    job.edit(`builds.${job.selected}` as const, answer.build)
    chosen.value = ''
    stood.value = answer
  })

/** Out of the pack, its holes and hoses are those of the place. */
const isAway = (s: StoodCooler) => s.build.coolers.find((c) => c.id === props.cooler.id)?.place === 'ELSEWHERE'
const mm = (v: number) => format(v, 'size', unitWorld.value)
const hose = (v: number) => format(v / 1000, 'length', unitWorld.value)
const k = (v: number) => (v > 0 ? '+' : v < 0 ? '−' : '') + format(Math.abs(v), 'difference', unitWorld.value, 1)
const share = (v: number) => `${Math.round(v * 100)} %`
const minutes = (v: number) => format(v, 'period', unitWorld.value)
const WHERE = {
  FRONT: 'in front of everything',
  BEHIND_CONDENSER: 'between the cores',
  BEHIND_RADIATOR: 'behind the radiator',
  ELSEWHERE: 'away from the pack',
} as const
const standing = (v: number) => (v >= 0 ? 'HOLDS' : 'OVER')
function fans(spot: Spot) {
  const before = spot.fans[0]
  if (!before) return 'before no fan'
  return `${share(before.share)} before the ${partName(before.fan)}, ${before.always ? 'which always turns' : 'which a switch starts'}`
}
const bends = (s: Spot) => s.frequencyHz !== null && s.frequencyHz < s.leastHz
const strips = (n: number) => (n === 1 ? '1 bracket' : `${n} brackets`)
const holes = (s: Spot) =>
  s.toDrill === 0
    ? `${strips(s.brackets)}, no hole to drill`
    : `${strips(s.brackets)} on holes that are there, ${s.toDrill} to drill`
</script>

<template>
  <div class="places" :data-ready="result && !older ? 'true' : undefined">
    <p class="small soft">
      Headroom as nine in ten keep it, held on the worst stretch. Every place clears all that stands there by its margin
      and its ±, has air on both faces and a way out for both hoses.
    </p>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p v-else-if="!result" class="soft" aria-live="polite">{{ queueing || 'Looking at every place…' }}</p>
    <template v-else>
      <p class="now" data-now>
        Now <b>{{ k(result.nowK) }}</b>
        <span class="small soft">{{ share(result.freeShare) }} of all places tried are free</span>
      </p>
      <p v-if="!rows.length" class="refused" role="status">
        It clears nowhere in the pack: a smaller core, or away from it on a fan of its own.
      </p>
      <p v-if="stood" class="done" role="status" data-stood>
        <template v-if="isAway(stood)">It hangs there, with {{ hose(stood.hosesMm) }} of hose.</template>
        <template v-else
          >It stands there on {{ strips(stood.build.mounting.brackets.length) }}, with {{ hose(stood.hosesMm) }} of
          hose.</template
        >
        <template v-if="stood.blocked.length"
          >A hose finds no way past the {{ stood.blocked.map(partName).join(' and the ') }}: see Lines.</template
        >
      </p>
      <ol>
        <li v-for="(r, n) in rows" :key="r.key" :class="{ chosen: r.key === chosen, moved: r.moved }">
          <button
            type="button"
            class="spot"
            :aria-pressed="r.key === chosen"
            :data-place="r.key"
            @click="chosen = chosen === r.key ? '' : r.key"
          >
            <b class="k" :class="standing(r.spot.headroomK)">{{ k(r.spot.headroomK) }}</b>
            <span class="what">
              <b v-if="r.moved">Move {{ r.moved.things.map(partName).join(' and ') }}: {{ k(r.moved.kelvin) }}</b>
              <b v-else>{{ n + 1 }}. {{ WHERE[r.spot.cooler.place] }}</b>
              <span class="small">
                {{ mm(r.spot.cooler.leftMm) }} across, {{ mm(r.spot.cooler.bottomMm) }} up,
                {{ choiceWord(r.spot.cooler.turn).toLowerCase() }}, gap {{ mm(r.spot.cooler.gapMm) }}
              </span>
              <span class="small soft">{{ holes(r.spot) }}; {{ minutes(r.spot.minutes) }}</span>
            </span>
          </button>
          <div v-if="r.key === chosen" class="more">
            <ul class="small">
              <li>{{ fans(r.spot) }}</li>
              <li>
                shadows {{ share(r.spot.radiatorShadow) }} of the radiator<template
                  v-if="r.spot.condenserShadow !== null"
                >
                  and {{ share(r.spot.condenserShadow) }} of the condenser</template
                >
              </li>
              <li v-if="r.spot.hosesMm !== null">about {{ hose(r.spot.hosesMm) }} of hose</li>
              <li v-else>hoses not known: measure the ends of the truck’s own lines</li>
              <li v-if="r.spot.frequencyHz !== null" :class="{ warn: bends(r.spot) }">
                on these brackets it shakes at {{ format(r.spot.frequencyHz, 'frequency', unitWorld) }}
                <template v-if="bends(r.spot)">: thicker strip or a shorter way</template>
              </li>
              <li :class="{ warn: r.spot.sprayed }">
                {{ r.spot.sprayed ? 'hangs under the bumper: stones and spray' : 'out of the road spray' }}
              </li>
            </ul>
            <button
              type="button"
              class="act main"
              :disabled="working"
              data-stand
              @click="
                stand(
                  r.spot.cooler,
                  (r.moved?.things ?? []).map((t) => t.id),
                )
              "
            >
              {{ working ? 'Laying hoses…' : 'Stand it here' }}
            </button>
            <p class="small soft">Brackets are proposed anew and its hoses laid anew; one undo takes all of it back.</p>
            <p v-if="failed" role="alert" class="refused">{{ failed }}</p>
          </div>
        </li>
      </ol>
      <ul v-if="result.away.length" class="aways">
        <li v-for="a in result.away" :key="a.cooler.remotePlace!" class="elsewhere" :data-away="a.cooler.remotePlace">
          <b class="k" :class="a.lacks.length ? 'OVER' : standing(a.headroomK ?? -1)">{{
            a.headroomK === null ? '–' : k(a.headroomK)
          }}</b>
          <div class="what">
            <b>{{ a.name }}</b>
            <span v-for="l in a.lacks" :key="say(l, unitWorld)" class="small warn">{{ say(l, unitWorld) }}</span>
            <span class="small"
              >{{ hose(a.hosesMm) }} of hose, {{ a.toDrill ? `${a.toDrill} holes to drill` : 'no hole to drill' }},
              {{ minutes(a.minutes) }} with the fan’s wiring</span
            >
            <span class="small" :class="{ warn: a.sprayed }"
              >{{ a.sprayed ? 'stones and spray: a guard before it' : 'out of the road spray'
              }}<template v-if="a.warmerK > 0"
                >; its air is {{ format(a.warmerK, 'difference', unitWorld) }} warmer</template
              ></span
            >
            <span v-if="cooler.remotePlace === a.cooler.remotePlace" class="small">it hangs there now</span>
            <button
              v-else-if="!a.lacks.length"
              type="button"
              class="act"
              :disabled="working"
              data-hang-away
              @click="stand(a.cooler, [])"
            >
              Hang it there
            </button>
          </div>
        </li>
      </ul>
      <p v-else-if="result.elsewhereK !== null" class="elsewhere" data-elsewhere>
        <b class="k" :class="standing(result.elsewhereK)">{{ k(result.elsewhereK) }}</b>
        <span>
          away from the pack on a fan of its own
          <span class="small soft"
            >{{ format(result.elsewhereFanM3s, 'airflow', unitWorld) }} in free air; mud, stones and a longer way for
            hose and wire. Measure such a place on the measure list, and it is looked at like these.</span
          >
        </span>
      </p>
    </template>
    <button type="button" class="act" @click="pick(`piece/${cooler.id}`)">Back to {{ name }}</button>
  </div>
</template>

<style scoped>
.places {
  display: flex;
  flex-direction: column;
  gap: 10px;
}
.now {
  display: flex;
  align-items: baseline;
  gap: 10px;
  margin: 0;
}
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
ol > li {
  border-top: 1px solid var(--rule-soft);
}
ol > li.chosen {
  background: var(--accent-wash);
}
.spot {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 10px;
  align-items: start;
  width: 100%;
  min-height: 56px;
  padding: 8px 6px;
  border: 0;
  background: none;
  color: inherit;
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.k {
  font: 600 22px/1.1 var(--rb-font-head);
  font-variant-numeric: tabular-nums;
  padding-left: 8px;
  border-left: 5px solid var(--holds);
}
.k.OVER {
  border-left-color: var(--over);
}
.what {
  display: flex;
  flex-direction: column;
  gap: 2px;
}
.more {
  display: flex;
  flex-direction: column;
  gap: 8px;
  padding: 0 6px 10px 100px;
}
.more ul {
  margin: 0;
  padding-left: 16px;
}
.more p {
  margin: 0;
}
.warn {
  font-weight: 600;
}
.elsewhere {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 10px;
  margin: 0;
  padding: 8px 6px;
  border-top: 1px solid var(--rule-soft);
}
.elsewhere .small {
  display: block;
}
.aways {
  list-style: none;
  margin: 0;
  padding: 0;
}
.done {
  border-left: 6px solid var(--holds);
  background: var(--rule-soft);
  margin: 0;
  padding: 8px 12px;
}
</style>
