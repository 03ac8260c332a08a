<script setup lang="ts">
import { computed, ref } from 'vue'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { AskedProbe, BenchResult, BrokenThing, DrillResult, WiringResult } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import PickInput from '@/shared/ui/PickInput.vue'
import CircuitDrawing from './CircuitDrawing.vue'
import { defectKey, defectLabel, labelOf } from './labels'
import { heldAt, reads } from './reading'
import type { UseWiringReturn } from './useWiring'

/** A hidden fault, to be found with as few measurements as one can. */
const props = defineProps<{ wiring: UseWiringReturn }>()
const job = useJob()
const { situation } = props.wiring
const picked = ref<string | null>(null)
const seed = ref(Date.now() % 1_000_000)
const probes = ref<AskedProbe[]>([])
const guess = ref<BrokenThing | null>(null)
const asked = () => ({ job: job.content, build: job.selected })
const { result: bench } = useComputed<BenchResult>('/api/compute/wiring-bench', () => ({ ...asked(), defect: null }))
const { result: drill, problem } = useComputed<DrillResult>('/api/compute/wiring-drill', () => ({
  ...asked(),
  seed: seed.value,
  probes: probes.value,
  guess: guess.value,
}))
const { result: sound } = useComputed<WiringResult>('/api/compute/wiring', () => ({
  ...asked(),
  situation: drill.value?.in ?? situation.value,
  defect: null,
}))
/** Nothing of what goes on inside is seen while one looks for it. */
const unlit = computed<WiringResult | null>(
  () => sound.value && { ...sound.value, standing: { ...sound.value.standing, volts: {}, amps: {}, live: [] } },
)
const pickedPart = computed(() => sound.value?.parts.find((p) => p.id === picked.value))
const terminals = computed(
  () => sound.value?.diagram.parts.find((p) => p.id === picked.value)?.terminals.filter((t) => t.name) ?? [],
)
function measure(tool: AskedProbe['tool'], at: string) {
  if (drill.value) probes.value = [...probes.value, { tool, at, in: drill.value.in }]
}
function anew() {
  seed.value = (seed.value * 7919 + 13) % 1_000_000
  probes.value = []
  guess.value = null
  picked.value = null
}
const guesses = computed(() =>
  (bench.value?.cases ?? [])
    .filter((c) => c.signs.length)
    .map((c) => [defectKey(c.defect), sound.value ? defectLabel(sound.value, c.defect) : ''] as const),
)
const think = (key: string | undefined) => {
  guess.value = bench.value?.cases.find((c) => defectKey(c.defect) === key)?.defect ?? null
}
</script>

<template>
  <div class="bench" :data-ready="drill && sound ? 'true' : undefined">
    <section class="panel drawing">
      <header><h2>Tap where you measure</h2></header>
      <CircuitDrawing v-if="unlit?.devices.length" v-model="picked" :result="unlit" :along="[]" />
    </section>
    <section class="panel told" data-drill>
      <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
      <template v-else-if="drill && sound">
        <h3>The driver says</h3>
        <ul>
          <li v-for="(s, k) in drill.signs" :key="k">{{ say(s, unitWorld) }}</li>
        </ul>
        <p class="soft">{{ drill.possible }} {{ drill.possible === 1 ? 'fault looks' : 'faults look' }} like that.</p>
        <div v-if="picked && pickedPart && pickedPart.sort !== 'SPLICE' && drill.right == null" class="tips">
          <h3>{{ labelOf(sound, picked) }}</h3>
          <div class="kinds">
            <button
              v-for="t in terminals"
              :key="t.name"
              type="button"
              class="act"
              @click="measure('METER', `${picked}:${t.name}`)"
            >
              meter at {{ t.name }}
            </button>
            <button v-if="pickedPart.sort === 'RELAY'" type="button" class="act" @click="measure('EAR', picked)">
              listen
            </button>
            <button
              v-if="pickedPart.sort === 'MOTOR'"
              type="button"
              class="act"
              @click="measure('LAMP', `${picked}:+`)"
            >
              lamp at +
            </button>
          </div>
        </div>
        <p class="count">
          <b class="big">{{ probes.length }}</b>
          <span class="soft">{{ probes.length === 1 ? 'measurement' : 'measurements' }}</span>
        </p>
        <ol class="way">
          <li v-for="(p, k) in probes" :key="k">
            {{ word(`probeTool.${camel(p.tool)}`) }} at {{ heldAt(sound, p) }}:
            <b>{{ drill.readings[k] == null ? '…' : reads(drill.readings[k]!) }}</b>
          </li>
        </ol>
        <PickInput
          v-if="drill.right == null"
          :model-value="guess ? defectKey(guess) : undefined"
          label="It is"
          :choices="guesses"
          placeholder="choose when you know"
          filterable
          @update:model-value="think"
        />
        <div v-else class="verdict" :class="{ bad: !drill.right }" data-verdict>
          <b>{{ drill.right ? 'Found.' : 'No.' }}</b>
          {{ drill.defect ? defectLabel(sound, drill.defect) : '' }}. The shortest way takes {{ drill.best }}
          {{ drill.best === 1 ? 'measurement' : 'measurements' }}, you took {{ probes.length }}.
        </div>
        <button type="button" class="act" @click="anew">Another fault</button>
      </template>
      <p v-else class="soft">Hiding a fault …</p>
    </section>
  </div>
</template>

<style scoped src="./bench.css"></style>
