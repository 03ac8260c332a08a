<script setup lang="ts">
import { defineAsyncComponent, ref } from 'vue'
import { useJob } from '@/job/useJob'
import PackPanel from './pack/PackPanel.vue'
import ConditionPanel from './panels/ConditionPanel.vue'
import CoolersPanel from './panels/CoolersPanel.vue'
import FrontPanel from './panels/FrontPanel.vue'
import LimitsPanel from './panels/LimitsPanel.vue'

const HeatFlow = defineAsyncComponent(() => import('./HeatFlow.vue'))
const FansPanel = defineAsyncComponent(() => import('./panels/FansPanel.vue'))
const OtherCoresPanel = defineAsyncComponent(() => import('./panels/OtherCoresPanel.vue'))
const RatingPanel = defineAsyncComponent(() => import('./panels/RatingPanel.vue'))

const job = useJob()
type Tab = 'limits' | 'coolers' | 'others' | 'fans' | 'front' | 'faults' | 'rating'
const tab = ref<Tab>('coolers')
const tabs: { value: Tab; label: string }[] = [
  { value: 'coolers', label: 'Oil coolers' },
  { value: 'others', label: 'Other cores' },
  { value: 'fans', label: 'Fans' },
  { value: 'front', label: 'Radiator' },
  { value: 'faults', label: 'Faults' },
  { value: 'limits', label: 'Limits' },
  { value: 'rating', label: 'Rating' },
]
</script>

<template>
  <div class="heat">
    <div class="column">
      <PackPanel />
      <HeatFlow v-if="job.detail?.balance" />
    </div>
    <section class="panel bench">
      <header>
        <h2>{{ job.build.name }}</h2>
        <button v-if="!job.full" type="button" class="act add" @click="job.addPlan(job.build)">
          New plan from this
        </button>
      </header>
      <div class="tabs" role="tablist" aria-label="What to work on">
        <button
          v-for="t in tabs"
          :id="`tab-${t.value}`"
          :key="t.value"
          type="button"
          role="tab"
          :aria-selected="tab === t.value"
          aria-controls="bench"
          @click="tab = t.value"
        >
          {{ t.label }}
        </button>
      </div>
      <div id="bench" role="tabpanel" :aria-labelledby="`tab-${tab}`">
        <CoolersPanel v-if="tab === 'coolers'" />
        <OtherCoresPanel v-else-if="tab === 'others'" />
        <FansPanel v-else-if="tab === 'fans'" />
        <FrontPanel v-else-if="tab === 'front'" />
        <ConditionPanel v-else-if="tab === 'faults'" />
        <LimitsPanel v-else-if="tab === 'limits'" />
        <RatingPanel v-else />
      </div>
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
.column > :last-child {
  flex: 1;
}
.bench > header {
  align-items: center;
  margin-bottom: 4px;
}
.add {
  margin-left: auto;
  min-height: 34px;
  font-size: 15px;
  padding: 0 10px;
}
.tabs {
  display: flex;
  gap: 0;
  margin: 0 -16px 12px;
  padding: 0 16px;
  border-bottom: 1.5px solid var(--ink);
}
.tabs button {
  border: 0;
  background: transparent;
  color: var(--ink-soft);
  font: 600 16px/1 var(--rb-font-head);
  min-height: 40px;
  padding: 0 10px;
  cursor: pointer;
  white-space: nowrap;
}
.tabs button:first-child {
  padding-left: 0;
}
.tabs button[aria-selected='true'] {
  color: var(--ink);
  box-shadow: inset 0 -4px 0 var(--accent);
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
  .column > :last-child {
    order: 3;
  }
  .bench {
    order: 2;
  }
}
</style>
