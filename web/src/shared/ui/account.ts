import { computed, ref } from 'vue'
import { api, signedOut } from '@/shared/api/client'
import type { WhoIAm } from '@/shared/api/types'

/** Who is signed in; null until the server has said it. */
export const me = ref<WhoIAm | null>(null)

export async function askWho(): Promise<void> {
  me.value = await api.get<WhoIAm>('/api/account')
}
signedOut.add(() => {
  if (me.value?.name) me.value = { ...me.value, name: null, role: null, device: null }
  else if (!me.value) void askWho().catch(() => undefined)
})

/** Somebody has to sign in before anything is shown. Where no server answers, what is on the device goes on. */
export const shut = computed(() => !!me.value?.locked && !me.value.name)
/** Looks on: what such a one changes is tried, and not kept. */
export const viewer = computed(() => !!me.value?.locked && me.value.role === 'VIEWER')
export const owner = computed(() => !me.value?.locked || me.value.role === 'OWNER')
