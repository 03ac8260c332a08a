<script setup lang="ts">
/** A few words, taken when they are left. Where nothing may stand there, an emptied field keeps what it had. */
const props = defineProps<{ label: string; most: number; optional?: boolean; placeholder?: string; error?: string }>()
const value = defineModel<string | null>({ required: true })

function take(event: Event) {
  const input = event.target as HTMLInputElement
  const text = input.value.trim()
  if (text || props.optional) value.value = text || null
  input.value = value.value ?? ''
}
</script>

<template>
  <label class="small soft named"
    >{{ label
    }}<input class="entry" :value="value ?? ''" :maxlength="most" :placeholder="placeholder" @change="take" /><span
      v-if="error"
      class="wrong"
      role="alert"
      >{{ error }}</span
    ></label
  >
</template>

<style scoped>
.named {
  display: flex;
  flex-direction: column;
  gap: 2px;
  min-width: 0;
}
.entry {
  width: 100%;
  min-height: 44px;
}
</style>
