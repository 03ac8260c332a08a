package roadbreeze.core.circuit;

/**
 * How closely the rounds of an exchange settle.
 *
 * @param settled they end where nothing moves by more, K
 * @param enough where they no longer get closer, this will do, K
 * @param sameOil what oil is worked out for stays while it has moved less, K
 * @param sameStream and what a stream is worked out for while that has moved less (-)
 */
record Care(double settled, double enough, double sameOil, double sameStream) {
  /** Closer than any temperature is asked. */
  static final Care CLOSE = new Care(1e-9, 1e-5, 3e-3, 0);

  /** The same in air that stands still, whose brackets want the oil's flow exact. */
  static final Care BRACKETED = new Care(1e-9, 1e-5, 0, 0);

  /** As closely as a step in time needs it. */
  static final Care IN_TIME = new Care(3e-3, 3e-3, 0.15, 2e-3);
}
