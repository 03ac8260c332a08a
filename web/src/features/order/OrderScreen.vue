<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { useAskedField } from '@/job/fields/fieldPlace'
import { word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { time } from '@/shared/ui/time'
import { inText } from '@/shared/units/inText'
import BenchTabs from '@/shared/ui/BenchTabs.vue'
import DayRoad from './DayRoad.vue'
import DaySettings from './DaySettings.vue'
import EstimatePanel from './EstimatePanel.vue'
import FillPanel from './FillPanel.vue'
import LayOutPanel from './LayOutPanel.vue'
import OwnTasksPanel from './OwnTasksPanel.vue'
import StepCard from './StepCard.vue'
import StepList from './StepList.vue'
import { useOrder } from './useOrder'

/** The work in the order that is done soonest, and why each step stands where it stands. */
const BENCHES = [
  ['day', 'The day'],
  ['steps', 'Step by step'],
  ['lists', 'Lay out'],
  ['ours', 'Our own'],
  ['fill', 'Fill & bleed'],
  ['estimate', 'Estimate'],
] as const
const bench = ref<(typeof BENCHES)[number][0]>('day')
useAskedField((path) => {
  bench.value = /\.fill\./.test(path) ? 'fill' : /\.work\.(ownTasks|added|leftOut)/.test(path) ? 'ours' : 'day'
})
const job = useJob()
const { order, looking, older, problem, refused, picked, step, plan, change } = useOrder()
const path = computed(() => `builds.${job.selected}.work`)
const number = computed(() => (order.value?.steps.findIndex((s) => s.id === picked.value) ?? -1) + 1)
const minutesWrong = computed(() =>
  step.value ? (refused.value[`${path.value}.minutes.${step.value.line}.hands`] ?? '') : '',
)
function show(id: string) {
  picked.value = id
  bench.value = 'day'
}
</script>

<template>
  <div class="screen">
    <BenchTabs v-model="bench" :benches="BENCHES" />
    <EstimatePanel v-if="bench === 'estimate'" />
    <FillPanel v-else-if="bench === 'fill'" />
    <DaySettings v-else :plan="plan" :refused="refused" :path="path" @change="change" />
    <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
    <p v-if="!order && !problem && bench !== 'fill'" class="soft">Putting the work in order…</p>
    <template v-if="order && bench !== 'estimate' && bench !== 'fill'">
      <section v-if="order.clashes.length" class="clashes" role="alert" data-clashes>
        <h2>There is no such order: these cannot be kept together</h2>
        <ul>
          <li v-for="(c, i) in order.clashes" :key="i">
            <template v-for="(s, k) in c.steps" :key="s.id"
              ><span v-if="k" aria-hidden="true"> → </span
              ><button type="button" class="name" @click="show(s.id)">
                {{ inText(s.title, unitWorld) }}
              </button></template
            >
            <span class="soft">
              {{ word(c.what) }}<template v-if="c.state">: {{ c.state }}</template></span
            >
          </li>
        </ul>
      </section>
      <section v-else class="sum" :class="{ older }" data-order-sum>
        <p class="big">{{ time(order.length) }}</p>
        <p>
          <b v-if="order.best">No order is shorter.</b
          ><b v-else>At most {{ time(order.length - order.least) }} longer than the best there can be.</b>
          <span v-if="looking" class="soft"> Looking for a shorter one…</span><br />
          {{ time(order.hands) }} of hands in {{ order.steps.length }} steps<template v-if="order.crawling"
            >; under the truck within {{ time(order.crawling) }}</template
          ><template v-if="order.unplanned && order.unplanned > order.length"
            >; {{ time(order.unplanned - order.length) }} less than taking the next thing each time</template
          >.
        </p>
      </section>
      <template v-if="bench === 'day'">
        <DayRoad
          v-if="!order.clashes.length"
          v-model:picked="picked"
          :order="order"
          :day-hours="plan.dayHours"
          :class="{ older }"
        />
        <StepCard v-if="step" :step="step" :number="number" :plan="plan" :refused="minutesWrong" @change="change" />
        <section v-else class="cautions">
          <p v-for="c in order.cautions" :key="c" class="caution">{{ word(c) }}</p>
        </section>
      </template>
      <StepList v-else-if="bench === 'steps'" :order="order" :day-hours="plan.dayHours" @pick="show" />
      <LayOutPanel v-else-if="bench === 'lists'" :order="order" :day-hours="plan.dayHours" @pick="show" />
    </template>
    <OwnTasksPanel
      v-if="bench === 'ours'"
      :plan="plan"
      :order="order"
      :refused="refused"
      :path="path"
      @change="change"
    />
  </div>
</template>

<style scoped>
.screen {
  display: flex;
  flex-direction: column;
  gap: 12px;
  padding: 4px 14px 14px;
  flex: 1;
}
.sum {
  display: flex;
  align-items: center;
  gap: 18px;
}
.big {
  font: 600 44px/1 var(--rb-font-head);
  white-space: nowrap;
}
.older {
  opacity: 0.55;
}
.bad,
.clashes {
  border-left: 6px solid var(--over);
  background: var(--over-wash);
  padding: 10px 14px;
}
.clashes ul {
  list-style: none;
  margin: 6px 0 0;
  padding: 0;
}
.name {
  border: 0;
  background: none;
  padding: 8px 0;
  min-height: 40px;
  color: inherit;
  font: 600 17px/1 var(--rb-font-head);
  text-decoration: underline;
  cursor: pointer;
}
.cautions {
  display: grid;
  gap: 6px;
}
.caution {
  border-left: 4px solid var(--marginal);
  padding-left: 10px;
}
</style>
