import { computed, shallowRef } from 'vue'
import { api, type ApiProblem } from '@/shared/api/client'
import type { Catalogue, Said } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

const catalogue = shallowRef<Catalogue | null>(null)
const said = shallowRef<Said[]>([])
const problem = computed(() => said.value.map((s) => say(s, unitWorld.value)).join('; '))

async function load() {
  try {
    catalogue.value = await api.get<Catalogue>('/api/parts')
    said.value = []
  } catch (e) {
    said.value = (e as ApiProblem).said
    if ((e as ApiProblem).passing) window.setTimeout(load, 2000)
  }
}

/** The yard's catalogue, fetched once and again after an import. */
export function useCatalogue() {
  if (!catalogue.value) void load()
  return { catalogue, problem, reload: load }
}
