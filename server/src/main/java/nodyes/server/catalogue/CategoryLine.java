package nodyes.server.catalogue;

/**
 * A category in a list.
 *
 * @param slug its name in addresses
 * @param title what the shop calls it
 * @param products how many products are in it itself
 */
public record CategoryLine(String slug, String title, long products) {}
