/**
 * A radiator from another truck, or a wider or deeper one, in this truck's seat: what goes in as it
 * is, what is made or bought for it, what carries over, what is cut and welded.
 */
package roadbreeze.core.radiator;
