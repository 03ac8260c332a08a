import { computed } from 'vue'
import { type JobPath, valueAt } from '@/job/paths'
import { useJob } from '@/job/useJob'
import { say } from '@/shared/message/say'
import { unitWorld } from '@/shared/ui/preferences'

/** The value at a path of the job, writing it as an edit, and what the server says of it. */
export function useField<T>(at: { path: JobPath }) {
  const job = useJob()
  const value = computed({
    get: () => (valueAt(job.content, at.path) as T | null | undefined) ?? null,
    set: (v) => job.edit(at.path, v),
  })
  const error = computed(() => {
    const said = job.fields[at.path]
    return said && say(said, unitWorld.value)
  })
  return { value, error }
}
