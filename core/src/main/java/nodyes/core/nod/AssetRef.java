package nodyes.core.nod;

import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A font or picture of the shop's own that a look names, written as {@code own:} and its file. The
 * file is named by the hash of its content, so that a look of long ago still finds the same.
 *
 * @param hash forty hexadecimal digits
 * @param ending the ending of its file: {@code woff2}, {@code png}, {@link #DRAWN} or {@link
 *     #ALL_WEIGHTS}
 */
public record AssetRef(String hash, String ending) {
  /** The ending of a font that holds all weights in one file (OpenType font variations). */
  public static final String ALL_WEIGHTS = "var.woff2";

  /** The ending of a picture of lines and shapes (W3C SVG), cleaned. */
  public static final String DRAWN = "svg";

  /** What a look writes before the name of a file. */
  public static final String PREFIX = "own:";

  private static final Pattern WRITTEN =
      Pattern.compile(PREFIX + "([0-9a-f]{40})\\.(woff2|var\\.woff2|png|svg)");
  private static final int FAMILY_DIGITS = 12;

  /** What an own file can be. */
  public enum Kind {
    /** A font (W3C WOFF2). */
    FONT,
    /** A picture (W3C PNG or SVG). */
    PICTURE
  }

  /** Reads what a look says; empty where it names no file of the shop's own. */
  public static Optional<AssetRef> parse(String text) {
    Matcher found = WRITTEN.matcher(text);
    return found.matches()
        ? Optional.of(new AssetRef(found.group(1), found.group(2)))
        : Optional.empty();
  }

  /** What it is. */
  public Kind kind() {
    return ending.equals("png") || ending.equals(DRAWN) ? Kind.PICTURE : Kind.FONT;
  }

  /** The name of the file. */
  public String file() {
    return hash + "." + ending;
  }

  /** The family that pages know a font by (CSS Fonts 4). */
  public String family() {
    return "nod-" + hash.substring(0, FAMILY_DIGITS);
  }

  /** As a look says it. */
  public String written() {
    return PREFIX + file();
  }
}
