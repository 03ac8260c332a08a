package roadbreeze.core.bracket;

import java.util.List;
import roadbreeze.core.problem.Quantity;
import roadbreeze.core.problem.Range;

/**
 * A channel as it is bought, m: a web with a leg square to it along each edge, all of one
 * thickness.
 *
 * @param web over both legs
 * @param leg from the web's back to a leg's edge
 */
public record ChannelStock(Metal metal, double web, double leg, double thickness) {
  public static final Range WEB = new Range(Quantity.CHANNEL_WEB, 20e-3, 0.15);
  public static final Range LEG = new Range(Quantity.CHANNEL_LEG, 5e-3, 0.10);

  private static final double THINNEST = 0.8e-3;

  /** Sizes that dealers commonly keep, lightest first; own choice. */
  private static final double[][] KEPT = {
    {25e-3, 15e-3, 2e-3},
    {30e-3, 20e-3, 2e-3},
    {30e-3, 20e-3, 3e-3},
    {40e-3, 20e-3, 3e-3},
    {40e-3, 30e-3, 3e-3},
    {50e-3, 35e-3, 4e-3}
  };

  public ChannelStock {
    WEB.require(web);
    LEG.require(leg);
    // Two legs and room for a nut between them; a web and something that stands off it.
    new Range(Quantity.CHANNEL_THICKNESS, THINNEST, Math.min(web / 4, leg / 2)).require(thickness);
  }

  /** The sizes of this metal that are kept, lightest first. */
  public static List<ChannelStock> kept(Metal metal) {
    return List.of(KEPT).stream().map(s -> new ChannelStock(metal, s[0], s[1], s[2])).toList();
  }

  /** m². */
  public double area() {
    return web * thickness + 2 * thickness * stands();
  }

  /** kg/m. */
  public double massPerMetre() {
    return area() * metal.density();
  }

  /** Second moment of area against bending square to the web, m⁴. */
  double secondMoment() {
    double stands = stands();
    double low = centroid() - thickness / 2;
    double high = thickness + stands / 2 - centroid();
    double legs = stands * stands / 12 + high * high;
    return web * thickness * (thickness * thickness / 12 + low * low)
        + 2 * thickness * stands * legs;
  }

  /** From the neutral line to what is farthest from it, m. */
  double farthest() {
    return Math.max(centroid(), leg - centroid());
  }

  /** Of an open section, after Saint-Venant, m⁴: warping would stiffen it and is left out. */
  double torsion() {
    return (web + 2 * stands()) * thickness * thickness * thickness / 3;
  }

  /** From the web's back to the neutral line, m. */
  double centroid() {
    double stands = stands();
    double moment =
        web * thickness * thickness / 2 + 2 * thickness * stands * (thickness + stands / 2);
    return moment / area();
  }

  /** How far a leg stands off the web, m. */
  private double stands() {
    return leg - thickness;
  }
}
