package nodyes.server.orders;

import static nodyes.server.messages.Texts.text;
import static nodyes.server.web.JsonLines.text;

import java.io.IOException;
import java.io.Reader;
import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Predicate;
import nodyes.core.common.Decimals;
import nodyes.core.imports.CountryNames;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.DateParser;
import nodyes.core.imports.InvalidValueException;
import nodyes.core.imports.WrittenDate;
import nodyes.core.sales.OrderOutcome;
import nodyes.server.shop.Shop;
import nodyes.server.web.JsonLines;
import nodyes.server.web.JsonLines.BadField;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;
import tools.jackson.databind.JsonNode;

/**
 * Reads orders of JSON Lines, each a schema.org Order: orderNumber, orderDate, orderStatus,
 * customer.address.addressCountry, orderedItem with orderQuantity and orderedItem.sku,
 * orderDelivery with deliveryStatus, DeliveryEvents named shipped and arrived with their startDate.
 * One that is cancelled may come without its items.
 */
@Component
public class OrderImport {
  private static final int CHUNK = 500;

  /** Name of the PropertyValue by which a customer lets the shop tell the first name. */
  static final String CONSENT = "firstNameMayBeTold";

  private static final int MOST_LOOKED = 200_000;
  private static final int LONGEST_NAME = 80;
  private static final BigDecimal MOST_PIECES = BigDecimal.valueOf(1_000_000);

  private final OrderStore store;

  /** Clocks of shops go a little wrong. */
  private static final Duration SLACK = Duration.ofMinutes(10);

  private final JsonLines json;
  private final Shop shop;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  OrderImport(
      OrderStore store, JsonLines json, Shop shop, Clock clock, ApplicationEventPublisher events) {
    this.store = store;
    this.json = json;
    this.shop = shop;
    this.clock = clock;
    this.events = events;
  }

  record NewOrder(
      String number,
      Instant placedAt,
      Optional<String> country,
      Optional<String> town,
      Optional<String> firstName,
      boolean cancelled,
      Optional<LocalDate> shippedOn,
      Optional<LocalDate> arrivedOn,
      List<Line> lines) {}

  record Line(String sku, long quantity, long returned) {
    /** Both lines as one. */
    Line with(Line other) {
      return new Line(sku, quantity + other.quantity, returned + other.returned);
    }
  }

  /** Takes the good lines; an order that is here already is replaced. */
  public JsonLines.Result read(Reader lines) throws IOException {
    Taking taking = taking(Runnable::run);
    try {
      return json.read(lines, taking);
    } finally {
      taking.end();
    }
  }

  /**
   * Orders to be taken one after another.
   *
   * @param within runs each piece of writing
   */
  public Taking taking(Consumer<Runnable> within) {
    return new Taking(true, within);
  }

  /** Orders to be looked through alone. */
  public Taking looking() {
    return new Taking(false, Runnable::run);
  }

  private ZoneId zone() {
    return shop.settings().zone();
  }

  /** One reading of orders. */
  public final class Taking implements JsonLines.Taker {
    private final Map<String, Long> variants = store.variants();
    private final Map<String, OrderOutcome> words = store.statusWords();
    private final List<NewOrder> chunk = new ArrayList<>();
    private final OrderTally tally = new OrderTally(clock.instant());
    private final Set<Long> changed = new HashSet<>();
    private final Set<String> looked = new HashSet<>();
    private final boolean isKept;
    private final Consumer<Runnable> within;

    private Taking(boolean isKept, Consumer<Runnable> within) {
      this.within = within;
      this.isKept = isKept;
    }

    /** What has come so far. */
    public OrderTally tally() {
      return tally;
    }

    @Override
    public void take(long line, JsonNode node) {
      NewOrder order = order(node, variants, words, this::isKnown);
      tally.add(order);
      if (!isKept) {
        if (looked.size() < MOST_LOOKED) {
          looked.add(order.number());
        }
        return;
      }
      if (order.lines().isEmpty()) {
        save();
        within.accept(() -> changed.addAll(store.cancel(order.number())));
        return;
      }
      chunk.add(order);
      if (chunk.size() == CHUNK) {
        save();
      }
    }

    /** Whether there is such an order, kept or just read. */
    private boolean isKnown(String number) {
      return looked.contains(number)
          || chunk.stream().anyMatch(order -> order.number().equals(number))
          || store.knows(number);
    }

    /**
     * Keeps what is left to keep, and tells once of all products that it was of: what counts sales
     * reads all days of each anew.
     */
    public void end() {
      try {
        save();
      } finally {
        if (!changed.isEmpty()) {
          events.publishEvent(new OrdersChanged(Set.copyOf(changed)));
          changed.clear();
        }
      }
    }

    private void save() {
      if (!chunk.isEmpty()) {
        within.accept(() -> changed.addAll(store.save(chunk, variants)));
        chunk.clear();
      }
    }
  }

  private NewOrder order(
      JsonNode node,
      Map<String, Long> variants,
      Map<String, OrderOutcome> words,
      Predicate<String> isKnown) {
    String number = text(node, "orderNumber");
    OrderOutcome outcome = outcome(node, "orderStatus", words);
    boolean isCancelled = outcome == OrderOutcome.NOT_SOLD;
    if (isCancelled && node.path("orderedItem").isEmpty()) {
      if (!isKnown.test(number)) {
        throw new BadField("orderNumber", number, text("feeds.cancelledUnknown"));
      }
      return cancelled(number);
    }
    Instant placed = date("orderDate", text(node, "orderDate")).instantIn(zone());
    if (placed.isAfter(clock.instant().plus(SLACK))) {
      throw new BadField("orderDate", text(node, "orderDate"), text("feeds.future"));
    }
    Optional<LocalDate> shipped = event(node, "shipped");
    Optional<LocalDate> arrived = event(node, "arrived");
    if (shipped.isPresent() && arrived.filter(shipped.get()::isAfter).isPresent()) {
      throw new BadField(
          "orderDelivery", arrived.get().toString(), text("feeds.arrivedBeforeShipped"));
    }
    JsonNode customer = node.path("customer");
    JsonNode address = customer.path("address");
    return new NewOrder(
        number,
        placed,
        country(address.path("addressCountry")),
        some(address.path("addressLocality")).filter(town -> town.length() <= LONGEST_NAME),
        some(customer.path("givenName"))
            .filter(name -> mayBeTold(customer) && name.length() <= LONGEST_NAME),
        isCancelled,
        shipped,
        arrived,
        lines(node, variants, outcome, words));
  }

  /** One that may be two days is refused: nothing else of the file is known here. */
  private static WrittenDate date(String field, String text) {
    if (DateOrder.isTwoDays(text)) {
      throw new BadField(field, text, text("feeds.dateOfTwoWays"));
    }
    try {
      return DateParser.parse(text, DateOrder.DAY_FIRST);
    } catch (InvalidValueException e) {
      throw new BadField(field, text, text(e.reason()));
    }
  }

  /** What became of it by its status; sold where it has none. */
  private static OrderOutcome outcome(JsonNode node, String term, Map<String, OrderOutcome> words) {
    Optional<String> status = some(node.path(term));
    return status
        .map(
            text ->
                OrderOutcome.of(text)
                    .or(() -> Optional.ofNullable(words.get(OrderOutcome.plain(text))))
                    .orElseThrow(() -> new BadField(term, text, text("feeds.unknownStatus"))))
        .orElse(OrderOutcome.SOLD);
  }

  /** By name or code; schema.org has it as a Country as well. */
  private static Optional<String> country(JsonNode node) {
    return some(node.isObject() ? node.path("name") : node)
        .map(
            text ->
                CountryNames.code(text)
                    .orElseThrow(
                        () -> new BadField("addressCountry", text, text("feeds.notACountry"))));
  }

  private NewOrder cancelled(String number) {
    return new NewOrder(
        number,
        clock.instant(),
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        true,
        Optional.empty(),
        Optional.empty(),
        List.of());
  }

  private static List<Line> lines(
      JsonNode order,
      Map<String, Long> variants,
      OrderOutcome outcome,
      Map<String, OrderOutcome> words) {
    var lines = new ArrayList<Line>();
    for (JsonNode item : order.path("orderedItem")) {
      lines.add(line(item, variants, outcome, words));
    }
    if (lines.isEmpty()) {
      throw new IllegalArgumentException(text("feeds.noItems"));
    }
    return lines;
  }

  /** The day of a DeliveryEvent of its parcel. */
  private static Optional<LocalDate> event(JsonNode order, String name) {
    JsonNode events = order.path("orderDelivery").path("deliveryStatus");
    for (JsonNode one : events.isObject() ? List.of(events) : events) {
      if (one.path("name").asString("").equals(name)) {
        return Optional.of(date(name, text(one, "startDate")).day());
      }
    }
    return Optional.empty();
  }

  private static Optional<String> some(JsonNode node) {
    return Optional.of(node.asString("").strip()).filter(text -> !text.isEmpty());
  }

  /** A first name is kept only of a customer who lets the shop tell it. */
  private static boolean mayBeTold(JsonNode customer) {
    JsonNode given = customer.path("additionalProperty");
    for (JsonNode property : given.isObject() ? List.of(given) : given) {
      if (property.path("name").asString("").equals(CONSENT)) {
        return property.path("value").asBoolean(false);
      }
    }
    return false;
  }

  private static Line line(
      JsonNode item,
      Map<String, Long> variants,
      OrderOutcome ofAll,
      Map<String, OrderOutcome> words) {
    String sku = text(item.path("orderedItem"), "sku");
    if (!variants.containsKey(sku)) {
      throw new BadField("sku", sku, text("feeds.noProductWithSku", "sku", sku));
    }
    long quantity = quantity(item.path("orderQuantity").asString("1").strip());
    OrderOutcome own = outcome(item, "orderItemStatus", words);
    boolean isKept = ofAll != OrderOutcome.RETURNED && own == OrderOutcome.SOLD;
    return new Line(sku, quantity, isKept ? 0 : quantity);
  }

  /** A whole number of pieces, however many zeros stand behind its point. */
  private static long quantity(String text) {
    try {
      BigDecimal pieces = Decimals.of(text.replace(',', '.'));
      if (pieces.signum() > 0 && pieces.compareTo(MOST_PIECES) <= 0) {
        return pieces.longValueExact();
      }
    } catch (ArithmeticException | NumberFormatException e) {
      throw new BadField("orderQuantity", text, text("feeds.quantity"));
    }
    throw new BadField("orderQuantity", text, text("feeds.quantity"));
  }
}
