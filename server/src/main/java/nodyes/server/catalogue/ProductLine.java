package nodyes.server.catalogue;

/**
 * A product in a list.
 *
 * @param id its id
 * @param slug its name in addresses
 * @param title what the shop calls it
 * @param picture address of its picture at the shop, or empty
 * @param variants how many variants it has
 * @param published how many published reviews it has
 */
public record ProductLine(
    long id, String slug, String title, String picture, long variants, long published) {}
