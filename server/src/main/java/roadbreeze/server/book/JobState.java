package roadbreeze.server.book;

import roadbreeze.core.explain.Code;

/** How far a job has come, as what is kept of it says. */
enum JobState implements Code {
  INTAKE,
  /** Something was looked at or measured. */
  CHECKED,
  /** There is a plan. */
  PLANNED,
  /** An estimate was accepted. */
  ACCEPTED,
  /** Work was begun. */
  IN_WORK,
  /** A work order was signed. */
  DONE,
  /** And it was driven afterwards. */
  PROVEN
}
