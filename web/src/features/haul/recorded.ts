import { shallowRef } from 'vue'
import type { RoadPoint, RoadReading } from '@/shared/api/types'

/** A road as it was recorded, for as long as the points that were made of it are looked at. */
export const recorded = shallowRef<{ of: RoadPoint[]; raw: RoadReading['raw'] } | null>(null)
