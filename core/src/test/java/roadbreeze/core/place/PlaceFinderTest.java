package roadbreeze.core.place;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import org.junit.jupiter.api.Test;
import roadbreeze.core.WorkedCase;
import roadbreeze.core.bracket.Metal;
import roadbreeze.core.bracket.StripStock;
import roadbreeze.core.explain.Name;
import roadbreeze.core.fastener.ScrewThread;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.nose.Box;
import roadbreeze.core.nose.Direction;
import roadbreeze.core.nose.Nature;
import roadbreeze.core.nose.Nose;
import roadbreeze.core.nose.NoseLines;
import roadbreeze.core.nose.Noses;
import roadbreeze.core.nose.RemotePlace;
import roadbreeze.core.nose.Solid;
import roadbreeze.core.rig.CoolerFit;
import roadbreeze.core.rig.OwnFan;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.rig.Truck;
import roadbreeze.core.rig.Turn;
import roadbreeze.core.route.CoolerPorts;
import roadbreeze.core.route.HoseSize;
import roadbreeze.core.sizing.Judge;
import roadbreeze.core.sizing.Limits;
import roadbreeze.core.sizing.Uncertainty;
import roadbreeze.core.space.Clearance;
import roadbreeze.core.space.Ears;
import roadbreeze.core.space.Layout;
import roadbreeze.core.stack.Rectangle;

class PlaceFinderTest {
  private static final Judge JUDGE =
      new Judge(WorkedCase.CLIMB, Limits.DEFAULT, Uncertainty.SOURCES, List.of());

  /** The lower half of the opening is taken by a beam. */
  private static final Solid BEAM =
      Noses.metal("beam", new Rectangle(-0.02, -0.02, 0.80, 0.27), true, false);

  private static Setup setup(Nose nose) {
    Truck t = WorkedCase.truck();
    Truck.FrontEnd f = t.front();
    return new Setup(
        t.withFront(
            new Truck.FrontEnd(
                f.opening(),
                f.depth(),
                f.coreGap(),
                f.fanToCore(),
                f.tipGap(),
                f.ramCoefficient(),
                nose)),
        WorkedCase.fitting().withCoolers(List.of(WorkedCase.cooler())));
  }

  private static PlaceFinder.Found find(Setup setup) {
    return PlaceFinder.find(setup, asked(CoolerPorts.Look.ASIDE, List.of()), JUDGE);
  }

  private static PlaceFinder.Asked asked(CoolerPorts.Look look, List<PlaceFinder.Remote> remotes) {
    return new PlaceFinder.Asked(
        0,
        Ears.usual(0.28, 0.19, 0.032),
        new CoolerPorts(look, false),
        HoseSize.usual(9.5e-3),
        new StripStock(Metal.STEEL, 25e-3, 3.2e-3, 3.2e-3),
        0.008,
        2.5,
        OptionalDouble.empty(),
        Optional.of(new Vector3D(-0.05, 0.1, 0.25)),
        Optional.of(new Vector3D(-0.05, 0.3, 0.25)),
        remotes);
  }

  private static Setup standing(Setup setup, Place place) {
    return setup.with(setup.fitting().withFirst(place.fit()));
  }

  @Test
  void whateverIsShownClearsEverythingAndIsWorthWhatItSays() {
    Solid post = Noses.metal("post", new Rectangle(0.36, -0.02, 0.03, 0.56), true, false);
    Solid doubtful =
        new Solid(post.name(), post.what(), post.shape(), Nature.METAL, true, post.move(), 0.008);
    Setup setup = setup(Noses.of(doubtful));
    PlaceFinder.Found found = find(setup);
    assertThat(found.places()).hasSizeGreaterThan(2);
    for (Place place : found.places()) {
      Setup there = standing(setup, place);
      assertThat(Clearance.of(Layout.of(there)))
          .as("%s", place.fit())
          .noneMatch(c -> c.serious() || c.finding().code() == Clearance.Kind.MAYBE_NEAR);
      assertThat(place.margins().headroom())
          .isCloseTo(JUDGE.of(there).margins().headroom(), within(0.02));
    }
    assertThat(found.places()).isSortedAccordingTo(Place.BETTER_FIRST);
  }

  /** Each place of the grid, each way up and each gap, worked out one by one. */
  @Test
  void noPlaceThatTheFinderLeftOutIsBetterByMoreThanCountsAsTheSame() {
    Setup setup = setup(Noses.of(BEAM));
    double best = Double.NEGATIVE_INFINITY;
    int tried = 0;
    for (double gap : new double[] {0.005, 0.015, 0.030}) {
      for (Turn turn : List.of(Turn.AS_DRAWN, Turn.QUARTER_LEFT)) {
        for (double x = -0.02; x <= 0.50 + 1e-9; x += 0.03) {
          for (double y = 0.26; y <= 0.35 + 1e-9; y += 0.03) {
            CoolerFit fit = WorkedCase.cooler().standing(CoolerFit.Place.FRONT, turn, x, y, gap);
            Setup there = setup.with(setup.fitting().withFirst(fit));
            if (Clearance.of(Layout.of(there)).stream().noneMatch(Clearance::serious)) {
              best = Math.max(best, JUDGE.of(there).sure());
              tried++;
            }
          }
        }
      }
    }
    assertThat(tried).isGreaterThan(100);
    double found =
        find(setup).places().stream().mapToDouble(p -> p.margins().sure()).max().orElseThrow();
    assertThat(found).isGreaterThan(best - 1);
  }

  @Test
  void whereNothingIsFreeItSaysWhatMustGoAndWhatThatBuys() {
    Solid horn = Noses.metal("horn", new Rectangle(0.28, 0.28, 0.16, 0.20), true, true);
    Solid left = Noses.metal("left", new Rectangle(-0.02, 0.25, 0.12, 0.29), true, false);
    Solid right = Noses.metal("right", new Rectangle(0.62, 0.25, 0.16, 0.29), true, false);
    PlaceFinder.Found found = find(setup(Noses.of(BEAM, horn, left, right)));
    assertThat(found.places()).isEmpty();
    assertThat(found.freeShare()).isZero();
    assertThat(found.bought()).hasSize(1);
    Place place = found.bought().get(0).place();
    assertThat(place.moved()).containsExactly(horn);
    assertThat(found.bought().get(0).kelvin()).isPositive().isFinite();
    // Four brackets to holes that must all be made, and a quarter of an hour for the horn.
    assertThat(place.toDrill()).isEqualTo(4);
    assertThat(place.time()).isEqualTo(4 * (25 + 10) * 60 + 900.0);
    // Away from the pack it can stand whatever is in the nose.
    assertThat(found.elsewhere()).isPresent();
  }

  @Test
  void holesThatAToolReachesCountAndWhatHangsUnderTheBumperIsSprayed() {
    Solid bumper =
        new Solid(
            Name.given("bumper", Name.Noun.OBSTACLE, "bumper"),
            Solid.What.BUMPER,
            new Box(-0.1, 0.30, -0.2, 1, 0.1, 0.08),
            Nature.METAL,
            false,
            Optional.empty(),
            0);
    Nose nose =
        new Nose(
            NoseLines.NONE,
            List.of(bumper),
            List.of(hole("a", 0.10), hole("b", 0.42), hole("c", 0.20), hole("d", 0.32)),
            List.of());
    PlaceFinder.Found found = find(setup(nose));
    assertThat(found.places()).anyMatch(p -> p.brackets() >= 2 && p.toDrill() == 4 - p.brackets());
    for (Place p : found.places()) {
      assertThat(p.sprayed()).isEqualTo(p.box().y() < 0.30);
      assertThat(p.radiatorShadow()).isBetween(0.05, 0.28 * 0.19 / (0.76 * 0.52) + 1e-9);
      assertThat(p.fans()).hasSize(1).allMatch(Place.BeforeFan::always);
      assertThat(p.hoses().orElseThrow()).isBetween(0.2, 3.0);
    }
  }

  private static BodyHole hole(String id, double x) {
    return new BodyHole(
        Name.given(id, Name.Noun.HOLE, id),
        BodyHole.Sort.THREADED,
        new Vector3D(x, 0.56, 0.05),
        Direction.FORWARD,
        ScrewThread.M6,
        0.015,
        Optional.empty(),
        0);
  }

  private static RemotePlace remote(double width, double height, double depth, double warmer) {
    Name name = Name.given("under-bed", Name.Noun.REMOTE_PLACE, "under the bed");
    return new RemotePlace(name, width, height, depth, 2.5, 3, true, warmer, 0.010);
  }

  /** 280 × 190 × 32 mm with a port at each end, hose of 9.5 mm: by hand. */
  @Test
  void aPlaceAwayFromThePackIsHeldAgainstCoolerFanAndHoses() {
    PlaceFinder.Asked asked = asked(CoolerPorts.Look.ASIDE, List.of());
    HoseSize hose = HoseSize.usual(9.5e-3);
    double mouth = 0.030 + hose.leastRadius() + hose.outside() / 2;
    double wide = 0.28 + 2 * mouth;
    double deep = 0.032 + 0.065 + 2 * 0.015;
    var part = WorkedCase.oilCooler(0.28, 0.19, 0.032);
    RemoteFit fits = RemoteFit.of(remote(wide + 0.0101, 0.21, deep + 0.0101, 0), part, asked);
    assertThat(fits.fits()).isTrue();
    assertThat(fits.turn()).isEqualTo(Turn.AS_DRAWN);
    assertThat(fits.toDrill()).isEqualTo(1);
    // On end it goes into what is high and narrow.
    assertThat(RemoteFit.of(remote(0.21, wide + 0.0101, 0.2, 0), part, asked).turn())
        .isEqualTo(Turn.QUARTER_LEFT);
    // What is measured a little wrong may be too narrow.
    RemoteFit narrow = RemoteFit.of(remote(wide + 0.005, 0.21, 0.2, 0), part, asked);
    assertThat(narrow.lacks()).hasSize(1);
    assertThat(narrow.lacks().get(0).code()).isEqualTo(RemoteFit.Lack.WIDTH);
    assertThat(narrow.lacks().get(0).amount("wanted")).isCloseTo(wide, within(1e-9));
    // Ports that look up want height, those that look forward depth.
    assertThat(
            RemoteFit.of(remote(0.36, 0.21, 0.2, 0), part, asked(CoolerPorts.Look.UP, List.of())))
        .matches(f -> f.lacks().get(0).code() == RemoteFit.Lack.HEIGHT);
    assertThat(
            RemoteFit.of(
                remote(0.36, 0.21, 0.12, 0), part, asked(CoolerPorts.Look.FORWARD, List.of())))
        .matches(f -> f.lacks().get(0).code() == RemoteFit.Lack.DEPTH);
  }

  /** Warm air costs headroom, but less than it is warmer; where it fits comes first. */
  @Test
  void placesAwayFromThePackAreRankedWhereItFitsFirst() {
    Setup setup = setup(Nose.UNKNOWN);
    List<PlaceFinder.Remote> remotes =
        List.of(away(setup, 0.20, 0), away(setup, 0.9, 12), away(setup, 0.9, 0));
    PlaceFinder.Found found =
        PlaceFinder.find(setup, asked(CoolerPorts.Look.ASIDE, remotes), JUDGE);
    assertThat(found.away()).extracting(a -> a.fit().fits()).containsExactly(true, true, false);
    double cool = found.away().get(0).margins().orElseThrow().sure();
    double warm = found.away().get(1).margins().orElseThrow().sure();
    assertThat(cool - warm).isBetween(0.5, 12.0);
    assertThat(found.elsewhere().orElseThrow().sure()).isCloseTo(cool, within(0.01));
  }

  private static PlaceFinder.Remote away(Setup setup, double width, double warmer) {
    CoolerFit there = WorkedCase.cooler().elsewhere(new OwnFan(OwnFan.USUAL).in(warmer));
    return new PlaceFinder.Remote(
        remote(width, 0.3, 0.2, warmer), setup.with(setup.fitting().withFirst(there)));
  }
}
