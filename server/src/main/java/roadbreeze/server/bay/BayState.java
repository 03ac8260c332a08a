package roadbreeze.server.bay;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * How the work stands, by all that happened: later counts over earlier, by the devices' clocks. The
 * devices work out the same for themselves; a file of cases holds both to it.
 *
 * @param done by the id of the step
 * @param readings the last of each, by {@code step/reading}
 * @param staged when each stage was ticked, by {@code step/place}
 * @param pieces that came off or went in, by their ids
 * @param notes in their order
 * @param photos likewise
 * @param found likewise
 */
public record BayState(
    Map<String, BayEvent> done,
    Map<String, BayEvent> readings,
    Map<String, BayEvent> staged,
    Map<String, LedgerPiece> pieces,
    List<BayEvent> notes,
    List<BayEvent> photos,
    List<BayEvent> found) {

  /** Something that came off, or went in. */
  public record LedgerPiece(BayEvent taken, Stands stands) {
    /** Where it is. */
    public enum Stands {
      /** Off, or in where it does not belong. */
      OPEN,
      BACK,
      BROKEN
    }
  }

  public static BayState of(List<BayEntry> entries) {
    BayState state =
        new BayState(
            new LinkedHashMap<>(),
            new LinkedHashMap<>(),
            new LinkedHashMap<>(),
            new LinkedHashMap<>(),
            new ArrayList<>(),
            new ArrayList<>(),
            new ArrayList<>());
    entries.stream()
        .sorted(
            Comparator.comparing((BayEntry e) -> e.event().at()).thenComparingLong(BayEntry::seq))
        .map(BayEntry::event)
        .forEach(state::add);
    return state;
  }

  private void add(BayEvent e) {
    switch (e.kind()) {
      case DONE -> done.put(e.step(), e);
      case UNDONE -> done.remove(e.step());
      case READ -> readings.put(e.step() + "/" + e.item(), e);
      case STAGED -> staged.put(e.step() + "/" + e.item(), e);
      case UNSTAGED -> staged.remove(e.step() + "/" + e.item());
      case NOTED -> notes.add(e);
      case PHOTOGRAPHED -> photos.add(e);
      case TAKEN -> pieces.putIfAbsent(e.item(), new LedgerPiece(e, LedgerPiece.Stands.OPEN));
      case BACK -> stands(e, LedgerPiece.Stands.BACK);
      case BROKEN -> stands(e, LedgerPiece.Stands.BROKEN);
      case FOUND -> found.add(e);
      default -> {} // changes nothing of how the work stands
    }
  }

  private void stands(BayEvent e, LedgerPiece.Stands now) {
    pieces.computeIfPresent(e.item(), (id, piece) -> new LedgerPiece(piece.taken(), now));
  }

  /** What is off yet, or in where it does not belong. */
  List<BayEvent> open() {
    return pieces.values().stream()
        .filter(p -> p.stands() == LedgerPiece.Stands.OPEN)
        .map(LedgerPiece::taken)
        .toList();
  }
}
