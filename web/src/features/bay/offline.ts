import { registerSW } from 'virtual:pwa-register'

let going: Promise<void> | undefined

/** Has the browser keep the pages of the bay, so that they open where no server answers. */
export function goOffline(): Promise<void> {
  going ??= new Promise((ready) => {
    if (import.meta.env.DEV || !('serviceWorker' in navigator)) ready()
    else registerSW({ immediate: true, onRegisteredSW: () => ready(), onRegisterError: () => ready() })
  })
  return going
}
