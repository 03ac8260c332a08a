package roadbreeze.core.space;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.space.ToolAccess.Tool;

class ToolAccessTest {
  /** A plate of which the screw comes from the front at its middle. */
  private static final Solid PLATE = solid("plate", new Box(-0.5, -0.5, 0.1, 1, 1, 0.01));

  private static Solid solid(String id, Box box) {
    Name name = Name.given(id, Name.Noun.OBSTACLE, id);
    return new Solid(name, Solid.What.OTHER, box, Nature.METAL, false, Optional.empty(), 0);
  }

  private static ToolAccess.Reached reached(Solid... beside) {
    List<Solid> all = new ArrayList<>(List.of(beside));
    all.add(PLATE);
    return new ToolAccess(all, List.of())
        .of(new Vector3D(0, 0, 0.1), Direction.FORWARD, ScrewThread.M8);
  }

  /** A socket for M8 is 20 mm, and 22 with its room: 11 mm aside is free, 10.9 is not. */
  @Test
  void aSocketNeedsItsOutsideAndItsLength() {
    assertThat(reached().tool()).isEqualTo(Tool.SOCKET);
    assertThat(reached(solid("wall", new Box(0.0111, -0.5, 0, 0.01, 1, 0.1))).tool())
        .isEqualTo(Tool.SOCKET);
    ToolAccess.Reached beside = reached(solid("wall", new Box(0.0109, -0.5, 0, 0.01, 1, 0.1)));
    assertThat(beside.tool()).isEqualTo(Tool.SPANNER);
    assertThat(beside.inTheWay()).map(Name::id).contains("wall");
    // 68 mm out is past it, 67 is not.
    assertThat(
            reached(solid("bar", new Box(-0.1, -0.1, 0.1 - 0.0685 - 0.01, 0.2, 0.2, 0.01))).tool())
        .isEqualTo(Tool.SOCKET);
    assertThat(
            reached(solid("bar", new Box(-0.1, -0.1, 0.1 - 0.0675 - 0.01, 0.2, 0.2, 0.01))).tool())
        .isEqualTo(Tool.SPANNER);
  }

  /** Between two walls a spanner has no sixth of a turn; nor down a well. */
  @Test
  void aSpannerNeedsASixthOfATurn() {
    Solid left = solid("left", new Box(-0.03, -0.5, 0, 0.019, 1, 0.1));
    Solid right = solid("right", new Box(0.0105, -0.5, 0, 0.02, 1, 0.1));
    assertThat(reached(left, right).tool()).isEqualTo(Tool.NONE);
    Solid lid = solid("lid", new Box(-0.2, -0.2, 0.085, 0.4, 0.4, 0.004));
    assertThat(reached(lid).tool()).isEqualTo(Tool.NONE);
  }
}
