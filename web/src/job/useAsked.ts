import { ref } from 'vue'
import { useJob } from '@/job/useJob'
import { api, type ApiProblem } from '@/shared/api/client'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

/** What the server refused, in words. */
export const refusal = (e: unknown): string => (e as ApiProblem).said.map((s) => say(s, unitWorld.value)).join('; ')

/** A change of the job that the server works out when it is asked, as against what follows every edit. */
export function useAsked() {
  const job = useJob()
  const working = ref(false)
  const failed = ref('')
  /** Who has gone on meanwhile keeps what they did: it is asked again of that. */
  async function ask<T>(path: string, more: object, take: (answer: T) => void) {
    working.value = true
    failed.value = ''
    try {
      for (;;) {
        const before = job.content
        const answer = await api.post<T>(path, { job: before, build: job.selected, ...more })
        if (job.content === before) return void take(answer)
      }
    } catch (e) {
      failed.value = refusal(e)
    } finally {
      working.value = false
    }
  }
  return { working, failed, ask }
}
