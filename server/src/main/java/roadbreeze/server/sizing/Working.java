package roadbreeze.server.sizing;

import java.util.List;

/** A number opened: its formula, inputs and source, step by step. */
public record Working(String title, String result, List<Step> steps, String sureness) {
  /** One formula with its numbers. */
  public record Step(String formula, String result, List<Input> inputs, String source) {}

  /**
   * One input.
   *
   * @param origin entered, default or computed
   */
  public record Input(String name, String value, String origin) {}
}
