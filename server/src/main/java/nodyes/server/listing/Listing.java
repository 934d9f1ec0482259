package nodyes.server.listing;

import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import nodyes.server.outside.Fetch;
import nodyes.server.web.Refusal;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * Reviews of the shop itself from a business directory: up to five, kept apart from those of
 * products, asked for on a schedule. What came last is stored, so that a directory that fails
 * changes nothing on the page.
 */
@Component
public class Listing {
  private final ListingStore store;
  private final Fetch fetch;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  Listing(ListingStore store, Fetch fetch, Clock clock, ApplicationEventPublisher events) {
    this.store = store;
    this.fetch = fetch;
    this.clock = clock;
    this.events = events;
  }

  /**
   * How a directory is asked.
   *
   * @param service address of its service; the place's id is put behind it
   * @param place the id of the shop's place
   * @param leastStars reviews of fewer stars are not shown
   * @param everyHours how often it is asked
   */
  public record Connection(String service, String place, int leastStars, int everyHours) {}

  /** The entry, if a directory is connected. */
  public Optional<ListingView> find() {
    return store.find();
  }

  /**
   * Connects a directory, and asks it; without a key the one before stays, while it is the same
   * host. To another it is not told.
   */
  public ListingView connect(Connection connection, Optional<String> key) {
    var checked =
        new Connection(
            Fetch.address(connection.service()),
            connection.place().strip(),
            connection.leastStars(),
            connection.everyHours());
    String secret =
        key.or(
                () ->
                    store
                        .asking()
                        .filter(known -> isSameHost(known.service(), checked.service()))
                        .map(ListingStore.Asking::secret))
            .orElseThrow(
                () ->
                    Refusal.unusable(
                        "Give the key that this directory gave you; a key of another one is not sent"
                            + " to it."));
    store.save(checked, secret);
    return refresh();
  }

  private static boolean isSameHost(String one, String other) {
    URI first = URI.create(one);
    URI second = URI.create(other);
    return first.getScheme().equalsIgnoreCase(second.getScheme())
        && first.getAuthority().equalsIgnoreCase(second.getAuthority());
  }

  /** Asks the directory now. */
  public ListingView refresh() {
    ListingStore.Asking asking =
        store.asking().orElseThrow(() -> Refusal.notFound("No directory is connected."));
    try {
      String address =
          asking.service().replaceFirst("/+$", "")
              + "/"
              + URLEncoder.encode(asking.place(), StandardCharsets.UTF_8);
      String answer = fetch.get(address, asking.secret(), Fetch.Limits.PAGE).text();
      store.answered(DirectoryAnswer.of(answer), clock.instant());
    } catch (Refusal e) {
      store.failed(String.valueOf(e.getMessage()), clock.instant());
    }
    events.publishEvent(new ListingChanged());
    return store.find().orElseThrow();
  }

  /** Asks the directory if it is time to. */
  void refreshIfDue(Instant now) {
    boolean due =
        store
            .asking()
            .filter(
                asking ->
                    asking
                        .at()
                        .map(at -> !at.plus(Duration.ofHours(asking.everyHours())).isAfter(now))
                        .orElse(true))
            .isPresent();
    if (due) {
      refresh();
    }
  }

  /** Takes the directory away, with all that came from it. */
  public void disconnect() {
    store.forget();
    events.publishEvent(new ListingChanged());
  }
}
