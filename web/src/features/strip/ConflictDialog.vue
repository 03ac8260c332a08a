<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Conflict } from '@/job/saver'
import type { Clash } from '@/job/merge'
import { useDocument } from '@/job/document'
import { useSaving } from '@/job/saving'
import { unitWorld } from '@/shared/ui/preferences'
import { placeName, valueText } from './clashes'

/** Two windows changed one thing: both values side by side, and a person chooses. */
const props = defineProps<{ conflict: Conflict }>()
const saving = useSaving()
const document = useDocument()
const mine = ref<Record<string, boolean>>({})
const clashes = computed<Clash[]>(() => props.conflict.merged.clashes)
const undecided = computed(() => clashes.value.some((c) => !(c.path in mine.value)))
const name = (c: Clash) => placeName(props.conflict.section, c.path, document.content)
const text = (c: Clash, value: unknown) => valueText(c.path, value, unitWorld.value)
</script>

<template>
  <el-dialog
    :model-value="true"
    title="Changed in two places"
    width="640px"
    :show-close="false"
    :close-on-click-modal="false"
    :close-on-press-escape="false"
  >
    <p>Another window changed the same thing while you did. Everything else of both is kept. Which of these?</p>
    <table data-conflict>
      <thead>
        <tr>
          <th scope="col"></th>
          <th scope="col">theirs</th>
          <th scope="col">yours</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="c in clashes" :key="c.path">
          <th scope="row">{{ name(c) }}</th>
          <td>
            <button
              type="button"
              class="act"
              :class="{ main: mine[c.path] === false }"
              :aria-pressed="mine[c.path] === false"
              @click="mine[c.path] = false"
            >
              {{ text(c, c.theirs) }}
            </button>
          </td>
          <td>
            <button
              type="button"
              class="act"
              :class="{ main: mine[c.path] === true }"
              :aria-pressed="mine[c.path] === true"
              @click="mine[c.path] = true"
            >
              {{ text(c, c.mine) }}
            </button>
          </td>
        </tr>
      </tbody>
    </table>
    <template #footer>
      <button
        type="button"
        class="act main"
        :disabled="undecided"
        @click="saving.choose(conflict, (c) => mine[c.path] === true)"
      >
        Keep these
      </button>
    </template>
  </el-dialog>
</template>

<style scoped>
table {
  width: 100%;
  border-collapse: collapse;
  margin-top: 14px;
}
th {
  text-align: left;
  font-weight: 500;
  padding: 6px 10px 6px 0;
}
thead th {
  color: var(--ink-soft);
  font-size: var(--rb-size-1);
}
td {
  padding: 6px 10px 6px 0;
}
td .act {
  width: 100%;
  min-height: 44px;
}
</style>
