<script setup lang="ts">
import { newId } from '@/job/paths'
import { useJob } from '@/job/useJob'
import type { WiringPlan } from '@/shared/api/types'
import { camel, word } from '@/shared/message/say'
import NameInput from '@/shared/ui/NameInput.vue'
import PickInput from '@/shared/ui/PickInput.vue'
import QuantityInput from '@/shared/ui/QuantityInput.vue'

/** Things that are there for their wiring alone: a gauge, a warning lamp, a pump. */
const props = defineProps<{ plan: WiringPlan; refused: Record<string, string> }>()
const emit = defineEmits<{ change: [plan: WiringPlan] }>()
const job = useJob()
type Extra = WiringPlan['extras'][number]
const KINDS = ['GAUGE', 'WARNING_LAMP', 'PUMP'] as const
const SENSORS = (['GEARBOX', 'OIL_FEED', 'CYLINDER_HEAD', 'HOSE_ADAPTER', 'RETURN_HOSE', 'IN_FINS'] as const).map(
  (s) => [s, word(`choice.${s}`)] as const,
)
function add(what: Extra['what']) {
  const name = word(`extraDeviceWhat.${camel(what)}`)
  const extra: Extra = {
    id: newId(props.plan.extras, 'extra'),
    what,
    name: what === 'PUMP' ? name : `oil ${name}`,
    sensor: 'GEARBOX',
    onC: 120,
    amps: what === 'PUMP' ? 5 : 0.2,
  }
  emit('change', { ...props.plan, extras: [...props.plan.extras, extra] })
}
const set = (id: string, change: Partial<Extra>) =>
  emit('change', { ...props.plan, extras: props.plan.extras.map((e) => (e.id === id ? { ...e, ...change } : e)) })
const remove = (id: string) =>
  emit('change', {
    ...props.plan,
    extras: props.plan.extras.filter((e) => e.id !== id),
    devices: props.plan.devices.filter((d) => d.id !== id),
  })
const wrong = (id: string, field: string) => props.refused[`builds.${job.selected}.wiring.extras.${id}.${field}`] ?? ''
</script>

<template>
  <section class="extras">
    <h3>Extras</h3>
    <div v-for="e in plan.extras" :key="e.id" class="extra" :data-extra="e.id">
      <NameInput
        :model-value="e.name"
        label="Name"
        :most="40"
        @update:model-value="(name) => set(e.id, { name: name! })"
      />
      <PickInput
        v-if="e.what !== 'PUMP'"
        :model-value="e.sensor"
        label="Feels"
        :choices="SENSORS"
        @update:model-value="(sensor) => set(e.id, { sensor: sensor! })"
      />
      <QuantityInput
        v-if="e.what === 'WARNING_LAMP'"
        :model-value="e.onC"
        label="On at"
        quantity="temperature"
        :error="wrong(e.id, 'onC')"
        @update:model-value="(v: number | null) => v != null && set(e.id, { onC: v })"
      />
      <QuantityInput
        v-if="e.what === 'PUMP'"
        :model-value="e.amps"
        label="Draws"
        quantity="current"
        :error="wrong(e.id, 'amps')"
        @update:model-value="(v: number | null) => v != null && set(e.id, { amps: v })"
      />
      <button type="button" class="act" :aria-label="`Remove ${e.name}`" @click="remove(e.id)">Remove</button>
    </div>
    <div class="add">
      <button v-for="k in KINDS" :key="k" type="button" class="act" @click="add(k)">
        + {{ word(`extraDeviceWhat.${camel(k)}`) }}
      </button>
    </div>
  </section>
</template>

<style scoped>
.extras {
  display: grid;
  gap: 8px;
  border-top: 1px solid var(--rule);
  padding-top: 10px;
}
.extra {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 8px;
  align-items: end;
}
.add {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.act {
  padding: 0 12px;
}
</style>
