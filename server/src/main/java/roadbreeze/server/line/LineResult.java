package roadbreeze.server.line;

import java.util.List;

/**
 * What the planned lines do.
 *
 * @param hot at 90 °C oil
 * @param hoseToBuyM by bore, ends included, rounded up to 0.1 m
 * @param addedVolumeL in hose and cooler
 */
public record LineResult(
    State hot,
    State cold,
    List<Cut> cuts,
    List<ToBuy> hoseToBuyM,
    double addedVolumeL,
    List<String> warnings) {
  /** One temperature's state. */
  public record State(
      double oilC,
      double foundFlowLpm,
      double plannedFlowLpm,
      double flowShare,
      double foundDropKpa,
      double hoseDropKpa,
      double coolerDropKpa,
      double reynolds) {}

  /** A hose to cut. */
  public record Cut(String name, double boreMm, double fittedMm, double cutMm) {}

  /** Hose to buy of one bore. */
  public record ToBuy(double boreMm, double lengthM) {}
}
