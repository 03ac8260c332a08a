<script setup lang="ts">
/** Some sentences, taken when they are left. Where nothing may stand there, an emptied field keeps what it had. */
const props = defineProps<{ label: string; most: number; optional?: boolean; rows?: number; error?: string }>()
const value = defineModel<string | null>({ required: true })

function take(event: Event) {
  const input = event.target as HTMLTextAreaElement
  const text = input.value.trim()
  if (text || props.optional) value.value = text || null
  input.value = value.value ?? ''
}
</script>

<template>
  <label class="small soft sentences"
    >{{ label
    }}<textarea class="entry" :value="value ?? ''" :maxlength="most" :rows="rows ?? 2" @change="take"></textarea>
    <span v-if="error" class="wrong" role="alert">{{ error }}</span></label
  >
</template>

<style scoped>
.sentences {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
.entry {
  width: 100%;
  padding: 8px 10px;
  line-height: 1.35;
  resize: vertical;
}
.wrong {
  color: var(--over-ink);
}
</style>
