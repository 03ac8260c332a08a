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
 * @param on where it acts, °C; empty of a gauge
 */
public record ProbeSeat(
    Name of,
    Felt felt,
    boolean inHose,
    OptionalDouble bore,
    OptionalDouble straight,
    OptionalDouble on,
    Optional<Probe> probe,
    Optional<Adapter> adapter) {
  /**
   * A hose goes on an adapter that differs by so much, m: it gives, and its clamp draws it down.
   */
  public static final double GIVES = 1e-3;

  /** Of hose on a neck and on each end of an adapter, m: barb and clamp; common practice. */
  private static final double GRIP = 0.03;

  /**
   * What feels.
   *
   * @param felt empty where it is for neither coolant nor oil
   * @param from the coldest and to the hottest that it reads, °C
   */
  public record Probe(Optional<Felt> felt, String thread, OptionalDouble from, OptionalDouble to) {}

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

  public List<Finding> faults() {
    List<Finding> faults = new ArrayList<>();
    probe.ifPresentOrElse(
        p -> probe(p, faults), () -> faults.add(WiringFault.PROBE_WANTED.with(of)));
    if (inHose) {
      adapter.ifPresentOrElse(a -> adapter(a, faults), () -> noAdapter(faults));
    }
    return faults;
  }

  private void probe(Probe p, List<Finding> faults) {
    if (!p.felt.equals(Optional.of(felt))) {
      faults.add(WiringFault.PROBE_OF_OTHER.with(of, felt));
    }
    if (on.isPresent() && p.to.isPresent() && on.getAsDouble() > p.to.getAsDouble()) {
      faults.add(WiringFault.PROBE_RANGE.with(of, on.getAsDouble(), p.to.getAsDouble()));
    }
    if (adapter.isPresent() && inHose && !adapter.get().thread.equals(p.thread)) {
      faults.add(WiringFault.ADAPTER_THREAD.with(of, p.thread, adapter.get().thread));
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
