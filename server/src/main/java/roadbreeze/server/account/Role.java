package roadbreeze.server.account;

/** What somebody may do. */
public enum Role {
  /** Everything, accounts and the yard's settings too. */
  OWNER,
  /** Work on jobs. */
  FITTER,
  /** Look at them. */
  VIEWER
}
