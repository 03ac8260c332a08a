package roadbreeze.core.sizing;

import java.util.OptionalDouble;

/**
 * How a fan runs in a truck that stands.
 *
 * @param fan id of the fan
 * @param engineRpm of a fan on the engine, which grips; empty if it turns at its reference speed
 * @param voltageShare of the voltage on the sheet of an electric fan, whose speed follows it
 * @param helpers the other electric fans run whole, as they do with the air conditioning on; else
 *     they stand
 */
public record FanRun(String fan, OptionalDouble engineRpm, double voltageShare, boolean helpers) {}
