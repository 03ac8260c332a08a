/**
 * The road of the work: stretches with their stations, in order. A station has a letter (after `g`) and a key of its
 * own, the first ten a digit; the screens are loaded when they are first opened.
 */
export interface Station {
  name: string
  label: string
  letter: string
  key: string
  /** Stands inside a job. */
  ofJob: boolean
  load: () => Promise<unknown>
}

export interface Stretch {
  label: string
  stations: Station[]
}

const yard = (key: string, name: string, label: string, letter: string, load: Station['load']): Station => ({
  name,
  label,
  letter,
  key,
  ofJob: false,
  load,
})
const work = (key: string, name: string, label: string, letter: string, load: Station['load']): Station => ({
  name,
  label,
  letter,
  key,
  ofJob: true,
  load,
})

export const stretches: Stretch[] = [
  {
    label: 'Yard',
    stations: [
      yard('0', 'yard', 'Yard', 'y', () => import('@/features/yard/YardScreen.vue')),
      yard('p', 'parts', 'Parts', 'p', () => import('@/features/parts/PartsScreen.vue')),
      yard('n', 'customers', 'Customers', 'n', () => import('@/features/book/CustomersScreen.vue')),
      yard('d', 'due', 'Due', 'd', () => import('@/features/followup/DueScreen.vue')),
      yard('t', 'tasks', 'Tasks', 'i', () => import('@/features/tasks/TasksScreen.vue')),
    ],
  },
  {
    label: 'Take in',
    stations: [
      work('1', 'rig', 'Rig', 'r', () => import('@/features/rig/RigScreen.vue')),
      work('2', 'checks', 'Checks', 'k', () => import('@/features/checks/ChecksScreen.vue')),
    ],
  },
  {
    label: 'Size',
    stations: [
      work('3', 'haul', 'Haul', 'h', () => import('@/features/haul/HaulScreen.vue')),
      work('4', 'heat', 'Heat & air', 'a', () => import('@/features/heat/HeatScreen.vue')),
      work('5', 'finder', 'Find parts', 'f', () => import('@/features/finder/FinderScreen.vue')),
      work('6', 'settle', 'Settle it', 's', () => import('@/features/settle/SettleScreen.vue')),
    ],
  },
  {
    label: 'Plan',
    stations: [
      work('7', 'switching', 'Switch points', 'w', () => import('@/features/switching/SwitchScreen.vue')),
      work('8', 'mounting', 'Mounting', 'm', () => import('@/features/mounting/MountingScreen.vue')),
      work('9', 'lines', 'Lines', 'l', () => import('@/features/lines/LinesScreen.vue')),
      work('w', 'wiring', 'Wiring', 'e', () => import('@/features/wiring/WiringScreen.vue')),
    ],
  },
  {
    label: 'Do',
    stations: [
      work('o', 'order', 'Work order', 'o', () => import('@/features/order/OrderScreen.vue')),
      work('y', 'bay', 'Bay', 'b', () => import('@/features/bay/BayDoor.vue')),
      work('j', 'sheet', 'Work sheet', 't', () => import('@/features/sheet/SheetScreen.vue')),
    ],
  },
  {
    label: 'Prove',
    stations: [
      work('v', 'proof', 'Road proof', 'v', () => import('@/features/proof/ProofScreen.vue')),
      work('c', 'live', 'Live', 'c', () => import('@/features/live/LiveDoor.vue')),
      work('f', 'follow-ups', 'Follow-ups', 'u', () => import('@/features/followup/FollowUpsScreen.vue')),
    ],
  },
]

export const stations: Station[] = stretches.flatMap((s) => s.stations)
export const screens: Station[] = stations.filter((s) => s.ofJob)
