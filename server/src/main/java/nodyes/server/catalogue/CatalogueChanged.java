package nodyes.server.catalogue;

/** Products changed, came or went. */
public record CatalogueChanged() {}
