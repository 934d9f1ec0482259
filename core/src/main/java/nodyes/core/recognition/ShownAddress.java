package nodyes.core.recognition;

import java.util.Arrays;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nodyes.core.nod.PageKind;

/**
 * An address as it may be kept and shown to the owner. What could be a secret or could name a
 * person is left out of it: addresses hold links to set a password anew, e-mail addresses, numbers
 * of orders.
 */
public final class ShownAddress {
  private static final int LONGEST = 300;
  private static final String LEFT_OUT = "\u2026";

  /** A long run of letters and digits without a joint, or nothing but hexadecimal digits. */
  private static final Pattern SECRET =
      Pattern.compile("(?=\\w*\\d)(?=\\w*[A-Za-z])[\\w]{20,}|[0-9A-Fa-f]{16,}|[0-9A-Fa-f-]{32,}");

  /** In an address, at its two ways to say the sign. */
  private static final Pattern MAIL = Pattern.compile("[^/?&=]*(?:@|%40)[^/?&=]*");

  private static final Pattern DIGITS = Pattern.compile("[\\w-]*\\d[\\w-]*");

  private ShownAddress() {}

  /**
   * Leaves out what nobody needs to know.
   *
   * @param address path, with its query if it has one
   * @param kind what the page is; on a confirmation every number is left out, since it is of one
   *     order
   * @return at most 300 characters
   */
  public static String of(String address, PageKind kind) {
    String shown = of(address);
    return kind == PageKind.CONFIRMATION ? DIGITS.matcher(shown).replaceAll(LEFT_OUT) : shown;
  }

  /** Of a page of which the kind is not known, or does not matter. */
  public static String of(String address) {
    String path = address.split("#", 2)[0];
    String shown =
        Arrays.stream(path.split("(?<=[/?&=])|(?=[/?&=])"))
            .map(part -> SECRET.matcher(part).matches() ? LEFT_OUT : part)
            .map(part -> MAIL.matcher(part).replaceAll(LEFT_OUT))
            .collect(Collectors.joining());
    return shown.length() > LONGEST ? shown.substring(0, LONGEST - 1) + LEFT_OUT : shown;
  }
}
