<script setup lang="ts">
import { computed, ref } from 'vue'
import { useAsked } from '@/job/useAsked'
import { useJob } from '@/job/useJob'
import type { DeviceWiring } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import { formatNumber } from '@/shared/units/units'
import CircuitDrawing from './CircuitDrawing.vue'
import DevicePanel from './DevicePanel.vue'
import ExtrasPanel from './ExtrasPanel.vue'
import FindingsList from './FindingsList.vue'
import PickedCard from './PickedCard.vue'
import SituationBar from './SituationBar.vue'
import TruthTable from './TruthTable.vue'
import type { UseWiringReturn } from './useWiring'

/** The circuit as it is drawn and as it behaves. */
const props = defineProps<{ wiring: UseWiringReturn }>()
const job = useJob()
const { result, problem, refused, situation, shown, picked, plan, change, show } = props.wiring
const FEEDS = (['BATTERY', 'ALTERNATOR_STUD', 'FUSE_BOX'] as const).map(
  (f) => [f, word(`partFeed.${camel(f)}`)] as const,
)
const GUARDS = (['FUSE', 'BREAKER_BY_HAND', 'BREAKER_BY_ITSELF'] as const).map(
  (g) => [g, word(`guard.${camel(g)}`)] as const,
)
const { working, failed, ask } = useAsked()
const chosen = ref('')
/** What is chosen already stays. */
const chooseProbes = () =>
  ask<DeviceWiring[]>('/api/compute/wiring-probes', {}, (devices) => {
    const ids = new Set(devices.map((d) => d.id))
    chosen.value = devices.length ? '' : 'Nothing more on the shelves fits: see what is said above.'
    change({ ...plan.value, devices: [...plan.value.devices.filter((d) => !ids.has(d.id)), ...devices] })
  })
const along = computed(() => shown.value?.along ?? [])
</script>

<template>
  <div class="wiring" :data-ready="result ? 'true' : undefined">
    <section class="panel drawing">
      <header>
        <h2>Current, from the battery down to earth</h2>
        <span class="soft small">{{ job.build.name }}</span>
      </header>
      <SituationBar v-if="result" v-model="situation" :result="result" />
      <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
      <p v-else-if="!result" class="soft">Drawing the circuit …</p>
      <p v-else-if="!result.devices.length" class="soft">
        Nothing of this build is fed by wire: its fan turns with the engine. A gauge, a warning lamp or a pump can be
        added on the right.
      </p>
      <div v-if="result?.devices.length" class="sheet">
        <CircuitDrawing v-model="picked" :result="result" :along="along" />
      </div>
    </section>
    <section class="panel set">
      <template v-if="result?.devices.length">
        <p class="drawn">
          <b class="big">{{ formatNumber(result.standing.drawnA, 1) }} A</b>
          <span class="soft">from battery and alternator</span>
        </p>
        <TruthTable v-model="situation" :result="result" />
      </template>
      <PickedCard
        v-if="result && picked"
        :key="picked"
        :result="result"
        :picked="picked"
        :plan="plan"
        :refused="refused"
        @change="change"
        @close="picked = null"
      />
      <FindingsList v-if="result" :findings="result.findings" :shown="shown" @show="show" />
      <template v-if="result">
        <div class="feed">
          <span class="small soft">Feed from</span>
          <ChoiceInput
            :model-value="plan.feed"
            label="Feed from"
            :choices="FEEDS"
            small
            @update:model-value="(feed) => change({ ...plan, feed: feed! })"
          />
          <span class="small soft">Protected by</span>
          <ChoiceInput
            :model-value="plan.guard"
            label="Protected by"
            :choices="GUARDS"
            small
            @update:model-value="(guard) => change({ ...plan, guard: guard! })"
          />
        </div>
        <button
          v-if="result.devices.some((d) => d.probe)"
          type="button"
          class="act"
          :disabled="working"
          data-choose-probes
          @click="chooseProbes"
        >
          Choose probes and adapters by thread and bore
        </button>
        <p v-if="chosen" role="status" class="small soft">{{ chosen }}</p>
        <p v-if="failed" role="alert" class="bad">{{ failed }}</p>
        <DevicePanel
          v-for="d in result.devices"
          :key="d.name.id"
          :device="d"
          :plan="plan"
          :refused="refused"
          @change="change"
        />
        <ExtrasPanel :plan="plan" :refused="refused" @change="change" />
      </template>
    </section>
  </div>
</template>

<style scoped>
.wiring {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 380px;
  gap: 14px;
  flex: 1;
  align-items: start;
}
.set {
  display: grid;
  gap: 12px;
}
.drawing {
  position: sticky;
  top: 0;
}
.sheet {
  margin-top: 10px;
}
.drawn {
  display: flex;
  align-items: baseline;
  gap: 10px;
}
.drawn .big {
  font: 600 34px/1 var(--rb-font-head);
}
.feed {
  display: grid;
  gap: 4px;
}
.bad {
  color: var(--over-ink);
}
@media (max-width: 1100px) {
  .wiring {
    grid-template-columns: minmax(0, 1fr);
  }
  .drawing {
    position: static;
  }
}
</style>
