package nodyes.core.nod;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What of a nod's look can be set. Each becomes a CSS custom property or an attribute of the nod,
 * and nothing else of the page reads them.
 */
public enum StyleProperty {
  /** The font: that of the shop's page, a shipped one, or one of the shop's files. */
  FONT(
      "font",
      "--nod-font",
      new StyleValueType.OneOfOrOwn(
          List.of("shop", "Instrument Sans", "Bricolage Grotesque"), AssetRef.Kind.FONT)),
  /** Size of the words, in pixels. */
  SIZE("size", "--nod-size", new StyleValueType.Pixels(10, 40)),
  /** Weight of the words. */
  WEIGHT(
      "weight",
      "--nod-text-weight",
      new StyleValueType.OneOf(List.of("300", "400", "500", "600", "700"))),
  /** Height of a line, as a multiple of the words' size. */
  LINE_HEIGHT("line-height", "--nod-leading", new StyleValueType.Plain(1, 2.4)),
  /** Where lines begin. */
  ALIGN("align", "--nod-align", new StyleValueType.OneOf(List.of("start", "center", "end"))),
  /** A pair of the brand kit: its ground under its words. */
  PAIR("pair", "", new StyleValueType.Name()),
  /** Colour of the words. */
  INK("ink", "--nod-ink", new StyleValueType.Tint()),
  /** Colour of what is said in passing. */
  INK_SOFT("ink-soft", "--nod-ink-soft", new StyleValueType.Tint()),
  /** Colour of headings and of what is chosen. */
  ACCENT("accent", "--nod-accent", new StyleValueType.Tint()),
  /** Colour of the stars. */
  STAR("star", "--nod-star", new StyleValueType.Tint()),
  /** Shape of the stars. */
  STAR_SHAPE(
      "star-shape",
      "",
      new StyleValueType.OneOfOrOwn(
          List.of("star", "leaf", "petal", "seed", "dot"), AssetRef.Kind.PICTURE)),
  /** Colour of the ground. */
  GROUND("ground", "--nod-fill", new StyleValueType.Tint()),
  /** What the ground's colour runs to. */
  GROUND_TO("ground-to", "--nod-fill-to", new StyleValueType.Tint()),
  /** Width of the edge, in pixels. */
  EDGE("edge", "--nod-edge", new StyleValueType.Pixels(0, 8)),
  /** Colour of edges and lines. */
  LINE("line", "--nod-line", new StyleValueType.Tint()),
  /** Roundness of corners, in pixels. */
  CORNER("corner", "--nod-corner", new StyleValueType.Pixels(0, 40)),
  /** Shadow under it. */
  SHADOW("shadow", "", new StyleValueType.OneOf(List.of("none", "soft", "deep"))),
  /** Space inside its edge, in pixels. */
  INSIDE("inside", "--nod-inside", new StyleValueType.Pixels(0, 48)),
  /** Space between its parts, in pixels. */
  GAP("gap", "--nod-gap", new StyleValueType.Pixels(0, 48)),
  /** Space above and below it, in pixels. */
  OUTSIDE("outside", "--nod-outside", new StyleValueType.Pixels(0, 64)),
  /** A drawing before it. */
  ICON("icon", "", new StyleValueType.Mark()),
  /** What leads on and back: words, or an arrow. */
  ARROW(
      "arrow",
      "",
      new StyleValueType.OneOfOrOwn(List.of("words", "angle", "shaft"), AssetRef.Kind.PICTURE)),
  /** A class of its element, for the shop's own style sheets and scripts. */
  CLASS("class", "", new StyleValueType.ClassName()),
  /** How it comes into sight; never under reduced motion. */
  ENTRANCE("entrance", "", new StyleValueType.OneOf(List.of("none", "fade", "rise")));

  private final String wireName;
  private final String property;

  // its kinds are records of numbers and unchangeable lists
  @SuppressWarnings("ImmutableEnumChecker")
  private final StyleValueType form;

  StyleProperty(String wireName, String property, StyleValueType form) {
    this.wireName = wireName;
    this.property = property;
    this.form = form;
  }

  /** The name in stored settings and on the wire. */
  public String wireName() {
    return wireName;
  }

  /** The CSS custom property that carries it; empty where an attribute does or others follow it. */
  public String property() {
    return property;
  }

  /** What it can be. */
  public StyleValueType form() {
    return form;
  }

  /** The value with that wire name, if any. */
  public static Optional<StyleProperty> parse(String wireName) {
    return Arrays.stream(values()).filter(value -> value.wireName.equals(wireName)).findFirst();
  }
}
