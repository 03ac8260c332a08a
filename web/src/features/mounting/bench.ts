import { ref } from 'vue'

/** The bench of the mounting screen that a person works at; kept while they look elsewhere. */
export const bench = ref<'space' | 'photo' | 'brackets' | 'fan' | 'radiator'>('space')
