package roadbreeze.server.longrun;

/** A kind of work that takes minutes and is cut into parts that several servers share. */
public interface LongRunKind {
  /** Told now and then how far a part is. */
  interface Progress {
    /**
     * @param share of the part's work done, 0 to 1
     * @return true if nobody wants the run any more
     */
    boolean tell(long tried, double share);
  }

  /** Short, and never changed: it stands in the database. */
  String name();

  int parts();

  /**
   * Works one part out.
   *
   * @param request as it was given at the start, with a snapshot of all it depends on
   * @return the part's result as JSON
   */
  String work(String request, int part, Progress progress);
}
