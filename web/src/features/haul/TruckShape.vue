<script setup lang="ts">
import { computed } from 'vue'
import { useJob } from '@/job/useJob'

/** The kind of truck taken in, from the side, its front wheel at 112 and its rear wheel at −2 on the road. */
const job = useJob()
const body = computed(() => {
  const { kind, name } = job.content.rig.vehicle
  if (kind === 'PLOUGH_PICKUP') return 'plough'
  if (kind !== 'MEDIUM_DIESEL') return 'utility'
  // One kind of truck carries several bodies; only the drawing asks which.
  return /bucket|boom|platform/i.test(name) ? 'bucket' : 'tray'
})
</script>

<template>
  <g :data-body="body">
    <template v-if="body === 'utility' || body === 'plough'">
      <path d="M-26 -18H60V-34H-26zM60 -18V-66H94L112 -42H138V-18z" fill="var(--metal)" />
      <path d="M68 -60H91L105 -42H68z" fill="var(--paper)" />
    </template>
    <template v-else>
      <path d="M76 -18V-78H124L138 -46V-18z" fill="var(--metal)" />
      <path d="M84 -71H119L128 -48H84z" fill="var(--paper)" />
      <path d="M-34 -18H76V-28H-34z" fill="var(--metal)" />
    </template>
    <path v-if="body === 'plough'" d="M138 -22h10m0 -26q-8 18 4 40" fill="none" stroke="var(--ink)" stroke-width="5" />
    <template v-if="body === 'tray'">
      <path d="M-44 -30L70 -38" stroke="var(--ink)" stroke-width="5" />
      <path
        d="M-30 -33V-52H-6L6 -66H38L50 -50V-37z"
        fill="var(--rb-amber-100)"
        stroke="var(--ink)"
        stroke-width="1.5"
      />
      <circle cx="-14" cy="-36" r="6" fill="var(--ink)" />
      <circle cx="36" cy="-40" r="6" fill="var(--ink)" />
    </template>
    <template v-if="body === 'bucket'">
      <path d="M-34 -28H64V-44H-34z" fill="var(--metal)" />
      <path d="M14 -44V-60L-34 -74L96 -92" fill="none" stroke="var(--ink)" stroke-width="5" />
      <path d="M94 -106h18v16H94z" fill="var(--rb-amber-100)" stroke="var(--ink)" stroke-width="1.5" />
    </template>
    <circle cx="-2" cy="-12" r="13" fill="var(--ink)" />
    <circle cx="112" cy="-12" r="13" fill="var(--ink)" />
  </g>
</template>
