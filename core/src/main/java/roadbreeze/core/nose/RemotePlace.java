package roadbreeze.core.nose;

import roadbreeze.core.explain.Name;

/**
 * A place away from the pack where a cooler with a fan of its own may hang, m.
 *
 * @param width of the face that air passes
 * @param height of that
 * @param depth along the air
 * @param hose way of one hose there from the ends of the truck's own lines
 * @param holes of the body near it that can be used
 * @param sprayed behind a wheel, or lower than the bumper
 * @param warmer the air there than ambient when the truck works, K
 * @param plusMinus how well its measures are known
 */
public record RemotePlace(
    Name name,
    double width,
    double height,
    double depth,
    double hose,
    int holes,
    boolean sprayed,
    double warmer,
    double plusMinus) {}
