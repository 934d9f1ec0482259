package nodyes.server.nods;

import static nodyes.server.messages.Texts.text;

import nodyes.core.nod.Nod;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.Spot;

/** What nods are called. */
public final class NodNames {
  private NodNames() {}

  /** The name of a kind: Price drop label. */
  public static String of(NodKind kind) {
    return text("kinds." + kind.wireName());
  }

  /** A name that the owner gave it, else that of its kind. */
  public static String called(Nod nod) {
    return nod.ownName().orElseGet(() -> of(nod.kind()));
  }

  /** Its name and where it is, such as 'Star line (below the title)': two of a kind told apart. */
  public static String withSpot(Nod nod) {
    return text("changes.nod", "nod", called(nod), "spot", of(nod.placement().spot()));
  }

  /** A spot as an owner knows it; one that was picked on a page by the name that it was given. */
  public static String of(Spot spot) {
    return Spot.STANDARD.contains(spot)
        ? text("spots.in." + spot.name())
        : spot.name().replace('-', ' ');
  }
}
