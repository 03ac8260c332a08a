import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, ApiProblem } from '@/shared/api/client'
import type { Assessment, Build, Job, JobContent } from '@/shared/api/types'
import { changes, reapply, withValue } from './changes'

export type SaveState = 'saved' | 'saving' | 'waiting' | 'refused' | 'conflict'

const RETRY_MS = 2000
const SAVE_AFTER_MS = 250
const MOST_UNDO = 200

/**
 * The open job: its content as edited here, what the server last confirmed, and what the core makes
 * of it. Edits apply at once, save themselves, and are kept and retried when nobody answers.
 */
export const useJob = defineStore('job', () => {
  const saved = shallowRef<Job | null>(null)
  const content = shallowRef<JobContent | null>(null)
  const undoStack = shallowRef<JobContent[]>([])
  const redoStack = shallowRef<JobContent[]>([])
  const saveState = ref<SaveState>('saved')
  const message = ref('')
  const fieldErrors = ref<Record<string, string>>({})
  const assessment = shallowRef<Assessment | null>(null)
  const before = shallowRef<Assessment | null>(null)
  const stale = ref(false)
  const conflict = shallowRef<Job | null>(null)
  const selected = ref(0)
  const loadProblem = ref('')
  /** Something is being dragged: only what must follow the hand is worked out. */
  const dragging = ref(false)

  let run = 0
  let saveTimer = 0
  let retryTimer = 0
  let saving: Promise<void> | null = null

  const build = computed<Build | null>(() => content.value?.builds[selected.value] ?? null)
  const state = computed(() => assessment.value?.builds[selected.value] ?? null)

  function take(job: Job) {
    saved.value = job
    content.value = job.content
    undoStack.value = []
    redoStack.value = []
    fieldErrors.value = {}
    conflict.value = null
    saveState.value = 'saved'
    message.value = ''
    before.value = null
    assessment.value = null
    selected.value = job.content.builds.length - 1
    void assess()
  }

  async function load(id: string) {
    clearTimeout(retryTimer)
    if (saved.value?.id === id && saveState.value !== 'conflict') return
    saved.value = null
    content.value = null
    loadProblem.value = ''
    try {
      take(await api.get<Job>(`/api/jobs/${id}`))
    } catch (e) {
      const problem = e as ApiProblem
      loadProblem.value = problem.message
      if (problem.passing) retryTimer = window.setTimeout(() => load(id), RETRY_MS)
    }
  }

  /**
   * Changes one place, `haul.gradePercent` or `builds.2.coolers`. A number that is typed over is no
   * longer assumed.
   *
   * @param origin name of the number among the job's origins, where that is not its path
   */
  function edit(path: string, value: unknown, origin = path) {
    if (!content.value) return
    const next = withValue(content.value, path.split('.'), value)
    const assumed = next.origins.some((o) => o.path === origin && o.kind === 'DEFAULT')
    replace(assumed ? { ...next, origins: next.origins.filter((o) => o.path !== origin) } : next)
  }

  let grabbed: JobContent | null = null

  /** What follows the hand: many steps that are one edit, saved and undone as one. */
  function drag(next: JobContent) {
    if (!content.value) return
    if (!dragging.value) {
      dragging.value = true
      grabbed = content.value
      before.value = stale.value ? before.value : assessment.value
    }
    content.value = next
    void follow()
  }

  function drop() {
    if (!dragging.value || !content.value || !grabbed) return
    dragging.value = false
    const end = content.value
    content.value = grabbed
    replace(end, true) // the strip compares with where the drag began
    grabbed = null
  }

  let following = false
  let behind = false

  /** One answer at a time for the build in hand; the newest place is asked for as soon as one is in. */
  async function follow() {
    if (following) {
      behind = true
      return
    }
    following = true
    do {
      behind = false
      const index = selected.value
      const asked = content.value!
      try {
        const one = await api.post<Assessment>('/api/compute/assessment', { ...asked, builds: [asked.builds[index]] })
        if (dragging.value && assessment.value) {
          assessment.value = { ...assessment.value, builds: assessment.value.builds.map((b, i) => (i === index ? one.builds[0] : b)) }
        }
      } catch {
        behind = false // said by the answer to the edit itself, once it is let go
      }
    } while (behind && dragging.value)
    following = false
  }

  function replace(next: JobContent, keepBefore = false) {
    if (!content.value || changes(content.value, next).length === 0) return
    undoStack.value = [...undoStack.value.slice(-MOST_UNDO), content.value]
    redoStack.value = []
    apply(next, keepBefore)
  }

  function apply(next: JobContent, keepBefore = false) {
    content.value = next
    selected.value = Math.min(selected.value, next.builds.length - 1)
    if (!keepBefore) before.value = stale.value ? before.value : assessment.value
    void assess()
    if (saveState.value !== 'conflict') {
      saveState.value = 'saving'
      clearTimeout(saveTimer)
      saveTimer = window.setTimeout(save, SAVE_AFTER_MS)
    }
  }

  function undo() {
    const last = undoStack.value.at(-1)
    if (!last || !content.value) return
    redoStack.value = [...redoStack.value, content.value]
    undoStack.value = undoStack.value.slice(0, -1)
    apply(last)
  }

  function redo() {
    const next = redoStack.value.at(-1)
    if (!next || !content.value) return
    undoStack.value = [...undoStack.value, content.value]
    redoStack.value = redoStack.value.slice(0, -1)
    apply(next)
  }

  let assessing = new AbortController()

  async function assess() {
    const mine = ++run
    assessing.abort()
    assessing = new AbortController()
    try {
      const result = await api.post<Assessment>('/api/compute/assessment', content.value, assessing.signal)
      if (mine !== run) return
      assessment.value = result
      stale.value = false
      fieldErrors.value = {}
    } catch (e) {
      if (mine !== run) return
      stale.value = true
      note(e as ApiProblem)
    }
  }

  function note(problem: ApiProblem) {
    fieldErrors.value = problem.fields
    message.value = problem.message
    if (problem.passing) {
      clearTimeout(retryTimer)
      retryTimer = window.setTimeout(() => void assess(), RETRY_MS)
    }
  }

  async function save() {
    clearTimeout(saveTimer)
    if (saving) {
      await saving
    }
    if (!saved.value || !content.value || saveState.value === 'conflict') return
    if (content.value === saved.value.content) {
      saveState.value = 'saved'
      return
    }
    saving = send().finally(() => (saving = null))
    await saving
  }

  /** The server has what was sent; what was edited since goes next. */
  function confirmed(job: Job, sent: JobContent) {
    if (saved.value?.id !== job.id) return // another job has been opened meanwhile
    saved.value = { ...job, content: sent }
    if (content.value === sent) {
      saveState.value = 'saved'
      message.value = ''
    } else {
      saveTimer = window.setTimeout(save, SAVE_AFTER_MS)
    }
  }

  async function send() {
    const sent = content.value!
    const base = saved.value!
    try {
      const job = await api.put<Job>(`/api/jobs/${base.id}`, { version: base.version, content: sent })
      confirmed(job, sent)
    } catch (e) {
      const problem = e as ApiProblem
      if (problem.status === 409) {
        const theirs = (problem.current as Job | undefined) ?? (await api.get<Job>(`/api/jobs/${base.id}`))
        if (changes(theirs.content, sent).length === 0) {
          // An earlier try of this very save went through and only its answer was lost.
          confirmed(theirs, sent)
        } else {
          saveState.value = 'conflict'
          conflict.value = theirs
        }
      } else if (problem.passing) {
        saveState.value = 'waiting'
        message.value = problem.message
        saveTimer = window.setTimeout(save, RETRY_MS)
      } else {
        saveState.value = 'refused'
        note(problem)
      }
    }
  }

  /** After a conflict: theirs as it is, or theirs with my changes laid over it. */
  function settle(keepMine: boolean) {
    const theirs = conflict.value
    const base = saved.value
    const mine = content.value
    if (!theirs || !base || !mine) return
    take(theirs)
    if (keepMine) replace(reapply(base.content, mine, theirs.content))
  }

  return {
    saved, content, build, state, assessment, before, stale, saveState, message, fieldErrors, conflict, selected,
    loadProblem, dragging, undoStack, redoStack, load, take, edit, drag, drop, replace, undo, redo, save, settle,
  }
})
