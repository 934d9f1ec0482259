package nodyes.core.nod;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.RgbColor;

/**
 * A look worked out: what holds on all screens, and what on narrow ones beside it.
 *
 * @param wide every value that is set, by the nod or by the kit
 * @param narrow those that differ on narrow screens
 * @param paintsGround whether the nod has a ground of its own; the kit's is the shop's page, which
 *     it stands on and does not paint again
 * @param words colour of the words of a nod with a shape of its own, such as a label: the nod's
 *     own, or where it has a ground alone, the one of black and white that reads better on it
 */
public record ResolvedStyle(
    Map<StyleProperty, String> wide,
    Map<StyleProperty, String> narrow,
    boolean paintsGround,
    Optional<String> words) {
  private static final RgbColor LIGHT = new RgbColor(255, 255, 255);
  private static final RgbColor DARK = new RgbColor(32, 24, 34);

  /** Widest screen, in pixels, that counts as narrow. */
  public static final int NARROW = 640;

  /** Works out a look: the nod's values over the kit's; a pair gives way to a single colour. */
  public static ResolvedStyle of(BrandKit kit, Style look) {
    var wide = new EnumMap<StyleProperty, String>(StyleProperty.class);
    wide.putAll(withPair(kit, kit.values()));
    Map<StyleProperty, String> own = withPair(kit, look.values());
    wide.putAll(own);
    return new ResolvedStyle(
        Collections.unmodifiableMap(wide),
        withPair(kit, look.narrow()),
        own.containsKey(StyleProperty.GROUND),
        Optional.ofNullable(own.get(StyleProperty.INK)).or(() -> readableOn(own)));
  }

  private static Optional<String> readableOn(Map<StyleProperty, String> own) {
    return Optional.ofNullable(own.get(StyleProperty.GROUND))
        .flatMap(RgbColor::parse)
        .map(ground -> ground.contrast(LIGHT) >= ground.contrast(DARK) ? LIGHT : DARK)
        .map(RgbColor::hex);
  }

  private static Map<StyleProperty, String> withPair(
      BrandKit kit, Map<StyleProperty, String> values) {
    var all = new EnumMap<StyleProperty, String>(StyleProperty.class);
    Optional.ofNullable(values.get(StyleProperty.PAIR))
        .flatMap(kit::pair)
        .ifPresent(
            pair -> {
              all.put(StyleProperty.GROUND, pair.ground());
              all.put(StyleProperty.INK, pair.words());
            });
    all.putAll(values);
    return all;
  }

  /** A value that an attribute carries, not a property. */
  public Optional<String> attribute(StyleProperty value) {
    return Optional.ofNullable(wide.get(value))
        .filter(text -> !text.equals("none") && !text.equals("shop"));
  }

  /** How well the words can be read on their ground, where both are known. */
  public Optional<Double> contrast() {
    return colour(StyleProperty.INK)
        .flatMap(ink -> colour(StyleProperty.GROUND).map(ink::contrast));
  }

  /** The nearest colour for the words that reads on the ground, where they do not. */
  public Optional<RgbColor> readableInk() {
    return colour(StyleProperty.INK)
        .flatMap(
            ink ->
                colour(StyleProperty.GROUND)
                    .filter(ground -> ink.contrast(ground) < RgbColor.WORDS)
                    .map(ground -> ink.readableOn(ground, RgbColor.WORDS)));
  }

  private Optional<RgbColor> colour(StyleProperty value) {
    return Optional.ofNullable(wide.get(value)).flatMap(RgbColor::parse);
  }

  /** The rules that set the nod's properties. */
  public String css() {
    String narrowRule = rule(narrow);
    var painted = new EnumMap<StyleProperty, String>(StyleProperty.class);
    painted.putAll(wide);
    if (!paintsGround) {
      painted.keySet().removeAll(List.of(StyleProperty.GROUND, StyleProperty.GROUND_TO));
    }
    return rule(painted)
        + words.map(ink -> ":host{--nod-words:" + ink + ";}").orElse("")
        + (narrowRule.isEmpty() ? "" : "@media (max-width: " + NARROW + "px) {" + narrowRule + "}");
  }

  private static String rule(Map<StyleProperty, String> values) {
    var text = new StringBuilder();
    values.forEach(
        (value, set) -> {
          if (!value.property().isEmpty()) {
            text.append(value.property()).append(':').append(written(value, set)).append(';');
          }
        });
    if (values.containsKey(StyleProperty.SHADOW)) {
      text.append("--nod-shadow:").append(shadow(values.get(StyleProperty.SHADOW))).append(';');
    }
    return text.isEmpty() ? "" : ":host{" + text + "}";
  }

  private static String written(StyleProperty value, String set) {
    return switch (value.form()) {
      case StyleValueType.Pixels _ -> set + "px";
      case StyleValueType.OneOfOrOwn _ when value == StyleProperty.FONT ->
          set.equals("shop")
              ? "inherit"
              : "'" + AssetRef.parse(set).map(AssetRef::family).orElse(set) + "', sans-serif";
      case StyleValueType.Tint _,
          StyleValueType.Plain _,
          StyleValueType.Whole _,
          StyleValueType.Numbers _,
          StyleValueType.OneOf _,
          StyleValueType.OneOfOrOwn _,
          StyleValueType.Mark _,
          StyleValueType.ClassName _,
          StyleValueType.Name _ ->
          set;
    };
  }

  private static String shadow(String name) {
    return switch (name) {
      case "soft" -> "0 1px 3px rgb(0 0 0/.14)";
      case "deep" -> "0 8px 24px -8px rgb(0 0 0/.35)";
      default -> "none";
    };
  }
}
