package roadbreeze.server.rig;

/**
 * How good a number of the job is. One of the rig without a mark was entered; one of a part without
 * a mark is as its sheet gives it.
 */
public enum Mark {
  MEASURED,
  ENTERED,
  /** Taken as usual for such a truck: assumed. */
  DEFAULT
}
