import type { components } from './schema'

type S = components['schemas']
export type Said = S['Said']
export type JobCard = S['JobCard']
export type Waiting = S['Waiting']
export type SaidValue = S['Value']
export type Job = S['Job']
export type JobContent = S['JobContent']
export type About = S['About']
export type RigSection = S['RigSection']
export type Build = S['Build']
export type Mark = RigSection['marks'][string]
export type CoolerPart = S['CoolerPart']
export type Haul = S['Haul']
export type Road = S['Road']
export type Hose = S['Hose']
export type MountingStrip = S['MountingStrip']
export type FlatStrip = S['Flat']
export type Verdict = S['Verdict']
export type Detail = S['Detail']
export type Gauge = S['Gauge']
export type MapResult = S['MapResult']
export type SwitchResult = S['SwitchResult']
export type LineResult = S['LineResult']
export type Working = S['Working']
export type WorkSheet = S['WorkSheet']
export type Standing = 'HOLDS' | 'MARGINAL' | 'OVER'
export type Fluid = 'coolant' | 'feed' | 'pan'
export type FittedCooler = S['FittedCooler']
export type FittedOther = S['FittedOther']
export type FittedFan = S['FittedFan']
export type FanPart = S['FanPart']
export type RadiatorPart = S['RadiatorPart']
export type Obstacle = S['Obstacle']
export type AirTraverse = S['AirTraverse']
export type Catalogue = S['Catalogue']
export type Shelf = S['Shelf']
/** One part of any shelf, by its columns. */
export type ShelfPart = Record<string, unknown>
export type PartColumn = S['Column']
export type FanReport = S['FanReport']
export type TraverseReport = S['TraverseReport']
export type RatingResult = S['RatingResult']
export type FinderState = S['FinderState']
export type FinderRequest = S['FinderRequest']
export type Against = S['Against']
export type FromCooler = S['FromCooler']
export type Yard = S['Yard']
export type FinderPick = S['Pick']
export type Dispute = S['SettledDispute']
export type IntakeStart = S['Start']
export type PartImport = S['Import']
export type MapAxes = S['MapRequest']['axes']
export type ThermostatPart = S['ThermostatPart']
export type CapPart = S['CapPart']
export type ControllerPart = S['ControllerPart']
export type ChargeAirPart = S['ChargeAirPart']
export type PumpPart = S['PumpPart']
export type ClutchPart = S['ClutchPart']
export type HydraulicCoolerPart = S['HydraulicCoolerPart']
export type AnyPart =
  | CoolerPart
  | RadiatorPart
  | FanPart
  | ThermostatPart
  | CapPart
  | ControllerPart
  | ChargeAirPart
  | PumpPart
  | ClutchPart
  | HydraulicCoolerPart
