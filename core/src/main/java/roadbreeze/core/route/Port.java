package roadbreeze.core.route;

import org.hipparchus.geometry.euclidean.threed.Vector3D;
import roadbreeze.core.explain.Name;
import roadbreeze.core.nose.Direction;

/**
 * Where a hose ends.
 *
 * @param name of what it belongs to
 * @param at end of the hose when it is pushed home, m
 * @param looks the way the hose leaves it
 * @param rocks it stands on the engine or gearbox, which rock in their mounts
 */
public record Port(Name name, Vector3D at, Direction looks, boolean rocks) {}
