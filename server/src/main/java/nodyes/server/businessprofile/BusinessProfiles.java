package nodyes.server.businessprofile;

import static nodyes.server.messages.Texts.text;

import java.net.URI;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import nodyes.server.outbound.OutboundHttp;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/**
 * Reviews of the shop itself from a business directory: up to five, kept apart from those of
 * products, asked for on a schedule. What came last is stored, so that a directory that fails
 * changes nothing on the page.
 */
@Component
public class BusinessProfiles {
  private final BusinessProfileStore store;
  private final OutboundHttp fetch;
  private final Clock clock;

  BusinessProfiles(BusinessProfileStore store, OutboundHttp fetch, Clock clock) {
    this.store = store;
    this.fetch = fetch;
    this.clock = clock;
  }

  /**
   * How a directory is asked.
   *
   * @param service address of its service; the place's id is put behind it
   * @param profileId the id of the shop's place
   * @param minStars reviews of fewer stars are not shown
   * @param everyHours how often it is asked
   */
  public record Connection(String service, String profileId, int minStars, int everyHours) {}

  /** The entry, if a directory is connected. */
  public Optional<BusinessProfileView> find() {
    return store.find();
  }

  /**
   * Connects a directory, and asks it; without a key the one before stays, while it is the same
   * host. To another it is not told.
   */
  public BusinessProfileView connect(Connection connection, Optional<String> key) {
    var checked =
        new Connection(
            OutboundHttp.address(connection.service()),
            connection.profileId().strip(),
            connection.minStars(),
            connection.everyHours());
    String secret =
        key.or(
                () ->
                    store
                        .asking()
                        .filter(known -> isSameHost(known.service(), checked.service()))
                        .map(BusinessProfileStore.Asking::secret))
            .orElseThrow(() -> ApiProblem.unusable(text("directory.keyOfAnother")));
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
  public BusinessProfileView refresh() {
    BusinessProfileStore.Asking asking =
        store.asking().orElseThrow(() -> ApiProblem.notFound(text("directory.notConnected")));
    try {
      String address =
          asking.service().replaceFirst("/+$", "")
              + "/"
              + URLEncoder.encode(asking.profileId(), StandardCharsets.UTF_8);
      String answer = fetch.get(address, asking.secret(), OutboundHttp.Limits.PAGE).text();
      store.answered(DirectoryResponse.of(answer), clock.instant());
    } catch (ApiProblem e) {
      store.failed(String.valueOf(e.getMessage()), clock.instant());
    }
    return store.find().orElseThrow();
  }

  /** Asks the directory if it is time to. */
  boolean refreshIfDue(Instant now) {
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
    return due;
  }

  /** Takes the directory away, with all that came from it. */
  public void disconnect() {
    store.forget();
  }
}
