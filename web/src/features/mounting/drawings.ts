import { ref } from 'vue'
import { useJob } from '@/job/useJob'
import { api } from '@/shared/api/client'
import { keep } from '@/shared/ui/keep'
import { paperWorld } from '@/shared/ui/preferences'

/** Drawings to scale, kept as files in the units that are read. */
export function useDrawings() {
  const job = useJob()
  const refused = ref('')
  /**
   * @param what the server draws
   * @param of what it draws that of
   * @param file the name that it is kept by
   */
  async function draw(what: string, of: object, file: string) {
    refused.value = ''
    const world = paperWorld.value
    try {
      keep(await api.save(`/api/drawings/${what}`, { world, ...of }), file)
    } catch {
      refused.value = 'It was not drawn: mend what is said of it first.'
    }
  }
  /** The same of the build in hand. */
  const drawBuild = (what: string, more: object, file: string) =>
    draw(what, { job: job.content, build: job.selected, ...more }, file)
  return { refused, draw, drawBuild }
}
