import { defineAsyncComponent, defineComponent, h } from 'vue'

const NeedsServer = defineComponent({
  render: () =>
    h('p', { role: 'alert', class: 'needs-server' }, 'This part of the screen was not here yet and needs the server.'),
})

/**
 * A part of a screen that is fetched when it is first shown, or, once the first screen stands, while nothing else is
 * asked for; where neither works it says so.
 */
export function later<T extends object>(load: () => Promise<T>) {
  later.all.push(load)
  return defineAsyncComponent({
    loader: load as () => Promise<never>,
    errorComponent: NeedsServer,
    // Said after a moment; it gives way when the part comes after all.
    timeout: 3000,
    onError: (_, retry, fail, attempts) => (attempts < 20 ? setTimeout(retry, 1500) : fail()),
  })
}
later.all = [] as (() => Promise<unknown>)[]
