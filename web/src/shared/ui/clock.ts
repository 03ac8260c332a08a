/** Minutes and seconds, or hours and minutes, of a time in s. */
export function clock(seconds: number): string {
  const s = Math.round(seconds)
  const two = (n: number) => String(n).padStart(2, '0')
  return s < 3600
    ? `${Math.floor(s / 60)}:${two(s % 60)} min`
    : `${Math.floor(s / 3600)}:${two(Math.floor((s % 3600) / 60))} h`
}

/** The time of day, so long after an hour of departure. */
export function clockOf(departureHour: number, seconds: number): string {
  const minutes = Math.round(departureHour * 60 + seconds / 60) % (24 * 60)
  return `${Math.floor(minutes / 60)}:${String(minutes % 60).padStart(2, '0')}`
}
