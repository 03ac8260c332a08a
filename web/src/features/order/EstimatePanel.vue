<script setup lang="ts">
import { computed, onMounted, ref, shallowRef, watch } from 'vue'
import { refusal } from '@/job/useAsked'
import { useComputed } from '@/job/useComputed'
import { useJob } from '@/job/useJob'
import { useSaving } from '@/job/saving'
import { useShownGauges } from '@/job/shownGauges'
import { useDriving } from '@/job/driving'
import { api } from '@/shared/api/client'
import type { EstimateResult, SignedPaper } from '@/shared/api/types'
import { say, whatToDo } from '@/shared/message/say'
import { keep } from '@/shared/ui/keep'
import { paperWorld, SHEETS, unitWorld, type Sheet } from '@/shared/ui/preferences'
import { dateOf, isoDay, time } from '@/shared/ui/time'
import { standingWord } from '@/shared/ui/words'
import { money } from '@/shared/ui/yard'
import { inText } from '@/shared/units/inText'
import { format } from '@/shared/units/units'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'
import NameInput from '@/shared/ui/NameInput.vue'
import VerdictMark from '@/shared/ui/VerdictMark.vue'

/** What repair alone costs and what each plan adds, beside the headroom it buys; accepted with a name, and kept. */
const job = useJob()
const saving = useSaving()
const driving = useDriving()
const { result, problem, older } = useComputed<EstimateResult>('/api/compute/estimate', () => job.content)
const chosen = computed(
  () => result.value?.builds.find((b) => b.build === job.selected) ?? result.value?.builds.at(-1) ?? null,
)
const shown = useShownGauges(() => driving.hasRoad)
const outcome = (build: string) => job.outcome(build)
const papers = shallowRef<SignedPaper[]>([])
const size = ref<Sheet>('A4')
const name = ref<string | null>(null)
const failed = ref('')
const signing = ref(false)

async function loadPapers() {
  try {
    papers.value = await api.get<SignedPaper[]>(`/api/jobs/${job.id}/papers`)
  } catch (e) {
    failed.value = refusal(e)
  }
}
onMounted(loadPapers)
watch(() => job.id, loadPapers)

async function print() {
  failed.value = ''
  try {
    const asked = {
      job: job.content,
      build: chosen.value!.build,
      day: isoDay(new Date()),
      world: paperWorld.value,
      size: size.value,
    }
    keep(
      await api.save('/api/papers/estimate-pdf', asked),
      `${job.content.about.name}, ${chosen.value!.name}, estimate.pdf`,
    )
  } catch (e) {
    failed.value = refusal(e)
  }
}
async function accept() {
  failed.value = ''
  signing.value = true
  try {
    await api.post<SignedPaper>(`/api/jobs/${job.id}/papers/estimate`, {
      build: chosen.value!.build,
      by: name.value,
      on: 'this machine',
      day: isoDay(new Date()),
      world: paperWorld.value,
      size: size.value,
    })
    name.value = null
    await loadPapers()
  } catch (e) {
    failed.value = refusal(e)
  } finally {
    signing.value = false
  }
}
</script>

<template>
  <div class="estimate" :class="{ older }" data-estimate>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <p v-if="!result && !problem" class="soft">Adding up…</p>
    <template v-if="result && chosen">
      <section class="beside" aria-label="Builds beside each other">
        <button
          v-for="b in result.builds"
          :key="b.build"
          type="button"
          class="build"
          :aria-pressed="b.build === chosen.build"
          :data-build="b.build"
          @click="job.selected = b.build"
        >
          <h3>{{ b.name }}</h3>
          <p class="total">{{ money(b.total) }}</p>
          <p class="small">
            <template v-if="b.beyondRepair != null">{{ money(b.beyondRepair) }} beyond repair, </template
            >{{ time(b.minutes) }} of hands
          </p>
          <p class="verdict"><VerdictMark :standing="outcome(b.build)" /> {{ standingWord(outcome(b.build)) }}</p>
        </button>
      </section>
      <div class="columns">
        <section>
          <h2>{{ chosen.name }}: parts</h2>
          <ul>
            <li v-for="(p, i) in chosen.parts" :key="i">
              <span
                >{{ say(p.said, unitWorld) }}<span class="small soft">, {{ whatToDo(p.said, unitWorld) }}</span></span
              ><b>{{ p.price == null ? 'by its invoice' : money(p.price) }}</b>
            </li>
            <li v-if="!chosen.parts.length">None.</li>
          </ul>
          <h2>Work</h2>
          <ul>
            <li v-for="l in chosen.labour" :key="l.family" class="family">
              <details>
                <summary>
                  <span>{{ l.family.replaceAll('-', ' ') }}</span><span
                    ><span class="soft">{{ time(l.minutes) }}</span> <b>{{ money(l.price) }}</b></span
                  >
                </summary>
                <p v-for="(t, i) in l.tasks" :key="i" class="task">
                  <span>{{ inText(t.title, unitWorld) }}</span><span class="soft">{{ time(t.minutes) }}</span>
                </p>
              </details>
            </li>
          </ul>
        </section>
        <section>
          <h2>Together</h2>
          <ul class="sum">
            <li>
              <span>Parts</span><b>{{ money(chosen.partsPrice) }}</b>
            </li>
            <li>
              <span>Work, {{ time(chosen.minutes) }} at {{ money(result.rate) }} an hour</span
              ><b>{{ money(chosen.labourPrice) }}</b>
            </li>
            <li>
              <span>Consumables, {{ result.consumablesPercent }} % of the parts</span
              ><b>{{ money(chosen.consumables) }}</b>
            </li>
            <li>
              <span>Before tax</span><b>{{ money(chosen.net) }}</b>
            </li>
            <li>
              <span>Tax, {{ result.taxPercent }} %</span><b>{{ money(chosen.tax) }}</b>
            </li>
            <li class="all">
              <span>Total</span><b>{{ money(chosen.total) }}</b>
            </li>
          </ul>
          <p v-if="chosen.unpriced" class="small soft">
            Without a price on the shelf: {{ chosen.unpriced }}. They come on top, by their invoice.
          </p>
          <h2>What it buys</h2>
          <ul>
            <li v-for="{ key, label, gauge } in shown" :key="key">
              <span><VerdictMark :standing="gauge.standing" /> {{ label }}</span
              ><span
                ><b>{{ format(gauge.limitC - gauge.peakC, 'difference', unitWorld, 1) }}</b> to its limit<template
                  v-if="gauge.bandK !== null"
                >
                  ± {{ format(gauge.bandK, 'difference', unitWorld, 1) }}</template
                ></span
              >
            </li>
          </ul>
          <h2>On paper</h2>
          <div class="paper">
            <ChoiceInput v-model="size" label="Paper" :choices="SHEETS" small class="sheets" />
            <button type="button" class="act" @click="print">Print for the customer</button>
          </div>
          <div class="paper">
            <NameInput v-model="name" label="Accepted by, name typed" :most="80" optional />
            <button
              type="button"
              class="act main"
              :disabled="!name || signing || saving.unsaved()"
              data-accept
              @click="accept"
            >
              Sign and keep
            </button>
          </div>
          <p class="small soft">A signed estimate is kept as it is: later edits of the job do not change it.</p>
          <p v-if="failed" role="alert" class="refused">{{ failed }}</p>
          <ul v-if="papers.length" data-papers>
            <li v-for="p in papers" :key="p.id">
              <span
                >{{ p.title }}, signed by <b>{{ p.signedBy }}</b> on {{ dateOf(new Date(p.signedAt)) }}<br /><span
                  class="small soft hash"
                  >{{ p.hash }}</span
                ></span
              ><a class="act" :href="`/api/papers/${p.id}/pages`" target="_blank" rel="noopener">Open</a>
            </li>
          </ul>
        </section>
      </div>
    </template>
  </div>
</template>

<style scoped>
.estimate {
  display: grid;
  gap: 14px;
}
.older {
  opacity: 0.6;
}
.beside {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(200px, 1fr));
  gap: 10px;
}
.build {
  text-align: left;
  padding: 12px 14px;
  border: 1.5px solid var(--rule);
  border-top: 5px solid var(--rule);
  background: var(--paper);
  color: var(--ink);
  cursor: pointer;
}
.build[aria-pressed='true'] {
  border-color: var(--accent);
}
.total {
  font: 600 38px/1.1 var(--rb-font-head);
}
.verdict svg,
li svg {
  vertical-align: -3px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 16px;
}
.columns > section {
  background: var(--paper);
  padding: 12px 16px;
}
h2 {
  margin: 10px 0 4px;
}
ul {
  list-style: none;
  margin: 0;
  padding: 0;
}
li {
  display: flex;
  justify-content: space-between;
  gap: 14px;
  border-top: 1px solid var(--rule);
  padding: 6px 0;
}
li b {
  white-space: nowrap;
}
details {
  flex: 1;
}
summary,
.task {
  display: flex;
  justify-content: space-between;
  gap: 14px;
}
summary {
  min-height: 32px;
  align-items: center;
  cursor: pointer;
}
summary::before {
  content: '+';
  width: 10px;
  color: var(--accent-ink);
}
summary > span:first-of-type {
  flex: 1;
}
details[open] summary::before {
  content: '–';
}
.task {
  padding-left: 24px;
}
.all {
  border-top: 2px solid var(--ink);
  font: 600 22px/1.2 var(--rb-font-head);
}
.paper {
  display: flex;
  gap: 10px;
  align-items: end;
  margin-bottom: 10px;
}
.sheets {
  flex: 0 0 140px;
}
.paper .named {
  flex: 1;
}
.hash {
  overflow-wrap: anywhere;
}
@media (max-width: 900px) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
