package nodyes.server.nods;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import nodyes.core.common.NodId;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.Nod;
import nodyes.core.nod.Spot;
import nodyes.core.recognition.LearnedPages;

/**
 * What the owner is working on; each change makes another one.
 *
 * @param nods in the owner's order
 * @param spots places that the owner pointed at
 * @param kit what all nods share
 * @param delivery when orders leave and arrive
 * @param pages what the owner showed of the shop's pages
 */
record Draft(
    List<Nod> nods,
    List<CustomSpot> spots,
    BrandKit kit,
    DeliverySettings delivery,
    LearnedPages pages) {
  static final Draft EMPTY =
      new Draft(List.of(), List.of(), BrandKit.NONE, DeliverySettings.NONE, LearnedPages.NONE);

  Draft {
    nods = List.copyOf(nods);
    spots = List.copyOf(spots);
    // steps that were kept before there were delivery rules
    delivery = Objects.requireNonNullElse(delivery, DeliverySettings.NONE);
    pages = Objects.requireNonNullElse(pages, LearnedPages.NONE);
  }

  Optional<Nod> find(NodId id) {
    return nods.stream().filter(nod -> nod.id().equals(id)).findFirst();
  }

  private Draft with(List<Nod> others) {
    return new Draft(others, spots, kit, delivery, pages);
  }

  Draft with(DeliverySettings other) {
    return new Draft(nods, spots, kit, other, pages);
  }

  Draft with(BrandKit other) {
    return new Draft(nods, spots, other, delivery, pages);
  }

  Draft with(LearnedPages other) {
    return new Draft(nods, spots, kit, delivery, other);
  }

  /** With the nod in place of the one with its id, else behind the others. */
  Draft with(Nod nod) {
    return find(nod.id()).isPresent()
        ? with(nods.stream().map(one -> one.id().equals(nod.id()) ? nod : one).toList())
        : behind(nods.isEmpty() ? Optional.empty() : Optional.of(nods.getLast().id()), nod);
  }

  /** With a nod right behind another, or before all. */
  Draft behind(Optional<NodId> other, Nod nod) {
    var all = new ArrayList<>(nods);
    int at = other.flatMap(this::find).map(nods::indexOf).orElse(-1) + 1;
    all.add(at, nod);
    return with(all);
  }

  Draft without(NodId id) {
    return with(nods.stream().filter(nod -> !nod.id().equals(id)).toList());
  }

  /** With a nod in a spot, before another nod or behind all. */
  Draft moved(Nod nod, Spot spot, Optional<NodId> before) {
    var all = new ArrayList<>(without(nod.id()).nods);
    int at =
        before
            .flatMap(id -> all.stream().filter(one -> one.id().equals(id)).findFirst())
            .map(all::indexOf)
            .orElse(all.size());
    all.add(at, nod.placed(nod.placement().in(spot)));
    return with(all);
  }

  /** With a spot in place of the one with its name and page. */
  Draft with(CustomSpot spot) {
    var all = new ArrayList<>(without(spot.name()).spots);
    all.add(spot);
    return new Draft(nods, all, kit, delivery, pages);
  }

  /** Without a spot that the owner pointed at. */
  Draft without(String spot) {
    return new Draft(
        nods,
        spots.stream().filter(one -> !one.name().equals(spot)).toList(),
        kit,
        delivery,
        pages);
  }

  static Draft of(NodLayout arrangement) {
    return new Draft(
        arrangement.nods(),
        arrangement.spots(),
        arrangement.kit(),
        arrangement.delivery(),
        arrangement.pages());
  }
}
