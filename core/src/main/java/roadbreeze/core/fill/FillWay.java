package roadbreeze.core.fill;

import java.util.ArrayList;
import java.util.List;

/** Schools of filling a coolant loop, stage by stage. */
public enum FillWay {
  /** A funnel that stands on the neck until the engine is cold again. */
  FUNNEL,
  /** Drawn empty of air first. */
  VACUUM,
  /** The radiator's neck left open until the level rises. */
  NECK,
  /** By the header tank, hoses kneaded. */
  HEADER,
  /** The highest port open until it runs. */
  HIGHEST;

  /** The engine is not run hotter while the loop is open, °C; general practice. */
  private static final double STOP_AT = 100;

  /** Hand-warm: nothing is drawn empty above, °C. */
  private static final double COLD_ENOUGH = 40;

  /** So long it is watched, min; general practice. */
  private static final int NO_BUBBLES = 5;

  private static final int NEEDLE_STILL = 5;
  private static final int PRESSED = 10;

  /** A loop that loses more in ten minutes leaks, Pa; general practice. */
  public static final double LEAKS = 5000;

  /**
   * Filling it.
   *
   * @param litres that go in, m³
   * @param share of concentrate in them (-)
   * @param altitude m
   */
  public List<FillStage> fill(double litres, double share, double altitude) {
    List<FillStage> s = new ArrayList<>();
    FillStage pour = FillStage.of(FillSays.POUR.with(litres, share));
    switch (this) {
      case VACUUM -> {
        s.add(FillStage.of(FillSays.HAND_WARM.with(COLD_ENOUGH)));
        s.add(FillStage.of(FillSays.PINCH_OVERFLOW.with()));
        s.add(FillStage.of(FillSays.PULL.with(FillVacuum.most(altitude))));
        s.add(FillStage.held(FillSays.NEEDLE_STILL.with(), NEEDLE_STILL));
        s.add(FillStage.of(FillSays.LET_IN.with(litres, share)));
        s.add(FillStage.of(FillSays.HOSES_ROUND.with()));
      }
      case FUNNEL -> {
        s.add(FillStage.of(FillSays.FUNNEL_ON_COLD.with()));
        s.add(FillStage.of(FillSays.HEATER_HOT.with()));
        s.add(FillStage.of(FillSays.FRONT_UP.with()));
        s.add(pour);
        s.add(FillStage.of(FillSays.KNEAD.with()));
      }
      case NECK -> {
        s.add(FillStage.of(FillSays.HEATER_HOT.with()));
        s.add(pour);
        s.add(FillStage.of(FillSays.NECK_OPEN.with()));
      }
      case HEADER -> {
        s.add(FillStage.of(FillSays.HEATER_HOT.with()));
        s.add(pour);
        s.add(FillStage.of(FillSays.KNEAD.with()));
        s.add(FillStage.of(FillSays.HEADER_MARK.with()));
      }
      case HIGHEST -> {
        s.add(FillStage.of(FillSays.PORT_OPEN.with()));
        s.add(pour);
        s.add(FillStage.of(FillSays.PORT_RUNS.with()));
      }
    }
    return s;
  }

  /**
   * Running the air out of it.
   *
   * @param opens thermostat's start, °C
   */
  public List<FillStage> bleed(double opens) {
    List<FillStage> s = new ArrayList<>();
    s.add(FillStage.of(FillSays.OUTDOORS.with()));
    s.add(FillStage.of(FillSays.HEATER_HOT.with()));
    s.add(FillStage.of(FillSays.IDLE.with()));
    if (this != VACUUM) {
      s.add(FillStage.of(FillSays.FAST_IDLE.with()));
    }
    s.add(FillStage.of(FillSays.STAND_CLEAR.with(opens)));
    if (this == FUNNEL || this == NECK) {
      s.add(FillStage.of(FillSays.TOP_UP.with()));
      s.add(FillStage.held(FillSays.NO_BUBBLES.with(), NO_BUBBLES));
    }
    s.add(FillStage.of(FillSays.STOP_AT.with(STOP_AT)));
    s.add(
        FillStage.of(this == FUNNEL ? FillSays.FUNNEL_OFF_COLD.with() : FillSays.CAP_COLD.with()));
    s.add(FillStage.of(FillSays.DRIVE.with()));
    s.add(FillStage.of(FillSays.LOOK_COLD.with()));
    return s;
  }

  /**
   * Looking whether it holds, whichever way it was filled.
   *
   * @param cap what the cap holds, Pa over the air
   */
  public static List<FillStage> check(double cap) {
    return List.of(
        FillStage.of(FillSays.PRESS.with(cap)),
        FillStage.held(FillSays.HOLDS.with(LEAKS), PRESSED),
        FillStage.of(FillSays.AGAIN.with()));
  }

  /** By what one sees that air is in it still. */
  public static List<FillSays> airSigns() {
    return List.of(
        FillSays.HEATER_COLD,
        FillSays.GURGLES,
        FillSays.LEVEL_FALLS,
        FillSays.GAUGE_JUMPS,
        FillSays.ONE_HOSE);
  }
}
