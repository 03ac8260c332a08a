import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import type { JobContent } from '@/shared/api/types'
import { merge } from './merge'
import { same, withValue, type JobPath } from './paths'

const MOST_UNDO = 200

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

  /** Changes one place; a number that is typed over is no longer assumed. */
  function edit(path: JobPath, value: unknown) {
    if (content.value) replace(entered(withValue(content.value, path, value), path))
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

/** Marks of a section stand in it by the path from there. */
export function marksAt(path: string): { marks: JobPath; key: string } | null {
  const [section, ...rest] = path.split('.')
  if (section === 'rig') return { marks: 'rig.marks', key: rest.join('.') }
  if (section === 'builds') return { marks: `builds.${rest[0]}.marks`, key: rest.slice(1).join('.') }
  return null
}

function entered(content: JobContent, path: string): JobContent {
  const at = marksAt(path)
  const holder =
    at && (path.startsWith('rig.') ? content.rig : content.builds.find((b) => path.startsWith(`builds.${b.id}.`)))
  if (!at || holder?.marks[at.key] !== 'DEFAULT') return content
  const { [at.key]: _, ...left } = holder.marks
  return withValue(content, at.marks, left)
}
