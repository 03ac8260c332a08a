<script setup lang="ts">
import { useDriving } from '@/job/driving'
import { useAskedField } from '@/job/fields/fieldPlace'
import RoadView from './RoadView.vue'
import WorstStretch from './WorstStretch.vue'

/** The haul: the road from end to end, or its worst stretch held until temperatures settle. */
const driving = useDriving()
useAskedField()
</script>

<template>
  <RoadView v-if="driving.onRoad" />
  <WorstStretch v-else />
</template>
