import { defineStore } from 'pinia'
import { computed, ref, shallowRef } from 'vue'
import { api, type ApiProblem } from '@/shared/api/client'
import type { Build, Job, JobContent, Said } from '@/shared/api/types'
import { outcomeOf, type Outcome } from '@/shared/ui/words'
import { useAssessing } from './assessing'
import { useDocument } from './document'
import { useDriving } from './driving'
import { useSaving } from './saving'
import { newId } from './paths'
import { useSelection } from './selection'

const RETRY_MS = 2000

/** Opening jobs. Of two loads that cross, the later wins. */
export const useOpening = defineStore('opening', () => {
  const document = useDocument()
  const saving = useSaving()
  const problem = shallowRef<Said[]>([])
  const wanted = ref('')
  /** Asking again would not help: it was removed, or never was. */
  const gone = ref(false)
  let retry = 0

  async function load(id: string) {
    clearTimeout(retry)
    wanted.value = id
    if (document.jobId === id && document.content) return
    document.close()
    problem.value = []
    gone.value = false
    try {
      const job = await api.get<Job>(`/api/jobs/${id}`)
      if (wanted.value === id) saving.open(job)
    } catch (e) {
      if (wanted.value !== id) return
      const refused = e as ApiProblem
      problem.value = refused.said
      gone.value = !refused.passing
      if (refused.passing) retry = window.setTimeout(() => void load(id), RETRY_MS)
    }
  }

  return { problem, gone, load }
})

/**
 * The open job as screens inside the job's frame see it: there is one. Five stores behind it: the
 * document, its saving, its assessment, the road it drives, and the build in hand.
 */
export function useJob() {
  const document = useDocument()
  const selection = useSelection()
  const assessing = useAssessing()
  const driving = useDriving()
  const saving = useSaving()
  const fields = computed(() => ({ ...saving.fields, ...assessing.fields }))
  return {
    get id(): string {
      return document.jobId
    },
    get content(): JobContent {
      return document.content!
    },
    get build(): Build {
      return selection.build!
    },
    get selected(): string {
      return selection.selected
    },
    set selected(id: string) {
      selection.selected = id
    },
    get dragging() {
      return document.dragging
    },
    get verdicts() {
      return assessing.verdicts
    },
    get verdict() {
      return assessing.verdict
    },
    get detail() {
      return assessing.detail
    },
    get before() {
      return assessing.before
    },
    get stale() {
      return assessing.stale
    },
    get fields() {
      return fields.value
    },
    verdictOf: assessing.verdictOf,
    /** What a build comes to: on the road, or its worst stretch held, whichever is asked. */
    outcome(build: string): Outcome {
      const verdict = assessing.verdictOf(build)
      return outcomeOf(verdict && driving.onRoad ? { ...verdict, standing: driving.standingOf(build) } : verdict)
    },
    edit: document.edit,
    replace: document.replace,
    drag: document.drag,
    drop: document.drop,
    /** No room for another build. */
    get full(): boolean {
      return document.content!.builds.length >= MOST_BUILDS
    },
    /** A copy of a build as the next plan, put in hand. */
    addPlan(from: Build) {
      const { builds } = document.content!
      const plan: Build = { ...from, id: newId(builds, 'plan'), kind: 'PLAN', name: nextPlanName(builds) }
      document.replace({ ...document.content!, builds: [...builds, plan] })
      selection.selected = plan.id
    },
    /** One place earlier or later in the row of builds. */
    move(build: Build, by: -1 | 1) {
      const builds = [...document.content!.builds]
      const at = builds.findIndex((b) => b.id === build.id)
      if (at + by < 0 || at + by >= builds.length) return
      builds.splice(at, 1)
      builds.splice(at + by, 0, build)
      const about = { ...document.content!.about, order: builds.map((b) => b.id) }
      document.replace({ ...document.content!, about, builds })
    },
    /** Undo brings it back; the last one stays. */
    remove(build: Build) {
      const builds = document.content!.builds.filter((b) => b.id !== build.id)
      if (builds.length) document.replace({ ...document.content!, builds })
    },
  }
}

const MOST_BUILDS = 12

/** The first of Plan A, Plan B, … that no build is called. */
export function nextPlanName(builds: Build[]): string {
  const taken = new Set(builds.map((b) => b.name))
  for (let i = 0; ; i++) {
    const name = `Plan ${String.fromCharCode(65 + (i % 26))}${i >= 26 ? Math.floor(i / 26) + 1 : ''}`
    if (!taken.has(name)) return name
  }
}
