package nodyes.server.listing;

/** What a directory says of the shop was asked for again, or is gone. */
public record ListingChanged() {}
