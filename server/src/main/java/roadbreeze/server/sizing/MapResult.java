package roadbreeze.server.sizing;

import java.util.List;

/**
 * A margin map by ambient, then grade. A null number means that the truck cannot climb there or finds
 * no steady state.
 *
 * @param worstK smallest headroom of the three fluids, K
 * @param speedKmh the truck holds
 */
public record MapResult(
    List<Double> gradePercent,
    List<Double> ambientC,
    double coolantLimitC,
    double feedLimitC,
    double panLimitC,
    List<List<Double>> coolantC,
    List<List<Double>> feedC,
    List<List<Double>> panC,
    List<List<Double>> worstK,
    List<List<Double>> speedKmh) {}
