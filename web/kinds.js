// Writes src/shared/api/kinds.json from the API document: field name → quantity, as the table of units spells it.
import { readFileSync, writeFileSync } from 'node:fs'

const kinds = {}
for (const schema of Object.values(JSON.parse(readFileSync('openapi.json', 'utf8')).components.schemas)) {
  for (const [field, { 'x-kind': kind }] of Object.entries(schema.properties ?? {})) {
    if (!kind) continue
    if (kinds[field] && kinds[field] !== kind) throw new Error(`${field} is ${kinds[field]} here and ${kind} there`)
    kinds[field] = kind
  }
}
writeFileSync('src/shared/api/kinds.json', JSON.stringify(kinds, Object.keys(kinds).sort(), 2) + '\n')
