<script setup lang="ts">
import { useJob } from '@/job/useJob'
import { useComputed } from '@/job/useComputed'
import type { CutList, StockLine } from '@/shared/api/types'
import { camel, say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import { change } from '@/shared/ui/yard'
import { format } from '@/shared/units/units'

/** What is bought and cut to hang the cooler and to pipe it: lengths drawn to scale, and everything small. */
const job = useJob()
const { result, problem, older } = useComputed<CutList>('/api/compute/cut-list', () => ({
  job: job.content,
  build: job.selected,
}))
const mm = (v: number) => format(v, 'size', unitWorld.value)
const metres = (v: number) => format(v / 1000, 'length', unitWorld.value, 1)
const SHELVES = [
  ['hose', 'Hose'],
  ['strip', 'Strip and channel'],
] as const
const CLAMPS = (['CONSTANT_TENSION', 'LINED_WORM', 'PLAIN_WORM'] as const).map(
  (c) => [c, word(`linePlanClamps.${camel(c)}`)] as const,
)
const lines = (which: 'hose' | 'strip'): StockLine[] => result.value?.[which] ?? []
</script>

<template>
  <section class="panel cut" :data-ready="result ? 'true' : undefined" data-cut-list>
    <header>
      <h2>Cut and buy</h2>
      <span class="soft small">{{ job.build.name }}</span>
    </header>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p v-if="result && !job.build.coolers.length && !result.small.length" class="soft">
      This build has no oil cooler: nothing is hung and nothing is piped.
    </p>
    <ul v-if="result?.unknown.length" class="asked">
      <li v-for="u in result.unknown" :key="say(u, unitWorld)">{{ say(u, unitWorld) }}</li>
    </ul>
    <div class="shelves" :class="{ older }">
      <div v-for="[which, label] in SHELVES" :key="which" class="shelf">
        <template v-if="lines(which).length">
          <h3>{{ label }}</h3>
          <div v-for="line in lines(which)" :key="say(line.what, unitWorld)" class="line">
            <p class="what">
              <b>{{ say(line.what, unitWorld) }}</b>
              <span v-if="line.code" class="soft">{{ line.code }}</span>
              <span v-if="line.price != null" class="price">{{ change(line.price) }}</span>
            </p>
            <p v-for="piece in line.tooLong" :key="piece" class="refused">{{ piece }} is longer than any length sold</p>
            <div v-for="(length, n) in line.lengths" :key="n" class="length">
              <b class="buy">{{ metres(length.mm) }}</b>
              <div class="bar" role="img" :aria-label="`${metres(length.mm)}, ${mm(length.leftMm)} left`">
                <span v-for="(p, k) in length.pieces" :key="k" class="piece" :style="{ flexGrow: p.mm }">
                  <span class="mm">{{ mm(p.mm) }}</span>
                  <span class="small name">{{ p.name }}</span>
                </span>
                <span v-if="length.leftMm > 1" class="piece left" :style="{ flexGrow: length.leftMm }">
                  <span class="mm">{{ mm(length.leftMm) }}</span>
                  <span class="small name">left</span>
                </span>
              </div>
            </div>
            <p v-if="!line.best" class="small soft">A shorter purchase may be possible.</p>
          </div>
        </template>
      </div>
    </div>
    <h3 v-if="job.build.coolers.length">Clamps on the oil hoses</h3>
    <ChoiceInput
      v-if="job.build.coolers.length"
      :model-value="job.build.lines.clamps"
      label="Clamps on the oil hoses"
      :choices="CLAMPS"
      class="clamps"
      @update:model-value="(c) => job.edit(`builds.${job.selected}.lines.clamps`, c)"
    />
    <p v-if="job.build.coolers.length && job.build.lines.clamps === 'PLAIN_WORM'" class="refused">
      Its slots cut into the hose and it slackens: lined ones, or a spring.
    </p>
    <template v-if="result?.small.length">
      <h3>And</h3>
      <ul class="small-parts">
        <li v-for="s in result.small" :key="say(s.said, unitWorld)">
          <span>{{ say(s.said, unitWorld) }}</span>
          <b v-if="s.price != null">{{ change(s.price) }}</b>
          <span v-else class="soft">by its invoice</span>
        </li>
      </ul>
      <p class="small soft">
        Hose is cut square with a blade, blown out, and pushed home with its own oil on the barb; clamps go on before
        the hose, their screws where a hand reaches them. A saw takes {{ mm(2) }} of strip. Cut edges of strip and sheet
        are sharp: deburr them, gloves on.
      </p>
    </template>
  </section>
</template>

<style scoped>
.cut {
  display: flex;
  flex-direction: column;
  gap: 12px;
}
.panel > header {
  display: flex;
  align-items: baseline;
  gap: 12px;
  margin: 0;
}
.shelves {
  display: grid;
  gap: 18px;
}
.older {
  opacity: 0.5;
}
.line {
  display: grid;
  gap: 8px;
  padding: 8px 0;
  border-top: 1px solid var(--rule-soft);
}
.what {
  display: flex;
  gap: 12px;
  align-items: baseline;
  margin: 0;
}
.what b {
  font: 600 19px/1.2 var(--rb-font-head);
}
.price {
  margin-left: auto;
  font: 600 22px/1 var(--rb-font-head);
}
.length {
  display: grid;
  grid-template-columns: 84px minmax(0, 1fr);
  gap: 12px;
  align-items: center;
}
.buy {
  font: 600 28px/1 var(--rb-font-head);
}
.bar {
  display: flex;
  border: 2px solid var(--ink);
  min-height: 56px;
}
.piece {
  display: flex;
  flex-direction: column;
  justify-content: center;
  flex-basis: 0;
  min-width: 0;
  padding: 4px 8px;
  background: var(--accent-wash);
  overflow: hidden;
}
.piece + .piece {
  border-left: 2px solid var(--ink);
}
.piece.left {
  background: repeating-linear-gradient(45deg, transparent 0 7px, var(--rule-soft) 7px 9px);
}
.mm {
  font: 600 20px/1.1 var(--rb-font-head);
  white-space: nowrap;
}
.name {
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.small-parts {
  columns: 2;
  column-gap: 32px;
  margin: 0;
  padding: 0;
  list-style: none;
}
.small-parts li {
  padding: 7px 0;
  border-bottom: 1px solid var(--rule-soft);
  break-inside: avoid;
  font-size: 17px;
  display: flex;
  justify-content: space-between;
  gap: 12px;
}
.asked {
  margin: 0;
  padding: 8px 12px;
  list-style: none;
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
}
@media (max-width: 900px) {
  .small-parts {
    columns: 1;
  }
}
</style>
