package nodyes.core.nod;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;

/**
 * What of a nod's look can be set. Each becomes a CSS custom property or an attribute of the nod,
 * and nothing else of the page reads them.
 */
public enum LookValue {
  /** The font: that of the shop's page, a shipped one, or one of the shop's files. */
  FONT(
      "font",
      "--nod-font",
      new LookForm.OneOfOrOwn(
          List.of("shop", "Instrument Sans", "Bricolage Grotesque"), OwnFile.Kind.FONT)),
  /** Size of the words, in pixels. */
  SIZE("size", "--nod-size", new LookForm.Pixels(10, 40)),
  /** Weight of the words. */
  WEIGHT(
      "weight",
      "--nod-text-weight",
      new LookForm.OneOf(List.of("300", "400", "500", "600", "700"))),
  /** Height of a line, as a multiple of the words' size. */
  LINE_HEIGHT("line-height", "--nod-leading", new LookForm.Plain(1, 2.4)),
  /** Where lines begin. */
  ALIGN("align", "--nod-align", new LookForm.OneOf(List.of("start", "center", "end"))),
  /** A pair of the brand kit: its ground under its words. */
  PAIR("pair", "", new LookForm.Name()),
  /** Colour of the words. */
  INK("ink", "--nod-ink", new LookForm.Tint()),
  /** Colour of what is said in passing. */
  INK_SOFT("ink-soft", "--nod-ink-soft", new LookForm.Tint()),
  /** Colour of headings and of what is chosen. */
  ACCENT("accent", "--nod-accent", new LookForm.Tint()),
  /** Colour of the stars. */
  STAR("star", "--nod-star", new LookForm.Tint()),
  /** Shape of the stars. */
  STAR_SHAPE(
      "star-shape",
      "",
      new LookForm.OneOfOrOwn(
          List.of("star", "leaf", "petal", "seed", "dot"), OwnFile.Kind.PICTURE)),
  /** Colour of the ground. */
  GROUND("ground", "--nod-fill", new LookForm.Tint()),
  /** What the ground's colour runs to. */
  GROUND_TO("ground-to", "--nod-fill-to", new LookForm.Tint()),
  /** Width of the edge, in pixels. */
  EDGE("edge", "--nod-edge", new LookForm.Pixels(0, 8)),
  /** Colour of edges and lines. */
  LINE("line", "--nod-line", new LookForm.Tint()),
  /** Roundness of corners, in pixels. */
  CORNER("corner", "--nod-corner", new LookForm.Pixels(0, 40)),
  /** Shadow under it. */
  SHADOW("shadow", "", new LookForm.OneOf(List.of("none", "soft", "deep"))),
  /** Space inside its edge, in pixels. */
  INSIDE("inside", "--nod-inside", new LookForm.Pixels(0, 48)),
  /** Space between its parts, in pixels. */
  GAP("gap", "--nod-gap", new LookForm.Pixels(0, 48)),
  /** Space above and below it, in pixels. */
  OUTSIDE("outside", "--nod-outside", new LookForm.Pixels(0, 64)),
  /** A drawing before it. */
  ICON("icon", "", new LookForm.Mark()),
  /** What leads on and back: words, or an arrow. */
  ARROW(
      "arrow",
      "",
      new LookForm.OneOfOrOwn(List.of("words", "angle", "shaft"), OwnFile.Kind.PICTURE)),
  /** A class of its element, for the shop's own style sheets and scripts. */
  CLASS("class", "", new LookForm.ClassName()),
  /** How it comes into sight; never under reduced motion. */
  ENTRANCE("entrance", "", new LookForm.OneOf(List.of("none", "fade", "rise")));

  private final String wireName;
  private final String property;

  // its kinds are records of numbers and unchangeable lists
  @SuppressWarnings("ImmutableEnumChecker")
  private final LookForm form;

  LookValue(String wireName, String property, LookForm form) {
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
  public LookForm form() {
    return form;
  }

  /** The value with that wire name, if any. */
  public static Optional<LookValue> parse(String wireName) {
    return Arrays.stream(values()).filter(value -> value.wireName.equals(wireName)).findFirst();
  }
}
