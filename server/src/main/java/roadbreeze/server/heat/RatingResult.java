package roadbreeze.server.heat;

import java.util.List;
import roadbreeze.server.message.Said;

/**
 * A box's claim on this truck and road.
 *
 * @param neededKw what must leave the oil through coolers to hold the pan at its limit here
 * @param claimedHereKw what the claim comes to at this truck's temperatures, null for a mass
 * @param fittedKw what the fitted coolers take with the pan as it settles, 0 without any
 * @param massHeldKg combined mass at which the first limit is reached on this road, null if the
 *     truck holds all it can pull
 * @param enough null where a claim alone cannot tell
 */
public record RatingResult(
    double neededKw,
    Double claimedHereKw,
    double fittedKw,
    Double massHeldKg,
    Boolean enough,
    List<Said> reading) {}
