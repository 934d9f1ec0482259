package nodyes.server.nods;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.Nod;

/**
 * All nods of the shop in the owner's order, as draft or as a published version.
 *
 * @param version the version's number; 0 for the draft
 * @param publishedAt when it was published, if it was
 * @param publishedBy by whom
 * @param nods the nods
 * @param spots places that the owner pointed at
 * @param note what the owner said of the version
 * @param kit what all nods share
 * @param delivery when orders leave and arrive
 */
public record Arrangement(
    int version,
    Optional<Instant> publishedAt,
    Optional<String> publishedBy,
    List<Nod> nods,
    List<PointedSpot> spots,
    String note,
    BrandKit kit,
    DeliverySettings delivery) {
  /** Without a note, all after the shop's page. */
  Arrangement(
      int version,
      Optional<Instant> publishedAt,
      Optional<String> publishedBy,
      List<Nod> nods,
      List<PointedSpot> spots) {
    this(version, publishedAt, publishedBy, nods, spots, "", BrandKit.NONE, DeliverySettings.NONE);
  }

  /** What shoppers get before anything is published. */
  public static final Arrangement NONE =
      new Arrangement(0, Optional.empty(), Optional.empty(), List.of(), List.of());

  /** The same with other nods. */
  public Arrangement with(List<Nod> others) {
    return new Arrangement(version, publishedAt, publishedBy, others, spots, note, kit, delivery);
  }
}
