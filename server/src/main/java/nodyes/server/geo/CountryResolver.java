package nodyes.server.geo;

import static nodyes.server.messages.Texts.text;

import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.nio.file.Path;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import nodyes.server.ServerSettings;
import nodyes.server.database.Database;
import nodyes.server.database.Derived;
import nodyes.server.database.Topic;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Where a shopper is: as the shopper chose, else as a trusted proxy tells, else by the address,
 * else by the time zone of the machine, else not known.
 */
@Component
public class CountryResolver {
  private static final Pattern COUNTRY = Pattern.compile("[A-Za-z]{2}");
  private static final Pattern HEADER = Pattern.compile("[A-Za-z0-9-]{0,60}");

  private final GeoSettingsStore store;
  private final Optional<IpCountryRanges> ranges;
  private final Derived<String> header;

  CountryResolver(GeoSettingsStore store, ServerSettings settings, Database database) {
    this.store = store;
    this.header = database.derive(store::header, Topic.SHOP);
    this.ranges =
        settings
            .geofeedFile()
            .filter(file -> !file.isBlank())
            .map(
                file -> {
                  try {
                    return IpCountryRanges.read(Path.of(file));
                  } catch (IOException e) {
                    throw new UncheckedIOException(text("where.unreadable"), e);
                  }
                });
  }

  /**
   * The country of whoever asks, where it is known.
   *
   * @param chosen the country that the shopper chose
   * @param zone the machine's time zone (IANA)
   */
  public Optional<String> find(
      @Nullable String chosen, @Nullable String zone, HttpServletRequest request) {
    return code(chosen)
        .or(() -> byAddress(request))
        .or(() -> Optional.ofNullable(zone).flatMap(TimeZoneCountries::of));
  }

  /** By what comes with the request itself, and not with its address. */
  private Optional<String> byAddress(HttpServletRequest request) {
    String name = header();
    if (!name.isEmpty()) {
      Optional<String> told = code(request.getHeader(name));
      if (told.isPresent()) {
        return told;
      }
    }
    return ranges.flatMap(known -> known.find(InetAddress.ofLiteral(request.getRemoteAddr())));
  }

  private static Optional<String> code(@Nullable String text) {
    return Optional.ofNullable(text)
        .map(String::strip)
        .filter(code -> COUNTRY.matcher(code).matches())
        .map(code -> code.toUpperCase(Locale.ROOT));
  }

  /** The header by which a proxy tells the country; empty where none is trusted. */
  public String header() {
    return header.get();
  }

  /** Whether countries are looked up by address. */
  public boolean looksUp() {
    return ranges.isPresent();
  }

  /** Trusts a proxy's header, or none. */
  public void trust(String name) {
    String wanted = name.strip();
    if (!HEADER.matcher(wanted).matches()) {
      throw ApiProblem.value("header", text("where.header"));
    }
    store.save(wanted);
  }
}
