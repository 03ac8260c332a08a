<script lang="ts">
/** What can be done with a job from the yard. */
export type Deed = 'copy' | 'sister' | 'download' | 'archive' | 'remove'
</script>

<script setup lang="ts">
import { computed } from 'vue'
import { FLUIDS, gauges } from '@/shared/api/gauges'
import type { JobCard, Verdict } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { asked } from '@/shared/ui/asked'
import { unitWorld } from '@/shared/ui/preferences'
import { flag, outcomeOf, standingWord } from '@/shared/ui/words'
import { format } from '@/shared/units/units'
import VerdictMark from '@/shared/ui/VerdictMark.vue'

/** A job in the yard: the headroom of every build, and what its latest comes to. */
const props = defineProps<{
  job: JobCard
  verdicts: Verdict[]
  /** How far it has come, and whose truck it is about. */
  state?: string
  whose?: string
}>()
const emit = defineEmits<{ deed: [what: Deed] }>()
const builds = computed(() => props.job.builds)
const build = (id: string) => builds.value.find((b) => b.id === id)!
const latest = computed(() => builds.value.at(-1))
/** What its figures are of: its road, or the worst stretch of it. */
const where = computed(() => {
  const { road, gradePercent, speedKmh, ambientC, way } = props.job.stretch
  const words = (parts: string[]) => parts.join(' · ')
  const world = unitWorld.value
  if (asked.value === 'road' && way) {
    const air = [way.coldestC, way.hottestC].map((t) => format(t, 'temperature', world, 0)).join(' … ')
    return words([way.name, format(way.toKm - way.fromKm, 'distance', world, 0), air])
  }
  return words([
    road,
    format(gradePercent, 'percent', world),
    format(speedKmh, 'speed', world),
    format(ambientC, 'temperature', world, 0),
  ])
})
const outcome = computed(() => outcomeOf(props.verdicts.find((v) => v.build === latest.value?.id)))
</script>

<template>
  <article class="job" :class="{ away: job.about.body.archived }">
    <router-link :to="{ name: 'haul', params: { id: job.id } }" class="open">
      <div class="plate">
        <VerdictMark :standing="outcome" :size="40" />
        <div>
          <h2>{{ job.about.body.name }}</h2>
          <p v-if="state" class="state">{{ state }}</p>
          <p v-if="whose">{{ whose }}</p>
          <p>{{ job.truck }}, {{ job.trailer }}</p>
          <p class="soft">{{ where }}</p>
        </div>
      </div>
      <table v-if="verdicts.length">
        <thead>
          <tr>
            <th></th>
            <th v-for="[key, name] in FLUIDS" :key="key" scope="col">{{ name }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="s in verdicts" :key="s.build">
            <th scope="row">
              <b>{{ flag(build(s.build), builds) }}</b>
              {{ build(s.build).name }}
            </th>
            <td v-if="s.overRatings.length" colspan="3" class="clash">
              <VerdictMark standing="RATING" :size="14" /> over its ratings: {{ say(s.overRatings[0]!, unitWorld) }}
            </td>
            <td v-else-if="s.clashes.length" colspan="3" class="clash">
              <VerdictMark standing="CLASH" :size="14" /> not buildable: {{ say(s.clashes[0]!.said, unitWorld) }}
            </td>
            <td
              v-for="{ key, gauge } in s.clashes.length || s.overRatings.length ? [] : gauges(s)"
              :key="key"
              :class="gauge.standing"
            >
              <VerdictMark :standing="gauge.standing" :size="14" />
              {{ gauge.headroomK > 0 ? '+' : '' }}{{ format(gauge.headroomK, 'difference', unitWorld, 1) }}
              <span class="sr">{{ standingWord(gauge.standing) }}</span>
            </td>
            <td v-if="s.problem && !s.clashes.length && !s.overRatings.length" colspan="3">
              {{ say(s.problem, unitWorld) }}
            </td>
          </tr>
        </tbody>
      </table>
      <div class="verdict">
        <p class="figure">{{ latest?.name }} {{ standingWord(outcome) }}</p>
        <p class="soft">{{ job.about.body.complaint }}</p>
      </div>
    </router-link>
    <el-dropdown trigger="click" class="menu" @command="(what: Deed) => emit('deed', what)">
      <button type="button" class="act" :aria-label="`What to do with ${job.about.body.name}`">⋯</button>
      <template #dropdown>
        <el-dropdown-menu>
          <el-dropdown-item command="copy">Copy</el-dropdown-item>
          <el-dropdown-item command="sister">For its sister truck</el-dropdown-item>
          <el-dropdown-item command="download">Export</el-dropdown-item>
          <el-dropdown-item command="archive">{{
            job.about.body.archived ? 'Back to the yard' : 'Archive'
          }}</el-dropdown-item>
          <el-dropdown-item command="remove">Remove</el-dropdown-item>
        </el-dropdown-menu>
      </template>
    </el-dropdown>
  </article>
</template>

<style scoped>
.job {
  background: var(--paper);
  border-top: 3px solid var(--ink);
  display: grid;
  grid-template-columns: 1fr auto;
}
.open {
  display: grid;
  grid-template-columns: minmax(250px, 1fr) minmax(330px, 1.15fr) minmax(190px, 0.85fr);
  gap: 24px;
  padding: 16px;
  color: inherit;
  text-decoration: none;
  align-items: center;
}
.open:hover {
  background: color-mix(in srgb, var(--accent-wash) 40%, transparent);
}
.plate {
  display: flex;
  gap: 14px;
  align-items: flex-start;
}
.state {
  display: inline-block;
  font: 600 16px/1 var(--rb-font-head);
  background: var(--accent-wash);
  color: var(--accent-ink);
  padding: 4px 8px;
}
.plate h2 {
  font-size: 28px;
}
table {
  border-collapse: collapse;
  font-size: 15px;
}
thead th {
  font: 600 15px/1 var(--rb-font-head);
  color: var(--ink-soft);
  text-align: left;
  padding: 0 10px 4px 0;
}
tbody th {
  font-weight: 500;
  text-align: left;
  padding: 4px 12px 4px 0;
  white-space: nowrap;
}
td {
  font: 600 19px/1 var(--rb-font-head);
  padding: 4px 12px 4px 0;
  white-space: nowrap;
}
td svg {
  vertical-align: -1px;
  margin-right: 3px;
}
td.HOLDS {
  color: var(--holds-ink);
}
td.MARGINAL {
  color: var(--marginal-ink);
}
td.OVER {
  color: var(--over-ink);
}
.verdict {
  display: grid;
  gap: 6px;
}
.verdict .figure {
  font-size: 24px;
}
.menu {
  align-self: center;
  padding: 14px;
}
.away {
  opacity: 0.7;
}
.sr {
  position: absolute;
  clip-path: inset(50%);
  width: 1px;
  height: 1px;
  overflow: hidden;
}
@media (max-width: 1180px) {
  .job {
    grid-template-columns: minmax(0, 1fr) auto;
  }
  .open {
    grid-template-columns: minmax(0, 1fr) minmax(0, 1.3fr);
    gap: 10px 18px;
  }
  .verdict {
    grid-column: 1 / -1;
  }
}
@media (max-width: 900px) {
  .open {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
