<script setup lang="ts">
import { useRoute } from 'vue-router'
import { stretches, type Station } from './stations'

/** The work as a road: stretches, each with its stations. Outside a job those inside one stand dimmed. */
const props = defineProps<{ jobId: string | undefined }>()
const route = useRoute()
const to = (s: Station) => ({ name: s.name, params: s.ofJob ? { id: props.jobId } : {} })
</script>

<template>
  <ol class="stretches">
    <li v-for="stretch in stretches" :key="stretch.label">
      <span :id="`stretch-${stretch.label}`" class="stretch">{{ stretch.label }}</span>
      <ol :aria-labelledby="`stretch-${stretch.label}`">
        <li v-for="s in stretch.stations" :key="s.name">
          <router-link
            v-if="!s.ofJob || jobId"
            :to="to(s)"
            class="post"
            :class="{ here: route.name === s.name }"
            :aria-current="route.name === s.name ? 'page' : undefined"
            ><b>{{ s.key.toUpperCase() }}</b
            ><span>{{ s.label }}</span></router-link
          >
          <span v-else class="post off"
            ><b>{{ s.key.toUpperCase() }}</b
            ><span>{{ s.label }}</span></span
          >
        </li>
      </ol>
    </li>
  </ol>
</template>

<style scoped>
ol {
  list-style: none;
  margin: 0;
  padding: 0;
}
.stretches > li {
  display: grid;
  grid-template-columns: 20px minmax(0, 1fr);
  border-top: 1px solid var(--rb-asphalt-700);
  padding: 2px 0;
}
/* painted along the road, as on asphalt */
.stretch {
  writing-mode: vertical-rl;
  transform: rotate(180deg);
  text-align: center;
  font: 600 13px/20px var(--rb-font-head);
  letter-spacing: 0.04em;
  color: #c9c2b2;
  background: var(--rb-asphalt-900);
  white-space: nowrap;
}
.stretches ol {
  position: relative;
}
.stretches ol::before {
  content: '';
  position: absolute;
  left: 19px;
  top: 0;
  bottom: 0;
  border-left: 2px dashed var(--rb-asphalt-500);
}
.post {
  display: flex;
  align-items: center;
  gap: 9px;
  min-height: 44px;
  padding: 0 6px 0 6px;
  color: inherit;
  text-decoration: none;
  font: 600 17px/1 var(--rb-font-head);
  position: relative;
}
@media (pointer: fine) {
  .post {
    min-height: 32px;
  }
}
.post b {
  flex: none;
  width: 28px;
  height: 28px;
  display: grid;
  place-items: center;
  background: var(--rb-asphalt-700);
  color: var(--rb-chalk-50);
  font-weight: 600;
}
.post.here {
  background: var(--ground);
  color: var(--ink);
}
.post.here b {
  background: var(--rb-breeze-600);
}
a.post:hover:not(.here) {
  background: var(--rb-asphalt-800);
}
.post.off {
  color: #8f9799;
  cursor: default;
}
.post.off b {
  background: var(--rb-asphalt-800);
  color: #a4abac;
}
/* a tablet held upright: the road narrows, its posts carry their names below */
@media (max-width: 900px) {
  .stretches > li {
    grid-template-columns: minmax(0, 1fr);
  }
  .stretch {
    writing-mode: horizontal-tb;
    transform: none;
    text-align: left;
    padding-left: 6px;
  }
  .stretches ol::before {
    display: none;
  }
  .post {
    flex-direction: column;
    justify-content: center;
    gap: 2px;
    min-height: 56px;
    padding: 3px 2px;
    text-align: center;
    font-size: 14px;
  }
}
</style>
