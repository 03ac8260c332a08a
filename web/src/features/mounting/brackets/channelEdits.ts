import type { Bracket, Build } from '@/shared/api/types'
import { newId } from '@/job/paths'

export type Channel = Build['mounting']['channels'][number]
type Tie = NonNullable<Bracket['tie']>

/** What a channel's place for the tab of a corner is called. */
export const tabHole = (channel: string, corner: Tie['corner']): string =>
  `${channel}-${corner.toLowerCase().replace('_', '-')}`

/** True of a bracket that is a tab on a channel. */
export const isTabOn = (channel: string, b: Bracket): boolean =>
  b.tie !== null && b.tie.hole === tabHole(channel, b.tie.corner)

/** One between two holes of the body, of the section that was taken before. */
export function newChannel(channels: Channel[], from: string, to: string): Channel {
  const like = channels.at(-1)
  return {
    id: newId(channels, 'bar'),
    name: `channel ${channels.length + 1}`,
    metal: like?.metal ?? 'STEEL',
    webMm: like?.webMm ?? 30,
    legMm: like?.legMm ?? 20,
    thicknessMm: like?.thicknessMm ?? 2,
    from,
    to,
    legsOut: like?.legsOut ?? true,
    welded: like?.welded ?? false,
  }
}

/** With a channel and the tabs on it, which take the place of what held the same ears. */
export function withTabs(mounting: Build['mounting'], channel: Channel, tabs: Bracket[]): Build['mounting'] {
  const replaced = (b: Bracket) =>
    isTabOn(channel.id, b) ||
    tabs.some((t) => t.id === b.id || (b.tie?.cooler === t.tie?.cooler && b.tie?.corner === t.tie?.corner))
  return {
    ...mounting,
    channels: [...mounting.channels.filter((c) => c.id !== channel.id), channel],
    brackets: [...mounting.brackets.filter((b) => !replaced(b)), ...tabs],
  }
}

/** Without a channel and what was only a tab on it. */
export const withoutChannel = (mounting: Build['mounting'], id: string): Build['mounting'] => ({
  ...mounting,
  channels: mounting.channels.filter((c) => c.id !== id),
  brackets: mounting.brackets.filter((b) => !isTabOn(id, b)),
})
