package nodyes.server.assets;

import static nodyes.server.messages.Texts.text;

import java.util.List;
import nodyes.core.nod.Icon;

/**
 * A drawing that ships with the product, for whoever picks one.
 *
 * @param name what styles call it by
 * @param title what it is called in the reader's language
 * @param outline path data in a field of 24 by 24
 */
record IconView(String name, String title, String outline) {
  static IconView of(Icon icon) {
    return new IconView(icon.name(), called(icon).getFirst(), icon.outline());
  }

  /** What it is called and can be found by in the reader's language, the name first. */
  static List<String> called(Icon icon) {
    return List.of(text("icons." + icon.name()).split(", "));
  }
}
