/** Prints one card of a screen and nothing beside it. */
export function printOnly(card: HTMLElement) {
  const left: Element[] = []
  for (let inner = card; inner.parentElement && inner !== document.body; inner = inner.parentElement)
    for (const beside of inner.parentElement.children)
      if (beside !== inner) {
        beside.setAttribute('data-left-out', '')
        left.push(beside)
      }
  window.addEventListener('afterprint', () => left.forEach((e) => e.removeAttribute('data-left-out')), { once: true })
  window.print()
}
