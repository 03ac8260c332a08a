<script setup lang="ts">
import { computed, ref } from 'vue'
import type { Conflict } from '@/job/saver'
import type { Clash } from '@/job/merge'
import { useDocument } from '@/job/document'
import { useSaving } from '@/job/saving'
import { unitWorld } from '@/shared/ui/preferences'
import { valueText } from '@/job/valueText'
import { placeName } from './clashes'
import DataTable from '@/shared/ui/DataTable.vue'

/** Two windows changed one thing: both values side by side, and a person chooses. */
const props = defineProps<{ conflict: Conflict }>()
const saving = useSaving()
const document = useDocument()
const COLUMNS = [
  { key: 'path', label: '' },
  { key: 'theirs', label: 'theirs' },
  { key: 'mine', label: 'yours' },
]
const SIDES = [
  ['theirs', false],
  ['mine', true],
] as const
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
    <DataTable
      label="What both changed"
      :columns="COLUMNS"
      :rows="clashes"
      :row-key="(c) => c.path"
      class="clashes"
      data-conflict
    >
      <template #path="{ row }">{{ name(row) }}</template>
      <template v-for="[side, takes] in SIDES" :key="side" #[side]="{ row }">
        <button
          type="button"
          class="act"
          :class="{ main: mine[row.path] === takes }"
          :aria-pressed="mine[row.path] === takes"
          @click="mine[row.path] = takes"
        >
          {{ text(row, row[side]) }}
        </button>
      </template>
    </DataTable>
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
.clashes .act {
  width: 100%;
  min-height: 44px;
}
</style>
