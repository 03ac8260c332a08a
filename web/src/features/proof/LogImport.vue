<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { refusal } from '@/job/useAsked'
import { api } from '@/shared/api/client'
import type { LogLook, LogPlan, Run } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'
import type { Channel } from './runs'

/** A logger's file: what its columns are, as it looks, to be confirmed once; the next of its shape is known. */
const props = defineProps<{ run: Run }>()
const emit = defineEmits<{ taken: [run: Run] }>()
const HEAD = 65536
const TIMES = [
  ['SECONDS', 'seconds'],
  ['MILLISECONDS', 'milliseconds'],
  ['EPOCH_SECONDS', 'seconds since 1970'],
  ['EPOCH_MILLISECONDS', 'milliseconds since 1970'],
  ['CLOCK', 'hours, minutes, seconds'],
  ['STAMP', 'date and time, year first'],
  ['STAMP_DAY_FIRST', 'date and time, day first'],
  ['STAMP_MONTH_FIRST', 'date and time, month first'],
  ['RATE', 'nowhere: one row after another'],
] as const
const choices = computed((): (readonly [string, string])[] => [
  ['', 'leave out'],
  ...(look.value?.channels ?? []).map((c) => [c.channel, word(`channel.${camel(c.channel)}`)] as const),
])

const files = shallowRef<File[]>([])
const look = shallowRef<LogLook | null>(null)
const plan = shallowRef<LogPlan | null>(null)
const problem = ref('')
const share = ref<number | null>(null)
const taking = ref(0)
const told = (e: unknown) => (problem.value = refusal(e))

async function chose(event: Event) {
  const input = event.target as HTMLInputElement
  const picked = [...(input.files ?? [])]
  input.value = ''
  if (!picked.length) return
  problem.value = ''
  // A GPX says by itself what it is.
  const tracks = picked.filter((f) => f.name.toLowerCase().endsWith('.gpx'))
  for (const file of tracks) {
    try {
      const path = `/api/runs/${props.run.id}/gpx?name=${encodeURIComponent(file.name)}`
      share.value = 0
      emit('taken', await api.upload<Run>(path, file, 'application/gpx+xml', (s) => (share.value = s)))
    } catch (e) {
      told(e)
    } finally {
      share.value = null
    }
  }
  const logs = picked.filter((f) => !tracks.includes(f))
  if (!logs.length) return
  files.value = logs
  try {
    const world = unitWorld.value.toUpperCase()
    look.value = await api.file<LogLook>(`/api/logs/look?world=${world}`, logs[0]!.slice(0, HEAD))
    plan.value = look.value.plan
  } catch (e) {
    told(e)
    files.value = []
  }
}

type Column = LogPlan['columns'][number]
const column = (i: number, change: Partial<Column>) =>
  (plan.value = {
    ...plan.value!,
    columns: plan.value!.columns.map((c, k) => (k === i ? { ...c, guessed: false, ...change } : c)),
  })
const unitsOf = (c: Column) =>
  (look.value?.channels.find((k) => k.channel === c.channel)?.units ?? []).map((u) => [u, u || 'share'] as const)
function channel(i: number, to: string | undefined) {
  const is = (to || null) as Channel | null
  const known = look.value?.channels.find((k) => k.channel === is)
  column(i, { channel: is, unit: known?.units[0] ?? '' })
}
const guessed = computed(() => plan.value?.columns.filter((c) => c.guessed).length ?? 0)
const time = computed({
  get: () => plan.value?.time,
  set: (t) => (plan.value = { ...plan.value!, time: t! }),
})

async function take() {
  problem.value = ''
  try {
    // What is taken in as it stands is confirmed.
    const confirmed = { ...plan.value!, columns: plan.value!.columns.map((c) => ({ ...c, guessed: false })) }
    const { shape } = await api.post<{ shape: string }>('/api/logs/plan', confirmed)
    for (const [i, file] of files.value.entries()) {
      taking.value = i
      share.value = 0
      const path = `/api/runs/${props.run.id}/tracks?name=${encodeURIComponent(file.name)}&shape=${shape}`
      emit('taken', await api.upload<Run>(path, file, 'text/csv', (s) => (share.value = s)))
    }
    files.value = []
    look.value = plan.value = null
  } catch (e) {
    told(e)
  } finally {
    share.value = null
  }
}
</script>

<template>
  <section class="panel take" data-log-import>
    <header>
      <h2>{{ run.tracks.length ? 'One more recording' : 'Its recording' }}</h2>
      <label class="act"
        >Choose a logger’s file<input
          type="file"
          accept=".csv,.txt,.log,.gpx,text/csv,text/plain,application/gpx+xml"
          multiple
          @change="chose"
      /></label>
    </header>
    <p v-if="problem" role="alert" class="refused">{{ problem }}</p>
    <template v-if="look && plan">
      <p>
        <b>{{ files.map((f) => f.name).join(', ') }}</b>:
        <template v-if="look.remembered">read as a file of this logger was before.</template>
        <template v-else-if="guessed">
          {{ guessed }} {{ guessed === 1 ? 'column says' : 'columns say' }} nowhere in what unit they are: look at the
          marked ones.
        </template>
        <template v-else>each column says what it is.</template>
      </p>
      <div class="time">
        <PickInput v-model="time" label="Its time is written as" :choices="TIMES" />
        <span v-if="plan.timeColumns.length" class="soft"
          >in {{ plan.timeColumns.map((i) => plan!.columns[i]?.name).join(' and ') }}:
          {{ look.samples[plan.timeColumns[0]!]?.slice(0, 2).join(', ') }}</span
        >
        <QuantityInput
          v-if="plan.time === 'RATE'"
          :model-value="plan.every ?? null"
          label="A row every"
          quantity="duration"
          @update:model-value="plan = { ...plan!, every: $event }"
        />
      </div>
      <div class="columns">
        <template v-for="(c, i) in plan.columns" :key="i">
          <div v-if="!plan.timeColumns.includes(i)" class="column" :class="{ guessed: c.guessed }">
            <div class="name">
              <b>{{ c.name }}</b>
              <span class="small soft">{{ look.samples[i]?.slice(0, 4).join('  ') }}</span>
            </div>
            <PickInput
              :model-value="c.channel ?? ''"
              :label="`${c.name} is`"
              :choices="choices"
              filterable
              @update:model-value="channel(i, $event)"
            />
            <PickInput
              v-if="unitsOf(c).length > 1"
              :model-value="c.unit"
              :label="c.guessed ? 'in, by its numbers' : 'in'"
              :choices="unitsOf(c)"
              @update:model-value="column(i, { unit: $event ?? '' })"
            />
          </div>
        </template>
      </div>
      <div class="go">
        <button type="button" class="act main" :disabled="share != null" data-take @click="take">Take it in</button>
        <progress v-if="share != null" :value="share" max="1" :aria-label="`Taking in ${files[taking]?.name}`" />
        <span v-if="share != null" class="soft"
          >{{ Math.round(share * 100) }} %<template v-if="files.length > 1">
            of file {{ taking + 1 }} of {{ files.length }}</template
          ></span
        >
      </div>
    </template>
  </section>
</template>

<style scoped>
.take {
  display: grid;
  gap: 10px;
}
header {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 12px;
}
header label {
  position: relative;
  cursor: pointer;
}
header input {
  position: absolute;
  inset: 0;
  opacity: 0;
  width: 100%;
  cursor: pointer;
}
.time {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: end;
}
.columns {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(390px, 1fr));
  gap: 6px 14px;
}
.column {
  display: grid;
  grid-template-columns: minmax(0, 1.2fr) 150px 90px;
  gap: 8px;
  align-items: end;
  border-left: 6px solid var(--rule);
  padding: 4px 0 4px 10px;
}
.column.guessed {
  border-color: var(--marginal);
  background: var(--marginal-wash);
}
.name {
  display: grid;
  min-width: 0;
}
.name b,
.name span {
  overflow: hidden;
  text-overflow: ellipsis;
  white-space: nowrap;
}
.go {
  display: flex;
  gap: 12px;
  align-items: center;
}
progress {
  flex: 1;
  height: 14px;
  accent-color: var(--accent);
}
</style>
