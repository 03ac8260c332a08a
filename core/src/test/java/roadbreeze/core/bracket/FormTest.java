package roadbreeze.core.bracket;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.EnumSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.nose.Direction;

class FormTest {
  private static final StripStock STOCK = BracketTest.STOCK;

  private static Fixing fixing(double x, double y, double z, Vector3D looks, double hole) {
    return new Fixing(new Vector3D(x, y, z), looks, 0, hole);
  }

  private static List<Form.Kind> kinds(Fixing core, Fixing body) {
    return Form.between(core, body, STOCK, Vector3D.PLUS_J).stream().map(Form::kind).toList();
  }

  @Test
  void theSimplestFormStandsFirst() {
    Fixing core = fixing(0, 0, 0, Vector3D.MINUS_K, 6.6e-3);
    assertThat(kinds(core, fixing(0.1, 0, 0, Vector3D.MINUS_K, 9e-3)))
        .containsExactly(Form.Kind.FLAT);
    assertThat(kinds(core, fixing(0.1, 0.03, 0.02, Vector3D.MINUS_K, 9e-3)))
        .startsWith(Form.Kind.JOGGLE)
        .contains(Form.Kind.Z, Form.Kind.U);
    assertThat(kinds(core, fixing(0.036, 0, 0.02, Vector3D.MINUS_K, 9e-3)))
        .as("too near for a slant")
        .startsWith(Form.Kind.U);
    assertThat(kinds(core, fixing(0, 0, 0.05, Vector3D.MINUS_K, 9e-3)))
        .as("one over the other")
        .containsExactly(Form.Kind.U);
    assertThat(kinds(core, fixing(0.06, 0, 0.06, Vector3D.PLUS_I, 9e-3)))
        .containsExactly(Form.Kind.ANGLE);
    assertThat(kinds(core, fixing(0.06, 0.05, 0.06, Vector3D.PLUS_I, 9e-3)))
        .as("too far aside")
        .containsExactly(Form.Kind.WELDED_TAB);
    assertThat(kinds(core, fixing(0, 0.25, 0, Vector3D.PLUS_I, 6.6e-3)))
        .containsExactly(Form.Kind.TWISTED);
    assertThat(kinds(core, fixing(0.1, 0, 0, new Vector3D(1, 1, 1).normalize(), 9e-3)))
        .as("askew")
        .isEmpty();
  }

  /** Folded back every flat pattern puts its holes where they belong; the house asks 0.1 mm. */
  @Test
  void everyFlatPatternFoldsBackOntoItsHoles() {
    Random random = new Random(10);
    Set<Form.Kind> seen = EnumSet.noneOf(Form.Kind.class);
    for (int n = 0; n < 4000; n++) {
      StripStock stock =
          new StripStock(
              Metal.values()[random.nextInt(2)],
              20e-3 + 20e-3 * random.nextDouble(),
              2e-3 + 3e-3 * random.nextDouble(),
              2e-3 + 4e-3 * random.nextDouble());
      Fixing core =
          new Fixing(
              new Vector3D(0.3, 0.2, 0.1),
              Direction.values()[random.nextInt(6)].vector(),
              0.01 * random.nextInt(2),
              6.6e-3);
      Fixing body =
          new Fixing(
              core.at().add(drawn(random)),
              Direction.values()[random.nextInt(6)].vector(),
              0,
              9e-3);
      for (Form form : Form.between(core, body, stock, Vector3D.PLUS_I)) {
        seen.add(form.kind());
        List<Vector3D> holes = form.bracket().foldedHoles(form.start());
        Vector3D first = core.middle(stock);
        assertThat(holes.get(0).distance(first)).as("%s", form).isLessThan(1e-9);
        Vector3D last = body.middle(stock);
        double off = holes.get(1).distance(last);
        if (form.kind() == Form.Kind.WELDED_TAB) {
          // The tab brings the hole to it: it lies in the plane of the last leg, straight aside.
          Frame end = form.bracket().folded(form.start(), form.bracket().flat().length());
          Vector3D aside = last.subtract(holes.get(1));
          assertThat(Math.abs(aside.dotProduct(end.across()))).isCloseTo(off, within(1e-9));
          assertThat(form.tab()).isGreaterThan(off);
        } else if (form.kind() == Form.Kind.FLAT) {
          assertThat(off).isLessThan(0.31e-3);
        } else {
          assertThat(off).as("%s", form).isLessThan(1e-9);
        }
        // What is proposed can be drilled: no hole off the strip or on a bend.
        assertThat(BracketFault.of(form.bracket()))
            .extracting(f -> (Object) f.code())
            .doesNotContain(
                BracketFault.HOLE_OFF_STRIP,
                BracketFault.HOLE_NEAR_BEND,
                BracketFault.SHORT_FLANGE,
                BracketFault.SHORT_TWIST);
      }
    }
    assertThat(seen).containsExactlyInAnyOrder(Form.Kind.values());
  }

  /** Often one of the ways between them is nothing, as on a truck. */
  private static Vector3D drawn(Random random) {
    double[] by = new double[3];
    for (int k = 0; k < 3; k++) {
      by[k] =
          switch (random.nextInt(4)) {
            case 0 -> 0;
            case 1 -> 0.01 * (random.nextDouble() - 0.5);
            default -> 0.5 * (random.nextDouble() - 0.5);
          };
    }
    return new Vector3D(by[0], by[1], by[2]);
  }
}
