<script setup lang="ts">
import { computed, ref } from 'vue'
import { useJob } from '@/job/useJob'
import { say, whatToDo } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'
import { format } from '@/shared/units/units'
import PackFront, { type Mode } from './PackFront.vue'
import PackSide from './PackSide.vue'
import { useBalance } from '../shownBalance'
import ChoiceInput from '@/shared/ui/ChoiceInput.vue'

/** The pack in both views, with every distance that is too small and what to do about it. */
const job = useJob()
const balance = useBalance()
const mode = ref<Mode>('reachesRadiatorC')
const fromFan = ref(false)
const modes: [Mode, string][] = [
  ['reachesRadiatorC', 'Air at radiator'],
  ['velocity', 'Air speed'],
  ['heatKw', 'Heat given'],
]
const clearances = computed(() => job.detail?.clearances ?? [])
const air = computed(() => balance.value?.air)
/** What of the fan's own speed it turns with: its clutch's grip, and what wear has left. */
const grip = computed(() => {
  const fan = job.build.fans[0]
  const share = (v: number) => format(v, 'percent', unitWorld.value, 0)
  const clutched = fan?.part.kind === 'VISCOUS' || fan?.part.kind === 'CONTROLLED'
  return [
    clutched ? `, its clutch gripping ${share(100 * (balance.value?.fanEngagement ?? 0))}` : '',
    fan && fan.speedPercent < 100 ? `, turning at ${share(fan.speedPercent)} of its speed` : '',
  ].join('')
})
</script>

<template>
  <section class="panel pack">
    <header>
      <h2>The pack, to scale</h2>
      <button type="button" class="act turn" :aria-pressed="fromFan" @click="fromFan = !fromFan">
        {{ fromFan ? 'from the fan' : 'from the front' }}
      </button>
      <ChoiceInput v-model="mode" label="Cells show" :choices="modes" class="modes" small />
    </header>
    <div class="views">
      <PackFront :mode="mode" :from-fan="fromFan" />
      <PackSide />
    </div>
    <ul v-if="clearances.length" class="clearances" data-clearances>
      <li v-for="c in clearances" :key="c.subject + c.said.code" :class="{ serious: c.serious }">
        <b>{{ say(c.said, unitWorld) }}</b><span>{{ whatToDo(c.said, unitWorld) }}</span>
      </li>
    </ul>
    <p v-else-if="air" class="small soft" data-clearances>
      Everything clears. Drag a part, or pick it and use the arrow keys; Alt frees it from its catches. Places count
      from the radiator’s left and lower edge, seen from the front.
      <template v-if="air.fans[0]"
        >Main fan {{ format(air.fans[0].flow, 'airflow', unitWorld) }} of
        {{ format(air.fans[0].freeFlow, 'airflow', unitWorld) }} in free air{{ grip }}.</template
      >
    </p>
  </section>
</template>

<style scoped>
.pack {
  padding-bottom: 10px;
}
.pack > header {
  align-items: center;
  margin-bottom: 6px;
}
.turn {
  min-height: 44px;
  font-size: 15px;
  padding: 0 10px;
}
.modes {
  margin-left: auto;
}
.views {
  display: grid;
  grid-template-columns: minmax(0, 1.62fr) minmax(0, 1fr);
  align-items: start;
  gap: 8px;
}
.clearances {
  list-style: none;
  margin: 4px 0 0;
  padding: 0;
  display: grid;
  gap: 4px;
}
.clearances li {
  border-left: 6px solid var(--marginal);
  background: var(--marginal-wash);
  padding: 5px 10px;
  display: flex;
  gap: 4px 14px;
  flex-wrap: wrap;
  font-size: 15px;
}
.clearances li.serious {
  border-color: var(--over);
  background: var(--over-wash);
}
</style>
