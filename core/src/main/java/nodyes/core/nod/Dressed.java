package nodyes.core.nod;

import java.util.Collections;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import nodyes.core.common.Colour;

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
public record Dressed(
    Map<LookValue, String> wide,
    Map<LookValue, String> narrow,
    boolean paintsGround,
    Optional<String> words) {
  private static final Colour LIGHT = new Colour(255, 255, 255);
  private static final Colour DARK = new Colour(32, 24, 34);

  /** Widest screen, in pixels, that counts as narrow. */
  public static final int NARROW = 640;

  /** Works out a look: the nod's values over the kit's; a pair gives way to a single colour. */
  public static Dressed of(BrandKit kit, Look look) {
    var wide = new EnumMap<LookValue, String>(LookValue.class);
    wide.putAll(withPair(kit, kit.values()));
    Map<LookValue, String> own = withPair(kit, look.values());
    wide.putAll(own);
    return new Dressed(
        Collections.unmodifiableMap(wide),
        withPair(kit, look.narrow()),
        own.containsKey(LookValue.GROUND),
        Optional.ofNullable(own.get(LookValue.INK)).or(() -> readableOn(own)));
  }

  private static Optional<String> readableOn(Map<LookValue, String> own) {
    return Optional.ofNullable(own.get(LookValue.GROUND))
        .flatMap(Colour::parse)
        .map(ground -> ground.contrast(LIGHT) >= ground.contrast(DARK) ? LIGHT : DARK)
        .map(Colour::hex);
  }

  private static Map<LookValue, String> withPair(BrandKit kit, Map<LookValue, String> values) {
    var all = new EnumMap<LookValue, String>(LookValue.class);
    Optional.ofNullable(values.get(LookValue.PAIR))
        .flatMap(kit::pair)
        .ifPresent(
            pair -> {
              all.put(LookValue.GROUND, pair.ground());
              all.put(LookValue.INK, pair.words());
            });
    all.putAll(values);
    return all;
  }

  /** A value that an attribute carries, not a property. */
  public Optional<String> attribute(LookValue value) {
    return Optional.ofNullable(wide.get(value))
        .filter(text -> !text.equals("none") && !text.equals("shop"));
  }

  /** How well the words can be read on their ground, where both are known. */
  public Optional<Double> contrast() {
    return colour(LookValue.INK).flatMap(ink -> colour(LookValue.GROUND).map(ink::contrast));
  }

  /** The nearest colour for the words that reads on the ground, where they do not. */
  public Optional<Colour> readableInk() {
    return colour(LookValue.INK)
        .flatMap(
            ink ->
                colour(LookValue.GROUND)
                    .filter(ground -> ink.contrast(ground) < Colour.WORDS)
                    .map(ground -> ink.readableOn(ground, Colour.WORDS)));
  }

  private Optional<Colour> colour(LookValue value) {
    return Optional.ofNullable(wide.get(value)).flatMap(Colour::parse);
  }

  /** The rules that set the nod's properties. */
  public String css() {
    String narrowRule = rule(narrow);
    var painted = new EnumMap<LookValue, String>(LookValue.class);
    painted.putAll(wide);
    if (!paintsGround) {
      painted.keySet().removeAll(List.of(LookValue.GROUND, LookValue.GROUND_TO));
    }
    return rule(painted)
        + words.map(ink -> ":host{--nod-words:" + ink + ";}").orElse("")
        + (narrowRule.isEmpty() ? "" : "@media (max-width: " + NARROW + "px) {" + narrowRule + "}");
  }

  private static String rule(Map<LookValue, String> values) {
    var text = new StringBuilder();
    values.forEach(
        (value, set) -> {
          if (!value.property().isEmpty()) {
            text.append(value.property()).append(':').append(written(value, set)).append(';');
          }
        });
    if (values.containsKey(LookValue.SHADOW)) {
      text.append("--nod-shadow:").append(shadow(values.get(LookValue.SHADOW))).append(';');
    }
    return text.isEmpty() ? "" : ":host{" + text + "}";
  }

  private static String written(LookValue value, String set) {
    return switch (value.form()) {
      case LookForm.Pixels _ -> set + "px";
      case LookForm.OneOfOrOwn _ when value == LookValue.FONT ->
          set.equals("shop")
              ? "inherit"
              : "'" + OwnFile.parse(set).map(OwnFile::family).orElse(set) + "', sans-serif";
      case LookForm.Tint _,
          LookForm.Plain _,
          LookForm.Whole _,
          LookForm.Numbers _,
          LookForm.OneOf _,
          LookForm.OneOfOrOwn _,
          LookForm.Mark _,
          LookForm.ClassName _,
          LookForm.Name _ ->
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
