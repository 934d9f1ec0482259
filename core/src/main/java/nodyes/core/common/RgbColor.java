package nodyes.core.common;

import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/**
 * An opaque colour of the sRGB space.
 *
 * @param red 0 to 255
 * @param green 0 to 255
 * @param blue 0 to 255
 */
public record RgbColor(int red, int green, int blue) {
  private static final Pattern HEX = Pattern.compile("#(?:[0-9a-fA-F]{3}|[0-9a-fA-F]{6})");
  private static final Pattern RGB =
      Pattern.compile("rgb\\(\\s*(\\d{1,3})\\s*[, ]\\s*(\\d{1,3})\\s*[, ]\\s*(\\d{1,3})\\s*\\)");
  private static final int MOST = 255;
  private static final RgbColor BLACK = new RgbColor(0, 0, 0);
  private static final RgbColor WHITE = new RgbColor(MOST, MOST, MOST);

  /** The least contrast of words of common size (WCAG 2.2, success criterion 1.4.3). */
  public static final double WORDS = 4.5;

  /** Throws {@link IllegalArgumentException} for a part outside 0 to 255. */
  public RgbColor {
    if (Math.min(red, Math.min(green, blue)) < 0 || Math.max(red, Math.max(green, blue)) > MOST) {
      throw new IllegalArgumentException("a part of a colour is 0 to 255");
    }
  }

  /** The colour that a text names as {@code #rgb}, {@code #rrggbb} or {@code rgb(r, g, b)}. */
  public static Optional<RgbColor> parse(String text) {
    String given = text.strip();
    if (HEX.matcher(given).matches()) {
      String digits = given.substring(1);
      if (digits.length() == 3) {
        digits = digits.replaceAll("(.)", "$1$1");
      }
      int all = Integer.parseInt(digits, 16);
      return Optional.of(new RgbColor(all >> 16, all >> 8 & MOST, all & MOST));
    }
    var parts = RGB.matcher(given.toLowerCase(Locale.ROOT));
    if (!parts.matches()) {
      return Optional.empty();
    }
    int red = Integer.parseInt(parts.group(1));
    int green = Integer.parseInt(parts.group(2));
    int blue = Integer.parseInt(parts.group(3));
    return Math.max(red, Math.max(green, blue)) > MOST
        ? Optional.empty()
        : Optional.of(new RgbColor(red, green, blue));
  }

  /** As {@code #rrggbb}. */
  public String hex() {
    return String.format(Locale.ROOT, "#%02x%02x%02x", red, green, blue);
  }

  /** Relative luminance, 0 for black to 1 for white (WCAG 2.2, definition). */
  public double luminance() {
    return 0.2126 * linear(red) + 0.7152 * linear(green) + 0.0722 * linear(blue);
  }

  private static double linear(int part) {
    double share = (double) part / MOST;
    return share <= 0.04045 ? share / 12.92 : Math.pow((share + 0.055) / 1.055, 2.4);
  }

  /**
   * Contrast ratio to another colour, 1 to 21, the same either way round (WCAG 2.2, definition).
   */
  public double contrast(RgbColor other) {
    double lighter = Math.max(luminance(), other.luminance());
    double darker = Math.min(luminance(), other.luminance());
    return (lighter + 0.05) / (darker + 0.05);
  }

  /**
   * The nearest colour to this one, towards black or towards white, that reads on a ground.
   *
   * @param ground what it stands on
   * @param least the contrast to reach; where none reaches it, black or white, whichever is better
   */
  public RgbColor readableOn(RgbColor ground, double least) {
    for (int step = 0; step <= MOST; step++) {
      RgbColor darker = towards(BLACK, step);
      if (darker.contrast(ground) >= least) {
        return darker;
      }
      RgbColor lighter = towards(WHITE, step);
      if (lighter.contrast(ground) >= least) {
        return lighter;
      }
    }
    return BLACK.contrast(ground) >= WHITE.contrast(ground) ? BLACK : WHITE;
  }

  private RgbColor towards(RgbColor end, int step) {
    return new RgbColor(
        part(red, end.red, step), part(green, end.green, step), part(blue, end.blue, step));
  }

  private static int part(int from, int to, int step) {
    return from + Math.round((float) (to - from) * step / MOST);
  }
}
