import type {
  DeviceWiring,
  WiredDevice,
  WiringFound,
  WiringPlan,
  WiringSituation,
  WiringState,
  WiringStanding,
} from '@/shared/api/types'

/** Edits of how a build is wired: what nobody has chosen is no row of it, and is proposed. */

/** The plan with one thing wired otherwise. */
export function wiredOtherwise(plan: WiringPlan, device: WiredDevice, change: Partial<DeviceWiring>): WiringPlan {
  const there = plan.devices.find((d) => d.id === device.name.id)
  // What was chosen a moment ago is not in the server's answer yet.
  const row = { ...(there ?? device.wiring), ...change }
  return {
    ...plan,
    devices: there ? plan.devices.map((d) => (d.id === row.id ? row : d)) : [...plan.devices, row],
  }
}

type WireChoice = WiringPlan['wires'][number]

/** The plan with a wire chosen otherwise; a row that chooses nothing goes. */
export function wireOtherwise(plan: WiringPlan, id: string, change: Partial<WireChoice>): WiringPlan {
  const before = plan.wires.find((w) => w.id === id) ?? {
    id,
    areaMm2: null,
    lengthM: null,
    surround: null,
    colour: null,
  }
  const row = { ...before, ...change }
  const others = plan.wires.filter((w) => w.id !== id)
  const chosen = row.areaMm2 != null || row.lengthM != null || row.surround != null || row.colour != null
  return { ...plan, wires: chosen ? [...others, row] : others }
}

/** The plan with a fuse of another rating; none takes the proposed one again. */
export function guardOtherwise(plan: WiringPlan, id: string, amps: number | null): WiringPlan {
  const others = plan.guards.filter((g) => g.id !== id)
  return { ...plan, guards: amps == null ? others : [...others, { id, amps }] }
}

export const KEYS = ['OFF', 'ON', 'RUNNING', 'HOT_IDLE'] as const
export type Key = (typeof KEYS)[number]

/** How a situation of the truth table is told from others by its temperatures. */
export interface Warmth {
  coolantC: number
  oilC: number
}

/** Temperatures of a truth table, coldest first. */
export function warmths(states: readonly WiringState[]): Warmth[] {
  const all: Warmth[] = []
  for (const { situation: s } of states)
    if (!all.some((w) => w.coolantC === s.coolantC && w.oilC === s.oilC))
      all.push({ coolantC: s.coolantC, oilC: s.oilC })
  return all
}

/** The state of a table in which the same contacts are closed as in a situation of any temperature. */
export function stateLike(states: readonly WiringState[], at: WiringSituation): WiringState | undefined {
  const below = (temperatures: number[], t: number) =>
    Math.max(...temperatures.filter((v) => v <= t), Math.min(...temperatures))
  const coolant = below([...new Set(states.map((s) => s.situation.coolantC))], at.coolantC)
  const oil = below([...new Set(states.map((s) => s.situation.oilC))], at.oilC)
  return states.find(
    ({ situation: s }) =>
      s.key === at.key &&
      s.coolantC === coolant &&
      s.oilC === oil &&
      (s.airConditioning === at.airConditioning || !states.some((o) => o.situation.airConditioning)) &&
      (s.driver === at.driver || !states.some((o) => o.situation.driver)),
  )
}

/** What was found is known by what it says. */
export const foundKey = (f: WiringFound): string => f.said.code + JSON.stringify(f.said.values)

/** Less current than this is none, A. */
const NOTHING = 0.01

/** Current goes through a wire or part. */
export const flows = (standing: WiringStanding, id: string) => Math.abs(standing.amps[id] ?? 0) > NOTHING

/** A terminal has volts, whether current goes there or not. */
export const live = (standing: WiringStanding, node: string) => Math.abs(standing.volts[node] ?? 0) > 1
