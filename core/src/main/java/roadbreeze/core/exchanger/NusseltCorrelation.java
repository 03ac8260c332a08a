package roadbreeze.core.exchanger;

/**
 * Nusselt number of a kind of flow; one class for each correlation, which says where it is valid.
 */
interface NusseltCorrelation {
  /**
   * @param re Reynolds number on the hydraulic diameter (-)
   * @param pr Prandtl number (-)
   */
  double nusselt(double re, double pr);
}
