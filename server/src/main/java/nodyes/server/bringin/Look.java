package nodyes.server.bringin;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import nodyes.core.bringin.Column;
import nodyes.core.bringin.DateOrder;

/**
 * What a file was found to hold.
 *
 * @param encoding name of its encoding
 * @param delimiter what parts its cells
 * @param headings its first row
 * @param columns which column is taken for what
 * @param samples its first rows, with their lines
 * @param rows rows under the headings
 * @param broken rows that cannot be read
 * @param dateOrder the order of its dates
 * @param dateBecause the date that decided it, or empty
 * @param worst the lowest rating of the scale that its ratings seem to have
 * @param best the highest
 * @param highestRating the highest rating in it; 0 where there is none
 */
public record Look(
    String encoding,
    String delimiter,
    List<String> headings,
    Map<Column, Integer> columns,
    List<Sample> samples,
    long rows,
    long broken,
    DateOrder dateOrder,
    String dateBecause,
    BigDecimal worst,
    BigDecimal best,
    BigDecimal highestRating) {
  /** A row as it stands in the file. */
  public record Sample(long line, List<String> cells) {}
}
