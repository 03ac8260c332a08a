package roadbreeze.core.settle;

/** A part of the catalogue, by the name it has there. */
public record Offer<T>(String name, T part) {}
