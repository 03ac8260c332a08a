<script setup lang="ts">
import { computed } from 'vue'
import { useAsked } from '@/job/useAsked'
import { useJob } from '@/job/useJob'
import type { Bracket, FlatChannel, MountingResult } from '@/shared/api/types'
import { partName, say, whatToDo } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityField from '@/job/fields/QuantityField.vue'
import { useDrawings } from '../drawings'
import ChannelDrawing from './ChannelDrawing.vue'
import ScrewStacks from './ScrewStacks.vue'
import { METALS } from './bracketEdits'
import { type Channel, isTabOn, withoutChannel, withTabs } from './channelEdits'

/** A channel across between two holes of the body: how it lies, is cut and drilled, and the tabs on it. */
const props = defineProps<{ channel: Channel; flat: FlatChannel | undefined; stacks: MountingResult['stacks'] }>()
const emit = defineEmits<{ pick: [id: string] }>()
const job = useJob()
const here = computed(() => `builds.${job.selected}.mounting` as const)
const path = computed(() => `${here.value}.channels.${props.channel.id}` as const)
const holes = computed(() => job.content.nose.holes.map((h) => [h.id, `${h.name}, ${h.thread}`] as const))
const LIES = [
  [true, 'web on the body'],
  [false, 'on its legs'],
] as const
const TABS = [
  [false, 'screwed on'],
  [true, 'welded on'],
] as const
const { working, failed, ask } = useAsked()
/** To the ears nearest to it; what held those ears before goes. */
const putTabs = () =>
  ask<Bracket[]>('/api/compute/channel-tabs', { channel: props.channel.id }, (tabs) => {
    if (tabs.length) job.edit(here.value, withTabs(job.build.mounting, props.channel, tabs))
    else failed.value = 'No ear of the cooler is opposite it with a free way for a tab.'
  })
const { refused, drawBuild } = useDrawings()
const give = (kind: 'svg' | 'dxf') =>
  drawBuild(`channel-${kind}`, { channel: props.channel.id }, `${props.channel.name}.${kind}`)
const remove = () => job.edit(here.value, withoutChannel(job.build.mounting, props.channel.id))
const tabs = computed(() => job.build.mounting.brackets.filter((b) => isTabOn(props.channel.id, b)))
/** Tabs above and below lie on each other. */
const screws = computed(() => {
  const groups: FlatChannel['tabs'][] = []
  for (const t of props.flat?.tabs ?? []) {
    const last = groups.at(-1)
    if (last && t.alongMm - last[0]!.alongMm < 1) last.push(t)
    else groups.push([t])
  }
  return groups
})
const mm = (v: number) => format(v, 'size', unitWorld.value, unitWorld.value === 'metric' ? 1 : 3)
const packed = computed(() => {
  const f = props.flat
  if (!f || (f.packFromMm === 0 && f.packToMm === 0)) return ''
  return f.packFromMm > 0 ? `pack its first end by ${mm(f.packFromMm)}` : `pack its last end by ${mm(f.packToMm)}`
})
</script>

<template>
  <section class="panel bench" data-channel-bench>
    <header>
      <h2>{{ channel.name }}</h2>
      <span class="soft small">a channel across, with tabs</span>
      <div class="out" role="group" aria-label="Drawings to scale">
        <button type="button" class="act" :disabled="!flat?.web" @click="give('svg')">SVG</button>
        <button type="button" class="act" :disabled="!flat?.web" @click="give('dxf')">DXF</button>
      </div>
      <button type="button" class="act" @click="remove">Remove</button>
    </header>
    <p v-if="refused" role="alert" class="refused">{{ refused }}</p>
    <div class="fields ends">
      <PickInput
        :model-value="channel.from"
        label="From the hole"
        :choices="holes"
        @update:model-value="(id) => job.edit(`${path}.from`, id)"
      />
      <PickInput
        :model-value="channel.to"
        label="To the hole"
        :choices="holes"
        @update:model-value="(id) => job.edit(`${path}.to`, id)"
      />
      <ChoiceInput
        :model-value="channel.legsOut"
        label="How it lies"
        :choices="LIES"
        @update:model-value="(out) => job.edit(`${path}.legsOut`, out)"
      />
      <ChoiceInput
        :model-value="channel.welded"
        label="Its tabs are"
        :choices="TABS"
        @update:model-value="(welded) => job.edit(`${path}.welded`, welded)"
      />
    </div>
    <p v-for="f in flat?.faults ?? []" :key="say(f, unitWorld)" role="alert" class="refused" data-fault>
      {{ say(f, unitWorld) }}<template v-if="whatToDo(f, unitWorld)">: {{ whatToDo(f, unitWorld) }}</template
      >.
    </p>
    <p v-if="flat?.blockedBy" role="alert" class="refused" data-blocked>
      It runs into the {{ partName(flat.blockedBy) }}: choose other holes, or lay it the other way.
    </p>
    <ChannelDrawing v-if="flat?.web" :channel="channel" :flat="flat" />
    <div v-if="flat?.web" class="result" data-flat>
      <div>
        <span class="soft small">cut</span>
        <p class="cut">{{ mm(flat.lengthMm) }}</p>
        <p class="small soft">
          {{ format(flat.kg, 'mass', unitWorld, 2) }}, {{ mm(flat.spanMm) }} between its screws<template v-if="packed"
            >; {{ packed }}</template
          >
        </p>
      </div>
      <div v-if="flat.shades > 0.005" data-shades>
        <span class="soft small">shades of the cooler</span>
        <p class="cut">{{ Math.round(flat.shades * 100) }} %</p>
        <p class="small soft">in the headroom above</p>
      </div>
      <div class="tabs">
        <span class="soft small">tabs on it, from its first end</span>
        <ul>
          <li v-for="group in screws" :key="group[0]!.bracket">
            <b>{{ mm(group[0]!.alongMm) }}</b>
            <button v-for="t in group" :key="t.bracket" type="button" class="link" @click="emit('pick', t.bracket)">
              {{ tabs.find((b) => b.id === t.bracket)?.name }}
            </button>
            <span v-if="group.length > 1" class="small soft">on one {{ channel.welded ? 'place' : 'screw' }}</span>
          </li>
        </ul>
        <button
          type="button"
          class="act"
          :class="{ main: !flat.tabs.length }"
          :disabled="working || !job.build.coolers.length"
          data-put-tabs
          @click="putTabs"
        >
          {{ flat.tabs.length ? 'Propose its tabs anew' : 'Put tabs on it' }}
        </button>
        <p v-if="failed" role="alert" class="refused">{{ failed }}</p>
      </div>
      <p v-if="channel.welded" class="caution">
        Tack the tabs with the cooler’s ears as a jig, take the cooler off, weld, let it cool, try it again. Battery
        off, the welder’s earth beside the weld; coated steel gives zinc fumes.
      </p>
      <p v-else class="caution">Deburr every hole: a burr under a tab lets its screw go slack.</p>
    </div>
    <ScrewStacks v-if="stacks.length" :stacks="stacks" />
    <h3>Stock</h3>
    <div class="fields">
      <NameInput
        :model-value="channel.name"
        label="Name"
        :most="80"
        @update:model-value="(n) => job.edit(`${path}.name`, n)"
      />
      <QuantityField label="Web" :path="`${path}.webMm`" quantity="size" :step="5" />
      <QuantityField label="Leg" :path="`${path}.legMm`" quantity="size" :step="5" />
      <QuantityField label="Thickness" :path="`${path}.thicknessMm`" quantity="size" :step="0.5" />
    </div>
    <ChoiceInput
      :model-value="channel.metal"
      label="Metal of the channel"
      :choices="METALS"
      class="metals"
      @update:model-value="(m) => job.edit(`${path}.metal`, m)"
    />
  </section>
</template>

<style scoped>
.bench {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.bench > header {
  margin: 0;
}
.out {
  display: flex;
  gap: 6px;
  margin-left: auto;
}
.fields {
  display: grid;
  grid-template-columns: repeat(4, minmax(0, 1fr));
  gap: 10px;
  align-items: end;
}
.metals {
  max-width: 320px;
}
.result {
  display: flex;
  flex-wrap: wrap;
  gap: 12px 40px;
  align-items: flex-start;
}
.cut {
  font: 600 54px/1 var(--rb-font-head);
  white-space: nowrap;
}
.tabs ul {
  list-style: none;
  margin: 4px 0;
  padding: 0;
}
.link {
  padding: 0 6px;
  border: 0;
  background: none;
  font: 600 16px/1.1 var(--rb-font-text);
  text-underline-offset: 3px;
  cursor: pointer;
}
.caution {
  flex-basis: 100%;
  border-left: 6px solid var(--marginal);
  padding-left: 10px;
  font-size: 15px;
}
h3 {
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
@media (max-width: 900px) {
  .fields {
    grid-template-columns: repeat(2, minmax(0, 1fr));
  }
}
</style>
