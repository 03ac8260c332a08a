package roadbreeze.core.rig;

import roadbreeze.core.explain.Code;

/** Where a fan's switch feels its temperature; the lags are our own. */
public enum FanSensor implements Code {
  /** The engine's own, in the head or its outlet. */
  CYLINDER_HEAD(Place.ENGINE_OUTLET, 0),
  /** Screwed into an adapter in the hose to the radiator. */
  HOSE_ADAPTER(Place.ENGINE_OUTLET, 10),
  /** Strapped to the outside of that hose. */
  ON_HOSE(Place.ENGINE_OUTLET, 40),
  /** Screwed into the radiator's outlet tank or the hose from it. */
  RETURN_HOSE(Place.RADIATOR_OUTLET, 10),
  /** Pushed between the fins near the radiator's outlet. */
  IN_FINS(Place.RADIATOR_OUTLET, 40),
  /** In the oil that leaves for the coolers. */
  OIL_FEED(Place.OIL_FEED, 10),
  /** The gearbox's own, in its pan. */
  GEARBOX(Place.PAN, 0),
  /** No sensor: the driver, who looks at the gauge now and then. */
  DRIVER(Place.ENGINE_OUTLET, 40);

  /** What it stands in. */
  public enum Place {
    ENGINE_OUTLET,
    RADIATOR_OUTLET,
    OIL_FEED,
    PAN
  }

  private final Place place;
  private final double lag;

  FanSensor(Place place, double lag) {
    this.place = place;
    this.lag = lag;
  }

  public Place place() {
    return place;
  }

  public boolean inOil() {
    return place == Place.OIL_FEED || place == Place.PAN;
  }

  /** With which it follows, s; 0 for one that needs no time. */
  public double lag() {
    return lag;
  }
}
