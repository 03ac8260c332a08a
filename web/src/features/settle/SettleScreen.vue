<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { Dispute } from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { gauges } from '@/shared/api/gauges'
import VerdictMark from '@/shared/ui/VerdictMark.vue'

/** Where practitioners disagree, both schools on this truck, side by side. */
const job = useJob()
const { result, problem, queueing } = useComputed<Dispute[]>(
  '/api/compute/settle',
  () => job.content && !job.stale && { job: job.content, build: job.selected },
)
/** What a dispute in time is driven over. */
const way = computed(() => job.content.haul.journey?.name ?? 'a climb of a quarter of an hour')
const at = ref(0)
const dispute = computed(() => result.value?.[at.value])
/** One scale for all schools of a dispute, so that bars can be compared. */
const scale = computed(() => {
  const d = dispute.value
  const peaks = (d?.schools ?? []).flatMap((s) =>
    gauges(s)
      .filter((g) => g.key !== 'feed')
      .map((g) => g.gauge.peakC),
  )
  const low = Math.floor((Math.min(80, ...peaks) - 5) / 10) * 10
  const high = Math.ceil((Math.max(120, ...peaks) + 5) / 10) * 10
  return { low, high, share: (t: number) => (100 * (t - low)) / (high - low) }
})
/** Where no school keeps its limits in nine of ten the one named is the least bad, and nothing looks as if it held. */
const chosen = computed(() => dispute.value?.schools[dispute.value.recommended])
const noneHolds = computed(() => !dispute.value?.schools.some((s) => s.standing === 'HOLDS'))
const chosenOf = (d: Dispute) => say(d.schools[d.recommended]!.name, unitWorld.value)
const k = (v: number | null) => (v == null ? '–' : (v > 0 ? '+' : '') + format(v, 'difference', unitWorld.value, 1))
</script>

<template>
  <div class="settle">
    <nav class="panel list" aria-label="Disputes">
      <header><h2>Settle it</h2></header>
      <p class="small soft">{{ job.build.name }} on {{ job.content.haul.road }}</p>
      <ul>
        <li v-for="(d, i) in result ?? []" :key="d.question.code">
          <button type="button" :aria-pressed="i === at" @click="at = i">
            <b>{{ say(d.question, unitWorld) }}</b><span class="small">{{ chosenOf(d) }}</span>
          </button>
        </li>
      </ul>
    </nav>
    <section class="panel case">
      <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
      <template v-if="dispute">
        <header>
          <h2>{{ say(dispute.question, unitWorld) }}</h2>
          <span class="small soft" data-basis>{{
            dispute.inTime ? `driven over ${way}` : 'on the worst stretch, held until it settles'
          }}</span>
        </header>
        <div class="answer" :class="chosen?.standing ?? 'none'" data-answer>
          <p v-if="noneHolds" class="none-holds">
            None of these holds{{ chosen?.standing === 'MARGINAL' ? ' in nine of ten' : '' }}; least bad:
          </p>
          <h3>{{ chosenOf(dispute) }}</h3>
          <p>{{ say(dispute.reason, unitWorld) }}</p>
        </div>
        <div
          class="schools"
          :class="{ many: dispute.schools.length > 3 }"
          :style="{ gridTemplateColumns: `repeat(${dispute.schools.length}, minmax(0, 1fr))` }"
        >
          <article
            v-for="(s, i) in dispute.schools"
            :key="s.name.code"
            :class="[s.standing, { chosen: i === dispute.recommended }]"
            data-school
          >
            <h3><VerdictMark :standing="s.standing" :size="18" /> {{ say(s.name, unitWorld) }}</h3>
            <p v-if="s.problem">{{ say(s.problem, unitWorld) }}</p>
            <template v-else>
              <p class="sure">
                <b>{{ k(s.sureHeadroomK) }}</b> <span class="small soft">{{ word(dispute.measure) }}</span>
              </p>
              <div v-for="{ key, gauge } in gauges(s)" :key="key" class="fluid">
                <span class="small">{{ key }}</span>
                <div class="track">
                  <i
                    class="band"
                    :style="{
                      left: Math.max(0, scale.share(gauge.peakC - gauge.bandK)) + '%',
                      width:
                        Math.min(100, scale.share(gauge.peakC + gauge.bandK)) -
                        Math.max(0, scale.share(gauge.peakC - gauge.bandK)) +
                        '%',
                    }"
                  ></i>
                  <i class="peak" :style="{ left: Math.min(99, Math.max(0, scale.share(gauge.peakC))) + '%' }"></i>
                  <i
                    v-if="gauge.limitC <= scale.high"
                    class="limit"
                    :style="{ left: scale.share(gauge.limitC) + '%' }"
                  ></i>
                </div>
                <b>{{ format(gauge.peakC, 'temperature', unitWorld, 0) }}</b>
              </div>
            </template>
            <ul class="effects">
              <li v-for="e in s.effects" :key="e.code">{{ say(e, unitWorld) }}</li>
            </ul>
          </article>
        </div>
        <p class="otherwise"><b>When the other school is right.</b> {{ say(dispute.otherwise, unitWorld) }}</p>
      </template>
      <p v-else-if="!problem" class="soft">{{ queueing || 'Running both schools of every dispute …' }}</p>
    </section>
  </div>
</template>

<style scoped>
.settle {
  flex: 1;
  display: grid;
  grid-template-columns: 320px minmax(0, 1fr);
  gap: 14px;
  padding: 14px;
}
/* The answer stays in sight beside a long list of questions, under the strip. */
.case {
  align-self: start;
  position: sticky;
  top: 204px;
}
.list ul {
  list-style: none;
  margin: 10px 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
.list button {
  width: 100%;
  border: 0;
  border-left: 4px solid var(--rule);
  background: transparent;
  color: inherit;
  font: inherit;
  text-align: left;
  padding: 7px 10px;
  cursor: pointer;
  display: grid;
  gap: 1px;
  min-height: 48px;
}
.list button[aria-pressed='true'] {
  border-color: var(--accent);
  background: var(--accent-wash);
}
.list b {
  font: 600 17px/1.15 var(--rb-font-head);
}
.answer {
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 10px 16px;
  margin-bottom: 12px;
}
.answer.HOLDS {
  border-color: var(--holds);
  background: var(--accent-wash);
}
.none-holds {
  font-weight: 600;
}
.answer h3 {
  font-size: 24px;
}
.answer p {
  font-size: 17px;
}
.schools {
  display: grid;
  gap: 14px;
}
article {
  border-top: 3px solid var(--rule);
  padding-top: 8px;
  min-width: 0;
}
article.chosen {
  border-color: var(--marginal);
}
article.chosen.HOLDS {
  border-color: var(--holds);
}
article h3 {
  display: flex;
  gap: 7px;
  align-items: flex-start;
  min-height: 44px;
}
.sure b {
  font: 600 34px/1.1 var(--rb-font-head);
}
.fluid {
  display: grid;
  grid-template-columns: 54px minmax(0, 1fr) 62px;
  align-items: center;
  gap: 8px;
  margin-top: 5px;
}
.many .fluid {
  grid-template-columns: 1fr auto;
  gap: 2px 8px;
}
.many .track {
  grid-column: 1 / -1;
  grid-row: 2;
}
.fluid b {
  font: 600 18px/1 var(--rb-font-head);
  text-align: right;
}
.track {
  position: relative;
  height: 16px;
  background: var(--rule-soft);
}
.track i {
  position: absolute;
  top: 0;
  bottom: 0;
}
.band {
  background: var(--accent);
  opacity: 0.3;
}
.peak {
  width: 4px;
  margin-left: -2px;
  background: var(--accent-ink);
}
.limit {
  width: 3px;
  margin-left: -1px;
  background: var(--over);
  top: -4px !important;
  bottom: -4px !important;
}
.effects {
  margin: 12px 0 0;
  padding-left: 18px;
  font-size: 15px;
  display: grid;
  gap: 4px;
}
.otherwise {
  margin-top: 16px;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
  max-width: 80ch;
}
.bad {
  color: var(--over-ink);
}
@media (max-width: 1100px) {
  .settle {
    grid-template-columns: 1fr;
  }
  .case {
    position: static;
  }
  .list ul {
    grid-template-columns: 1fr 1fr;
  }
}
</style>
