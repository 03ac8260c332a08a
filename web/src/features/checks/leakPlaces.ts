/** Places of the coolant's loop that weep, in the order of the numbers of `LEAKS_AT`; x and y on the drawing. */
export const LEAK_PLACES = [
  { name: 'cap and neck', x: 101, y: 30 },
  { name: 'bottle and its hose', x: 191, y: 31 },
  { name: 'upper hose', x: 222, y: 68 },
  { name: 'radiator tanks', x: 62, y: 92 },
  { name: 'radiator core', x: 101, y: 152 },
  { name: 'lower hose', x: 194, y: 224 },
  { name: 'coolant pump', x: 266, y: 214 },
  { name: 'engine’s joints and plugs', x: 347, y: 112 },
  { name: 'heater hoses', x: 438, y: 110 },
  { name: 'heater core', x: 489, y: 111 },
] as const

/** Those of a reading, by name. */
export const leaksOf = (marks: (number | null)[]) => LEAK_PLACES.filter((_, i) => marks[i]).map((p) => p.name)
