package roadbreeze.core.settle;

import java.util.List;
import roadbreeze.core.explain.Code;

/** What is said in disputes about coolant and air. */
public enum AirSays implements Code {
  SIDE("fan TEXT"),
  SIDE_PULLER,
  SIDE_PUSHER,
  DRAWS_THROUGH_ALL,
  SERVES_ITS_DISC,
  FITS_WITHOUT_ROOM,
  SIDE_WORTH("gain DIFFERENCE"),
  SIDE_OTHERWISE,
  OTHER_WAY("fan TEXT"),
  OTHER_WAY_SWAPPED,
  OTHER_WAY_TURNED,
  SWAPPED_IN_A_MINUTE,
  BLADES_COME_OFF,
  OTHER_WAY_WORTH("gain DIFFERENCE"),
  OTHER_WAY_OTHERWISE,

  MAIN_FAN,
  MAIN_FITTED,
  MAIN_VISCOUS("fan TEXT"),
  MAIN_ELECTRIC("fan TEXT"),
  MAIN_CONTROLLED("fan TEXT"),
  MOVES_AT_IDLE("flow AIRFLOW"),
  ENGINE_GIVES("power SHAFT_POWER"),
  VISCOUS_FAILS,
  ELECTRIC_FAILS,
  CONTROLLED_FAILS,
  MAIN_MOST("lead DIFFERENCE"),
  MAIN_LEAST_HUNGRY("within DIFFERENCE"),
  MAIN_OTHERWISE,

  ROWS,
  ROWS_AS_IT_IS,
  ROWS_DEEPER("depth SIZE"),
  ROWS_MORE_AIR("depth SIZE"),
  COOLANT_TURBULENT("reynolds REYNOLDS", "rows COUNT"),
  COOLANT_LAMINAR("reynolds REYNOLDS", "rows COUNT"),
  MORE_AIR_BY,
  NEARER_FAN("by SIZE"),
  ROWS_COST("rows DIFFERENCE", "air DIFFERENCE"),
  ROWS_WORTH("rows DIFFERENCE", "air DIFFERENCE"),
  ROWS_NEITHER("most DIFFERENCE"),
  ROWS_OTHERWISE,

  METAL,
  METAL_ALUMINIUM,
  METAL_COPPER,
  ALUMINIUM_IS,
  COPPER_IS,
  METAL_APART("apart DIFFERENCE"),
  METAL_ALIKE_ROUGH("apart DIFFERENCE"),
  METAL_ALIKE("apart DIFFERENCE"),
  METAL_OTHERWISE_ROUGH,
  METAL_OTHERWISE;

  private final List<Parameter> parameters;

  AirSays(String... takes) {
    parameters = Code.takes(takes);
  }

  @Override
  public List<Parameter> parameters() {
    return parameters;
  }
}
