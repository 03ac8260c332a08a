<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDriving } from '@/job/driving'
import { useAskedField } from '@/job/fields/fieldPlace'
import { useJob } from '@/job/useJob'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import { clock } from '@/shared/ui/clock'
import { later } from '@/shared/ui/later'
import { provideBalance } from './shownBalance'
import PackPanel from './pack/PackPanel.vue'
import ConditionPanel from './panels/ConditionPanel.vue'
import CoolersPanel from './panels/CoolersPanel.vue'
import FrontPanel from './panels/FrontPanel.vue'
import LimitsPanel from './panels/LimitsPanel.vue'

const HeatFlow = later(() => import('./HeatFlow.vue'))
const FansPanel = later(() => import('./panels/FansPanel.vue'))
const OtherCoresPanel = later(() => import('./panels/OtherCoresPanel.vue'))
const RatingPanel = later(() => import('./panels/RatingPanel.vue'))

const job = useJob()
const driving = useDriving()
const { ofMoment, balance } = provideBalance()
const shows = computed(
  () =>
    [
      [false, 'the worst stretch, held'],
      [true, `the road, ${clock(driving.momentS ?? 0)} after the start`],
    ] as const,
)
const tab = ref('coolers')
const tabs = [
  { name: 'coolers', label: 'Oil coolers', panel: CoolersPanel },
  { name: 'others', label: 'Other cores', panel: OtherCoresPanel },
  { name: 'fans', label: 'Fans', panel: FansPanel },
  { name: 'front', label: 'Radiator', panel: FrontPanel },
  { name: 'faults', label: 'Faults', panel: ConditionPanel },
  { name: 'limits', label: 'Limits', panel: LimitsPanel },
  { name: 'rating', label: 'Rating', panel: RatingPanel },
]
/** The tab that holds a number, by its place in the job; the first that fits. */
const TAB_OF: [RegExp, string][] = [
  [/\.condition\.(?!recirculation|radiatorBlocked|condenserBlocked)/, 'faults'],
  [/\.coolers\b/, 'coolers'],
  [/\.otherCoolers\b|cooling\.(chargeAir|condenser)/, 'others'],
  [/\.fans\b|traverse/, 'fans'],
  [/./, 'front'],
]
useAskedField((path) => (tab.value = TAB_OF.find(([at]) => at.test(path))![1]))
</script>

<template>
  <div class="heat">
    <div class="column">
      <ChoiceInput
        v-if="driving.hasRoad && driving.momentS !== null"
        v-model="ofMoment"
        label="Pack and heat show"
        :choices="shows"
        small
        data-shows
      />
      <PackPanel />
      <HeatFlow v-if="balance" />
      <p v-else-if="ofMoment" class="panel soft">With the engine off nothing flows: nothing to show of this moment.</p>
    </div>
    <section class="panel bench">
      <header>
        <h2>{{ job.build.name }}</h2>
        <button v-if="!job.full" type="button" class="act add" @click="job.addPlan(job.build)">
          New plan from this
        </button>
      </header>
      <el-tabs v-model="tab" class="tabs" aria-label="What to work on">
        <el-tab-pane v-for="t in tabs" :key="t.name" :name="t.name" :label="t.label" lazy>
          <component :is="t.panel" v-if="tab === t.name" />
        </el-tab-pane>
      </el-tabs>
      <div v-if="tab === 'coolers'" class="limits"><LimitsPanel /></div>
    </section>
  </div>
</template>

<style scoped>
.heat {
  flex: 1;
  display: grid;
  grid-template-columns: minmax(0, 1.36fr) minmax(0, 1fr);
  gap: 14px;
  padding: 14px;
  align-items: stretch;
}
.column {
  display: flex;
  flex-direction: column;
  gap: 14px;
  min-width: 0;
}
.column > [data-heat-flow] {
  flex: 1;
}
.bench > header {
  align-items: center;
  margin-bottom: 4px;
}
.add {
  margin-left: auto;
  min-height: 44px;
  font-size: 15px;
  padding: 0 10px;
}
.tabs :deep(.el-tabs__item) {
  font: 600 16px/1 var(--rb-font-head);
  height: 44px;
  padding: 0 10px;
  color: var(--ink-soft);
}
.tabs :deep(.el-tabs__item.is-active) {
  color: var(--ink);
}
.tabs :deep(.el-tabs__active-bar) {
  height: 4px;
}
.tabs :deep(.el-tabs__nav-wrap::after) {
  height: 1.5px;
  background: var(--ink);
}
.limits {
  border-top: 1px solid var(--rule);
  margin-top: 14px;
  padding-top: 12px;
}
@media (max-width: 1100px) {
  .heat {
    grid-template-columns: minmax(0, 1fr);
  }
  .column {
    display: contents;
  }
  .column > [data-heat-flow] {
    order: 3;
  }
  .bench {
    order: 2;
  }
}
</style>
