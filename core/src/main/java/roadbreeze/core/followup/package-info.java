/**
 * When work is looked at again: what a truck has done since, held against what each look is due by,
 * and when that will be at the rate it goes. Days, metres, heat cycles, hours that age oil as much
 * at 80 °C. Nothing here knows what day it is.
 */
package roadbreeze.core.followup;
