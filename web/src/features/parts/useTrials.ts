import { onScopeDispose, shallowRef, watch } from 'vue'
import { useJob } from '@/job/useJob'
import { api, type ApiProblem } from '@/shared/api/client'
import type { AnyPart, JobContent, Verdict } from '@/shared/api/types'

/** Builds that one question may hold besides the truck as found. */
const AT_ONCE = 11
const RETRY_MS = 2000

/**
 * What each part of a shelf would come to in the build in hand, worked out some at a time; by the part's code. Changed
 * parts or a changed job start again.
 *
 * @param fitted the job with a part in the build in hand
 */
export function useTrials(parts: () => AnyPart[], fitted: ((part: AnyPart) => JobContent) | undefined) {
  const job = useJob()
  const verdicts = shallowRef<Record<string, Verdict>>({})
  let run = 0
  let asking = new AbortController()
  onScopeDispose(() => {
    run++
    asking.abort()
  })

  async function askAll(list: AnyPart[], make: (part: AnyPart) => JobContent) {
    const mine = ++run
    asking.abort()
    asking = new AbortController()
    verdicts.value = {}
    for (let i = 0; i < list.length && mine === run;) {
      const some = list.slice(i, i + AT_ONCE)
      try {
        const answers = await ask(some, make, asking.signal)
        if (mine !== run) return
        verdicts.value = { ...verdicts.value, ...Object.fromEntries(some.map((p, k) => [p.code, answers[k]!])) }
        i += AT_ONCE
      } catch (e) {
        if (mine !== run) return
        if (!(e as ApiProblem).passing) return // the strip says what is wrong with the job
        await new Promise((go) => setTimeout(go, RETRY_MS))
      }
    }
  }

  async function ask(some: AnyPart[], make: (part: AnyPart) => JobContent, signal: AbortSignal): Promise<Verdict[]> {
    const found = job.content.builds[0]!
    const tries = some.map((part, i) => {
      const made = make(part)
      return { ...made.builds.find((b) => b.id === job.selected)!, id: `try-${i}`, kind: 'PLAN' as const, name: `${i}` }
    })
    const content = make(some[0]!)
    const all = await api.post<Verdict[]>('/api/compute/verdicts', { ...content, builds: [found, ...tries] }, signal)
    return all.slice(1)
  }

  if (fitted) watch([parts, () => job.content], () => void askAll(parts(), fitted), { immediate: true })
  return verdicts
}
