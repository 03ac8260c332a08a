import { expect, it } from 'vitest'
import openapi from '../../../openapi.json'
import kinds from '@/shared/api/kinds.json'
import units from '../../../../words/units.json'
import { valueText } from './clashes'

it('says values in the units of their field', () => {
  expect(valueText('gradePercent', 6.5, 'metric').replace('\u202f', ' ')).toBe('6.5 %')
  expect(valueText('cooling.radiator.widthMm', 508, 'imperial').replace('\u202f', ' ')).toBe('20.00 in')
  expect(valueText('ambientC', 38, 'imperial').replace('\u202f', ' ')).toBe('100 °F')
  expect(valueText('fans', null, 'metric').replace('\u202f', ' ')).toBe('none')
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
