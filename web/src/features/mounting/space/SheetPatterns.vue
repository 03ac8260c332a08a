<script setup lang="ts">
/** What metal, hot metal, things that turn and cores are filled with in one view. */
defineProps<{ view: string }>()
</script>

<template>
  <defs>
    <pattern :id="`metal-${view}`" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
      <rect width="9" height="9" fill="var(--rule-soft)" />
      <path d="M0 0V9" stroke="var(--metal)" stroke-width="2.4" opacity=".55" />
    </pattern>
    <pattern :id="`moving-${view}`" width="22" height="22" patternUnits="userSpaceOnUse">
      <rect width="22" height="22" fill="var(--paper)" />
      <path d="M2 11l6-6M2 11l6 6M2 11h18" fill="none" stroke="var(--metal)" stroke-width="2" opacity=".6" />
    </pattern>
    <pattern :id="`hot-${view}`" width="14" height="14" patternUnits="userSpaceOnUse">
      <rect width="14" height="14" fill="var(--paper)" />
      <path d="M0 0L14 14M14 0L0 14" stroke="var(--metal)" stroke-width="2" opacity=".6" />
    </pattern>
    <pattern :id="`core-${view}`" width="7" height="7" patternUnits="userSpaceOnUse">
      <rect width="7" height="7" fill="var(--paper)" />
      <path d="M0 0V7" stroke="var(--ink)" stroke-width="1.6" opacity=".28" />
    </pattern>
  </defs>
</template>
