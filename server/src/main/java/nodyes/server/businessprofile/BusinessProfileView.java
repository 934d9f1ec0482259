package nodyes.server.businessprofile;

import java.math.BigDecimal;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The shop's entry in a business directory, as it was last given.
 *
 * @param service address of the directory's service
 * @param profileId id of the shop's place there
 * @param minStars reviews of fewer stars are kept and not shown
 * @param everyHours how often it is asked
 * @param title the name of the place there
 * @param rating its mean there, of all its reviews
 * @param reviews how many it has there
 * @param link where all of them are read
 * @param askedAt when it was last asked
 * @param answeredAt when it last answered; what is stored is of then
 * @param failure why it did not answer the last time, if so
 * @param items the reviews that are shown
 * @param hidden how many have fewer stars than chosen
 */
public record BusinessProfileView(
    String service,
    String profileId,
    int minStars,
    int everyHours,
    @Nullable String title,
    @Nullable BigDecimal rating,
    @Nullable Long reviews,
    @Nullable String link,
    @Nullable Instant askedAt,
    @Nullable Instant answeredAt,
    @Nullable String failure,
    List<Item> items,
    int hidden) {
  /** A review of the shop itself. */
  public record Item(
      BigDecimal stars,
      @Nullable String text,
      @Nullable String reviewer,
      @Nullable String language,
      @Nullable LocalDate reviewedOn,
      @Nullable String link) {}
}
