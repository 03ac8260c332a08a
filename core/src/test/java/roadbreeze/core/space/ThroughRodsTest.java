package roadbreeze.core.space;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.junit.jupiter.api.Test;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Box;
import roadbreeze.core.space.ThroughRods.Risk;

class ThroughRodsTest {
  private static final Name COOLER = Name.of("cooler", Name.Noun.OIL_COOLER, 0);

  private static Pack.Piece piece(Name name, Pack.Kind kind, double z, double depth) {
    return new Pack.Piece(name, kind, new Box(0, 0, z, 0.7, 0.5, depth));
  }

  /** Cooler 32 mm, gap 20, condenser 16, gap 12, radiator 40; the fan 30 mm behind. */
  private static Pack pack(double fanToCore) {
    List<Pack.Piece> pieces = new ArrayList<>();
    pieces.add(piece(Name.of(Name.Noun.CONDENSER), Pack.Kind.CONDENSER, 0.120, 0.016));
    pieces.add(piece(Name.of(Name.Noun.RADIATOR), Pack.Kind.RADIATOR, 0.148, 0.040));
    pieces.add(piece(COOLER, Pack.Kind.OIL_COOLER, 0.068, 0.032));
    pieces.add(
        piece(Name.of("fan", Name.Noun.MAIN_FAN, 0), Pack.Kind.FAN, 0.188 + fanToCore, 0.065));
    return new Pack(pieces, 0.120, 0.188);
  }

  /** From 14 mm before the cooler, which comes back to 4 mm before the condenser, to 14 behind. */
  @Test
  void aRodIsAsLongAsAllThatItHolds() {
    ThroughRods rods = ThroughRods.of(pack(0.030), COOLER, false).orElseThrow();
    assertThat(rods.through()).extracting(Name::id).containsExactly("condenser", "radiator");
    double pack = 0.032 + 0.004 + 0.016 + 0.012 + 0.040;
    assertThat(rods.length()).isCloseTo(pack + 2 * 0.014, within(1e-12));
    assertThat(rods.endToFan().orElseThrow()).isCloseTo(0.016, within(1e-12));
    assertThat(rods.risks(0.020))
        .extracting(f -> f.code())
        .containsExactly(Risk.RUBS, Risk.LOSES_AIR_GAP, Risk.PASSES_TUBES);
    // Blades that rock with the engine, or stand nearer, are too near to its end.
    assertThat(ThroughRods.of(pack(0.030), COOLER, true).orElseThrow().risks(0.020))
        .extracting(f -> f.code())
        .contains(Risk.ENDS_NEAR_FAN);
    assertThat(ThroughRods.of(pack(0.028), COOLER, false).orElseThrow().risks(0.004))
        .extracting(f -> f.code())
        .containsExactly(Risk.RUBS, Risk.PASSES_TUBES, Risk.ENDS_NEAR_FAN);
  }

  @Test
  void behindEverythingThereIsNothingToBeDrawnAgainst() {
    List<Pack.Piece> pieces = new ArrayList<>(pack(0.1).pieces());
    pieces.removeIf(p -> p.name().equals(COOLER));
    pieces.add(piece(COOLER, Pack.Kind.OIL_COOLER, 0.193, 0.032));
    assertThat(ThroughRods.of(new Pack(pieces, 0.12, 0.188), COOLER, false))
        .isEqualTo(Optional.empty());
  }
}
