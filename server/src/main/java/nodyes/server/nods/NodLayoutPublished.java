package nodyes.server.nods;

/** A new version is what shoppers get from now on. */
public record NodLayoutPublished(int version) {}
