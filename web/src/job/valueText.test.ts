import { expect, it } from 'vitest'
import openapi from '../../openapi.json'
import kinds from '@/shared/api/kinds.json'
import units from '../../../words/units.json'
import { valueText } from './valueText'

/** With plain spaces for the narrow and the unbreakable ones. */
const plain = (...of: Parameters<typeof valueText>) => valueText(...of).replace(/[\u202f\u00a0]/g, ' ')

it('says values in the units of their field', () => {
  expect(plain('gradePercent', 6.5, 'metric')).toBe('6.5 %')
  expect(plain('cooling.radiator.widthMm', 508, 'imperial')).toBe('20.00 in')
  expect(plain('ambientC', 38, 'imperial')).toBe('100 °F')
  expect(plain('fans', null, 'metric')).toBe('none')
})

it('knows the kind of every number that the API takes', () => {
  const missing = Object.values(openapi.components.schemas).flatMap((schema) =>
    Object.entries((schema as { properties?: Record<string, object> }).properties ?? {})
      .filter(([, property]) => 'x-kind' in property)
      .filter(
        ([name, property]) => (kinds as Record<string, string>)[name] !== (property as { 'x-kind': string })['x-kind'],
      )
      .map(([name]) => name),
  )
  expect(missing).toEqual([])
  expect(Object.values(kinds).filter((kind) => !(kind in units))).toEqual([])
})
