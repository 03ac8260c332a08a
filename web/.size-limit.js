import { readFileSync } from 'node:fs'

const OUT = 'target/classes/static/'
const manifest = JSON.parse(readFileSync(`${OUT}.vite/manifest.json`, 'utf8'))

/** A chunk, its styles, and all that it imports at once. */
function files(entry, seen = new Set()) {
  const chunk = manifest[entry]
  if (!seen.has(chunk.file)) {
    for (const file of [chunk.file, ...(chunk.css ?? [])]) seen.add(file)
    for (const next of chunk.imports ?? []) files(next, seen)
  }
  return seen
}
const screen = (name) => [...files('index.html'), ...files(`src/features/${name}`)].map((f) => OUT + f)

export default [
  { name: 'first screen', path: screen('yard/YardScreen.vue'), limit: '250 kB', gzip: true },
  {
    name: 'a job on its haul',
    path: [...screen('strip/JobFrame.vue'), ...screen('haul/HaulScreen.vue')],
    limit: '300 kB',
    gzip: true,
  },
  {
    name: 'the chart library alone',
    path: [...files('src/features/heat/HeatFlow.vue')]
      .filter((f) => !screen('heat/HeatScreen.vue').includes(OUT + f))
      .map((f) => OUT + f),
    limit: '260 kB',
    gzip: true,
  },
]
