package roadbreeze.core.nose;

import java.util.List;

/** What room a thing takes. */
public sealed interface Shape permits Box, Round, Tube {
  /** The upright box round it. */
  Box bounds();

  /** Its convex parts, which together are the whole of it. */
  List<? extends Convex> parts();
}
