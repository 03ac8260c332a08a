import { describe, expect, it } from 'vitest'
import { fitted, LONGEST, MOST, shrink } from './shrink'

describe('photographs', () => {
  it('are made as small as they need be, and never larger', () => {
    expect(fitted(4000, 3000)).toEqual({ width: LONGEST, height: 1536 })
    expect(fitted(900, 4096)).toEqual({ width: 450, height: LONGEST })
    expect(fitted(640, 480)).toEqual({ width: 640, height: 480 })
    expect(fitted(20000, 1)).toEqual({ width: LONGEST, height: 1 })
  })
  it('that cannot be taken are told in words', async () => {
    const large = new File([new Uint8Array(MOST + 1)], 'tray.jpg', { type: 'image/jpeg' })
    expect(await shrink(large)).toMatchObject({ ok: false, why: expect.stringContaining('may have 10 MB') as string })
    const text = new File(['no picture'], 'note.txt', { type: 'text/plain' })
    expect(await shrink(text)).toMatchObject({
      ok: false,
      why: expect.stringContaining('no JPEG, PNG or WebP') as string,
    })
    const lie = new File(['no picture'], 'tray.png', { type: 'image/png' })
    expect(await shrink(lie)).toMatchObject({ ok: false, why: expect.stringContaining('cannot be read') as string })
  })
})
