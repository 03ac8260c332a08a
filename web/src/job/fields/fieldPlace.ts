import { nextTick, watch } from 'vue'
import { useRoute } from 'vue-router'

const PLACES: [RegExp, string][] = [
  [/^haul\./, 'haul'],
  [/^rig\.foundLines|^builds\.[^.]+\.lines/, 'lines'],
  [/^nose\.|^builds\.[^.]+\.mounting/, 'mounting'],
  [/^builds\.[^.]+\.(thermostat|fans\.[^.]+\.switchPoints|coolers\.[^.]+\.ownFanSwitch)/, 'switching'],
  [/^rig\.traverses|^builds\./, 'heat'],
  [/^rig\.|^about\./, 'rig'],
]

/** The station where a number of the job is entered. */
export const stationOf = (path: string): string => PLACES.find(([at]) => at.test(path))?.[1] ?? 'rig'

/**
 * Goes to the number that was asked for by `?at=`, once the screen stands.
 *
 * @param open shows the part of the screen that holds it
 */
export function useAskedField(open: (path: string) => void = () => undefined) {
  const route = useRoute()
  watch(
    () => route.query.at,
    async (at) => {
      if (typeof at !== 'string') return
      open(at)
      await nextTick()
      // What a tab or a station brings with it is there a moment later.
      window.setTimeout(() => {
        const field = document.querySelector<HTMLElement>(`[data-path="${CSS.escape(at)}"] input`)
        field?.focus()
        field?.scrollIntoView({ block: 'center' })
      }, 120)
    },
    { immediate: true },
  )
}
