package roadbreeze.server.rig;

/** How good a number of the job is; one without a mark was entered. */
public enum Mark {
  MEASURED,
  DEFAULT
}
