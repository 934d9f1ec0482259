package nodyes.server.imports;

/**
 * What came of the rows of a file so far.
 *
 * @param rowsSeen rows looked at
 * @param imported reviews stored
 * @param unreadable rows that cannot be taken
 * @param duplicates rows whose review is here already
 * @param leftOutBefore rows whose review was left out before
 * @param notSelected good rows that were not chosen
 */
public record ImportCounts(
    long rowsSeen,
    long imported,
    long unreadable,
    long duplicates,
    long leftOutBefore,
    long notSelected) {
  static final ImportCounts NONE = new ImportCounts(0, 0, 0, 0, 0, 0);
}
