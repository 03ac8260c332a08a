import { ref } from 'vue'
import { useJob } from '@/job/useJob'
import { api, type ApiProblem } from '@/shared/api/client'
import type { Laying } from '@/shared/api/types'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

/** Hoses laid by the server: all of a build that its oil's way wants, or one anew. */
export function useLaying() {
  const job = useJob()
  /** Id of the hose being laid, 'all' for every one, empty while none is. */
  const laying = ref('')
  const failed = ref('')
  /** What stands in the way of hoses that found none, by their ids. */
  const blocked = ref<Laying['blocked']>({})
  async function lay(one: string | null) {
    laying.value = one ?? 'all'
    failed.value = ''
    const before = job.content
    const asked = { job: before, build: job.selected }
    try {
      const answer = await (one
        ? api.post<Laying>('/api/compute/lay-hose', { ...asked, hose: one })
        : api.post<Laying>('/api/compute/lay-hoses', asked))
      // Who has gone on meanwhile keeps what they did: it is laid round that.
      if (job.content !== before) return void (await lay(one))
      blocked.value = answer.blocked
      if (!one || !answer.blocked[one]) job.edit(`builds.${job.selected}.lines.hoses`, answer.hoses)
    } catch (e) {
      failed.value = (e as ApiProblem).said.map((s) => say(s, unitWorld.value)).join('; ')
    } finally {
      laying.value = ''
    }
  }
  return { laying, failed, blocked, lay }
}
