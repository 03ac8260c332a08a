import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { JobContent } from '@/shared/api/types'
import { merge } from './merge'
import { edited } from './origin'
import { same, withValue, type JobPath } from './paths'

const MOST_UNDO = 200
/** What a stretch is called that no road of the yard is. */
export const OWN_STRETCH = 'own stretch'
const OF_A_ROAD = new Set<string>(['haul.gradePercent', 'haul.speedKmh'])

/** What one edit made of the job. Undone by merging, so that what others changed since stays. */
interface Patch {
  before: JobContent
  after: JobContent
}

/** The job in hand as it is edited here: edits apply at once, and can be taken back. */
export const useDocument = defineStore('document', () => {
  const jobId = ref('')
  const content = shallowRef<JobContent | null>(null)
  const done = shallowRef<Patch[]>([])
  const undone = shallowRef<Patch[]>([])
  /** What is dragged stands here until it is let go: many steps that are one edit. */
  const grabbed = shallowRef<JobContent | null>(null)

  function open(id: string, job: JobContent) {
    jobId.value = id
    done.value = []
    undone.value = []
    grabbed.value = null
    content.value = job
  }

  function close() {
    jobId.value = ''
    content.value = null
  }

  function replace(next: JobContent) {
    const before = content.value
    if (!before || same(before, next)) return
    done.value = [...done.value.slice(1 - MOST_UNDO), { before, after: next }]
    undone.value = []
    content.value = next
  }

  /** Changes one place; a number that is typed over is entered. */
  function edit(path: JobPath, value: unknown) {
    if (!content.value) return
    const next = edited(content.value, path, value)
    // A road whose grade or speed was changed is no road of the yard any more.
    replace(OF_A_ROAD.has(path) ? withValue(next, 'haul.road', OWN_STRETCH) : next)
  }

  function drag(next: JobContent) {
    grabbed.value ??= content.value
    content.value = next
  }

  function drop() {
    const before = grabbed.value
    const after = content.value
    grabbed.value = null
    if (!before || !after) return
    content.value = before
    replace(after)
  }

  function undo() {
    const last = done.value.at(-1)
    if (!last || !content.value) return
    done.value = done.value.slice(0, -1)
    undone.value = [...undone.value, last]
    content.value = merge(last.after, last.before, content.value).value
  }

  function redo() {
    const next = undone.value.at(-1)
    if (!next || !content.value) return
    undone.value = undone.value.slice(0, -1)
    done.value = [...done.value, next]
    content.value = merge(next.before, next.after, content.value).value
  }

  /** Takes in what others saved; it is no edit of this window's. */
  function absorb(next: JobContent) {
    if (!same(content.value, next)) content.value = next
  }

  return {
    jobId,
    content,
    done,
    undone,
    grabbed,
    dragging: computed(() => grabbed.value !== null),
    open,
    close,
    replace,
    edit,
    drag,
    drop,
    undo,
    redo,
    absorb,
  }
})
