import { expect, it } from 'vitest'
import { inText } from './inText'

const plain = (s: string) => s.replace(/[\u00a0\u202f]/g, ' ')

it('says the quantities of a text in the reader’s units', () => {
  expect(plain(inText('every {300 mm} and within {100 mm}', 'metric'))).toBe('every 300 mm and within 100 mm')
  expect(plain(inText('every {300 mm}', 'imperial'))).toBe('every 11.81 in')
  expect(plain(inText('differ by {3 K}, pan {30 °C}', 'imperial'))).toBe('differ by 5 °F, pan 86 °F')
})

it('leaves alone what is no quantity', () => {
  expect(inText('sockets 8 mm to 10 mm {so}', 'imperial')).toBe('sockets 8 mm to 10 mm {so}')
})
