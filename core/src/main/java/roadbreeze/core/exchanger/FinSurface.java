package roadbreeze.core.exchanger;

import roadbreeze.core.air.Air;

/**
 * Air side of a core. Air warms on its way and thins, but its mass flux stays: everything is asked
 * by mass flux, with the properties of air at the core's own mean temperature (Kays and London
 * 1984). Mass fluxes are per face area, kg/(m²·s). Every surface gives its friction as {@code
 * a·G^1.219}, so that cells with several cores are solved as one power law.
 */
public interface FinSurface {
  /** Exponent of mass flux in the friction part of the drop. */
  double FRICTION_EXPONENT = 1.219;

  /** Smallest free area over face area (-). */
  double freeAreaRatio();

  /** Fin and tube surface per face area, m²/m². */
  double surfacePerFace();

  /** Reynolds number on the length scale of the surface's correlation (-). */
  double reynolds(double massFlux, Air mean);

  /** True where the surface's correlation was published. */
  boolean published(double reynoldsNumber);

  /**
   * Air-side conductance with fin efficiency, W/(m²·K) of face.
   *
   * @param massFlux ≥ 0
   */
  double conductance(double massFlux, Air mean);

  /** a in Δp = a·G^1.219 + b·G²: the fins' friction. */
  double frictionCoefficient(Air mean);

  /** b in Δp = a·G^1.219 + b·G²: one velocity head of entrance and exit. */
  default double inertiaCoefficient(Air mean) {
    return 1 / (2 * mean.density() * freeAreaRatio() * freeAreaRatio());
  }

  /** Pressure drop across the core, Pa. */
  default double pressureDrop(double massFlux, Air mean) {
    return frictionCoefficient(mean) * Math.pow(massFlux, FRICTION_EXPONENT)
        + inertiaCoefficient(mean) * massFlux * massFlux;
  }
}
