/** Hour at which a yard begins; own default. */
const BEGINS = 8

/** A minute of work as day and time on the clock: the first day has no number. */
export function dayClock(minute: number, dayHours: number): string {
  const day = Math.floor(minute / (dayHours * 60))
  const rest = Math.round(minute - day * dayHours * 60)
  const at = BEGINS * 60 + rest
  const clock = `${Math.floor(at / 60) % 24}:${String(at % 60).padStart(2, '0')}`
  return day ? `day ${day + 1}, ${clock}` : clock
}

/** A step's hours: from when to when, over nights too. */
export const fromTo = (start: number, lasts: number, dayHours: number) =>
  `${dayClock(start, dayHours)}–${dayClock(start + lasts, dayHours)}`
