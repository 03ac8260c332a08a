import { ref, shallowRef } from 'vue'
import { api, type ApiProblem } from '@/shared/api/client'
import type { Catalogue } from '@/shared/api/types'

const catalogue = shallowRef<Catalogue | null>(null)
const problem = ref('')

async function load() {
  try {
    catalogue.value = await api.get<Catalogue>('/api/parts')
    problem.value = ''
  } catch (e) {
    problem.value = (e as ApiProblem).message
    if ((e as ApiProblem).passing) window.setTimeout(load, 2000)
  }
}

/** The yard's catalogue, fetched once and again after an import. */
export function useCatalogue() {
  if (!catalogue.value) void load()
  return { catalogue, problem, reload: load }
}
