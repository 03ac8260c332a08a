package roadbreeze.server.map;

import roadbreeze.core.explain.Code;

/** An axis of a map, by its word. */
enum MapAxis implements Code {
  ACROSS,
  UPWARDS
}
