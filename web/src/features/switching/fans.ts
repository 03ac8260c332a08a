import { coolerName, fanName } from '@/features/heat/pack/geometry'
import type { Build, FittedFan, SwitchPoints } from '@/shared/api/types'

/** A fan of a build as its switch sees it. */
export interface Fan {
  id: string
  name: string
  says: string
  /** Of its switch points, from the job. */
  path: `builds.${string}.fans.${string}.switchPoints` | `builds.${string}.coolers.${string}.ownFanSwitch`
  /** Null where it always runs, or its clutch decides. */
  points: SwitchPoints | null
  /** Only what is fed by wire can be switched: a fan on the belt has its clutch. */
  fed: boolean
  /** In the pack; null for a fan of an oil cooler's own. */
  fan: FittedFan | null
}

/** Fans of the pack, then those of oil coolers' own. */
export function fansOf(build: Build): Fan[] {
  const pack = build.fans.map((fan, i): Fan => {
    const fed = fan.part.kind === 'ELECTRIC'
    return {
      id: fan.id,
      name: fanName(i),
      says: fan.part.name,
      path: `builds.${build.id}.fans.${fan.id}.switchPoints`,
      points: fed ? fan.switchPoints : null,
      fed,
      fan,
    }
  })
  const own = build.coolers.flatMap((c, i): Fan[] =>
    c.ownFanM3s == null
      ? []
      : [
          {
            id: `${c.id}-fan`,
            name: `${coolerName(i)}’s own fan`,
            says: c.part.name,
            path: `builds.${build.id}.coolers.${c.id}.ownFanSwitch`,
            points: c.ownFanSwitch,
            fed: true,
            fan: null,
          },
        ],
  )
  return [...pack, ...own]
}

/** Those that a switch lets run. */
export const switchedFans = (build: Build) =>
  fansOf(build).flatMap((f) => (f.points ? [{ ...f, points: f.points }] : []))
