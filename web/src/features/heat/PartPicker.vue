<script setup lang="ts">
import { computed, ref, shallowRef } from 'vue'
import { api, ApiProblem } from '@/shared/api/client'
import type { CoolerPart } from '@/shared/api/types'
import { useJob } from '@/job/store'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

const emit = defineEmits<{ close: []; fit: [CoolerPart] }>()
const job = useJob()
const parts = shallowRef<CoolerPart[]>([])
const problem = ref('')
const family = ref<CoolerPart['family'] | 'ALL'>('ALL')
const families = [
  { value: 'ALL', label: 'All' },
  { value: 'TUBE_AND_FIN', label: 'Tube-and-fin' },
  { value: 'PLATE_FIN', label: 'Plate-fin' },
  { value: 'STACKED_PLATE', label: 'Stacked plate' },
] as const
api.get<CoolerPart[]>('/api/parts/oil-coolers').then((p) => (parts.value = p)).catch((e: ApiProblem) => (problem.value = e.message))

const shown = computed(() => parts.value.filter((p) => family.value === 'ALL' || p.family === family.value))
function fits(p: CoolerPart): string {
  const c = job.content!.vehicle.cooling
  const b = job.build!
  const left = c.radiator.leftMm + (c.radiator.widthMm - c.openingWidthMm) / 2
  const bottom = c.radiator.bottomMm + (c.radiator.heightMm - c.openingHeightMm) / 2
  if (p.depthMm > c.openingDepthMm) return 'too deep'
  if (p.widthMm > c.openingWidthMm || p.heightMm > c.openingHeightMm) return 'too large'
  const here = b.coolerLeftMm >= left && b.coolerBottomMm >= bottom && b.coolerLeftMm + p.widthMm <= left + c.openingWidthMm && b.coolerBottomMm + p.heightMm <= bottom + c.openingHeightMm
  return here ? 'fits here' : 'fits elsewhere'
}
</script>

<template>
  <el-drawer :model-value="true" title="Oil coolers" size="min(720px, 94vw)" append-to-body @close="emit('close')">
    <div class="families" role="radiogroup" aria-label="Family">
      <button v-for="f in families" :key="f.value" type="button" role="radio" :aria-checked="family === f.value" @click="family = f.value">{{ f.label }}</button>
    </div>
    <p v-if="problem" role="alert">{{ problem }}</p>
    <ul>
      <li v-for="p in shown" :key="p.code">
        <svg viewBox="0 0 500 350" aria-hidden="true">
          <rect x="2" :y="348 - p.heightMm" :width="p.widthMm" :height="p.heightMm" fill="var(--accent-wash)" stroke="var(--accent-ink)" stroke-width="6" />
        </svg>
        <div>
          <h3>{{ p.name }}</h3>
          <p class="small soft">{{ format(p.widthMm, 'size', unitWorld) }} × {{ format(p.heightMm, 'size', unitWorld) }} × {{ format(p.depthMm, 'size', unitWorld) }} · {{ p.ports }} · {{ p.passes === 1 ? 'one pass' : p.passes + ' passes' }}</p>
        </div>
        <span class="fit" :class="{ no: fits(p).startsWith('too') }">{{ fits(p) }}</span>
        <button type="button" class="act" :disabled="fits(p).startsWith('too')" :aria-label="`Fit ${p.name}`" @click="emit('fit', p)">Fit</button>
      </li>
    </ul>
  </el-drawer>
</template>

<style scoped>
.families { display: flex; gap: 6px; flex-wrap: wrap; margin-bottom: 8px; }
.families button { min-height: 40px; padding: 0 14px; border: 1.5px solid var(--rule); background: transparent; color: inherit; font: 600 16px/1 var(--rb-font-head); cursor: pointer; }
.families button[aria-checked='true'] { background: var(--ink); color: var(--paper); border-color: var(--ink); }
ul { list-style: none; margin: 0; padding: 0; }
li { display: grid; grid-template-columns: 78px 1fr auto auto; gap: 14px; align-items: center; padding: 8px 0; border-top: 1px solid var(--rule-soft); }
li svg { width: 78px; }
.fit { font: 600 15px/1 var(--rb-font-head); color: var(--holds-ink); }
.fit.no { color: var(--over-ink); }
</style>
