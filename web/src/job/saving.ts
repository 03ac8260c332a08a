import { defineStore } from 'pinia'
import { ref, shallowRef, watch } from 'vue'
import type { Job, Said } from '@/shared/api/types'
import { viewer } from '@/shared/ui/account'
import { useDocument } from './document'
import { type Conflict, Saver, type SaveState } from './saver'

/**
 * How the saving of the job in hand stands. Savers of jobs that were left go on until the server has
 * everything.
 */
export const useSaving = defineStore('saving', () => {
  const document = useDocument()
  const state = ref<SaveState>('saved')
  const said = shallowRef<Said[]>([])
  const fields = shallowRef<Record<string, Said>>({})
  const conflict = shallowRef<Conflict | null>(null)
  /** Of the job as the server has it: saves of all its sections together. */
  const version = ref(0)
  const savers = new Map<string, Saver>()
  let saver: Saver | null = null

  function open(job: Job) {
    const left = savers.get(job.id)
    // One that still has edits to send knows more than the server.
    const mine =
      left && left.state !== 'saved' ? left : new Saver(job, { absorbed: () => undefined, changed: () => undefined })
    savers.set(job.id, mine)
    saver = mine
    mine.listen({
      absorbed: (content) => saver === mine && document.absorb(content),
      changed: () => {
        show()
        if (mine.state === 'saved' && saver !== mine) savers.delete(mine.id)
      },
    })
    document.open(job.id, mine.content)
    show()
  }

  function show() {
    if (!saver) return
    state.value = viewer.value && document.content !== saver.content ? 'tried' : saver.state
    said.value = saver.said
    fields.value = saver.fields
    conflict.value = saver.conflicts[0] ?? null
    version.value = saver.version
  }

  watch(
    () => [document.content, document.dragging] as const,
    ([content, dragging]) => {
      if (!saver || !content || dragging || saver.id !== document.jobId || content === saver.content) return
      if (viewer.value) state.value = 'tried'
      else saver.edit(content)
    },
    { flush: 'sync' },
  )

  /** A window that comes to the front shows what others saved while it lay behind. */
  async function refresh() {
    try {
      await saver?.refresh()
    } catch {
      // Said with the next edit, if it lasts.
    }
  }

  /** Anything anywhere that the server has not. */
  const unsaved = () => [...savers.values()].some((s) => s.state !== 'saved')

  return {
    state,
    said,
    fields,
    conflict,
    version,
    open,
    unsaved,
    refresh,
    choose: (c: Conflict, mine: Parameters<Saver['choose']>[1]) => saver?.choose(c, mine),
  }
})
