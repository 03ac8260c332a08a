<script setup lang="ts">
import { computed, ref } from 'vue'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { BenchResult, BrokenThing, WiringResult } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import DataTable from '@/shared/ui/DataTable.vue'
import CircuitDrawing from './CircuitDrawing.vue'
import { defectKey, defectLabel, labelOf, terminalLabel } from './labels'
import { heldAt, reads, volts } from './reading'
import type { UseWiringReturn } from './useWiring'

/** Something broken: what the driver notices of it, and the measurements that find it. */
const props = defineProps<{ wiring: UseWiringReturn }>()
const job = useJob()
const { situation } = props.wiring
const picked = ref<string | null>(null)
const defect = ref<BrokenThing | null>(null)
const asked = () => ({ job: job.content, build: job.selected })
const {
  result: bench,
  problem,
  older,
} = useComputed<BenchResult>('/api/compute/wiring-bench', () => ({ ...asked(), defect: defect.value }))
/** Where the sign of the defect shows. */
const at = computed(() => bench.value?.way?.in ?? situation.value)
const { result: broken } = useComputed<WiringResult>('/api/compute/wiring', () => ({
  ...asked(),
  situation: at.value,
  defect: defect.value,
}))
const { result: sound } = useComputed<WiringResult>('/api/compute/wiring', () => ({
  ...asked(),
  situation: at.value,
  defect: null,
}))
const ofPicked = computed(() => bench.value?.cases.filter((c) => c.defect.at === picked.value) ?? [])
const isHere = (d: BrokenThing) => !!defect.value && defectKey(d) === defectKey(defect.value)
const shownCase = computed(() => bench.value?.cases.find((c) => isHere(c.defect)))
/** Every terminal that a tip can be held to, with what it reads when all is well: the test sheet. */
const sheet = computed(() => {
  const s = sound.value
  const b = broken.value
  if (!s || !b) return []
  const nodes = [...new Set(s.wires.flatMap((w) => [w.from, w.to]))].filter(
    (n) => s.parts.find((p) => p.id === n.slice(0, n.lastIndexOf(':')))?.sort !== 'SPLICE',
  )
  return nodes.map((node) => ({
    node,
    where: terminalLabel(s, node),
    sound: s.standing.volts[node] ?? 0,
    now: b.standing.volts[node] ?? 0,
  }))
})
const SHEET = [
  { key: 'where', label: 'Held to' },
  { key: 'sound', label: 'Sound', figure: true },
  { key: 'now', label: 'With this fault', figure: true },
  { key: 'blank', label: 'Read', figure: true },
]
const printed = () => window.print()
</script>

<template>
  <div class="bench" :data-ready="bench && sound ? 'true' : undefined">
    <section class="panel drawing">
      <header><h2>Tap what breaks</h2></header>
      <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
      <p v-else-if="bench && !bench.cases.length" class="soft">Nothing of this build is fed by wire.</p>
      <CircuitDrawing
        v-if="broken?.devices.length"
        v-model="picked"
        :result="broken"
        :along="defect ? [defect.at] : []"
      />
    </section>
    <section class="panel told" :class="{ older }" data-fault-bench>
      <template v-if="sound && picked && ofPicked.length">
        <h3>{{ labelOf(sound, picked) }}</h3>
        <div class="kinds unprinted">
          <button
            v-for="c in ofPicked"
            :key="c.defect.kind"
            type="button"
            class="act"
            :aria-pressed="isHere(c.defect)"
            @click="defect = c.defect"
          >
            {{ word(`defect.${camel(c.defect.kind)}`) }}
          </button>
          <button v-if="defect" type="button" class="act" @click="defect = null">all well again</button>
        </div>
      </template>
      <p v-else-if="!defect" class="soft">A wire can break, a fuse blow, a relay stick, an earth corrode.</p>
      <template v-if="sound && defect && shownCase">
        <h3>The driver notices</h3>
        <ul v-if="shownCase.signs.length" data-signs>
          <li v-for="(s, k) in shownCase.signs" :key="k">{{ say(s, unitWorld) }}</li>
        </ul>
        <p v-else>Nothing: it shows only to who looks for it.</p>
        <p v-if="shownCase.signs.length > 0" class="soft">
          {{
            shownCase.alike === 1 ? 'Nothing else looks like it.' : `${shownCase.alike} faults look the same to him.`
          }}
        </p>
        <template v-if="bench?.way">
          <h3>How it is found, {{ say(bench.way.where, unitWorld) }}</h3>
          <ol class="way" data-way>
            <li v-for="(m, k) in bench.way.steps" :key="k">
              <b>{{ word(`probeTool.${camel(m.probe.tool)}`) }}</b> at {{ heldAt(sound, m.probe) }}:
              <span class="should">{{ reads(m.sound) }} when all is well</span>,
              <b>{{ reads(m.reads) }} here</b>
              <span class="soft small">leaves {{ m.after }} of {{ m.before }}</span>
            </li>
          </ol>
          <p v-if="bench.way.steps.length === 0" class="soft">Its sign tells it at once.</p>
          <ul v-if="bench.way.left.length > 1">
            <li v-for="d in bench.way.left" :key="defectKey(d)">{{ defectLabel(sound, d) }}</li>
          </ul>
          <p v-if="bench.way.left.length > 1" class="soft small">No measurement tells these apart: look at them.</p>
        </template>
        <details class="sheet" open>
          <summary>Test sheet: volts at every point</summary>
          <DataTable label="Test sheet" :columns="SHEET" :rows="sheet" :row-key="(r) => r.node">
            <template #sound="{ row }">{{ volts(row.sound) }}</template>
            <template #now="{ row }"
              ><span :class="{ off: Math.abs(row.now - row.sound) > 0.5 }">{{ volts(row.now) }}</span></template
            >
            <template #blank><span class="blank"></span></template>
          </DataTable>
          <button type="button" class="act unprinted" @click="printed">Print the test sheet</button>
        </details>
      </template>
    </section>
  </div>
</template>

<style scoped src="./bench.css"></style>
