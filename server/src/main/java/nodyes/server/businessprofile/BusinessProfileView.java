package nodyes.server.businessprofile;

import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The shop's entry in a business directory, as it was last given; written as one flat object.
 *
 * @param connection which entry, and how it is asked for
 * @param entry what stands there
 * @param lookup when it was asked for
 * @param items the reviews that are shown
 * @param hidden how many have fewer stars than chosen
 */
public record BusinessProfileView(
    @JsonUnwrapped Connection connection,
    @JsonUnwrapped Entry entry,
    @JsonUnwrapped Lookup lookup,
    List<Item> items,
    int hidden) {
  /**
   * Which entry, and how it is asked for.
   *
   * @param service address of the directory's service
   * @param profileId id of the shop's place there
   * @param minStars reviews of fewer stars are kept and not shown
   * @param everyHours how often it is asked
   */
  public record Connection(String service, String profileId, int minStars, int everyHours) {}

  /**
   * What stands in the directory.
   *
   * @param title the name of the place there
   * @param rating its mean there, of all its reviews
   * @param reviews how many it has there
   * @param link where all of them are read
   */
  public record Entry(
      @Nullable String title,
      @Nullable BigDecimal rating,
      @Nullable Long reviews,
      @Nullable String link) {}

  /**
   * When the directory was asked.
   *
   * @param askedAt the last time
   * @param answeredAt when it last answered; what is stored is of then
   * @param failure why it did not answer the last time, if so
   */
  public record Lookup(
      @Nullable Instant askedAt, @Nullable Instant answeredAt, @Nullable String failure) {}

  /** A review of the shop itself. */
  public record Item(
      BigDecimal stars,
      @Nullable String text,
      @Nullable String reviewer,
      @Nullable String language,
      @Nullable LocalDate reviewedOn,
      @Nullable String link) {}
}
