<script setup lang="ts">
import { computed, useTemplateRef } from 'vue'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import type { BreakdownResult, Breakdowns } from '@/shared/api/types'
import { say, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { flag } from '@/shared/ui/words'
import { format } from '@/shared/units/units'
import { printOnly } from '@/shared/ui/printOnly'

/** Each part of every build fails in turn on this road; for the build in hand a card for the glove box. */
const job = useJob()
const {
  result: all,
  problem,
  queueing,
  older,
} = useComputed<Breakdowns>('/api/compute/breakdowns', () => job.content && !job.stale && !job.dragging && job.content)
const result = computed(() => all.value?.builds)
/** What decides between plans that cool alike. */
const alike = computed(() => {
  const equals = all.value?.equals
  if (!equals) return ''
  const name = (id: string) => job.content.builds.find((b) => b.id === id)?.name ?? ''
  const said = `${equals.alike.map(name).join(' and ')} cool alike on this road, within ${format(1, 'difference', unitWorld.value, 0)}`
  return equals.chosen
    ? `${said}: ${name(equals.chosen)} is the better one out there, where parts fail.`
    : `${said}, and fail alike.`
})
type Failure = BreakdownResult['failures'][number]
const rows = computed(() => {
  const all = new Map<string, string>()
  for (const build of result.value ?? []) for (const f of build.failures) all.set(f.what, f.code)
  return [...all]
})
const builds = computed(() =>
  job.content.builds.flatMap((b) => {
    const found = result.value?.find((r) => r.build === b.id)
    return found ? [{ build: b, letter: flag(b, job.content.builds), found }] : []
  }),
)
const of = (found: BreakdownResult, what: string) => found.failures.find((f) => f.what === what)
const MARKS: Record<Failure['ends'], string> = {
  GOES_ON: '✓',
  WITHOUT_AIR_CONDITIONING: '✓',
  CRAWLS: '◐',
  OIL_SUFFERS: '◐',
  STOPS: '■',
}
const SHORT: Record<Failure['ends'], string> = {
  GOES_ON: 'goes on',
  WITHOUT_AIR_CONDITIONING: 'no A/C',
  CRAWLS: 'crawls',
  OIL_SUFFERS: 'oil hot',
  STOPS: 'stops',
}
const mine = computed(() => builds.value.find((b) => b.build.id === job.selected)?.found ?? null)
const failed = (found: BreakdownResult) => found.failures.filter((f) => f.what !== 'NOTHING')
const stops = (found: BreakdownResult) => failed(found).filter((f) => f.ends === 'STOPS').length
const detail = (f: Failure) =>
  f.coolantC === null
    ? ''
    : `coolant ${format(f.coolantC, 'temperature', unitWorld.value, 0)}, pan ${format(f.panC!, 'temperature', unitWorld.value, 0)}`
const where = computed(() => job.content.haul.journey?.name ?? job.content.haul.road)
const card = useTemplateRef('card')
const print = () => printOnly(card.value!)
</script>

<template>
  <section class="panel" :class="{ older }" data-breakdowns>
    <header>
      <h2>If it breaks out there</h2>
      <span class="small soft">each part fails at the start of {{ where }}, all else as it is</span>
    </header>
    <p v-if="problem" role="alert" class="bad">{{ problem }}</p>
    <p v-else-if="!result" class="soft">{{ queueing || 'Breaking one part after the other …' }}</p>
    <p v-if="alike" class="alike" data-equal-plans>{{ alike }}</p>
    <div v-if="result && !problem" class="both">
      <table class="data" aria-label="If it breaks out there">
        <thead>
          <tr>
            <th scope="col">What fails</th>
            <th v-for="b in builds" :key="b.build.id" scope="col">{{ b.letter }}&ensp;{{ b.build.name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="[what, code] in rows" :key="what" :data-breakage="what">
            <th scope="row">{{ word(code) }}</th>
            <td v-for="b in builds" :key="b.build.id" :class="of(b.found, what)?.ends">
              <template v-if="of(b.found, what)">
                <b aria-hidden="true">{{ MARKS[of(b.found, what)!.ends] }}</b> {{ SHORT[of(b.found, what)!.ends] }}
              </template>
              <template v-else>–</template>
            </td>
          </tr>
          <tr class="sum">
            <th scope="row">Stops</th>
            <td v-for="b in builds" :key="b.build.id">{{ b.found.problem ? '–' : stops(b.found) }}</td>
          </tr>
        </tbody>
      </table>
      <section v-if="mine && !mine.problem" ref="card" class="card" data-glove-box>
        <header>
          <h3>{{ job.content.about.name }}, {{ job.build.name }}</h3>
          <span>{{ where }}</span>
        </header>
        <ul>
          <li v-for="f in failed(mine)" :key="f.what" :class="f.ends">
            <b>{{ word(f.code) }}:</b> {{ say(f.said, unitWorld) }}
            <span class="small soft">{{ detail(f) }}</span>
          </li>
        </ul>
        <p v-if="mine.kit.length"><b>In the box:</b> {{ mine.kit.map((s) => word(s)).join('; ') }}.</p>
        <p v-else-if="!mine.helpless.length"><b>In the box:</b> nothing is needed to get home.</p>
        <p v-if="mine.helpless.length" class="small">
          No spare mends it by the road: {{ mine.helpless.map((s) => word(s)).join('; ') }}.
        </p>
        <p class="small">
          Stop where it is safe, well off the road. Never open a hot cap. Fan fuse out before hands go in. Refrigerant
          that escapes is left alone.
        </p>
        <button type="button" class="act" data-screen-only @click="print">Print for the glove box</button>
      </section>
    </div>
  </section>
</template>

<style scoped>
.older {
  opacity: 0.6;
}
.alike {
  border-left: 6px solid var(--accent);
  background: var(--accent-wash);
  padding: 8px 12px;
  margin-bottom: 12px;
}
.both {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) minmax(300px, 1fr);
  gap: 20px;
  align-items: start;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  padding: 7px 8px;
  border-bottom: 1px solid var(--rule-soft);
  font-weight: 500;
}
thead th {
  font: 600 16px/1.1 var(--rb-font-head);
  border-bottom: 2px solid var(--ink);
}
td b {
  font-size: 18px;
}
.GOES_ON b,
.WITHOUT_AIR_CONDITIONING b {
  color: var(--holds-ink);
}
td.CRAWLS b,
td.OIL_SUFFERS b {
  color: var(--marginal-ink);
}
td.STOPS {
  color: var(--over-ink);
  font-weight: 600;
}
.sum th,
.sum td {
  font: 600 20px/1 var(--rb-font-head);
  border: 0;
}
.card {
  border: 2.5px solid var(--ink);
  padding: 10px 14px;
  display: grid;
  gap: 8px;
  break-inside: avoid;
}
.card header {
  display: flex;
  justify-content: space-between;
  gap: 8px;
  border-bottom: 1.5px solid var(--ink);
  padding-bottom: 4px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
  display: grid;
  gap: 5px;
}
.card .STOPS {
  border-left: 5px solid var(--over);
  padding-left: 8px;
}
.bad {
  color: var(--over-ink);
}
@media (max-width: 1150px) {
  .both {
    grid-template-columns: 1fr;
  }
}
</style>
