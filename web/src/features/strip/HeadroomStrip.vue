<script setup lang="ts">
import { computed, ref } from 'vue'
import { useDriving } from '@/job/driving'
import { roadLength } from '@/job/roadLength'
import { useShownGauges } from '@/job/shownGauges'
import { useJob } from '@/job/useJob'
import type { Fluid } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import { flag, standingWord } from '@/shared/ui/words'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import VerdictMark from '@/shared/ui/VerdictMark.vue'
import BuildsDialog from './BuildsDialog.vue'
import ClashBar from './ClashBar.vue'
import GaugeScale from './GaugeScale.vue'
import WorkingDrawer from './WorkingDrawer.vue'

const job = useJob()
const driving = useDriving()
const working = ref<Fluid | null>(null)
const arranging = ref(false)
/** Span of each gauge, °C. */
const spans: Record<Fluid, [number, number]> = { coolant: [70, 140], feed: [60, 190], pan: [50, 150] }
const haul = computed(() => job.content.haul)
const line = computed(() => {
  const h = haul.value
  const road = h.journey
  if (driving.onRoad && road) {
    const air = [road.coldestC, road.hottestC].map((t) => format(t, 'temperature', unitWorld.value, 0)).join(' … ')
    return `${road.name} · ${format(roadLength(road), 'distance', unitWorld.value, 0)} · ${air}`
  }
  return `${h.road} · ${format(h.gradePercent, 'percent', unitWorld.value)} · ${format(h.speedKmh, 'speed', unitWorld.value)} · ${format(h.ambientC, 'temperature', unitWorld.value, 0)}`
})

const questions = [
  ['road', 'on the road'],
  ['held', 'held'],
] as const
const shown = useShownGauges(() => driving.onRoad)
const problem = computed(() => (driving.onRoad ? driving.trip?.problem : job.verdict?.problem))

/** How the last edit moved this build's peak. */
function moved(key: Fluid): string {
  const all = driving.onRoad ? driving.before : job.before
  const now = driving.onRoad ? driving.trip?.[key] : job.verdict?.[key]
  const then = all.find((v) => v.build === job.selected)?.[key]
  if (!now || !then) return ''
  const d = now.peakC - then.peakC
  if (Math.abs(d) < 0.05) return ''
  return `${d > 0 ? '▲' : '▼'} ${format(Math.abs(d), 'difference', unitWorld.value, 1)}`
}
</script>

<template>
  <header class="strip" :class="{ stale: job.stale }">
    <div class="who">
      <h1>{{ job.content.about.name }}</h1>
      <p class="small soft">{{ line }}</p>
      <div class="builds">
        <div class="chips" role="group" aria-label="Build">
          <button
            v-for="b in job.content.builds"
            :key="b.id"
            type="button"
            :aria-pressed="b.id === job.selected"
            @click="job.selected = b.id"
          >
            <VerdictMark :standing="job.outcome(b.id)" :size="14" />
            <span class="name"
              >{{ flag(b, job.content.builds) }}<span class="long">&ensp;{{ b.name }}</span></span
            >
          </button>
        </div>
        <button
          type="button"
          class="more"
          data-screen-only
          aria-label="All builds"
          title="All builds"
          @click="arranging = true"
        >
          ⋯
        </button>
      </div>
    </div>
    <ClashBar v-if="job.verdict?.clashes.length" :clashes="job.verdict.clashes" />
    <template v-if="job.verdict && shown.length">
      <button
        v-for="{ key, label, gauge, at, older } in shown"
        :key="key"
        type="button"
        class="gauge"
        :data-fluid="key"
        :aria-label="`${label}: show the working`"
        @click="working = key"
      >
        <span class="row">
          <span class="label">{{ label }}</span>
          <span class="moved">{{ moved(key) }}</span>
        </span>
        <span class="row top" :class="job.verdict.clashes.length ? 'CLASH' : gauge.standing">
          <VerdictMark v-if="!job.verdict.clashes.length" :standing="gauge.standing" :size="22" />
          <span class="margin"
            >{{ gauge.headroomK > 0 ? '+' : '' }}{{ format(gauge.headroomK, 'difference', unitWorld, 1) }}</span
          >
          <span v-if="job.verdict.clashes.length" class="word">if it fitted</span>
          <span v-else-if="!gauge.standing" class="word">as computed</span>
          <span v-else class="word">{{ gauge.standing === 'HOLDS' ? 'to spare' : standingWord(gauge.standing) }}</span>
        </span>
        <GaugeScale :fluid="key" :low="spans[key][0]" :high="spans[key][1]" />
        <span class="row small">
          <span
            ><template v-if="!at">settles at{{ ' ' }}</template
            ><b>{{ format(gauge.peakC, 'temperature', unitWorld) }}</b
            ><template v-if="gauge.bandK !== null"
              ><span :class="{ older }">&nbsp;± {{ format(gauge.bandK, 'difference', unitWorld, 1) }}</span></template
            ><template v-if="at">&ensp;at {{ at }}</template></span
          >
          <span>limit {{ format(gauge.limitC, 'temperature', unitWorld, 0) }}</span>
        </span>
      </button>
    </template>
    <div v-if="job.verdict && shown.length" class="meaning" data-meaning>
      <ChoiceInput v-if="driving.hasRoad" v-model="driving.asked" label="What is asked" :choices="questions" small />
      <span><b>to spare</b> kept by nine of ten such trucks</span>
      <span><b>marginal</b> as computed, not by nine of ten</span>
      <span><b>±</b> nine of ten {{ driving.onRoad ? 'stand' : 'settle' }} there</span>
    </div>
    <div v-if="!job.verdict || !shown.length" class="none" role="alert">
      <VerdictMark :standing="null" :size="26" />
      <p v-if="problem">
        <b v-if="problem.code !== 'problem.notToBeDriven'"
          >{{ driving.onRoad ? 'It does not get over this road.' : 'No steady state.' }}
        </b>
        {{ say(problem, unitWorld) }}.
      </p>
      <p v-else-if="driving.onRoad && driving.said.length">
        <b>This road cannot be driven.</b> {{ driving.said.map((s) => say(s, unitWorld)).join('; ') }}.
      </p>
      <p v-else class="soft">Working it out …</p>
    </div>
    <BuildsDialog v-if="arranging" v-model="arranging" />
    <WorkingDrawer v-if="working" :fluid="working" @close="working = null" />
  </header>
</template>

<style scoped>
.strip {
  display: grid;
  grid-template-columns: minmax(220px, 0.92fr) repeat(3, minmax(0, 1fr));
  background: var(--paper);
  border-bottom: 3px solid var(--ink);
  position: sticky;
  top: 0;
  z-index: 20;
}
.stale .gauge {
  opacity: 0.45;
}
.who {
  padding: 10px 14px;
  display: flex;
  flex-direction: column;
  gap: 4px;
  min-width: 0;
}
.who h1 {
  font-size: 26px;
  line-height: 1.2;
  white-space: nowrap;
  overflow: hidden;
  text-overflow: ellipsis;
}
.builds {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: auto;
}
.chips {
  display: contents;
}
.builds button {
  display: flex;
  align-items: center;
  gap: 5px;
  min-height: 44px;
  min-width: 44px;
  justify-content: center;
  padding: 0 8px;
  border: 1.5px solid var(--rule);
  background: transparent;
  color: var(--ink);
  font: 600 16px/1 var(--rb-font-head);
  cursor: pointer;
  white-space: nowrap;
}
.builds button[aria-pressed='true'] {
  background: var(--ink);
  color: var(--paper);
  border-color: var(--ink);
}
.builds button:not([aria-pressed='true']) .long {
  display: none;
}
/* Placed by hand, so that what does not fit can lie over the gauges. */
.who {
  grid-row: 1 / span 2;
  grid-column: 1;
}
.gauge:nth-of-type(1) {
  grid-column: 2;
}
.gauge:nth-of-type(2) {
  grid-column: 3;
}
.gauge:nth-of-type(3) {
  grid-column: 4;
}
.gauge {
  grid-row: 1;
  border: 0;
  border-left: 1px solid var(--rule);
  background: none;
  color: inherit;
  font: inherit;
  padding: 8px 14px 8px;
  text-align: left;
  cursor: pointer;
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
.gauge:hover {
  background: color-mix(in srgb, var(--accent-wash) 45%, transparent);
}
.meaning {
  grid-row: 2;
  grid-column: 2 / -1;
  display: flex;
  flex-wrap: wrap;
  gap: 0 22px;
  padding: 3px 14px;
  border-left: 1px solid var(--rule);
  border-top: 1px solid var(--rule-soft);
  font-size: 14px;
  color: var(--ink-soft);
}
.meaning {
  align-items: center;
}
.meaning .choice {
  border-width: 1px;
  margin: 2px 0;
}
.meaning :deep(.el-radio-button) {
  flex: none;
}
.meaning :deep(.el-radio-button__inner) {
  min-height: 32px;
  white-space: nowrap;
}
@media (pointer: coarse) {
  .meaning :deep(.el-radio-button__inner) {
    min-height: 44px;
  }
}
.older {
  opacity: 0.45;
}
.row {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
  white-space: nowrap;
}
.row.small {
  flex-wrap: wrap;
  gap: 0 8px;
}
.label {
  font: 600 18px/1 var(--rb-font-head);
}
.moved {
  font: 600 15px/1 var(--rb-font-head);
  color: var(--ink-soft);
}
.top {
  justify-content: flex-start;
  gap: 8px;
}
.margin {
  font: 600 40px/1 var(--rb-font-head);
}
.word {
  font: 600 17px/1 var(--rb-font-head);
  align-self: flex-end;
  padding-bottom: 4px;
}
.top.CLASH {
  color: var(--ink-soft);
}
.top.HOLDS {
  color: var(--holds-ink);
}
.top.MARGINAL {
  color: var(--marginal-ink);
}
.top.OVER {
  color: var(--over-ink);
}
.none {
  grid-column: 2 / -1;
  display: flex;
  gap: 14px;
  align-items: center;
  padding: 24px;
  border-left: 1px solid var(--rule);
  min-height: 134px;
}
@media (max-width: 1180px) {
  .builds button .long {
    display: none;
  }
  .strip {
    grid-template-columns: minmax(180px, 0.8fr) repeat(3, minmax(0, 1fr));
  }
  .gauge {
    padding: 8px 9px;
  }
  .margin {
    font-size: 32px;
  }
  .word {
    font-size: 15px;
    padding-bottom: 2px;
  }
  .gauge .small {
    font-size: 13px;
  }
}
@media (max-width: 900px) {
  .strip {
    grid-template-columns: repeat(3, minmax(0, 1fr));
  }
  .meaning {
    grid-row: 3;
    grid-column: 1 / -1;
    border-left: 0;
  }
  .who {
    grid-row: 1;
    grid-column: 1 / -1;
    flex-direction: row;
    align-items: center;
    gap: 4px 14px;
    border-bottom: 1px solid var(--rule);
  }
  .who p {
    flex: 1;
  }
  .gauge {
    grid-row: 2;
  }
  .gauge:nth-of-type(1) {
    grid-column: 1;
  }
  .gauge:nth-of-type(2) {
    grid-column: 2;
  }
  .gauge:nth-of-type(3) {
    grid-column: 3;
  }
  .builds {
    margin: 0;
  }
  .none {
    grid-column: 1 / -1;
    border: 0;
  }
  .word {
    white-space: normal;
    font-size: 14px;
  }
  .gauge .row.small {
    flex-direction: column;
    align-items: flex-start;
    gap: 0;
  }
}
@media print {
  .strip {
    position: static;
  }
}
</style>
