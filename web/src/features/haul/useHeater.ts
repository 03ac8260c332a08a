import { computed } from 'vue'
import { useJob } from '@/job/useJob'

export const heaters = [
  ['weather', 'by weather'],
  ['on', 'on'],
  ['off', 'off'],
] as const

/** The cab heater as a choice. */
export function useHeater() {
  const job = useJob()
  return computed({
    get: () => (job.content.haul.heater == null ? 'weather' : job.content.haul.heater ? 'on' : 'off'),
    set: (to: (typeof heaters)[number][0]) => job.edit('haul.heater', to === 'weather' ? null : to === 'on'),
  })
}
