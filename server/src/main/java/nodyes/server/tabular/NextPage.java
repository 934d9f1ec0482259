package nodyes.server.tabular;

import java.net.URI;
import java.util.Arrays;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/** Finds the page after a page of reviews: as links say it to machines, else to people. */
final class NextPage {
  private static final Pattern SAID =
      Pattern.compile(
          "(?:next(?: page)?|more reviews|nächste(?: seite)?|weiter|siguiente(?: página)?|suivante?|page suivante|próxima|seguinte|página seguinte)?\\s*[›»→>]?",
          Pattern.CASE_INSENSITIVE | Pattern.UNICODE_CASE);

  /** What an address has that tells a page, and no other product. */
  private static final Pattern OF_PATH =
      Pattern.compile("/(?:page|p|pg|seite|pagina|página)[-/]?\\d+/?$", Pattern.CASE_INSENSITIVE);

  private static final Pattern OF_QUERY =
      Pattern.compile(
          "(?:[^=]*page[^=]*|p|pg|seite|pagina|página|[^=]*start|[^=]*offset|from|[^=]*cursor|after)=.*",
          Pattern.CASE_INSENSITIVE);

  private NextPage() {}

  /** Its address, if the page names one. */
  static Optional<String> of(Document document) {
    return address(document, "link[rel~=(?i)\\bnext\\b][href],a[rel~=(?i)\\bnext\\b][href]")
        .or(
            () ->
                document.select("a[href]").stream()
                    .filter(link -> isNext(link.text()) || isNext(link.attr("aria-label")))
                    .map(link -> link.absUrl("href"))
                    // 'next' may lead to the next product
                    .filter(other -> isOfTheSame(document.location(), other))
                    .findFirst());
  }

  private static Optional<String> address(Document document, String links) {
    return document.select(links).stream()
        .map((Element link) -> link.absUrl("href"))
        .filter(address -> !address.isEmpty())
        .findFirst();
  }

  private static boolean isNext(String said) {
    return !said.isBlank() && SAID.matcher(said.strip()).matches();
  }

  /** Whether two addresses differ in nothing but what counts pages. */
  static boolean isOfTheSame(String address, String other) {
    try {
      return path(address).equals(path(other)) && query(address).equals(query(other));
    } catch (IllegalArgumentException e) {
      return false;
    }
  }

  private static String path(String address) {
    String path = URI.create(address).getPath();
    return path == null ? "" : OF_PATH.matcher(path).replaceFirst("").replaceFirst("/$", "");
  }

  private static Set<String> query(String address) {
    String query = URI.create(address).getQuery();
    return query == null
        ? Set.of()
        : Arrays.stream(query.split("&"))
            .filter(one -> !OF_QUERY.matcher(one).matches())
            .collect(Collectors.toSet());
  }
}
