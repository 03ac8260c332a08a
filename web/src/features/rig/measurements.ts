import type { JobPath } from '@/job/paths'
import type { Build } from '@/shared/api/types'
import type { QuantityName } from '@/shared/units/units'

/** One thing to measure on the truck: what, where and with which tool. */
export interface Measurement {
  /** Where it stands in the job, with the build in hand. */
  path: (build: Build) => JobPath
  /** Short name of the place, for the drawing. */
  id: string
  label: string
  quantity: QuantityName
  how: string
  tool: string
  step?: number
  optional?: boolean
}

export interface Stage {
  name: string
  about: string
  list: Measurement[]
}

const m = (
  place: JobPath,
  label: string,
  quantity: QuantityName,
  how: string,
  tool: string,
  more: Partial<Measurement> = {},
): Measurement => ({ id: place, path: () => place, label, quantity, how, tool, ...more })

/** What the makers allow, and what was weighed against it; empty where nobody has looked. */
const rating = (field: string, label: string, how: string, tool: string): Measurement =>
  m(`rig.ratings.${field}` as JobPath, label, 'mass', how, tool, { step: 50, optional: true })

/** The main fan is the build's own. */
const fan = (label: string, quantity: QuantityName, how: string, tool: string): Measurement => ({
  id: 'fan',
  path: (b) => `builds.${b.id}.fans.${b.fans[0]?.id ?? ''}.part.freeFlowM3s`,
  label,
  quantity,
  how,
  tool,
  step: 0.05,
})

/** The guided list, in the order a person walks round the truck. */
export const stages: Stage[] = [
  {
    name: 'Truck and trailer',
    about: 'Weighbridge ticket and build plate. Cooling raises no rating: hitch, axle and combined limits stand.',
    list: [
      m(
        'rig.vehicle.massKg',
        'Truck, loaded',
        'mass',
        'With driver, tools and water, without the trailer.',
        'weighbridge',
        { step: 50 },
      ),
      m('rig.trailer.massKg', 'Trailer, loaded', 'mass', 'As it goes up the hill, not its rating.', 'weighbridge', {
        step: 50,
      }),
      m(
        'rig.vehicle.rollingCoefficient',
        'Rolling resistance',
        'ratio',
        'Asphalt 0.008–0.012, gravel 0.02–0.03, deep snow 0.08–0.2.',
        'judgement',
        { step: 0.002 },
      ),
      m(
        'rig.vehicle.dragAreaM2',
        'Drag area of the rig',
        'area',
        'Frontal area of the whole rig times its drag coefficient (0.5 to 0.9).',
        'tape',
        { step: 0.1 },
      ),
      rating('combinedKg', 'Rated, truck and trailer together', 'On the plate: what both may weigh together.', 'plate'),
      rating('grossKg', 'Rated, truck alone', 'On the plate, with what rests on the hitch.', 'plate'),
      rating('towKg', 'Rated, trailer', 'The least of truck’s, hitch’s and coupling’s.', 'plate'),
      rating('hitchKg', 'Rated, on the hitch', 'On the hitch.', 'plate'),
      rating('frontAxleKg', 'Rated, front axle', 'On the plate.', 'plate'),
      rating('rearAxleKg', 'Rated, rear axle', 'On the plate.', 'plate'),
      rating('emptyKg', 'Truck, empty', 'Without load, tank full.', 'weighbridge'),
      rating('onHitchKg', 'On the hitch', 'Coupled level, jockey wheel up.', 'hitch scale'),
      rating('onFrontAxleKg', 'On the front axle', 'Loaded and coupled.', 'weighbridge'),
      rating('onRearAxleKg', 'On the rear axle', 'Loaded and coupled.', 'weighbridge'),
    ],
  },
  {
    name: 'Engine and gearbox',
    about: 'From the plates and the manual; oil flow from a bucket test only if the manual allows it.',
    list: [
      m(
        'rig.vehicle.engine.displacementLitres',
        'Displacement',
        'displacement',
        'On the plate or in the manual.',
        'plate',
        { step: 0.1 },
      ),
      m(
        'rig.vehicle.engine.accessoryKw',
        'Belt-driven load',
        'shaftPower',
        'Alternator, steering and the like at the climb’s engine speed.',
        'manual',
        { step: 0.5 },
      ),
      m(
        'rig.vehicle.engine.airConditioningKw',
        'Air conditioning',
        'shaftPower',
        'Drawn at the belt, compressor at full; about half of the condenser heat.',
        'manual',
        { step: 0.5 },
      ),
      m(
        'rig.vehicle.gearbox.axleRatio',
        'Axle ratio',
        'ratio',
        'Tag on the axle, or turns of the shaft for one turn of the wheel.',
        'axle tag',
        { step: 0.01 },
      ),
      m(
        'rig.vehicle.gearbox.tyreRadiusM',
        'Tyre radius, rolling',
        'radius',
        'Roll one turn, divide by 6.28.',
        'tape, chalk',
        { step: 0.01 },
      ),
      m(
        'rig.vehicle.gearbox.oilFlowLpm',
        'Oil to the cooler, hot',
        'flow',
        'Return line into a measuring can, as the manual describes it.',
        'manual, can',
        { step: 0.5 },
      ),
      m(
        'rig.vehicle.gearbox.inTankWattsPerKelvin',
        'In-tank cooler',
        'conductance',
        'Not to be measured at the bench; 150 small to 450 large. Empty for none.',
        'judgement',
        { step: 10, optional: true },
      ),
      m(
        'rig.vehicle.gearbox.caseWattsPerKelvin',
        'Gearbox case to air',
        'conductance',
        '15 shielded to 35 finned and open.',
        'judgement',
        { step: 1 },
      ),
      m(
        'rig.vehicle.gearbox.stallTorqueNm',
        'Converter stall torque',
        'torque',
        'From the manual. Do not stall a truck to find out.',
        'manual',
        { step: 10 },
      ),
    ],
  },
  {
    name: 'Radiator and condenser',
    about: 'Core only, between the tanks. Fins are sharp: gloves.',
    list: [
      m(
        'rig.vehicle.cooling.radiator.widthMm',
        'Radiator core width',
        'size',
        'Between the tanks, fins only.',
        'tape',
        { step: 5 },
      ),
      m(
        'rig.vehicle.cooling.radiator.heightMm',
        'Radiator core height',
        'size',
        'Top row of fins to bottom row.',
        'tape',
        { step: 5 },
      ),
      m(
        'rig.vehicle.cooling.radiator.depthMm',
        'Radiator core depth',
        'size',
        'Through the fins with a wire, not over the tanks.',
        'wire, calliper',
        { step: 2 },
      ),
      m(
        'rig.vehicle.cooling.radiator.finsPerInch',
        'Radiator fins',
        'fins',
        'Count over 50 mm at mid height, halve it.',
        'rule, lamp',
        { step: 1 },
      ),
      m('rig.vehicle.cooling.condenser.widthMm', 'Condenser width', 'size', 'Core only.', 'tape', { step: 5 }),
      m('rig.vehicle.cooling.condenser.heightMm', 'Condenser height', 'size', 'Core only.', 'tape', { step: 5 }),
      m('rig.vehicle.cooling.condenser.depthMm', 'Condenser depth', 'size', 'Through the fins.', 'calliper', {
        step: 1,
      }),
      m(
        'rig.vehicle.engine.condenserKw',
        'Condenser heat',
        'power',
        'With the air conditioning at full; 5 to 9 kW where the manual is silent.',
        'manual',
        { step: 0.5 },
      ),
      m('rig.vehicle.cooling.capKpa', 'Cap', 'pressure', 'Stamped on the cap. Never open a hot cap.', 'eye', {
        step: 5,
      }),
      m(
        'rig.vehicle.cooling.glycolShare',
        'Glycol in the mix',
        'share',
        'A drop on the refractometer, cold.',
        'refractometer',
        { step: 0.05 },
      ),
      m(
        'rig.vehicle.cooling.pumpKgsAt4000',
        'Coolant pump at 4000 rpm',
        'massFlow',
        'From the manual; else about 0.5 to 0.6 kg/s for each litre of the engine.',
        'manual',
        { step: 0.1 },
      ),
    ],
  },
  {
    name: 'Front opening and fan',
    about: 'Grille off, engine cold, fan fuse out: it can start by itself.',
    list: [
      m('rig.vehicle.cooling.openingWidthMm', 'Opening width', 'size', 'Metal to metal at the narrowest.', 'tape', {
        step: 5,
      }),
      m('rig.vehicle.cooling.openingHeightMm', 'Opening height', 'size', 'Metal to metal at the lowest.', 'tape', {
        step: 5,
      }),
      m(
        'rig.vehicle.cooling.openingDepthMm',
        'Room in front of the pack',
        'size',
        'Condenser face to the back of the grille or brace.',
        'rule',
        { step: 5 },
      ),
      m(
        'rig.vehicle.cooling.coreGapMm',
        'Gap between the cores',
        'size',
        'Condenser back to radiator face.',
        'feeler, rule',
        { step: 1 },
      ),
      m(
        'rig.vehicle.cooling.fanToCoreMm',
        'Fan to core',
        'size',
        'Blade edge to radiator, turning the fan by hand.',
        'rule',
        { step: 1 },
      ),
      m('rig.vehicle.cooling.tipGapMm', 'Blade tip to shroud', 'size', 'At the tightest of four places.', 'feeler', {
        step: 1,
      }),
      fan('Fan, free air', 'airflow', 'From its sheet, or an anemometer traverse in free air.', 'anemometer'),
      m(
        'rig.vehicle.cooling.ramCoefficient',
        'Ram coefficient',
        'ratio',
        'Open grille 0.55, half closed 0.35.',
        'judgement',
        { step: 0.05 },
      ),
    ],
  },
]

/** The thing to measure at a place of the job. */
export const measurementAt = (path: string, build: Build): Measurement | undefined =>
  stages.flatMap((s) => s.list).find((x) => x.path(build) === path)

/** The station that a number of the rig belongs to, by its place in the rig. */
export function stageOf(key: string): number {
  if (/^vehicle\.(engine\.condenserKw|cooling\.(radiator|condenser|chargeAir|capKpa|glycolShare|pump))/.test(key))
    return 2
  if (/^vehicle\.(engine|gearbox|limits)\./.test(key)) return 1
  return /^(vehicle\.cooling|traverse)\b/.test(key) ? 3 : 0
}
