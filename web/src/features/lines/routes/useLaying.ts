import { ref } from 'vue'
import { useAsked } from '@/job/useAsked'
import { useJob } from '@/job/useJob'
import type { Laying } from '@/shared/api/types'

/** Hoses laid by the server: all of a build that its oil's way wants, or one anew. */
export function useLaying() {
  const job = useJob()
  const { failed, ask } = useAsked()
  /** Id of the hose being laid, 'all' for every one, empty while none is. */
  const laying = ref('')
  /** What stands in the way of hoses that found none, by their ids. */
  const blocked = ref<Laying['blocked']>({})
  async function lay(one: string | null) {
    laying.value = one ?? 'all'
    const take = (answer: Laying) => {
      blocked.value = answer.blocked
      if (!one || !answer.blocked[one]) job.edit(`builds.${job.selected}.lines.hoses`, answer.hoses)
    }
    await (one ? ask('/api/compute/lay-hose', { hose: one }, take) : ask('/api/compute/lay-hoses', {}, take))
    laying.value = ''
  }
  return { laying, failed, blocked, lay }
}
