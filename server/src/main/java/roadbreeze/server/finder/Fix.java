package roadbreeze.server.finder;

import java.util.Map;
import java.util.function.Function;
import roadbreeze.core.explain.Finding;
import roadbreeze.server.build.Build;

/**
 * A small fix of the truck as it stands.
 *
 * @param group only one of a group is done at a time
 * @param ofCooler it changes a cooler that is there, so none takes its place
 * @param changes fields of a build with their new content, worked out from the build as another fix
 *     has left it
 * @param price in the yard's money
 */
record Fix(
    String id,
    String group,
    boolean ofCooler,
    Function<Build, Map<String, Object>> changes,
    Finding said,
    double price) {}
