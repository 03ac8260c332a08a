package roadbreeze.core.wiring;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Name;

/**
 * What feels a temperature, and how it is held in the stream.
 *
 * @param of what it switches or shows
 * @param felt what it should be in
 * @param inHose it sits in a hose, and so in an adapter
 * @param bore of that hose, m; empty where nobody knows it
 * @param straight of that hose that an adapter could be cut into, m; empty likewise
 * @param switches it is a contact itself, and not read
 * @param on where it acts, °C; empty of a gauge
 */
public record ProbeSeat(
    Name of,
    Felt felt,
    boolean inHose,
    OptionalDouble bore,
    OptionalDouble straight,
    boolean switches,
    OptionalDouble on,
    Optional<Probe> probe,
    Optional<Adapter> adapter) {
  /**
   * A hose goes on an adapter that differs by so much, m: it gives, and its clamp draws it down.
   */
  public static final double GIVES = 1e-3;

  /** A switch that acts so near to what is wanted is it, K; own default. */
  private static final double NEAR = 2.5;

  /** Of hose on a neck and on each end of an adapter, m: barb and clamp; common practice. */
  private static final double GRIP = 0.03;

  /**
   * What feels.
   *
   * @param felt empty where it is for neither coolant nor oil
   * @param from the coldest and to the hottest that it reads, °C
   * @param switchesAt of one that is a switch, °C; empty of one that is read
   */
  public record Probe(
      Optional<Felt> felt,
      String thread,
      OptionalDouble from,
      OptionalDouble to,
      OptionalDouble switchesAt) {}

  /**
   * What holds it.
   *
   * @param bore of the hose that it goes into, m; empty of one from thread to thread
   * @param thread that it takes
   * @param cuts out of the hose, m
   */
  public record Adapter(OptionalDouble bore, String thread, double cuts) {
    /** It goes into a hose of such a bore. */
    public boolean fits(double hose) {
      return bore.isPresent() && Math.abs(bore.getAsDouble() - hose) <= GIVES;
    }
  }

  /** It feels what is wanted, and acts or is read as that is. */
  public boolean servedBy(Probe p) {
    List<Finding> faults = new ArrayList<>();
    probe(p, Optional.empty(), faults);
    return faults.isEmpty();
  }

  public List<Finding> faults() {
    List<Finding> faults = new ArrayList<>();
    probe.ifPresentOrElse(
        p -> probe(p, adapter, faults), () -> faults.add(WiringFault.PROBE_WANTED.with(of)));
    if (inHose) {
      adapter.ifPresentOrElse(a -> adapter(a, faults), () -> noAdapter(faults));
    }
    return faults;
  }

  private void probe(Probe p, Optional<Adapter> held, List<Finding> faults) {
    if (!p.felt.equals(Optional.of(felt))) {
      faults.add(WiringFault.PROBE_OF_OTHER.with(of, felt));
    }
    if (switches != p.switchesAt.isPresent()) {
      faults.add((switches ? WiringFault.PROBE_NO_SWITCH : WiringFault.PROBE_IS_SWITCH).with(of));
    } else if (switches && Math.abs(p.switchesAt.getAsDouble() - on.orElseThrow()) > NEAR) {
      faults.add(
          WiringFault.PROBE_SWITCHES_AT.with(of, p.switchesAt.getAsDouble(), on.getAsDouble()));
    }
    if (on.isPresent() && p.to.isPresent() && on.getAsDouble() > p.to.getAsDouble()) {
      faults.add(WiringFault.PROBE_RANGE.with(of, on.getAsDouble(), p.to.getAsDouble()));
    }
    if (inHose && held.isPresent() && !held.get().thread.equals(p.thread)) {
      faults.add(WiringFault.ADAPTER_THREAD.with(of, p.thread, held.get().thread));
    }
  }

  private void noAdapter(List<Finding> faults) {
    faults.add(
        bore.isPresent()
            ? WiringFault.ADAPTER_WANTED.with(of, bore.getAsDouble())
            : WiringFault.BORE_UNKNOWN.with(of));
  }

  private void adapter(Adapter a, List<Finding> faults) {
    if (bore.isEmpty()) {
      faults.add(WiringFault.BORE_UNKNOWN.with(of));
    } else if (!a.fits(bore.getAsDouble())) {
      faults.add(WiringFault.ADAPTER_BORE.with(of, a.bore.orElse(0), bore.getAsDouble()));
    }
    double wanted = a.cuts + 3 * GRIP;
    if (straight.isPresent() && straight.getAsDouble() < wanted) {
      faults.add(WiringFault.ADAPTER_NO_ROOM.with(of, straight.getAsDouble(), wanted));
    }
    faults.add(WiringFault.HOSE_CUT.with(of, a.cuts));
  }
}
