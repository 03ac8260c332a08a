import type { About, Build, Checks, Haul, Job, JobContent, NoseSection, RigSection } from '@/shared/api/types'

/** A job by its sections, as they are saved: `about`, `rig`, `nose`, `haul`, `checks`, `builds/plan-3`. */
export type Body = About | RigSection | NoseSection | Haul | Checks | Build
export type SectionName = 'about' | 'rig' | 'nose' | 'haul' | 'checks' | `builds/${string}`

export interface Saved {
  version: number
  body: Body
}

export const BUILD = 'builds/'
const whole = ['about', 'rig', 'nose', 'haul', 'checks'] as const

export function savedSections(job: Job): Map<SectionName, Saved> {
  const sections = new Map<SectionName, Saved>(whole.map((name) => [name, job[name]]))
  for (const build of job.builds) sections.set(`${BUILD}${build.body.id}`, build)
  return sections
}

export function sectionsOf(content: JobContent): Map<SectionName, Body> {
  const sections = new Map<SectionName, Body>(whole.map((name) => [name, content[name]]))
  for (const build of content.builds) sections.set(`${BUILD}${build.id}`, build)
  return sections
}

export function contentOf(job: Job): JobContent {
  return {
    about: job.about.body,
    rig: job.rig.body,
    nose: job.nose.body,
    haul: job.haul.body,
    checks: job.checks.body,
    builds: job.builds.map((b) => b.body),
  }
}

/** Builds as they are put in order; those that no order names yet stand last. */
export function inOrder(content: JobContent): JobContent {
  const order = content.about.order ?? []
  const place = (b: Build) => (order.includes(b.id) ? order.indexOf(b.id) : order.length)
  return { ...content, builds: [...content.builds].sort((a, b) => place(a) - place(b)) }
}

/** The job with one section as given; null takes a build away. */
export function withSection(content: JobContent, name: SectionName, body: Body | null): JobContent {
  if (!name.startsWith(BUILD)) return inOrder({ ...content, [name]: body })
  const id = name.slice(BUILD.length)
  const there = content.builds.some((b) => b.id === id)
  const builds =
    body === null
      ? content.builds.filter((b) => b.id !== id)
      : there
        ? content.builds.map((b) => (b.id === id ? (body as Build) : b))
        : [...content.builds, body as Build]
  return inOrder({ ...content, builds })
}

/** Path from the job's root to a place of a section. */
export const pathIn = (name: SectionName, path: string): string =>
  [name.replace('/', '.'), path].filter(Boolean).join('.')
