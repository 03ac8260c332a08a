package roadbreeze.server.map;

import java.util.List;

/**
 * A margin map by its first axis, then its second. A null number means that the truck cannot climb
 * there or finds no steady state.
 *
 * @param across °C of ambient, or km/h asked
 * @param upwards per cent of grade, or kg of trailer
 * @param worstK smallest headroom of the three fluids, K
 * @param sureK the same in nine cases of ten
 * @param gainK {@code worstK} over that of the other build, empty where none was named
 * @param speedKmh the truck holds
 */
public record MapResult(
    List<Double> across,
    List<Double> upwards,
    double coolantLimitC,
    double feedLimitC,
    double panLimitC,
    List<List<Double>> coolantC,
    List<List<Double>> feedC,
    List<List<Double>> panC,
    List<List<Double>> worstK,
    List<List<Double>> sureK,
    List<List<Double>> gainK,
    List<List<Double>> speedKmh) {}
