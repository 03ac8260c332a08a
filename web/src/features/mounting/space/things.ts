import type { Build, JobContent, NoseHole, NosePort, NoseSolid, SpaceNear, SpaceResult } from '@/shared/api/types'
import { withValue } from '@/job/paths'
import { boxOfPiece, coolerName, fanName, inDepth, moved, otherName, type Piece } from '@/features/heat/pack/geometry'
import { placeAt, section } from '@/features/heat/pack/section'
import { snapped } from '@/features/heat/pack/snap'
import { around, type Axis, type Bounds, grown, type Point } from './views'

/** Something that stands in the nose, as the views draw it and a hand takes it. */
export interface Thing {
  /** `solid/horn`, `piece/cooler-1`, `hole/upper-left`, `port/tank-out`, `hose/hose-1`. */
  key: string
  kind: 'solid' | 'piece' | 'hole' | 'port' | 'hose'
  id: string
  name: string
  bounds: Bounds
  /** Axis of a cylinder. */
  round: Axis | null
  /** Points are what a hand takes; its line, where it has another one, is what is drawn. */
  tube: { radius: number; points: Point[]; line?: Point[] } | null
  /** Drawn by it: what a solid is like, what a piece is. */
  look: string
  /** Ways it can go; none for what stays where it is. */
  free: Axis[]
  /** Put away in the build in hand. */
  gone: boolean
}

/** The shortest way between two things, as the views draw it. */
export interface NearMark {
  key: string
  /** Keys of the things that it is between. */
  of: string[]
  from: Point
  to: Point
  gapMm: number
  state: SpaceNear['state']
}

/** The shortest ways from what a build hangs in the nose. */
export const nearMarks = (near: SpaceNear[]): NearMark[] =>
  near.map((n) => ({
    key: `${n.piece}-${n.solid}`,
    of: [`piece/${n.piece}`, `solid/${n.solid}`],
    from: pointOf(n.from),
    to: pointOf(n.to),
    gapMm: n.gapMm,
    state: n.state,
  }))

const AXES = ['ACROSS', 'UP', 'BACK'] as const
const axisOf = (name: (typeof AXES)[number]) => AXES.indexOf(name) as Axis
/** Drawn half thickness of a bracket, mm. */
const STRIP = 4
/** Drawn size of a hole's mark, mm. */
const HOLE = 16

type NoseBox = NonNullable<NoseSolid['box']>
const boundsOf = (b: NoseBox): Bounds => ({
  low: [b.leftMm, b.bottomMm, b.frontMm],
  high: [b.leftMm + b.widthMm, b.bottomMm + b.heightMm, b.frontMm + b.depthMm],
})

/** A cylinder is as thick as the longer side of its box. */
function roundBounds(b: Bounds, axis: Axis): Bounds {
  const others = ([0, 1, 2] as Axis[]).filter((k) => k !== axis)
  const radius = Math.max(...others.map((k) => b.high[k] - b.low[k])) / 2
  const low: [number, number, number] = [...b.low]
  const high: [number, number, number] = [...b.high]
  for (const k of others) {
    const mid = (b.low[k] + b.high[k]) / 2
    low[k] = mid - radius
    high[k] = mid + radius
  }
  return { low, high }
}

export const pointOf = (p: { acrossMm: number; upMm: number; backMm: number }): Point => [p.acrossMm, p.upMm, p.backMm]

export const tubeBounds = (points: Point[], radius: number): Bounds =>
  grown(around(points.map((p) => ({ low: p, high: p }))), radius)

function solidThing(s: NoseSolid, gone: boolean): Thing {
  const points = s.tube?.points.map(pointOf) ?? []
  const radius = (s.tube?.diameterMm ?? 0) / 2
  const round = s.round ? axisOf(s.round) : null
  const box = s.box && boundsOf(s.box)
  return {
    key: `solid/${s.id}`,
    kind: 'solid',
    id: s.id,
    name: s.name,
    bounds: box ? (round === null ? box : roundBounds(box, round)) : tubeBounds(points, radius),
    round,
    tube: s.tube ? { radius, points } : null,
    look: s.nature,
    free: [0, 1, 2],
    gone,
  }
}

function holeThing(h: NoseHole): Thing {
  const at = pointOf(h)
  return {
    key: `hole/${h.id}`,
    kind: 'hole',
    id: h.id,
    name: h.name,
    bounds: tubeBounds([at], HOLE / 2),
    round: null,
    tube: null,
    look: h.sort,
    free: [0, 1, 2],
    gone: false,
  }
}

function portThing(p: NosePort): Thing {
  const at = pointOf(p)
  return {
    key: `port/${p.id}`,
    kind: 'port',
    id: p.id,
    name: p.name,
    bounds: tubeBounds([at], HOLE / 2),
    round: null,
    tube: null,
    look: p.what,
    free: [0, 1, 2],
    gone: false,
  }
}

/** A bracket or a channel follows its holes: it is not dragged. */
function stripThing(s: SpaceResult['strips'][number], build: Build): Thing {
  const points = s.points.map(pointOf)
  const channel = build.mounting.channels.find((c) => c.id === s.piece)
  const radius = channel ? s.widthMm / 2 : STRIP
  return {
    key: `strip/${s.piece}`,
    kind: 'piece',
    id: s.piece,
    name: (channel ?? build.mounting.brackets.find((b) => b.id === s.piece))?.name ?? '',
    bounds: tubeBounds(points, radius),
    round: null,
    tube: { radius, points },
    look: 'BRACKET',
    free: [],
    gone: false,
  }
}

const PIECE: Record<string, Piece['kind'] | null> = {
  RADIATOR: null,
  CONDENSER: 'condenser',
  CHARGE_AIR_COOLER: 'chargeAirCooler',
  OIL_COOLER: 'coolers',
  OTHER_COOLER: 'otherCoolers',
  FAN: 'fans',
}
type SpacePiece = SpaceResult['pieces'][number]
const pieceOf = (p: SpacePiece): Piece | null => {
  const kind = PIECE[p.kind]
  return kind ? { kind, id: kind === 'condenser' || kind === 'chargeAirCooler' ? '' : p.id } : null
}

function nameOf(p: SpacePiece, build: Build): string {
  const place = (list: { id: string }[]) => list.findIndex((row) => row.id === p.id)
  switch (p.kind) {
    case 'OIL_COOLER':
      return coolerName(place(build.coolers))
    case 'OTHER_COOLER':
      return otherName(build.otherCoolers[place(build.otherCoolers)]!)
    case 'FAN':
      return fanName(place(build.fans))
    default:
      return p.id.replace(/-/g, ' ').replace('charge air', 'charge-air')
  }
}

/** Coolers go in depth as well; the truck's own cores and fans only across and up. */
const freeOf = (p: SpacePiece): Axis[] =>
  p.kind === 'RADIATOR' ? [] : p.kind === 'OIL_COOLER' || p.kind === 'OTHER_COOLER' ? [0, 1, 2] : [0, 1]

/** Everything that stands in the nose of a build. */
export function thingsOf(content: JobContent, build: Build, space: SpaceResult | null): Thing[] {
  const here = (p: SpacePiece) =>
    p.kind === 'OIL_COOLER'
      ? build.coolers.some((c) => c.id === p.id)
      : p.kind === 'OTHER_COOLER'
        ? build.otherCoolers.some((c) => c.id === p.id)
        : p.kind !== 'FAN' || build.fans.some((f) => f.id === p.id)
  return [
    ...content.nose.solids.map((s) => solidThing(s, build.moved.includes(s.id))),
    ...content.nose.holes.map(holeThing),
    ...content.nose.ports.map(portThing),
    ...(space?.strips ?? []).map((s) => stripThing(s, build)),
    ...(space?.pieces ?? []).filter(here).map((p): Thing => ({
      key: `piece/${p.id}`,
      kind: 'piece',
      id: p.id,
      name: nameOf(p, build),
      bounds: boundsOf(p.box),
      round: null,
      tube: null,
      look: p.kind,
      free: freeOf(p),
      gone: false,
    })),
  ]
}

/** The same with a cooler stood where it is only tried, and what would be moved for it gone. */
export const withTried = (things: Thing[], tried: { piece: string; box: NoseBox; moved: string[] }): Thing[] =>
  things
    .filter((t) => t.look !== 'BRACKET')
    .map((t) =>
      t.key === `piece/${tried.piece}`
        ? { ...t, bounds: boundsOf(tried.box) }
        : t.kind === 'solid' && tried.moved.includes(t.id)
          ? { ...t, gone: true }
          : t,
    )

/** The way that a tube is drawn along: with its arcs where they are worked out. */
export const lineOf = (tube: NonNullable<Thing['tube']>) => tube.line ?? tube.points

/** A place without a size. */
export const isSpot = (t: Thing) => t.kind === 'hole' || t.kind === 'port'

/** Where a thing stands along an axis: its lower end, of a hole or a port its middle. */
export const placeOf = (t: Thing, k: Axis) => (isSpot(t) ? (t.bounds.low[k] + t.bounds.high[k]) / 2 : t.bounds.low[k])

const tenth = (v: number) => Math.round(v * 10) / 10

/** The job with a thing stepped along the axes that it is free on. */
export function stepped(
  content: JobContent,
  build: Build,
  space: SpaceResult | null,
  thing: Thing,
  step: Point,
  point: number | null = null,
): JobContent {
  const by = step.map((v, k) => (thing.free.includes(k as Axis) ? v : 0)) as unknown as Point
  if (thing.kind === 'hole') return withHole(content, thing.id, (h) => carried(h, by))
  if (thing.kind === 'port') return withPort(content, thing.id, (p) => carried(p, by))
  if (thing.kind === 'solid')
    return withSolid(content, thing.id, (s) => {
      if (s.tube)
        return {
          ...s,
          tube: {
            ...s.tube,
            points: s.tube.points.map((p, n) => (point === null || point === n ? carried(p, by) : p)),
          },
        }
      const b = s.box!
      return {
        ...s,
        box: {
          ...b,
          leftMm: tenth(b.leftMm + by[0]),
          bottomMm: tenth(b.bottomMm + by[1]),
          frontMm: tenth(b.frontMm + by[2]),
        },
      }
    })
  const row = space?.pieces.find((p) => p.id === thing.id)
  const piece = row && pieceOf(row)
  if (!row || !piece) return content
  // Where it stands in the job: the answer that drew it may be a step behind.
  const box = boxOfPiece(content, build, piece)
  const slab = section(content, build).list.find((s) => s.piece?.kind === piece.kind && s.piece.id === piece.id)
  let next = content
  if (box && (by[0] || by[1])) next = moved(next, build, piece, box.left + by[0], box.bottom + by[1])
  if (slab?.piece && by[2]) {
    next = inDepth(next, build, slab.piece, placeAt(next, build, slab.depth, slab.front + by[2], true))
  }
  return next
}

export const carried = <P extends { acrossMm: number; upMm: number; backMm: number }>(p: P, by: Point): P => ({
  ...p,
  acrossMm: tenth(p.acrossMm + by[0]),
  upMm: tenth(p.upMm + by[1]),
  backMm: tenth(p.backMm + by[2]),
})

export const withSolid = (content: JobContent, id: string, change: (s: NoseSolid) => NoseSolid): JobContent =>
  withValue(
    content,
    'nose.solids',
    content.nose.solids.map((s) => (s.id === id ? change(s) : s)),
  )

const withHole = (content: JobContent, id: string, change: (h: NoseHole) => NoseHole): JobContent =>
  withValue(
    content,
    'nose.holes',
    content.nose.holes.map((h) => (h.id === id ? change(h) : h)),
  )

const withPort = (content: JobContent, id: string, change: (p: NosePort) => NosePort): JobContent =>
  withValue(
    content,
    'nose.ports',
    content.nose.ports.map((p) => (p.id === id ? change(p) : p)),
  )

/** Distance that a snap keeps beside another thing, mm. */
const BESIDE = 10

/** The step that takes a thing to the nearest edge, or the usual gap beside another thing, along some axes. */
export function caught(thing: Thing, step: Point, others: Thing[], axes: Axis[]): Point {
  const to: [number, number, number] = [...step]
  for (const k of axes) {
    const start: number[] = []
    const end: number[] = []
    for (const o of others) {
      // Brackets go where the cooler goes, and a hole is no edge.
      if (o.key === thing.key || o.gone || isSpot(o) || o.kind === 'hose' || o.look === 'BRACKET') continue
      start.push(o.bounds.low[k], o.bounds.high[k] + BESIDE)
      end.push(o.bounds.high[k], o.bounds.low[k] - BESIDE)
    }
    const at = thing.bounds.low[k] + step[k]
    const size = thing.bounds.high[k] - thing.bounds.low[k]
    to[k] = snapped(at, size, { start, end }) - thing.bounds.low[k]
  }
  return to
}
