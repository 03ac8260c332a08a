package roadbreeze.core.exchanger;

import roadbreeze.core.air.Air;

/**
 * Air side of a core. Heat and friction per face velocity; every surface gives its friction as
 * {@code a·u^1.51}, so that cells with several cores are solved as one power law.
 */
public interface FinSurface {
  /** Exponent of face velocity in the friction part of the drop. */
  double FRICTION_EXPONENT = 1.51;

  /** Smallest free area over face area (-). */
  double freeAreaRatio();

  /** Fin and tube surface per face area, m²/m². */
  double surfacePerFace();

  /** Reynolds number on the length scale of the surface's correlation (-). */
  double reynolds(double faceVelocity, Air air);

  /** True where the surface's correlation was published. */
  boolean published(double reynoldsNumber);

  /**
   * Air-side conductance with fin efficiency, W/(m²·K) of face.
   *
   * @param faceVelocity m/s, ≥ 0
   */
  double conductance(double faceVelocity, Air air);

  /** a in Δp = a·u^1.51 + b·u²: the fins' friction. */
  double frictionCoefficient(Air air);

  /** b in Δp = a·u^1.51 + b·u²: one velocity head of entrance and exit. */
  double inertiaCoefficient(Air air);

  /** Pressure drop across the core, Pa. */
  default double pressureDrop(double faceVelocity, Air air) {
    return frictionCoefficient(air) * Math.pow(faceVelocity, FRICTION_EXPONENT)
        + inertiaCoefficient(air) * faceVelocity * faceVelocity;
  }
}
