package nodyes.server.pages;

import static nodyes.server.messages.Texts.text;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.time.format.DateTimeParseException;
import java.time.temporal.ChronoUnit;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nodyes.core.common.Slug;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Viewpoint;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Given;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** Reads a viewpoint from an address's parameters. */
public final class ViewpointParser {
  private static final int MOST_PRODUCTS = 100;
  private static final Duration LONGEST_AGO = Duration.ofDays(90);
  private static final Duration SLACK = Duration.ofMinutes(10);
  private static final Instant FIRST = Instant.parse("2000-01-01T00:00:00Z");
  private static final Instant LAST = Instant.parse("2100-01-01T00:00:00Z");

  private ViewpointParser() {}

  /**
   * What a page is asked for as.
   *
   * @param kind the kind of page
   * @param products slugs parted by commas
   */
  public record Asked(
      String kind,
      @Nullable String products,
      @Nullable String variant,
      @Nullable String country,
      @Nullable String language) {}

  /** A viewpoint; slugs that are none are passed over, as unknown products are. */
  public static Viewpoint of(Asked asked, Instant moment) {
    PageKind page =
        PageKind.parse(asked.kind())
            .orElseThrow(() -> new ApiProblem(HttpStatus.BAD_REQUEST, text("pages.kinds")));
    return new Viewpoint(
        page,
        slugs(asked.products()),
        Given.text(asked.variant()),
        Given.text(asked.country()).map(code -> code.toUpperCase(Locale.ROOT)),
        Locale.forLanguageTag(Given.text(asked.language()).orElse("en")),
        Optional.empty(),
        moment);
  }

  /** Slugs parted by commas; what is none is passed over. */
  static List<Slug> slugs(@Nullable String products) {
    if (products == null) {
      return List.of();
    }
    List<Slug> slugs =
        Arrays.stream(products.split(","))
            .map(String::strip)
            .map(Slug::parse)
            .flatMap(Optional::stream)
            .distinct()
            .toList();
    if (slugs.size() > MOST_PRODUCTS) {
      throw new ApiProblem(HttpStatus.BAD_REQUEST, text("pages.upTo100"));
    }
    return slugs;
  }

  /** The same look; what is looked at of a confirmation is of an order placed at that moment. */
  public static Viewpoint orderedThen(Viewpoint viewpoint) {
    return viewpoint.page() == PageKind.CONFIRMATION
        ? viewpoint.ordered(Optional.of(viewpoint.moment()))
        : viewpoint;
  }

  /**
   * When an order was placed: an instant that is not long ago, and not ahead of the clock by more
   * than clocks of shops go wrong. Anything else is passed over, and so promises nothing.
   */
  public static Optional<Instant> ordered(@Nullable String at, Instant now) {
    try {
      return Given.text(at)
          .map(Instant::parse)
          .filter(one -> one.isAfter(now.minus(LONGEST_AGO)) && one.isBefore(now.plus(SLACK)));
    } catch (DateTimeParseException e) {
      return Optional.empty();
    }
  }

  /** What the shop's clock shows at a moment, as an address names it. */
  public static String shopTime(Instant moment, ZoneId zone) {
    return LocalDateTime.ofInstant(moment.truncatedTo(ChronoUnit.MINUTES), zone).toString();
  }

  /**
   * The moment that an address names: an instant, or a date and time in the shop's zone. One that a
   * clock change skips is as much later as was skipped; of two that it repeats, it is the earlier.
   */
  public static Instant moment(@Nullable String at, ZoneId zone, Instant now) {
    Optional<String> text = Given.text(at);
    if (text.isEmpty()) {
      return now;
    }
    try {
      Instant moment =
          text.get().endsWith("Z")
              ? Instant.parse(text.get())
              : LocalDateTime.parse(text.get()).atZone(zone).toInstant();
      if (moment.isAfter(FIRST) && moment.isBefore(LAST)) {
        return moment;
      }
    } catch (DateTimeParseException e) {
      // told below
    }
    throw ApiProblem.value("at", text("pages.notAMoment"));
  }
}
