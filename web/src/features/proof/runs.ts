import type { Run, RunTrack } from '@/shared/api/types'
import type { QuantityName } from '@/shared/units/units'

export type TrackColumn = RunTrack['body']['columns'][number]
export type Channel = TrackColumn['channel']

/** Channels that are drawn over each other, from the top down. */
export interface Panel {
  label: string
  kind: QuantityName
  channels: Channel[]
}

export const PANELS: Panel[] = [
  {
    label: 'Temperatures',
    kind: 'temperature',
    channels: ['COOLANT', 'PAN', 'OIL_FEED', 'OIL_RETURN', 'AMBIENT', 'INTAKE_AIR'],
  },
  { label: 'Exhaust gas', kind: 'temperature', channels: ['EXHAUST'] },
  { label: 'Speed', kind: 'speed', channels: ['SPEED'] },
  { label: 'Engine speed', kind: 'rpm', channels: ['RPM'] },
  { label: 'Load and fan', kind: 'percent', channels: ['ENGINE_LOAD', 'THROTTLE', 'FAN', 'AIR_CONDITIONING'] },
  { label: 'Height', kind: 'altitude', channels: ['ALTITUDE'] },
  { label: 'Pressures', kind: 'pressure', channels: ['BOOST', 'BAROMETER'] },
  { label: 'Voltage', kind: 'voltage', channels: ['VOLTAGE'] },
]

/** Since the run began, s. */
export const endOf = (run: Run) => Math.max(1, ...run.tracks.map((t) => t.offsetS + t.seconds))
export const beginOf = (run: Run) => Math.min(0, ...run.tracks.map((t) => t.offsetS))

const TIME_STEPS = [1, 2, 5, 10, 30, 60, 120, 300, 600, 1800, 3600, 7200, 21600, 86400]
export const timeStep = (span: number, about: number): number =>
  TIME_STEPS.find((s) => s >= span / about) ?? Math.ceil(span / about / 86400) * 86400

/** Round times from one to another, for an axis. */
export function timeTicks(from: number, to: number): number[] {
  const by = timeStep(to - from, 8)
  const all: number[] = []
  for (let t = Math.ceil(from / by) * by; t <= to; t += by) all.push(t)
  return all
}

/** A number of rows, in threes. */
export const count = (n: number) => new Intl.NumberFormat('en').format(n)

/** Seconds as `1:02:03`. */
export function clock(seconds: number): string {
  const s = Math.round(Math.abs(seconds))
  const two = (n: number) => String(n).padStart(2, '0')
  const hours = Math.floor(s / 3600)
  return `${seconds < 0 ? '−' : ''}${hours ? `${hours}:` : ''}${hours ? two(Math.floor(s / 60) % 60) : Math.floor(s / 60)}:${two(s % 60)}`
}

/** Stretches without a hole: over what was not recorded there is no line. */
export function unbroken(
  t: readonly number[],
  values: readonly (number | null)[],
  gaps: readonly { from: number; to: number }[] = [],
): [number, number][] {
  const stretches: [number, number][] = []
  const steps = t.slice(1).map((at, i) => at - t[i]!)
  const usual = steps.sort((a, b) => a - b)[Math.floor(steps.length / 2)] ?? 1
  let from = -1
  for (let i = 0; i < t.length; i++) {
    const there = values[i] != null
    const step = i > 0 ? t[i]! - t[i - 1]! : 0
    const hole = gaps.some((g) => g.from < t[i]! && g.to > t[i - 1]! && g.to - g.from > step / 2)
    const near = i > 0 && step < 6 * usual && !hole
    if (from >= 0 && (!there || !near)) {
      stretches.push([from, i - 1])
      from = -1
    }
    if (there && from < 0) from = i
  }
  if (from >= 0) stretches.push([from, t.length - 1])
  return stretches
}
