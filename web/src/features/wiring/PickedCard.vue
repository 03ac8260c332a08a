<script setup lang="ts">
import { computed } from 'vue'
import type { Wire, WiredPart, WiringPlan, WiringResult } from '@/shared/api/types'
import { useJob } from '@/job/useJob'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format, formatNumber } from '@/shared/units/units'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { guardOtherwise, wireOtherwise } from './wiring'

/** The wire or part that is looked at: what it carries here, what it must bear, and what of it can be chosen. */
const props = defineProps<{
  result: WiringResult
  picked: string
  plan: WiringPlan
  refused: Record<string, string>
}>()
const emit = defineEmits<{ change: [plan: WiringPlan]; close: [] }>()
const job = useJob()
const wire = computed<Wire | undefined>(() => props.result.wires.find((w) => w.id === props.picked))
const part = computed<WiredPart | undefined>(() => props.result.parts.find((p) => p.id === props.picked))
const volts = (node: string) => props.result.standing.volts[node] ?? 0
const amps = computed(() => Math.abs(props.result.standing.amps[props.picked] ?? 0))
const lost = computed(() => (wire.value ? Math.abs(volts(wire.value.from) - volts(wire.value.to)) : 0))
const areas = computed(() => [
  ['', 'as proposed'] as const,
  ...props.result.sizesMm2.map((a) => [String(a), `${a} mm²`] as const),
])
const COLOURS = (
  ['RED', 'BLACK', 'BLUE', 'YELLOW', 'GREEN', 'WHITE', 'BROWN', 'ORANGE', 'GREY', 'VIOLET'] as const
).map((c) => [c, word(`runColour.${camel(c)}`)] as const)
const PLACES = (['CAB', 'WING', 'RADIATOR', 'EXHAUST'] as const).map((s) => [s, word(`surround.${camel(s)}`)] as const)
const chosen = computed(() => props.plan.wires.find((w) => w.id === props.picked))
const guard = computed(() => props.plan.guards.find((g) => g.id === props.picked))
const number = (v: number) => formatNumber(v, Math.abs(v) < 1 ? 2 : 1)
const terminals = computed(() => (part.value ? props.result.diagram.parts.find((d) => d.id === part.value!.id) : null))
const wrong = (list: 'wires' | 'guards', field: string) =>
  props.refused[`builds.${job.selected}.wiring.${list}.${props.picked}.${field}`] ?? ''
type Change = Parameters<typeof wireOtherwise>[2]
const set = (change: Change) => emit('change', wireOtherwise(props.plan, props.picked, change))
</script>

<template>
  <section class="picked" data-picked>
    <header>
      <h3 v-if="wire">Wire {{ say(wire.label, unitWorld) }}</h3>
      <h3 v-else-if="part">{{ part.label.map((l) => say(l, unitWorld)).join(', ') || 'joint' }}</h3>
      <button type="button" class="act" aria-label="Close" @click="emit('close')">×</button>
    </header>
    <div class="figures">
      <p>
        <b class="big">{{ number(amps) }} A</b><span class="small soft">through it now</span>
      </p>
      <p v-if="wire">
        <b>{{ formatNumber(lost, 2) }} V</b><span class="small soft">lost along it</span>
      </p>
      <p v-if="wire && wire.mostC != null">
        <b>{{ format(wire.mostC, 'temperature', unitWorld, 0) }}</b><span class="small soft"
          >at its most, {{ number(wire.mostA) }} A</span
        >
      </p>
      <p v-if="wire">
        <b>{{ number(wire.carriesA) }} A</b
        ><span class="small soft">it carries {{ word(`surround.${camel(wire.surround)}`) }}</span>
      </p>
      <p v-if="part?.firstA != null">
        <b>{{ number(part.firstA) }} A</b><span class="small soft">in the moment of the start</span>
      </p>
      <p v-if="part?.runsA != null">
        <b>{{ number(part.runsA) }} A</b><span class="small soft">at its most, running</span>
      </p>
    </div>
    <p v-if="terminals" class="small volts">
      <span v-for="t in terminals.terminals.filter((v) => v.name)" :key="t.name"
        >{{ t.name }} <b>{{ formatNumber(volts(`${part!.id}:${t.name}`), 1) }} V</b></span
      >
    </p>
    <div v-if="wire" class="fields">
      <PickInput
        :model-value="chosen?.areaMm2 == null ? '' : String(chosen.areaMm2)"
        label="Copper"
        :choices="areas"
        placeholder="as proposed"
        @update:model-value="(a) => set({ areaMm2: a ? Number(a) : null })"
      />
      <PickInput
        :model-value="wire.colour"
        label="Colour"
        :choices="COLOURS"
        @update:model-value="(colour) => set({ colour: colour! })"
      />
      <PickInput
        :model-value="wire.surround"
        label="Lies"
        :choices="PLACES"
        @update:model-value="(surround) => set({ surround: surround! })"
      />
      <QuantityInput
        :model-value="chosen?.lengthM ?? null"
        label="Length, measured"
        quantity="length"
        :placeholder="format(wire.lengthM, 'length', unitWorld, 2)"
        :error="wrong('wires', 'lengthM')"
        optional
        @update:model-value="(lengthM: number | null) => set({ lengthM })"
      />
    </div>
    <div v-else-if="part?.sort === 'GUARD'" class="fields">
      <QuantityInput
        :model-value="guard?.amps ?? null"
        label="Rating"
        quantity="current"
        :placeholder="`${part.amps} A`"
        :error="wrong('guards', 'amps')"
        optional
        @update:model-value="(amps: number | null) => emit('change', guardOtherwise(plan, picked, amps))"
      />
    </div>
  </section>
</template>

<style scoped>
.picked {
  display: grid;
  gap: 8px;
  border: 1.5px solid var(--ink);
  padding: 10px 12px;
  background: var(--paper);
}
header {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  align-items: center;
}
header .act {
  min-width: 44px;
  font-size: 20px;
}
.figures {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
  gap: 8px;
}
.figures p {
  display: flex;
  flex-direction: column;
}
.figures b {
  font: 600 22px/1.1 var(--rb-font-head);
}
.figures b.big {
  font-size: 30px;
}
.volts {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 14px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
}
</style>
