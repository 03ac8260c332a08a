<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'

/** Where to hold the tape: truck and trailer from the side, or the pack from the front and in section, drawn from the numbers. */
const props = defineProps<{ stage: number; focus: string; letters: { id: string; letter: string }[] }>()
const job = useJob()
const c = computed(() => job.content.rig.vehicle.cooling)
const lit = (path: string) => props.focus.startsWith(path)
const mm = (v: number) => format(v, 'size', unitWorld.value)
const kg = (v: number) => format(v, 'mass', unitWorld.value)
const S = 0.3
/** A size drawn; what cannot be is refused at its field and drawn as nothing. */
const size = (v: number, scale = S) => Math.max(0, v) * scale
const left = 60
const base = 196
const radiator = computed(() => ({
  x: left + 30,
  y: base - size(c.value.radiator.heightMm),
  w: size(c.value.radiator.widthMm),
  h: size(c.value.radiator.heightMm),
}))
const opening = computed(() => {
  const w = size(c.value.openingWidthMm)
  const h = size(c.value.openingHeightMm)
  const r = radiator.value
  return { x: r.x + (r.w - w) / 2, y: r.y + (r.h - h) / 2, w, h }
})
const section = computed(() => {
  const D = 0.9
  let x = 380
  const list: { name: string; path: string; x: number; w: number; h: number }[] = []
  const grille = x
  x += c.value.openingDepthMm * D
  if (c.value.condenser) {
    list.push({
      name: 'condenser',
      path: 'rig.vehicle.cooling.condenser',
      x,
      w: size(c.value.condenser.depthMm, D),
      h: size(c.value.condenser.heightMm),
    })
    x += c.value.condenser.depthMm * D + c.value.coreGapMm * D
  }
  const core = x
  list.push({
    name: 'radiator',
    path: 'rig.vehicle.cooling.radiator',
    x,
    w: size(c.value.radiator.depthMm, D),
    h: size(c.value.radiator.heightMm),
  })
  x += c.value.radiator.depthMm * D
  return { list, grille, front: grille + c.value.openingDepthMm * D, core, back: x, fan: x + c.value.fanToCoreMm * D }
})

/** Where each measure is taken, by its id. */
const places = computed<Record<string, [number, number]>>(() => {
  const r = radiator.value
  const o = opening.value
  const x = section.value
  const at = (field: string) => `rig.vehicle.${field}`
  const condenser = c.value.condenser
  const cx = r.x + (condenser?.leftMm ?? 0) * S
  const cy = base - ((condenser?.bottomMm ?? 0) + (condenser?.heightMm ?? 0)) * S
  const cw = size(condenser?.widthMm ?? 0)
  const ch = size(condenser?.heightMm ?? 0)
  const slab = x.list.find((s) => s.name === 'condenser')
  return {
    [at('massKg')]: [420, 108],
    'rig.trailer.massKg': [155, 104],
    [at('rollingCoefficient')]: [215, 204],
    [at('dragAreaM2')]: [612, 122],
    'rig.ratings.combinedKg': [275, 134],
    'rig.ratings.grossKg': [362, 108],
    'rig.ratings.towKg': [92, 104],
    'rig.ratings.hitchKg': [275, 176],
    'rig.ratings.frontAxleKg': [546, 146],
    'rig.ratings.rearAxleKg': [346, 146],
    'rig.ratings.emptyKg': [478, 104],
    'rig.ratings.onHitchKg': [250, 176],
    'rig.ratings.onFrontAxleKg': [546, 206],
    'rig.ratings.onRearAxleKg': [346, 206],
    [at('engine.displacementLitres')]: [566, 138],
    [at('engine.accessoryKw')]: [592, 106],
    [at('engine.airConditioningKw')]: [482, 66],
    [at('gearbox.axleRatio')]: [346, 206],
    [at('gearbox.tyreRadiusM')]: [546, 206],
    [at('gearbox.oilFlowLpm')]: [524, 176],
    [at('gearbox.inTankWattsPerKelvin')]: [604, 150],
    [at('gearbox.caseWattsPerKelvin')]: [470, 176],
    [at('gearbox.stallTorqueNm')]: [498, 150],
    [at('cooling.radiator.widthMm')]: [r.x + r.w / 2, base + 14],
    [at('cooling.radiator.heightMm')]: [r.x - 16, r.y + r.h / 2],
    [at('cooling.radiator.depthMm')]: [x.back + 14, base + 12],
    [at('cooling.radiator.finsPerInch')]: [r.x + r.w * 0.72, r.y + r.h * 0.62],
    [at('cooling.condenser.widthMm')]: [cx + cw / 2, cy],
    [at('cooling.condenser.heightMm')]: [cx + cw, cy + ch / 2],
    [at('cooling.condenser.depthMm')]: slab ? [slab.x + slab.w / 2, base - slab.h - 14] : [x.front, base - 140],
    [at('engine.condenserKw')]: [cx + cw * 0.3, cy + ch * 0.4],
    [at('cooling.capKpa')]: [r.x + r.w, r.y],
    [at('cooling.glycolShare')]: [r.x + r.w, r.y + r.h * 0.72],
    [at('cooling.pumpKgsAt4000')]: [x.fan + 44, base - 20],
    [at('cooling.openingWidthMm')]: [o.x + 20, o.y],
    [at('cooling.openingHeightMm')]: [o.x + o.w + 16, o.y + o.h / 2],
    [at('cooling.openingDepthMm')]: [x.grille - 14, base + 12],
    [at('cooling.coreGapMm')]: [x.core - 6, base - 176],
    [at('cooling.fanToCoreMm')]: [(x.back + x.fan) / 2 + 4, base - 16],
    [at('cooling.tipGapMm')]: [x.fan + 22, base - 132],
    fan: [x.fan + 34, base - 64],
    [at('cooling.ramCoefficient')]: [x.grille - 22, base - 70],
  }
})
const badges = computed(() =>
  props.letters.flatMap(({ id, letter }) => {
    const at = places.value[id]
    return at ? [{ id, letter, x: Math.min(626, Math.max(14, at[0])), y: Math.min(216, Math.max(14, at[1])) }] : []
  }),
)
</script>

<template>
  <svg viewBox="0 0 640 230" role="img" aria-label="Where to measure" class="where">
    <g v-if="stage < 2">
      <path d="M10 190H630" stroke="var(--ink)" stroke-width="4" />
      <g :class="{ lit: lit('rig.trailer.massKg') }">
        <rect x="60" y="92" width="190" height="70" class="shape" />
        <circle cx="140" cy="172" r="18" class="wheel" />
        <circle cx="182" cy="172" r="18" class="wheel" />
        <text x="155" y="134" text-anchor="middle" class="head big">{{ kg(job.content.rig.trailer.massKg) }}</text>
      </g>
      <path d="M250 158H300" stroke="var(--ink)" stroke-width="5" />
      <g :class="{ lit: lit('rig.vehicle.massKg') }">
        <path d="M300 120H430L446 82H512L548 122H590V162H300z" class="shape" />
        <circle cx="346" cy="168" r="22" class="wheel" />
        <circle cx="546" cy="168" r="22" class="wheel" />
        <text x="420" y="150" text-anchor="middle" class="head big">{{ kg(job.content.rig.vehicle.massKg) }}</text>
      </g>
      <g :class="{ lit: lit('rig.vehicle.gearbox.tyre') }">
        <path d="M546 168V190" class="dim" />
        <text x="564" y="212" class="note">
          {{ format(job.content.rig.vehicle.gearbox.tyreRadiusM, 'radius', unitWorld) }}
        </text>
      </g>
      <g :class="{ lit: lit('rig.vehicle.dragAreaM2') }">
        <path d="M612 82V162m-6 -80h12m-12 80h12" class="dim" />
        <text x="606" y="72" text-anchor="middle" class="note">
          {{ format(job.content.rig.vehicle.dragAreaM2, 'area', unitWorld) }}
        </text>
      </g>
    </g>
    <g v-else>
      <g :class="{ lit: lit('rig.vehicle.cooling.opening') }">
        <rect :x="opening.x" :y="opening.y" :width="opening.w" :height="opening.h" class="dash" />
        <text v-if="stage === 3" :x="opening.x + opening.w / 2" :y="opening.y - 6" text-anchor="middle" class="note">
          {{ mm(c.openingWidthMm) }} × {{ mm(c.openingHeightMm) }}
        </text>
      </g>
      <g :class="{ lit: lit('rig.vehicle.cooling.radiator') }">
        <rect :x="radiator.x" :y="radiator.y" :width="radiator.w" :height="radiator.h" class="shape" />
        <text :x="radiator.x + radiator.w / 2" :y="radiator.y + radiator.h - 10" text-anchor="middle" class="head big">
          {{ mm(c.radiator.widthMm) }} × {{ mm(c.radiator.heightMm) }}
        </text>
      </g>
      <g v-if="c.condenser" :class="{ lit: lit('rig.vehicle.cooling.condenser') }">
        <rect
          :x="radiator.x + c.condenser.leftMm * S"
          :y="base - (c.condenser.bottomMm + c.condenser.heightMm) * S"
          :width="size(c.condenser.widthMm)"
          :height="size(c.condenser.heightMm)"
          class="dots"
        />
      </g>
      <g v-for="s in section.list" :key="s.name" :class="{ lit: lit(s.path) }">
        <rect :x="s.x" :y="base - s.h" :width="s.w" :height="s.h" class="solid" />
      </g>
      <path :d="`M${section.grille} ${base - 130}V${base}`" class="dash" />
      <g :class="{ lit: lit('rig.vehicle.cooling.openingDepth') }">
        <path
          :d="`M${section.grille} ${base + 12}H${section.front}m0-6v12M${section.grille} ${base + 6}v12`"
          class="dim"
        />
        <text :x="(section.grille + section.front) / 2" :y="base + 30" text-anchor="middle" class="note">
          {{ mm(c.openingDepthMm) }}
        </text>
      </g>
      <g :class="{ lit: lit('rig.vehicle.cooling.radiator.depth') }">
        <path :d="`M${section.core} ${base + 12}H${section.back}m0-6v12M${section.core} ${base + 6}v12`" class="dim" />
        <text :x="(section.core + section.back) / 2" :y="base + 30" text-anchor="middle" class="note">
          {{ mm(c.radiator.depthMm) }}
        </text>
      </g>
      <g :class="{ lit: lit('rig.vehicle.cooling.fanToCore') || lit('fan') || lit('rig.vehicle.cooling.tipGap') }">
        <path :d="`M${section.fan} ${base - 128}q20 64 0 128`" class="fan" />
        <text :x="632" :y="base - 172" text-anchor="end" class="note">{{ mm(c.fanToCoreMm) }} to the fan</text>
      </g>
    </g>
    <g v-for="b in badges" :key="b.id" class="badge" :class="{ now: focus === b.id }" data-letter>
      <circle :cx="b.x" :cy="b.y" r="11" />
      <text :x="b.x" :y="b.y + 5" text-anchor="middle" class="head">{{ b.letter }}</text>
    </g>
  </svg>
</template>

<style scoped>
.where {
  width: 100%;
  max-height: 232px;
  display: block;
  background: var(--accent-wash);
}
.shape {
  fill: var(--paper);
  stroke: var(--ink);
  stroke-width: 2.5;
}
.solid {
  fill: var(--metal);
  stroke: var(--metal);
  stroke-width: 2.5;
}
.wheel {
  fill: var(--ink);
}
.dash {
  fill: none;
  stroke: var(--ink-soft);
  stroke-width: 2;
  stroke-dasharray: 8 5;
}
.dots {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 2 4;
}
.dim {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2;
}
.fan {
  fill: none;
  stroke: var(--ink);
  stroke-width: 4;
}
.badge circle {
  fill: var(--paper);
  stroke: var(--accent-ink);
  stroke-width: 1.5;
}
.badge text {
  font-size: 15px;
  fill: var(--accent-ink);
}
.badge.now circle {
  fill: var(--accent);
  stroke: var(--ink);
  stroke-width: 3;
}
.badge.now text {
  fill: #fff;
}
.big {
  font-size: 20px;
}
.note {
  font-size: 15px;
}
.lit .shape,
.lit .dash,
.lit .dots,
.lit .dim,
.lit .fan,
.lit .solid {
  stroke: var(--accent);
  stroke-width: 5;
}
</style>
