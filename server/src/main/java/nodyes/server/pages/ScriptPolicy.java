package nodyes.server.pages;

import com.shapesecurity.salvation2.Policy;
import com.shapesecurity.salvation2.Policy.PolicyListErrorConsumer;
import com.shapesecurity.salvation2.URLs.URI;
import com.shapesecurity.salvation2.URLs.URLWithScheme;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jsoup.nodes.Document;
import org.jsoup.nodes.Element;

/**
 * Whether a page's Content Security Policy (CSP Level 3) lets the line of script run: the script
 * and what it loads, what it asks, pictures and fonts; and the policy of the script's own that a
 * page with Trusted Types (W3C) must know.
 */
final class ScriptPolicy {
  private static final String TRUSTED_TYPES = "trusted-types";
  private static final String OUR_TYPES = "nodyes";

  private ScriptPolicy() {}

  /**
   * What has to be added to the page's rules.
   *
   * @param header the policies of the page's headers, if it has some
   * @param script where the script is loaded from
   * @param nonce the nonce of the line, if it has one
   * @return sources by directive; empty where nothing is blocked
   */
  static Map<String, String> missing(
      Optional<String> header, Document html, String script, Optional<String> nonce) {
    Optional<URLWithScheme> page = url(html.location());
    Optional<URLWithScheme> from = url(script);
    String origin = script.replaceFirst("(?i)^(https?://[^/]+).*", "$1");
    var missing = new LinkedHashMap<String, String>();
    for (Policy policy : policies(header, html)) {
      if (!policy.allowsExternalScript(nonce, Optional.empty(), from, Optional.of(true), page)) {
        missing.put("script-src", origin);
      }
      if (!policy.allowsConnection(url(origin + "/embed/v1/page"), page)) {
        missing.put("connect-src", origin);
      }
      if (!policy.allowsImage(url(origin + "/photos/1"), page)) {
        missing.put("img-src", origin);
      }
      if (!policy.allowsFont(url(origin + "/fonts/1"), page)) {
        missing.put("font-src", origin);
      }
      if (!letsTypes(policy)) {
        missing.put(TRUSTED_TYPES, OUR_TYPES);
      }
    }
    return missing;
  }

  /** All that a strict page has to let in, in the form of a policy's directives. */
  static String sources(String origin) {
    return "script-src %1$s; connect-src %1$s; img-src %1$s; font-src %1$s; %2$s %3$s"
        .formatted(origin, TRUSTED_TYPES, OUR_TYPES);
  }

  private static List<Policy> policies(Optional<String> header, Document html) {
    var all = new ArrayList<Policy>();
    header.ifPresent(text -> all.addAll(parsed(text)));
    for (Element meta : html.select("meta[http-equiv=Content-Security-Policy i]")) {
      all.addAll(parsed(meta.attr("content")));
    }
    return all;
  }

  private static List<Policy> parsed(String text) {
    return Policy.parseSerializedCSPList(ascii(text), PolicyListErrorConsumer.ignored).policies;
  }

  /** A policy is of ASCII alone; what is not says nothing. */
  private static String ascii(String text) {
    return text.replaceAll("[^\\p{ASCII}]", "");
  }

  private static boolean letsTypes(Policy policy) {
    Optional<List<String>> named = directive(policy, TRUSTED_TYPES);
    return named.isEmpty() || named.get().contains("*") || named.get().contains(OUR_TYPES);
  }

  /** The library knows the directive by its text alone: it is younger. */
  private static Optional<List<String>> directive(Policy policy, String name) {
    for (String part : policy.toString().split(";")) {
      String[] words = part.strip().split("\\s+");
      if (words[0].equalsIgnoreCase(name)) {
        return Optional.of(List.of(words).subList(1, words.length));
      }
    }
    return Optional.empty();
  }

  private static Optional<URLWithScheme> url(String address) {
    return URI.parseURI(address).map(URLWithScheme.class::cast);
  }
}
