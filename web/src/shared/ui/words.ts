import type { Build, Standing } from '@/shared/api/types'

/**
 * What a build comes to: over a rating of the truck's makers nothing else counts, and what cannot be built has no
 * standing, whatever its numbers say.
 */
export type Outcome = Standing | 'RATING' | 'CLASH' | null
interface Judged {
  standing: Standing | null
  overRatings: unknown[]
  clashes: unknown[]
}
export const outcomeOf = (of: Judged | null | undefined): Outcome =>
  of?.overRatings.length ? 'RATING' : of?.clashes.length ? 'CLASH' : (of?.standing ?? null)

export const standingWord = (standing: Outcome | undefined): string =>
  standing === 'RATING'
    ? 'over its rating'
    : standing === 'CLASH'
      ? 'not buildable'
      : standing === 'HOLDS'
        ? 'holds'
        : standing === 'MARGINAL'
          ? 'marginal'
          : standing === 'OVER'
            ? 'over its limit'
            : 'no steady state'

/** 1st, 2nd, 3rd, 4th … of gears: no truck has eleven that are named so. */
export const ordinal = (n: number): string => `${n}${['th', 'st', 'nd', 'rd'][n] ?? 'th'}`

type Flagged = Pick<Build, 'id' | 'kind'>
/** One letter per build, as flown on the strip: found, restored, then the plans. */
export function flag(build: Flagged, builds: Flagged[]): string {
  if (build.kind === 'AS_FOUND') return 'F'
  if (build.kind === 'RESTORED') return 'R'
  const plans = builds.filter((b) => b.kind === 'PLAN')
  return String.fromCharCode(
    65 +
      Math.max(
        0,
        plans.findIndex((b) => b.id === build.id),
      ),
  )
}
