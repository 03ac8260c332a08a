import { defineStore } from 'pinia'
import { computed, ref, shallowRef, watch } from 'vue'
import { api, type ApiProblem } from '@/shared/api/client'
import type { Fluid, Said, Standing, TripBand, TripResult } from '@/shared/api/types'
import { asked } from '@/shared/ui/asked'
import { useDocument } from './document'
import { follower } from './follower'
import { useSelection } from './selection'

const RETRY_MS = 2000
/** The worst moment of a temperature on the road; not yet sure while its band is worked out. */
export interface RoadGauge {
  peakC: number
  limitC: number
  headroomK: number
  atS: number
  atKm: number
  /** Null until it was worked out once. */
  bandK: number | null
  standing: Standing | null
  /** The band is that of the build before its last edit. */
  older: boolean
}

/**
 * What every build does on the job's road: at once with every edit, and how sure that is a little later. Nothing is
 * asked where the haul has no road.
 */
export const useDriving = defineStore('driving', () => {
  const document = useDocument()
  const selection = useSelection()
  const trips = shallowRef<TripResult[]>([])
  /** Those before the last edit, or the whole drag. */
  const before = shallowRef<TripResult[]>([])
  const bands = shallowRef<TripBand[]>([])
  const bandsOlder = ref(false)
  const said = shallowRef<Said[]>([])
  /** The moment under the road's cursor, s after the start; null until the road was looked at. */
  const momentS = ref<number | null>(null)
  const older = ref(false)
  let run = 0
  let retry = 0
  let asking = new AbortController()
  const hasRoad = computed(() => !!document.content?.haul.journey)
  /** The road is what is asked about, where there is one. */
  const onRoad = computed(() => hasRoad.value && asked.value === 'road')
  const tripOf = (build: string) => trips.value.find((t) => t.build === build) ?? null
  const trip = computed(() => tripOf(selection.selected))

  function gaugeOf(build: string, fluid: Fluid): RoadGauge | null {
    const peak = tripOf(build)?.[fluid]
    if (!peak) return null
    const band = bands.value.find((b) => b.build === build)?.[fluid]
    // What nine in ten may stand higher: after an edit that of the build before it, until the new one is in.
    const higher = band ? band.nineInTenC - band.peakC : null
    const kept = peak.headroomK >= 0
    return {
      ...peak,
      bandK: band?.bandK ?? null,
      standing: !kept ? 'OVER' : higher === null ? null : peak.headroomK >= higher ? 'HOLDS' : 'MARGINAL',
      older: bandsOlder.value,
    }
  }

  /** The worst of the three; null where it cannot drive there, or is not known yet. */
  function standingOf(build: string): Standing | null {
    const all = (['coolant', 'feed', 'pan'] as const).map((f) => gaugeOf(build, f)?.standing ?? null)
    return all.includes('OVER') ? 'OVER' : all.includes(null) ? null : all.includes('MARGINAL') ? 'MARGINAL' : 'HOLDS'
  }

  async function drive() {
    const job = document.content
    if (!job || document.dragging) return
    const mine = ++run
    clearTimeout(retry)
    asking.abort()
    asking = new AbortController()
    if (!job.haul.journey) {
      trips.value = []
      bands.value = []
      said.value = []
      return
    }
    older.value = trips.value.length > 0
    bandsOlder.value = bands.value.length > 0
    try {
      const all = await api.post<TripResult[]>('/api/compute/hauls', job, asking.signal)
      if (mine !== run) return
      trips.value = all
      older.value = false
      said.value = []
      const sure = await api.post<TripBand[]>('/api/compute/haul-bands', job, asking.signal)
      if (mine !== run) return
      bands.value = sure
      bandsOlder.value = false
    } catch (e) {
      if (mine !== run) return
      const problem = e as ApiProblem
      said.value = problem.said
      if (problem.passing) {
        retry = window.setTimeout(() => void drive(), RETRY_MS)
        return
      }
      // This road cannot be driven: what is known of the one before it is no answer to it.
      trips.value = []
      bands.value = []
      older.value = false
    }
  }

  /** While something is dragged the build in hand alone is driven. */
  const follow = follower(
    async () => {
      const build = selection.selected
      const one = await api.post<TripResult>('/api/compute/haul', { job: document.content, build })
      if (document.dragging) trips.value = trips.value.map((t) => (t.build === build ? one : t))
    },
    () => document.dragging,
  )

  let dragged = false
  watch(
    () => document.jobId,
    () => {
      trips.value = []
      before.value = []
      bands.value = []
      momentS.value = null
      dragged = false
    },
    { flush: 'sync' },
  )
  watch(
    () => [document.content, document.dragging] as const,
    ([content, dragging]) => {
      if (!content) return
      if (!dragged && !older.value) before.value = trips.value
      dragged = dragging
      if (dragging && !content.haul.journey) return
      void (dragging ? follow() : drive())
    },
    { flush: 'sync', immediate: true },
  )

  return { asked, hasRoad, onRoad, trips, before, trip, tripOf, bands, gaugeOf, standingOf, said, older, momentS }
})
