/** Minutes of work as a person says them: 40 min, 7 h, 7 h 10 min. */
export function time(minutes: number): string {
  const all = Math.round(minutes)
  const hours = Math.floor(all / 60)
  const rest = all % 60
  return [hours ? `${hours} h` : '', rest || !hours ? `${rest} min` : ''].filter(Boolean).join(' ')
}

const DAY = new Intl.DateTimeFormat('en-GB', { dateStyle: 'long' })

/** A day as the server takes it, by the clock of whoever asks: 2026-11-26. */
export const isoDay = (day: Date): string =>
  [day.getFullYear(), day.getMonth() + 1, day.getDate()].map((n) => String(n).padStart(2, '0')).join('-')

const HOUR = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' })
const MOMENT = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', hour: '2-digit', minute: '2-digit' })

/** A moment of today on the clock: 10:32. */
export const hourOf = (iso: string): string => HOUR.format(new Date(iso))

/** A moment of any day: 26 Nov, 10:32. */
export const momentOf = (iso: string): string => MOMENT.format(new Date(iso))

/** A day as it stands on paper: 26 November 2026. */
export const dateOf = (day: Date): string => DAY.format(day)
