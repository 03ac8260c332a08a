package roadbreeze.core.circuit;

import roadbreeze.core.explain.Code;

/** A number of the model that is not well known, or that a question moves. */
public enum Factor implements Code {
  /** κ, the coolant's share of the fuel's power. */
  COOLANT_SHARE,
  /** CdA. */
  DRAG_AREA,
  /** Ram pressure coefficient. */
  RAM,
  /** Every fan's pressure. */
  FAN_PRESSURE,
  /** Overall conductance of radiator and oil coolers, not of the in-tank cooler. */
  CORE_CONDUCTANCE,
  /** Friction factor of every core's air side. */
  FIN_FRICTION,
  /** Loss of grille and under-bonnet exit. */
  SYSTEM_LOSS,
  /** What the slipping converter gives the oil. */
  CONVERTER_HEAT,
  /** What condenser and charge-air cooler give the air before the radiator. */
  FRONT_HEAT,
  /** Oil that the gearbox pump sends to the coolers. */
  OIL_FLOW
}
