/**
 * A truck and what a build makes of it, as they stand in the yard: parts with their places, oil
 * lines, condition. {@link roadbreeze.core.rig.Assembly} puts them together into the rig that the
 * balance takes; the finder and the disputes change a {@link roadbreeze.core.rig.Setup} and
 * assemble it by the same code. SI; places in the frame of the pack.
 */
package roadbreeze.core.rig;
