package roadbreeze.server.order;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;
import roadbreeze.core.explain.Code;
import roadbreeze.core.problem.BadInputException;
import roadbreeze.server.build.Bracket;
import roadbreeze.server.build.Build;
import roadbreeze.server.build.Channel;
import roadbreeze.server.build.Hose;
import roadbreeze.server.build.WiringMapper;
import roadbreeze.server.drawing.Drawing;
import roadbreeze.server.drawing.Written;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.message.Units;
import roadbreeze.server.message.Words;
import roadbreeze.server.mounting.BuildDrawings;
import roadbreeze.server.order.OrderResult.StepDrawing;
import roadbreeze.server.route.RouteDrawing;
import roadbreeze.server.space.FrontDrawing;
import roadbreeze.server.wiring.CircuitSheet;
import roadbreeze.server.wiring.PinoutSheet;

/** Drawings of what the steps of a build make and put in. */
public final class StepDrawings {
  /** Drawings that are of the whole build; those of one thing have its id behind a ~. */
  private enum Whole implements Code {
    CIRCUIT,
    LOOM,
    PLATES;

    private String id() {
      return name().toLowerCase(Locale.ROOT);
    }
  }

  private static final String BRACKET = "bracket~";
  private static final String CHANNEL = "channel~";
  private static final String HOSE = "hose~";
  private static final String STANDS = "stands~";
  private static final String PINOUT = "pinout~";

  private final JobContent job;
  private final Build build;

  public StepDrawings(JobContent job, Build build) {
    this.job = job;
    this.build = build;
  }

  /**
   * Which of them belong to a step.
   *
   * @param step id; of a task that is done to several things with the one behind its ~
   */
  List<StepDrawing> of(TaskData task, String step) {
    int tilde = step.indexOf('~');
    String thing = tilde < 0 ? null : step.substring(tilde + 1);
    Map<String, String> found = new LinkedHashMap<>();
    for (TaskData.Shows shows : task.shows()) {
      switch (shows) {
        case FLAT, HOLES, BENDS -> flats(thing, found);
        case PLACE -> stands(thing, found);
        case STACK -> {
          if (thing != null) {
            held(thing, found);
          }
        }
        case HOSE, JOINTS -> hoses(thing, found);
        case PLATE -> whole(Whole.PLATES, found);
        case WIRES, BOX -> {
          if (wired()) {
            found.put(
                PINOUT + (thing == null ? "" : thing),
                Words.of(Written.PINOUT.with(), Units.World.METRIC));
            whole(Whole.CIRCUIT, found);
            whole(Whole.LOOM, found);
          }
        }
        default -> {} // it says all in words
      }
    }
    return found.entrySet().stream().map(e -> new StepDrawing(e.getKey(), e.getValue())).toList();
  }

  private static void whole(Whole what, Map<String, String> to) {
    to.put(what.id(), Words.of(what.with(), Units.World.METRIC));
  }

  private boolean wired() {
    return !WiringMapper.fed(build, job.rig().electrics().toCore().system()).isEmpty();
  }

  /** A cooler away from the pack has its words alone. */
  private void stands(String thing, Map<String, String> to) {
    if (thing != null && FrontDrawing.of(job, build, thing, Units.World.METRIC).isPresent()) {
      to.put(STANDS + thing, Words.of(Written.STANDS.with(), Units.World.METRIC));
    }
  }

  private void flats(String thing, Map<String, String> to) {
    for (Bracket b : build.mounting().brackets()) {
      if (thing == null || thing.equals(b.id())) {
        to.put(BRACKET + b.id(), b.name());
      }
    }
    for (Channel c : build.mounting().channels()) {
      if (thing == null || thing.equals(c.id())) {
        to.put(CHANNEL + c.id(), c.name());
      }
    }
  }

  /** What holds a cooler. */
  private void held(String cooler, Map<String, String> to) {
    for (Bracket b : build.mounting().brackets()) {
      if (b.id().equals(cooler) || b.tie() != null && cooler.equals(b.tie().cooler())) {
        to.put(BRACKET + b.id(), b.name());
      }
    }
  }

  private void hoses(String thing, Map<String, String> to) {
    for (Hose h : build.lines().hoses()) {
      if (h.drawn() && (thing == null || thing.equals(h.id()))) {
        to.put(HOSE + h.id(), h.name());
      }
    }
  }

  /**
   * A drawing as it is printed.
   *
   * @param id as a step has it
   * @return empty where there is none such, or it cannot be drawn as it is entered
   */
  public Optional<Drawing> drawn(String id, Units.World world) {
    return tried(
        () -> {
          if (id.startsWith(BRACKET)) {
            return BuildDrawings.bracket(build, rest(id, BRACKET), world);
          }
          if (id.startsWith(CHANNEL)) {
            return BuildDrawings.channel(job, build, rest(id, CHANNEL), world);
          }
          if (id.startsWith(HOSE)) {
            return RouteDrawing.of(job, build, rest(id, HOSE), world);
          }
          if (id.startsWith(STANDS)) {
            return FrontDrawing.of(job, build, rest(id, STANDS), world);
          }
          if (id.startsWith(PINOUT)) {
            return Optional.of(PinoutSheet.of(job, build, rest(id, PINOUT), world));
          }
          return whole(id).flatMap(what -> drawn(what, world));
        });
  }

  private static Optional<Whole> whole(String id) {
    return Stream.of(Whole.values()).filter(w -> w.id().equals(id)).findFirst();
  }

  private Optional<Drawing> drawn(Whole what, Units.World world) {
    return switch (what) {
      case CIRCUIT -> Optional.of(CircuitSheet.circuit(job, build, world));
      case LOOM -> Optional.of(CircuitSheet.loom(job, build, world));
      case PLATES ->
          Optional.of(BuildDrawings.plates(job, build, world))
              .filter(plates -> !plates.isEmpty())
              .map(Drawing::beside);
    };
  }

  /** Bad numbers have been told at their field; the step stands without its drawing. */
  private static Optional<Drawing> tried(Supplier<Optional<Drawing>> drawing) {
    try {
      return drawing.get();
    } catch (BadInputException e) {
      return Optional.empty();
    }
  }

  private static String rest(String id, String kind) {
    return id.substring(kind.length());
  }
}
