package roadbreeze.server.mounting;

import jakarta.annotation.Nullable;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.nose.BodyHole;
import roadbreeze.core.problem.RefusedException;
import roadbreeze.core.space.CrossChannel;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Bracket.BracketHole;
import roadbreeze.server.build.Bracket.BracketStep;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Channel;
import roadbreeze.server.message.Said;

/**
 * A channel as it is cut and drilled.
 *
 * @param web its web laid out like a strip: to be drilled; null where it cannot be at all
 * @param packFromMm washers under its first end
 * @param tabs what is put on it, from its first end
 * @param shades share of the cooler's face that it stands before or behind (-)
 * @param blockedBy what it would run into, null where nothing
 */
public record FlatChannel(
    String id,
    @Nullable Bracket web,
    double lengthMm,
    double spanMm,
    double kg,
    double packFromMm,
    double packToMm,
    List<Tab> tabs,
    double shades,
    @Nullable Said.PartName blockedBy,
    List<Said> faults) {

  /**
   * What is put on a channel, from its first end.
   *
   * @param bracket id
   */
  public record Tab(String bracket, double alongMm) {}

  /** What is wrong with one. */
  public enum Fault implements Code {
    HOLE_GONE,
    NO_TAB,
    /** Side by side they would not lie flat. */
    TABS_LAP("one TEXT", "other TEXT");

    private final List<Parameter> parameters;

    Fault(String... takes) {
      parameters = Code.takes(takes);
    }

    @Override
    public List<Parameter> parameters() {
      return parameters;
    }
  }

  /** Tabs nearer than this share a screw, mm. */
  private static final double ONE_SCREW = 1;

  static List<FlatChannel> of(Build build, Channels channels, Map<String, Ties> ties) {
    List<FlatChannel> flats = new ArrayList<>();
    for (Channel entered : build.mounting().channels()) {
      CrossChannel across = channels.across().get(entered.id());
      flats.add(across == null ? not(entered) : of(entered, across, build, ties));
    }
    return flats;
  }

  /** It has no such section, or a hole that it goes to is not there. */
  private static FlatChannel not(Channel entered) {
    Finding why = Fault.HOLE_GONE.with();
    try {
      entered.stock();
    } catch (RefusedException e) {
      why = e.finding();
    }
    return only(entered, why);
  }

  private static FlatChannel only(Channel entered, Finding why) {
    return new FlatChannel(
        entered.id(), null, 0, 0, 0, 0, 0, List.of(), 0, null, Said.of(List.of(why)));
  }

  private static FlatChannel of(
      Channel entered, CrossChannel across, Build build, Map<String, Ties> ties) {
    Optional<Finding> misfit = across.misfit();
    if (misfit.isPresent()) {
      return only(entered, misfit.get());
    }
    List<Tab> tabs = new ArrayList<>();
    Said.PartName blockedBy = null;
    double shades = 0;
    for (Bracket b : build.mounting().brackets()) {
      Ties of = b.tie() == null ? null : ties.get(b.tie().cooler());
      if (of != null && of.channels().under(b.tie()).filter(across::equals).isPresent()) {
        Vector3D ear = of.hanging().ear(b.tie().corner());
        tabs.add(new Tab(b.id(), mm(across.endFrom() + across.along(ear))));
        shades = Math.max(shades, across.shades(of.hanging().cooler()));
        blockedBy = across.blocked(of.hanging()).map(Said.PartName::of).orElse(blockedBy);
      }
    }
    tabs.sort((a, b) -> Double.compare(a.alongMm, b.alongMm));
    Bracket web = web(entered, across, tabs);
    List<Finding> faults = new ArrayList<>(laps(tabs, build));
    if (tabs.isEmpty()) {
      faults.add(Fault.NO_TAB.with());
    }
    return new FlatChannel(
        entered.id(),
        web,
        mm(across.length()),
        mm(across.span()),
        across.mass(),
        mm(across.packingFrom()),
        mm(across.packingTo()),
        tabs,
        shades,
        blockedBy,
        Said.of(faults));
  }

  private static List<Finding> laps(List<Tab> tabs, Build build) {
    List<Finding> laps = new ArrayList<>();
    for (int i = 1; i < tabs.size(); i++) {
      Bracket one = bracket(build, tabs.get(i - 1));
      Bracket other = bracket(build, tabs.get(i));
      double apart = tabs.get(i).alongMm - tabs.get(i - 1).alongMm;
      if (apart > ONE_SCREW && apart < (one.widthMm() + other.widthMm()) / 2) {
        laps.add(Fault.TABS_LAP.with(one.name(), other.name()));
      }
    }
    return laps;
  }

  private static Bracket bracket(Build build, Tab tab) {
    return build.mounting().brackets().stream()
        .filter(b -> b.id().equals(tab.bracket))
        .findFirst()
        .orElseThrow();
  }

  /**
   * The web as a strip without a bend. Its last hole is a slot: what the two holes of the body are
   * measured wrong by, it takes.
   */
  private static Bracket web(Channel entered, CrossChannel across, List<Tab> tabs) {
    double length = mm(across.length());
    BodyHole from = across.from();
    BodyHole to = across.to();
    List<BracketHole> holes = new ArrayList<>();
    holes.add(hole(0, mm(across.endFrom()), from.thread().clearanceHole(), 0));
    double last = 0;
    for (Tab tab : tabs) {
      double size = CrossChannel.TAB_SCREW.clearanceHole();
      if (!entered.welded() && tab.alongMm - last > ONE_SCREW) {
        holes.add(hole(holes.size(), tab.alongMm, size, 0));
        last = tab.alongMm;
      }
    }
    holes.add(
        hole(
            holes.size(),
            length - mm(across.endTo()),
            to.thread().clearanceHole(),
            mm(across.slot())));
    return new Bracket(
        entered.id(),
        entered.name(),
        1,
        entered.metal(),
        entered.thicknessMm(),
        entered.webMm(),
        0,
        List.of(new BracketStep("web", BracketStep.What.LEG, length, 0)),
        holes,
        null,
        0);
  }

  private static BracketHole hole(int n, double along, double diameter, double slot) {
    return new BracketHole("hole-" + (n + 1), "web", along, 0, mm(diameter), slot);
  }

  private static double mm(double metres) {
    return Math.round(metres * 1e4) / 10.0;
  }
}
