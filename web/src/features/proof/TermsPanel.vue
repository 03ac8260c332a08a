<script setup lang="ts">
import { computed, ref, shallowRef, watch } from 'vue'
import { useDocument } from '@/job/document'
import { useJob } from '@/job/useJob'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { CompareResult, Run } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import { unitWorld } from '@/shared/ui/preferences'

/** Before against after, on equal terms: what may be told to a customer, or why it may not. */
const props = defineProps<{ runs: Run[] }>()
const document = useDocument()
const job = useJob()
const recorded = computed(() => props.runs.filter((r) => r.tracks.length || r.data.moments.length))
const named = (sort: Run['data']['sort']) => recorded.value.find((r) => r.data.sort === sort)?.id
const before = ref<string | undefined>(named('BEFORE'))
const after = ref<string | undefined>(recorded.value.filter((r) => r.data.sort === 'AFTER').at(-1)?.id)
const hottest = job.content.haul.journey?.hottestC ?? job.content.haul.ambientC
const day = ref<number>(hottest)
const choices = computed(() => recorded.value.map((r) => [r.id, r.data.name] as const))
const result = shallowRef<CompareResult | null>(null)
const problem = ref('')
let asked = 0
watch(
  [before, after, day, () => props.runs],
  async () => {
    const mine = ++asked
    if (!before.value || !after.value || before.value === after.value) return void (result.value = null)
    try {
      const got = await api.post<CompareResult>(`/api/jobs/${document.jobId}/compare`, {
        before: before.value,
        after: after.value,
        dayC: day.value,
      })
      if (mine !== asked) return
      result.value = got
      problem.value = ''
    } catch (e) {
      if (mine === asked) problem.value = refusal(e)
    }
  },
  { immediate: true },
)
const FLUIDS = { COOLANT: 'Coolant', FEED: 'Oil feed', PAN: 'Oil pan' } as const
const signed = (v: number) => `${v > 0 ? '+' : v < 0 ? '−' : ''}${Math.abs(v).toFixed(0)}`
const shown = (r: CompareResult['rows'][number]) => r.basis != null && Math.abs(r.morePercent!) > r.spreadPercent!
const rows = computed(() => result.value?.rows ?? [])
</script>

<template>
  <section class="panel terms" :data-terms="result ? 'ready' : undefined">
    <h2>Before and after, on equal terms</h2>
    <div class="choose">
      <PickInput v-model="before" label="Before" :choices="choices" />
      <PickInput v-model="after" label="After" :choices="choices" />
      <QuantityInput
        :model-value="day"
        label="A hot day here"
        quantity="temperature"
        @update:model-value="day = $event ?? day"
      />
    </div>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p v-else-if="recorded.length < 2" class="soft">
      Two recorded drives are needed: one before the work and one after it, marked so above.
    </p>
    <p v-else-if="!before || !after || before === after" class="soft">Choose a drive before and another one after.</p>
    <p v-else-if="!result" class="soft">Looking for what is comparable …</p>
    <div v-else class="rows">
      <article
        v-for="r in rows"
        :key="r.fluid"
        :data-fluid="r.fluid"
        :class="{ proved: shown(r) && r.morePercent! > 0 }"
      >
        <h3>{{ FLUIDS[r.fluid] }}</h3>
        <p v-if="r.basis != null" class="big">
          {{ signed(r.morePercent!) }} <span>± {{ r.spreadPercent!.toFixed(0) }} % heat shed</span>
        </p>
        <p v-else class="big silent">Cannot be compared</p>
        <p v-for="s in r.says" :key="s.code" class="say">{{ say(s, unitWorld) }}</p>
        <p v-if="r.basis != null" class="soft small">
          {{ word(`equalTermsBasis.${camel(r.basis)}`) }}; windows {{ r.before.map((i) => i + 1).join(', ') }} before
          against {{ r.after.map((i) => i + 1).join(', ') }} after; right nineteen times in twenty
        </p>
        <ul v-if="r.why.length">
          <li v-for="(w, i) in r.why.slice(0, 4)" :key="i">{{ say(w, unitWorld) }}</li>
        </ul>
        <p v-if="r.wanted" class="wanted">{{ say(r.wanted, unitWorld) }}</p>
      </article>
    </div>
  </section>
</template>

<style scoped>
.terms {
  display: grid;
  gap: 10px;
}
.choose {
  display: grid;
  grid-template-columns: 1fr 1fr 200px;
  gap: 10px;
}
.rows {
  display: grid;
  grid-template-columns: repeat(3, minmax(0, 1fr));
  gap: 10px;
}
article {
  border: 1px solid var(--rule);
  border-top: 6px solid var(--rule);
  padding: 10px 12px;
  display: grid;
  gap: 6px;
  align-content: start;
}
article.proved {
  border-top-color: var(--accent);
}
.big {
  margin: 0;
  font: 700 40px/1 var(--rb-font-head);
  font-variant-numeric: tabular-nums;
}
.big span {
  font-size: 19px;
  color: var(--ink-soft);
}
.big.silent {
  font-size: 26px;
  color: var(--ink-soft);
}
.say {
  margin: 0;
  font-size: 18px;
}
ul {
  margin: 0;
  padding-left: 18px;
  color: var(--ink-soft);
}
.wanted {
  margin: 0;
  border-left: 6px solid var(--accent);
  background: var(--accent-wash);
  padding: 6px 10px;
}
@media (max-width: 1100px) {
  .rows {
    grid-template-columns: 1fr;
  }
}
</style>
