import { useStorage } from '@vueuse/core'

/** What strip and yard answer: the worst moment on the road, or its worst stretch held until it settles. */
export type Asked = 'road' | 'held'
export const asked = useStorage<Asked>('rb-asked', 'road')
