import { expect, it } from 'vitest'
import { snap } from './snap'

const opening = { box: { left: 0, bottom: 0, width: 800, height: 500 }, gap: null }
const brace = { box: { left: 380, bottom: 0, width: 40, height: 500 }, gap: 10 }

it('catches on edges and on the standard gap, an axis at a time', () => {
  expect(snap({ left: 5, bottom: 120, width: 280, height: 190 }, [opening])).toMatchObject({ left: 0, bottom: 120 })
  expect(snap({ left: 515, bottom: 304, width: 280, height: 190 }, [opening])).toMatchObject({ left: 520, bottom: 310 })
  expect(snap({ left: 94, bottom: 120, width: 280, height: 190 }, [opening, brace])).toMatchObject({ left: 90 })
  expect(snap({ left: 434, bottom: 120, width: 280, height: 190 }, [opening, brace])).toMatchObject({ left: 430 })
})

it('leaves a box alone that is out of reach', () => {
  expect(snap({ left: 40, bottom: 120, width: 280, height: 190 }, [opening, brace])).toMatchObject({
    left: 40,
    bottom: 120,
  })
})
