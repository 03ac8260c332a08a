import { readFileSync } from 'node:fs'
import type { JobContent } from '@/shared/api/types'

/** A job that ships with the server, with nulls where its file leaves a place out. */
export function shipped(name: string): JobContent {
  const file = new URL(`../../../server/src/main/resources/${name}.json`, import.meta.url)
  const job = JSON.parse(readFileSync(file, 'utf8')).job as JobContent
  const { cooling } = job.rig.vehicle
  cooling.condenser ??= null
  cooling.chargeAirCooler ??= null
  for (const build of job.builds) build.radiator ??= null
  return job
}
