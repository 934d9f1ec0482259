package nodyes.server.geo;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;

/** Which country a time zone is of, by the IANA time zone database. */
public final class TimeZoneCountries {
  private static final Map<String, String> COUNTRIES = read();

  private TimeZoneCountries() {}

  /** The country of a zone, as two letters (ISO 3166-1); empty where the database names none. */
  public static Optional<String> of(String zone) {
    return Optional.ofNullable(COUNTRIES.get(zone));
  }

  private static Map<String, String> read() {
    try (var lines =
        new BufferedReader(
            new InputStreamReader(
                Objects.requireNonNull(
                    TimeZoneCountries.class.getResourceAsStream("/zone-countries.tsv")),
                StandardCharsets.UTF_8))) {
      return lines
          .lines()
          .filter(line -> !line.startsWith("#"))
          .map(line -> line.split("\t", -1))
          .collect(Collectors.toUnmodifiableMap(line -> line[0], line -> line[1]));
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
