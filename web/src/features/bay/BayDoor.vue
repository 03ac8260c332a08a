<script setup lang="ts">
import { computed } from 'vue'
import { useRouter } from 'vue-router'
import { useJob } from '@/job/useJob'
import { useSaving } from '@/job/saving'
import type { StepReading } from '@/shared/api/types'
import { word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { dateOf, time } from '@/shared/ui/time'
import { inText } from '@/shared/units/inText'
import { format, ofSi, type QuantityName } from '@/shared/units/units'
import DataTable from '@/shared/ui/DataTable.vue'
import { bayState, entered, open, type Piece } from './bayState'
import BaySign from './BaySign.vue'
import { useBegun } from './useBegun'

/** Before and after the bay: work is begun here, and what came of it is seen. */
const PIECE = [
  { key: 'piece', label: 'Piece' },
  { key: 'size', label: 'Size' },
  { key: 'from', label: 'From' },
  { key: 'stands', label: 'Stands' },
] as const
const READ = [
  { key: 'what', label: 'What' },
  { key: 'read', label: 'Read', figure: true },
  { key: 'by', label: 'By' },
  { key: 'to', label: 'Went to' },
] as const
const job = useJob()
const saving = useSaving()
const router = useRouter()
const { orders, whole, problem, beginning, begin, look, reload } = useBegun()
const buildName = (id: string) => job.content.builds.find((b) => b.id === id)?.name ?? id
const going = computed(() => orders.value?.find((o) => o.build === job.selected && !o.signedAt) ?? null)
async function enter() {
  const order = going.value ?? (await begin())
  if (order) await router.push({ name: 'at-work', params: { order: order.id } })
}
const state = computed(() => (whole.value ? bayState(whole.value.entries.map(entered), whole.value.plan) : null))
const steps = computed(() => new Map(whole.value?.plan.steps.map((s) => [s.id, s]) ?? []))
const title = (id: string | null) => inText(steps.value.get(id ?? '')?.title ?? '', unitWorld.value)
const doneCount = computed(() => whole.value?.plan.steps.filter((s) => state.value?.done.has(s.id)).length ?? 0)
const openPieces = computed(() => (state.value ? open(state.value) : []))
const toBuy = computed(() => [...(state.value?.pieces.values() ?? [])].filter((p) => p.stands === 'BROKEN'))
/** What has to be done before it can be signed. */
const openWords = computed(() => {
  const steps = (whole.value?.plan.steps.length ?? 0) - doneCount.value
  return [
    steps ? `${steps} ${steps === 1 ? 'step is' : 'steps are'} open` : '',
    openPieces.value.length ? `${openPieces.value.length} off the truck` : '',
  ]
    .filter(Boolean)
    .join(', ')
})
const readings = computed(() =>
  [...(state.value?.readings.values() ?? [])].flatMap((e) => {
    const r: StepReading | undefined = steps.value.get(e.step ?? '')?.readings.find((x) => x.id === e.item)
    return r && e.value != null ? [{ e, r, kind: r.kind as QuantityName }] : []
  }),
)
/** Hands' minutes as they were planned and as they were, of all that was measured. */
const measured = computed(() => {
  const all = (whole.value?.plan.steps ?? []).flatMap((s) => {
    const took = state.value?.done.get(s.id)?.value ?? 0
    return took >= 1 ? [{ usual: s.hands, took }] : []
  })
  return {
    count: all.length,
    usual: all.reduce((sum, m) => sum + m.usual, 0),
    took: all.reduce((sum, m) => sum + m.took, 0),
  }
})
</script>

<template>
  <div class="screen">
    <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
    <section class="door">
      <div>
        <h1>{{ buildName(job.selected) }} in the bay</h1>
        <p v-if="going" class="soft">
          Begun by {{ going.begunBy }} on {{ dateOf(new Date(going.begunAt)) }}. Each tablet that has opened it goes on
          without the server.
        </p>
        <p v-else class="soft">
          Beginning keeps the order as it is now. What is changed in the job later comes in when the rest is put in
          order anew.
        </p>
      </div>
      <button
        type="button"
        class="enter"
        :disabled="beginning || (!going && saving.state !== 'saved')"
        data-enter
        @click="enter"
      >
        {{ beginning ? 'Putting it in order…' : going ? 'Go on' : 'Begin the work' }}
      </button>
    </section>
    <p v-if="orders && orders.length > 1" class="others">
      <button
        v-for="o in orders"
        :key="o.id"
        type="button"
        class="act"
        :aria-pressed="whole?.order.id === o.id"
        @click="look(o.id)"
      >
        {{ buildName(o.build) }}, {{ dateOf(new Date(o.begunAt)) }}{{ o.signedAt ? ', signed' : '' }}
      </button>
    </p>
    <template v-if="whole && state">
      <section class="sum" data-bay-sum>
        <p class="figure">
          <b>{{ doneCount }}</b> of {{ whole.plan.steps.length }} steps
        </p>
        <p class="figure" :class="{ warm: openPieces.length }">
          <b>{{ openPieces.length }}</b> off the truck
        </p>
        <p class="figure" :class="{ warm: toBuy.length }">
          <b>{{ toBuy.length }}</b> to be bought
        </p>
        <p class="figure">
          <b>{{ state.photos.length }}</b> photographs
        </p>
        <p class="figure">
          <template v-if="measured.count"
            ><b>{{ time(measured.took) }}</b> for {{ time(measured.usual) }} planned</template
          ><template v-else><b>–</b> measured</template>
        </p>
      </section>
      <BaySign :key="whole.order.id" :order="whole.order" :open="openWords" @signed="reload" />
      <div class="halves">
        <section v-if="openPieces.length || toBuy.length">
          <h2>Off the truck, and to be bought</h2>
          <DataTable
            label="Off the truck, and to be bought"
            :columns="PIECE"
            :rows="[...toBuy, ...openPieces]"
            :row-key="(p: Piece) => p.taken.id"
          >
            <template #piece="{ row }">{{ row.taken.text }}</template>
            <template #size="{ row }">{{ row.taken.size || '–' }}</template>
            <template #from="{ row }">{{ title(row.taken.step) }}</template>
            <template #stands="{ row }">{{ row.stands === 'BROKEN' ? 'to be bought' : 'off' }}</template>
          </DataTable>
        </section>
        <section v-if="readings.length">
          <h2>Read in the bay</h2>
          <DataTable label="Read in the bay" :columns="READ" :rows="readings">
            <template #what="{ row }">{{ inText(row.r.title, unitWorld) }}</template>
            <template #read="{ row }"
              ><b>{{ format(ofSi(row.e.value!, row.kind), row.kind, unitWorld) }}</b></template
            >
            <template #by="{ row }">{{ row.e.by }}</template>
            <template #to="{ row }">{{ row.r.goesTo ? word(row.r.goesTo) : 'the record' }}</template>
          </DataTable>
        </section>
        <section v-if="state.found.length || state.notes.length">
          <h2>Found and noted</h2>
          <p v-for="n in [...state.found, ...state.notes]" :key="n.id">
            <b>{{ title(n.step) }}:</b> {{ n.text }} <span class="soft small">{{ n.by }}</span>
          </p>
        </section>
        <section v-if="state.photos.length">
          <h2>Photographs</h2>
          <div class="photos">
            <a
              v-for="p in state.photos"
              :key="p.id"
              :href="`/api/bay/${whole.order.id}/photos/${p.item}`"
              target="_blank"
              ><img :src="`/api/bay/${whole.order.id}/photos/${p.item}`" :alt="title(p.step)"
            /></a>
          </div>
        </section>
      </div>
    </template>
    <p v-else-if="orders && !orders.length" class="soft">Nothing was begun yet on this job.</p>
  </div>
</template>

<style scoped>
.screen {
  display: flex;
  flex-direction: column;
  gap: 14px;
  padding: 10px 14px 14px;
}
.door {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 20px;
  background: var(--paper);
  border-top: 4px solid var(--accent);
  padding: 16px 20px;
}
h1 {
  font: 600 34px/1.05 var(--rb-font-head);
}
h2 {
  font: 600 22px/1.1 var(--rb-font-head);
  margin-bottom: 6px;
}
.enter {
  min-height: 76px;
  padding: 0 40px;
  border: 0;
  background: var(--accent);
  color: var(--on-accent);
  font: 600 32px/1 var(--rb-font-head);
  white-space: nowrap;
  cursor: pointer;
}
.enter:disabled {
  opacity: 0.5;
}
.others {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.sum {
  display: flex;
  flex-wrap: wrap;
  gap: 28px;
}
.figure {
  font: 500 19px/1 var(--rb-font-head);
  color: var(--ink-soft);
}
.figure b {
  font: 600 40px/1 var(--rb-font-head);
  color: var(--ink);
  margin-right: 4px;
}
.figure.warm b {
  color: var(--marginal-ink);
}
.halves {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(420px, 1fr));
  gap: 22px;
}
.photos {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(120px, 1fr));
  gap: 6px;
}
.photos img {
  width: 100%;
  aspect-ratio: 4/3;
  object-fit: cover;
}
.bad {
  border-left: 6px solid var(--over);
  background: var(--over-wash);
  padding: 10px 14px;
}
</style>
