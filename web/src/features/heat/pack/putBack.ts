import type { Build, JobContent } from '@/shared/api/types'
import { boxOfPiece, METAL_GAP, moved, obstaclesOf, openingBox, type Piece } from './geometry'
import { apart, type Box } from './snap'

/** Steps of the places tried, mm. */
const STEP = 10

/** What is free of the opening: its sides are metal too. */
const clearOf = (opening: Box): Box => ({
  left: opening.left + METAL_GAP,
  bottom: opening.bottom + METAL_GAP,
  width: opening.width - 2 * METAL_GAP,
  height: opening.height - 2 * METAL_GAP,
})

/** Where a box may stand in the opening, nearest to where it is; a box that is larger stands on the opening's middle. */
export function intoOpening(box: Box, whole: Box): Box {
  const opening = clearOf(whole)
  const within = (at: number, size: number, from: number, room: number) =>
    size > room ? from + (room - size) / 2 : Math.min(Math.max(at, from), from + room - size)
  return {
    ...box,
    left: within(box.left, box.width, opening.left, opening.width),
    bottom: within(box.bottom, box.height, opening.bottom, opening.height),
  }
}

/** The job with a cooler at the nearest place of the opening that clears everything; null where there is none. */
export function putBack(content: JobContent, build: Build, id: string): JobContent | null {
  const piece: Piece | null = build.coolers.some((c) => c.id === id)
    ? { kind: 'coolers', id }
    : build.otherCoolers.some((c) => c.id === id)
      ? { kind: 'otherCoolers', id }
      : null
  const box = piece && boxOfPiece(content, build, piece)
  if (!piece || !box) return null
  const opening = clearOf(openingBox(content.rig.vehicle.cooling))
  if (box.width > opening.width || box.height > opening.height) return null
  const others: Piece[] = [
    ...build.coolers.filter((c) => c.place === 'FRONT').map((c): Piece => ({ kind: 'coolers', id: c.id })),
    ...build.otherCoolers.filter((c) => c.place === 'FRONT').map((c): Piece => ({ kind: 'otherCoolers', id: c.id })),
    ...obstaclesOf(content, build).map((o): Piece => ({ kind: 'obstacles', id: o.id })),
  ].filter((p) => p.id !== id)
  const boxes = others.map((p) => boxOfPiece(content, build, p)!)
  let best: Box | null = null
  let reach = Infinity
  const places = (from: number, room: number, at: number) => {
    const list = [Math.min(Math.max(at, from), from + room)]
    for (let p = from; p < from + room; p += STEP) list.push(p)
    return [...list, from + room]
  }
  for (const left of places(opening.left, opening.width - box.width, box.left))
    for (const bottom of places(opening.bottom, opening.height - box.height, box.bottom)) {
      const there = { ...box, left, bottom }
      const far = Math.hypot(left - box.left, bottom - box.bottom)
      if (far < reach && boxes.every((b) => apart(there, b, METAL_GAP))) {
        best = there
        reach = far
      }
    }
  return best && reach > 0 ? moved(content, build, piece, best.left, best.bottom) : null
}
