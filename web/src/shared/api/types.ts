import type { components } from './schema'

type S = components['schemas']
export type Job = S['Job']
export type JobContent = S['JobContent']
export type Build = S['Build']
export type CoolerPart = S['CoolerPart']
export type Haul = S['Haul']
export type Road = S['Road']
export type Hose = S['Hose']
export type MountingStrip = S['MountingStrip']
export type FlatStrip = S['Flat']
export type Assessment = S['Assessment']
export type BuildState = S['BuildState']
export type BalanceResult = S['BalanceResult']
export type Gauge = S['Gauge']
export type MapResult = S['MapResult']
export type SwitchResult = S['SwitchResult']
export type LineResult = S['LineResult']
export type Working = S['Working']
export type WorkSheet = S['WorkSheet']
export type Standing = 'HOLDS' | 'MARGINAL' | 'OVER'
export type Quantity = 'coolant' | 'feed' | 'pan'
