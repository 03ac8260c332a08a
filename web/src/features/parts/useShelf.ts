import { shallowRef, type ShallowRef } from 'vue'
import { api } from '@/shared/api/client'

/** One shelf of the catalogue, only to choose from: what is chosen stands in the job, so a shelf that fails is empty. */
export function useShelf<P>(slug: string): ShallowRef<P[]> {
  const parts = shallowRef<P[]>([])
  void api.get<P[]>(`/api/parts/${slug}`).then(
    (all) => (parts.value = all),
    () => undefined,
  )
  return parts
}
