<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import { newId } from '@/job/paths'
import type { Hose, LineResult } from '@/shared/api/types'
import { say, whatToDo } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber } from '@/shared/units/units'
import QuantityField from '@/job/fields/QuantityField.vue'
import BlockedBy from './routes/BlockedBy.vue'
import { awayAt, remoteOf } from './routes/routes'
import { useLaying } from './routes/useLaying'
import JointsPanel from './JointsPanel.vue'
import LoopDrawing from './LoopDrawing.vue'
import PressureProfile from './PressureProfile.vue'
import DataTable from '@/shared/ui/DataTable.vue'

const job = useJob()
const { result, problem } = useComputed<LineResult>(
  '/api/compute/lines',
  () => job.content && { job: job.content, build: job.selected },
)
const cooler = computed(() => job.build.coolers.length > 0)

const hoses = computed(() => job.build.lines.hoses)
const path = computed(() => `builds.${job.selected}.lines` as const)
const cutOf = (id: string) => result.value?.cuts.find((c) => c.hose === id)

const isDrawn = (h: Hose) => !!(h.from && h.to) && !awayAt(h, job.build)
const remote = (h: Hose) => remoteOf(h, job.content, job.build)
const misfits = computed(() => (result.value?.mismatches ?? []).filter((m) => m.code !== 'coolerMismatch.noBrackets'))
const { laying, failed, blocked, lay } = useLaying()

function addHose() {
  const hose: Hose = {
    id: newId(hoses.value, 'hose'),
    name: `hose ${hoses.value.length + 1}`,
    lengthM: 0.5,
    boreMm: 9.5,
    elbows: 0,
    adapters: 2,
    stock: null,
    from: null,
    to: null,
    bends: [],
    guards: [],
    clips: [],
  }
  job.edit(`${path.value}.hoses`, [...hoses.value, hose])
}
function removeHose(id: string) {
  job.edit(
    `${path.value}.hoses`,
    hoses.value.filter((h) => h.id !== id),
  )
}
const DROPS = [
  { key: 'where', label: '' },
  { key: 'lost', label: '', figure: true },
]
const drops = (s: LineResult['hot']) => [
  { where: 'lines as found', lost: format(s.foundDropKpa, 'pressure', unitWorld.value) },
  { where: 'new hose', lost: format(s.hoseDropKpa, 'pressure', unitWorld.value) },
  ...(s.filterDropKpa ? [{ where: 'filter', lost: format(s.filterDropKpa, 'pressure', unitWorld.value) }] : []),
  { where: 'cooler', lost: format(s.coolerDropKpa, 'pressure', unitWorld.value) },
]
</script>

<template>
  <div class="lines">
    <section class="panel loop">
      <header>
        <h2>The oil's way</h2>
        <span class="soft small">{{ job.build.name }}</span>
      </header>
      <LoopDrawing :result="result" />
      <PressureProfile v-if="result && cooler" :result="result" />
      <p v-if="!cooler" class="note">
        This build has no oil cooler, so its lines stay as found. Choose a cooler on Heat &amp; air.
      </p>
      <p v-if="problem" role="alert" class="note bad">{{ problem }}</p>
      <ul v-if="result?.warnings.length">
        <li v-for="w in result.warnings" :key="w.code" class="note bad">{{ say(w, unitWorld) }}</li>
      </ul>
    </section>
    <section class="panel left" data-flow>
      <header>
        <h2>Flow left</h2>
        <span class="soft small">of the flow as found</span>
      </header>
      <div v-if="result" class="states">
        <div v-for="(s, k) in [result.hot, result.cold]" :key="k">
          <p class="soft">{{ k ? 'cold' : 'hot' }}, oil at {{ format(s.oilC, 'temperature', unitWorld, 0) }}</p>
          <p class="big">{{ formatNumber(s.flowShare * 100, 0) }} %</p>
          <p>{{ format(s.plannedFlowLpm, 'flow', unitWorld) }} of {{ format(s.foundFlowLpm, 'flow', unitWorld) }}</p>
          <DataTable
            :label="`Pressure lost ${k ? 'cold' : 'hot'}`"
            :columns="DROPS"
            :rows="drops(s)"
            :row-key="(d) => d.where"
            bare
          />
          <p class="small soft">Re {{ formatNumber(s.reynolds, 0) }} in the hose</p>
        </div>
      </div>
      <div v-if="result" class="buy">
        <div>
          <span class="soft small">hose to buy</span>
          <p v-for="b in result.hoseToBuyM" :key="b.boreMm" class="figure">
            {{ format(b.lengthM, 'length', unitWorld, 1) }}
            <span class="small">of {{ format(b.boreMm, 'size', unitWorld, unitWorld === 'metric' ? 1 : 3) }} bore</span>
          </p>
          <p v-if="!result.hoseToBuyM.length" class="figure">none</p>
        </div>
        <div>
          <span class="soft small">fluid to add</span>
          <p class="figure">{{ format(result.addedVolumeL, 'volume', unitWorld) }}</p>
        </div>
        <div v-if="cooler">
          <span class="soft small">cold, the gearbox waits</span>
          <p class="figure">
            {{ formatNumber(result.fillSeconds, 0) }} s <span class="small">while it fills; prefill it</span>
          </p>
        </div>
      </div>
    </section>
    <section class="panel hoses">
      <header>
        <h2>Hoses</h2>
        <button
          v-if="cooler && !hoses.some((h) => h.from && h.to)"
          type="button"
          class="act"
          :class="{ main: !hoses.length }"
          :disabled="!!laying"
          @click="lay(null)"
        >
          {{ laying ? 'Laying…' : 'Lay the hoses' }}
        </button>
        <button type="button" class="act" :disabled="hoses.length >= 12" @click="addHose">Add a hose</button>
      </header>
      <p v-if="failed" role="alert" class="note bad">{{ failed }}</p>
      <BlockedBy v-for="(by, id) in blocked" :key="id" :hose="String(id)" :by="by" @moved="lay(String(id))" />
      <p v-for="m in cooler ? misfits : []" :key="say(m, unitWorld)" class="note bad" data-misfit>
        {{ say(m, unitWorld) }}: {{ whatToDo(m, unitWorld) }}.
      </p>
      <div v-for="h in hoses" :key="h.id" class="hose">
        <div class="name">
          <h3>{{ h.name }}</h3>
          <p v-if="cutOf(h.id)" class="small soft">
            cut {{ format(cutOf(h.id)!.cutMm, 'size', unitWorld) }}, fitted
            {{ format(cutOf(h.id)!.fittedMm, 'size', unitWorld) }}
          </p>
        </div>
        <p v-if="isDrawn(h)" class="drawn">
          <span class="small soft">Length, as drawn</span>
          <b>{{ format((cutOf(h.id)?.fittedMm ?? 0) / 1000, 'length', unitWorld, 2) }}</b>
        </p>
        <p v-else-if="remote(h)" class="drawn" data-remote-hose>
          <span class="small soft">Way to {{ remote(h)!.name }}</span>
          <b>{{ format(remote(h)!.hoseM, 'length', unitWorld, 2) }}</b>
        </p>
        <QuantityField v-else label="Length" :path="`${path}.hoses.${h.id}.lengthM`" quantity="length" :step="0.05" />
        <p v-if="h.stock" class="drawn">
          <span class="small soft">Bore, of {{ h.stock.code }}</span>
          <b>{{ format(h.stock.boreMm, 'size', unitWorld, unitWorld === 'metric' ? 1 : 3) }}</b>
        </p>
        <QuantityField v-else label="Bore" :path="`${path}.hoses.${h.id}.boreMm`" quantity="size" :step="0.5" />
        <QuantityField label="Elbows" :path="`${path}.hoses.${h.id}.elbows`" quantity="count" :step="1" />
        <p v-if="isDrawn(h)" class="drawn"><span class="small soft">Its ends</span><b>see Joints</b></p>
        <QuantityField
          v-else
          label="Barbs, adapters"
          :path="`${path}.hoses.${h.id}.adapters`"
          quantity="count"
          :step="1"
        />
        <button type="button" class="act" :aria-label="`Remove ${h.name}`" @click="removeHose(h.id)">Remove</button>
      </div>
      <div class="found">
        <QuantityField label="Left long at each end" :path="`${path}.spareMm`" quantity="size" :step="10" />
        <QuantityField label="Lines as found" path="rig.foundLines.lengthM" quantity="length" :step="0.1" />
        <QuantityField label="Their bore" path="rig.foundLines.boreMm" quantity="size" :step="0.5" />
        <QuantityField label="Their fittings, loss" path="rig.foundLines.loss" quantity="ratio" :step="0.5" />
        <QuantityField label="Circuit stops at" path="rig.foundLines.pumpMaxKpa" quantity="pressure" :step="10" />
        <QuantityField label="Cold morning" path="rig.foundLines.coldC" quantity="temperature" :step="1" />
      </div>
    </section>
    <JointsPanel v-if="result && cooler" :result="result" />
  </div>
</template>

<style scoped>
.lines {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(0, 1fr);
  gap: 14px;
}
.loop {
  display: flex;
  flex-direction: column;
}
.loop svg {
  flex: 1;
}
.hoses {
  grid-column: 1 / -1;
}
.states {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 24px;
}
.big {
  font: 600 54px/1 var(--rb-font-head);
}
.buy {
  display: flex;
  gap: 40px;
  margin-top: 14px;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
.hose,
.found {
  display: grid;
  grid-template-columns: minmax(190px, 1.6fr) repeat(4, minmax(90px, 1fr)) auto;
  gap: 12px;
  align-items: end;
  padding: 8px 0;
  border-top: 1px solid var(--rule-soft);
}
.drawn {
  display: grid;
  gap: 2px;
  margin: 0;
}
.drawn b {
  display: flex;
  align-items: center;
  min-height: 44px;
  font: 600 20px/1 var(--rb-font-head);
}
.found {
  grid-template-columns: repeat(6, minmax(0, 1fr));
  border-top: 1.5px solid var(--ink);
  margin-top: 8px;
}
.note {
  border-left: 6px solid var(--accent);
  background: var(--accent-wash);
  padding: 8px 12px;
  margin-top: 8px;
}
.note.bad {
  border-color: var(--marginal);
  background: var(--marginal-wash);
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
.panel > header .act {
  margin-left: auto;
  min-height: 44px;
}
@media (max-width: 900px) {
  .lines {
    grid-template-columns: minmax(0, 1fr);
  }
  .hose {
    grid-template-columns: repeat(4, minmax(0, 1fr));
  }
  .hose .name {
    grid-column: 1 / -1;
  }
  .found {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
}
</style>
