package nodyes.core.showing;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.Locale;
import nodyes.core.audience.Figure;
import nodyes.core.delivery.Delivery;

/** Clauses on when orders arrive. */
final class DeliveryClauses {
  private static final DateTimeFormatter DAY =
      DateTimeFormatter.ofPattern("EEE d MMM", Locale.ENGLISH);

  private DeliveryClauses() {}

  static String of(Figure figure) {
    return switch (figure) {
      case Figure.Arrival(var country, var leaves, var arrives) ->
          "an order to "
              + name(country)
              + " leaves "
              + span(leaves, " or ")
              + " and arrives "
              + span(arrives, " to ");
      case Figure.NoArrival(var country, var reason) -> name(country) + ": " + reason.words();
      case Figure.Names names -> String.join(", ", names.values());
      default -> "no promise can be made";
    };
  }

  private static String span(Delivery.Span span, String between) {
    LocalDate first = span.first();
    LocalDate last = span.last();
    return first.equals(last)
        ? DAY.format(first)
        : DAY.format(first)
            + (first.plusDays(1).equals(last) ? between : " to ")
            + DAY.format(last);
  }

  private static String name(String country) {
    return Locale.of("", country).getDisplayCountry(Locale.ENGLISH);
  }
}
