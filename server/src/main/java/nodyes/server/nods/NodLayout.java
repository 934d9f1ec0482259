package nodyes.server.nods;

import java.time.Instant;
import java.util.List;
import java.util.Optional;
import nodyes.core.delivery.DeliverySettings;
import nodyes.core.nod.BrandKit;
import nodyes.core.nod.Nod;
import nodyes.core.recognition.LearnedPages;

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
 * @param pages what the owner showed of the shop's pages
 */
public record NodLayout(
    int version,
    Optional<Instant> publishedAt,
    Optional<String> publishedBy,
    List<Nod> nods,
    List<CustomSpot> spots,
    String note,
    BrandKit kit,
    DeliverySettings delivery,
    LearnedPages pages) {
  /** Without a note, all after the shop's page. */
  NodLayout(
      int version,
      Optional<Instant> publishedAt,
      Optional<String> publishedBy,
      List<Nod> nods,
      List<CustomSpot> spots) {
    this(
        version,
        publishedAt,
        publishedBy,
        nods,
        spots,
        "",
        BrandKit.NONE,
        DeliverySettings.NONE,
        LearnedPages.NONE);
  }

  /** What shoppers get before anything is published. */
  public static final NodLayout NONE =
      new NodLayout(0, Optional.empty(), Optional.empty(), List.of(), List.of());

  /** The same with other nods. */
  public NodLayout with(List<Nod> others) {
    return new NodLayout(
        version, publishedAt, publishedBy, others, spots, note, kit, delivery, pages);
  }
}
