import { ref } from 'vue'
import { useJob } from '@/job/useJob'
import { api } from '@/shared/api/client'
import { keep } from '@/shared/ui/keep'
import { unitWorld } from '@/shared/ui/preferences'

/** Drawings to scale of the build in hand, kept as files in the units that are read. */
export function useDrawings() {
  const job = useJob()
  const refused = ref('')
  /**
   * @param more what is drawn of the build, as the server asks for it
   * @param file the name that it is kept by
   */
  async function draw(what: string, more: object, file: string) {
    refused.value = ''
    const world = unitWorld.value === 'metric' ? 'METRIC' : 'IMPERIAL'
    const body = { job: job.content, build: job.selected, world, ...more }
    try {
      keep(await api.save(`/api/drawings/${what}`, body), file)
    } catch {
      refused.value = 'It was not drawn: mend what is said of it first.'
    }
  }
  return { refused, draw }
}
