package nodyes.server.pages;

import java.util.Arrays;
import java.util.Optional;

/**
 * Whether a page lets itself be framed: CSP's frame-ancestors (CSP Level 3, section 6.4.2), which
 * goes before X-Frame-Options (RFC 7034).
 *
 * @param isAllowed whether it does
 * @param because the header that says no
 */
record FramePolicy(boolean isAllowed, String because) {
  private static final FramePolicy ALLOWED = new FramePolicy(true, "");
  private static final String DIRECTIVE = "frame-ancestors";

  /**
   * Reads the two headers.
   *
   * @param page the page's own origin
   * @param frame the origin that would frame it
   */
  static FramePolicy of(
      Optional<String> policy, Optional<String> options, String page, String frame) {
    Optional<String> ancestors =
        policy.flatMap(
            text ->
                Arrays.stream(text.split("[;,]"))
                    .map(String::strip)
                    .filter(part -> part.toLowerCase(java.util.Locale.ROOT).startsWith(DIRECTIVE))
                    .findFirst());
    if (ancestors.isPresent()) {
      String said = ancestors.get();
      return Arrays.stream(said.substring(DIRECTIVE.length()).strip().split("\\s+"))
              .anyMatch(source -> lets(source, page, frame))
          ? ALLOWED
          : new FramePolicy(false, "Content-Security-Policy: " + said);
    }
    return options
        .map(String::strip)
        .filter(
            text ->
                text.equalsIgnoreCase("DENY")
                    || (text.equalsIgnoreCase("SAMEORIGIN") && !page.equals(frame)))
        .map(text -> new FramePolicy(false, "X-Frame-Options: " + text))
        .orElse(ALLOWED);
  }

  private static boolean lets(String source, String page, String frame) {
    if (source.equals("*")) {
      return true;
    }
    if (source.equalsIgnoreCase("'self'")) {
      return page.equals(frame);
    }
    String host = frame.replaceFirst("^[a-z]+://", "");
    return source.equals(frame)
        || source.equals(host)
        || (source.endsWith(":") && frame.startsWith(source))
        || (source.startsWith("*.") && host.endsWith(source.substring(1)))
        || (source.endsWith(":*") && host.startsWith(source.substring(0, source.length() - 1)));
  }
}
