/**
 * What is worn or broken on a truck, as one concept that a rig takes: *As found* has it, *Restored*
 * has none of it. What a check reads becomes a field here, and {@link roadbreeze.core.rig.Assembly}
 * gives it its effect. Shares are 0 to 1, temperatures K differences.
 */
package roadbreeze.core.condition;
