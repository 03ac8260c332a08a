import { newId } from '@/job/paths'
import type { JobContent, NoseHole, NosePort, NoseSolid } from '@/shared/api/types'

type Nose = JobContent['nose']

/** A hole nobody has said more of than where it is. */
export const newHole = (
  nose: Nose,
  given: Pick<NoseHole, 'name' | 'acrossMm' | 'upMm' | 'backMm'> & Partial<NoseHole>,
): NoseHole => ({
  id: newId(nose.holes, 'hole'),
  sort: 'THREADED',
  looks: 'FORWARD',
  thread: 'M8',
  freeMm: 12,
  holds: null,
  plusMinusMm: 3,
  ...given,
})

/** A port nobody has said more of than where it is: a barb for 3/8 inch hose. */
export const newPort = (
  nose: Nose,
  given: Pick<NosePort, 'name' | 'acrossMm' | 'upMm' | 'backMm'> & Partial<NosePort>,
): NosePort => ({
  id: newId(nose.ports, 'port'),
  what: 'FEED_LINE',
  looks: 'BACKWARD',
  fitting: 'BARB',
  boreMm: 9.5,
  rocks: false,
  plusMinusMm: 3,
  ...given,
})

/** A place away from the pack that nobody has measured yet: one under the bed as it often is. */
export const newRemotePlace = (nose: Nose): Nose['remotePlaces'][number] => ({
  id: newId(nose.remotePlaces, 'place'),
  name: `place ${nose.remotePlaces.length + 1}`,
  widthMm: 500,
  heightMm: 350,
  depthMm: 250,
  hoseM: 2.5,
  holes: 0,
  sprayed: false,
  warmerK: 5,
  plusMinusMm: 10,
})

/** A thing nobody has said more of than its shape. */
export const newSolid = (nose: Nose, sort: string, given: Pick<NoseSolid, 'name'> & Partial<NoseSolid>): NoseSolid => ({
  id: newId(nose.solids, sort),
  what: 'OTHER',
  box: null,
  round: null,
  tube: null,
  nature: 'METAL',
  takesAir: false,
  move: null,
  plusMinusMm: 3,
  ...given,
})
