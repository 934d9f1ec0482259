package nodyes.server.bringin;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.PriorityQueue;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.LongPredicate;
import nodyes.core.bringin.Candidate;
import nodyes.core.bringin.Column;
import nodyes.core.bringin.RowReader;
import nodyes.core.bringin.Selection;
import nodyes.core.common.Slug;
import nodyes.core.rating.RatingScale;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.catalogue.ProductFinder;
import nodyes.server.rows.CsvRows;
import nodyes.server.rows.FileKind;
import nodyes.server.shop.Shop;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Makes of what was found in a file, and what the owner chose, a way to read it. */
@Component
class Plans {
  private static final int MOST_CHOSEN = 1_000_000;

  private final Catalogue catalogue;
  private final Shop shop;
  private final Clock clock;
  private final LanguageGuess guess;

  Plans(Catalogue catalogue, Shop shop, Clock clock, LanguageGuess guess) {
    this.catalogue = catalogue;
    this.shop = shop;
    this.clock = clock;
    this.guess = guess;
  }

  /** Refuses choices that cannot be followed. */
  void check(Look look, Choices choices) {
    reader(look, choices);
    fixedProduct(choices);
    selection(choices);
    String unclear = Optional.ofNullable(look.dateUnclear()).orElse("");
    if (!unclear.isEmpty() && choices.dateOrder() == null && readsDates(look, choices)) {
      throw Refusal.unusable(
          "Say which comes first in its dates: in "
              + unclear
              + " either number may be the day, and no other date tells.");
    }
  }

  private static boolean readsDates(Look look, Choices choices) {
    Integer asked = columns(look, choices).get(Column.DATE);
    return asked != null && asked.equals(look.columns().get(Column.DATE));
  }

  private static Map<Column, Integer> columns(Look look, Choices choices) {
    return Optional.ofNullable(choices.columns()).orElse(look.columns());
  }

  /** Goes through a file; what is good goes to the taker. */
  void run(Path rows, Look look, Choices choices, Chunk.Taker taker, BooleanSupplier goOn)
      throws IOException {
    var file =
        new CsvRows(
            rows,
            Charset.forName(look.encoding()),
            look.delimiter().charAt(0),
            look.kind() != FileKind.CSV);
    ProductFinder products = catalogue.finder();
    RowReader reader = reader(look, choices);
    Selection selection = selection(choices);
    LocalDate today = LocalDate.ofInstant(clock.instant(), shop.settings().zone());
    var reading =
        new Reading(
            reader,
            products,
            fixedProduct(choices),
            selection,
            newest(file, reader, selection, choices, goOn),
            new Checks(guess, products, choices, today),
            choices,
            taker);
    file.read(reading, goOn);
    if (goOn.getAsBoolean()) {
      reading.end();
    }
  }

  private RowReader reader(Look look, Choices choices) {
    Map<Column, Integer> columns = columns(look, choices);
    if (!columns.containsKey(Column.RATING)) {
      throw Refusal.unusable("Say which column holds the rating.");
    }
    if (choices.product() == null && !columns.containsKey(Column.PRODUCT)) {
      throw Refusal.unusable("Choose the product, or say which column names it.");
    }
    for (int column : columns.values()) {
      if (column < 0 || column >= look.headings().size()) {
        throw Refusal.unusable("The file has no column " + (column + 1) + ".");
      }
    }
    var worst = Optional.ofNullable(choices.worst()).orElse(look.worst());
    var best = Optional.ofNullable(choices.best()).orElse(look.best());
    if (best.compareTo(worst) <= 0) {
      throw Refusal.unusable("The best rating of a scale is above its worst.");
    }
    ZoneId zone = shop.settings().zone();
    return new RowReader(
        columns,
        new RatingScale(worst, best),
        Optional.ofNullable(choices.dateOrder()).orElse(look.dateOrder()),
        zone);
  }

  private ProductFinder.@Nullable Found fixedProduct(Choices choices) {
    if (choices.product() == null) {
      return null;
    }
    return Slug.parse(choices.product())
        .flatMap(catalogue::id)
        .map(id -> new ProductFinder.Found(id, Optional.empty()))
        .orElseThrow(
            () -> Refusal.unusable("The catalogue holds no product " + choices.product() + "."));
  }

  private static Selection selection(Choices choices) {
    if (choices.most() != null && (choices.most() < 1 || choices.most() > MOST_CHOSEN)) {
      throw Refusal.unusable("Choose from 1 to 1,000,000 reviews.");
    }
    return new Selection(
        Optional.ofNullable(choices.stars()).orElse(Set.of()),
        Optional.ofNullable(choices.countries()).orElse(Set.of()),
        Optional.ofNullable(choices.languages()).orElse(Set.of()),
        Boolean.TRUE.equals(choices.withWords()),
        Boolean.TRUE.equals(choices.withPictures()));
  }

  private record Dated(LocalDate day, long line) {}

  /** The lines of the newest chosen rows; found in a run of its own, as files come in any order. */
  private static LongPredicate newest(
      CsvRows file, RowReader reader, Selection selection, Choices choices, BooleanSupplier goOn)
      throws IOException {
    if (choices.most() == null) {
      return _ -> true;
    }
    int most = choices.most();
    var oldestFirst =
        new PriorityQueue<Dated>(
            Comparator.comparing(Dated::day)
                .thenComparing(Comparator.comparingLong(Dated::line).reversed()));
    file.read(
        new CsvRows.Sink() {
          private boolean headingsSeen;

          @Override
          public void row(long line, List<String> cells) {
            if (headingsSeen
                && reader.read(line, cells) instanceof RowReader.Outcome.Good(Candidate review)
                && selection.takes(review)) {
              oldestFirst.add(new Dated(review.writtenOn().orElse(LocalDate.MIN), line));
              if (oldestFirst.size() > most) {
                oldestFirst.poll();
              }
            }
            headingsSeen = true;
          }

          @Override
          public void broken(long line, String start, String reason) {}
        },
        goOn);
    var lines = new HashSet<Long>();
    oldestFirst.forEach(dated -> lines.add(dated.line()));
    return lines::contains;
  }
}
