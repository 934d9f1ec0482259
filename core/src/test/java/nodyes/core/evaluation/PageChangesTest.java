package nodyes.core.evaluation;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.NodId;
import nodyes.core.common.ProductId;
import nodyes.core.common.Slug;
import nodyes.core.nod.Nod;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Placement;
import nodyes.core.nod.Spot;
import nodyes.core.nod.StarLine;
import nodyes.core.nod.Viewpoint;
import nodyes.core.rating.Rating;
import nodyes.core.rating.RatingSummary;
import nodyes.core.targeting.Condition;
import org.testng.annotations.Test;

public class PageChangesTest {
  private static final Slug POT = new Slug("slate-pot");
  private static final Facts FACTS =
      new Facts(
          ZoneId.of("Europe/Lisbon"),
          Map.of(
              POT,
              new ProductFacts(
                  new ProductId(1),
                  POT,
                  "Slate pot",
                  Set.of(),
                  Set.of(),
                  Map.of(),
                  ReviewFacts.of(RatingSummary.of(List.of(Rating.ofStars(5))), 0))));

  private static Nod stars(String id, Condition audience) {
    return new StarLine(
        new NodId(id),
        new Placement(new Spot("under-title"), EnumSet.of(PageKind.PRODUCT), audience, true));
  }

  private static Condition between(String from, String to) {
    return new Condition.Between(Optional.of(Instant.parse(from)), Optional.of(Instant.parse(to)));
  }

  private static PageChanges from(String moment, Nod... nods) {
    return PageChanges.of(
        List.of(nods),
        FACTS,
        new Viewpoint(
            PageKind.PRODUCT,
            List.of(POT),
            Optional.empty(),
            Optional.empty(),
            Locale.ENGLISH,
            Optional.empty(),
            Instant.parse(moment)));
  }

  @Test
  public void whatTimeAloneDoesNotChangeHasNone() {
    assertEquals(
        from("2026-11-26T14:20:00Z", stars("a", Condition.everyone())).moments().size(), 0);
  }

  @Test
  public void changesThatCoincideAreOneMoment() {
    PageChanges moments =
        from(
            "2026-11-26T14:20:00Z",
            stars("a", between("2026-11-27T00:00:00Z", "2026-11-30T00:00:00Z")),
            stars("b", between("2026-11-20T00:00:00Z", "2026-11-27T00:00:00Z")));
    assertFalse(moments.isCut());
    assertEquals(
        moments.moments(),
        List.of(
            new PageChanges.Moment(
                Instant.parse("2026-11-27T00:00:00Z"),
                List.of(
                    new PageChanges.Change(new NodId("a"), POT, PageChanges.What.APPEARS),
                    new PageChanges.Change(new NodId("b"), POT, PageChanges.What.GOES))),
            new PageChanges.Moment(
                Instant.parse("2026-11-30T00:00:00Z"),
                List.of(new PageChanges.Change(new NodId("a"), POT, PageChanges.What.GOES)))));
  }

  @Test
  public void anEndThatNobodySeesIsNoMoment() {
    Condition never = new Condition.ReviewsAtLeast(99);
    assertEquals(
        from(
                "2026-11-26T14:20:00Z",
                stars(
                    "a",
                    new Condition.AllOf(
                        List.of(never, between("2026-11-27T00:00:00Z", "2026-11-30T00:00:00Z")))))
            .moments()
            .size(),
        0);
  }

  @Test
  public void whatLiesBeyondSixtyDaysIsNotTold() {
    Nod late = stars("a", between("2027-01-25T14:20:00Z", "2027-01-25T14:20:01Z"));
    assertEquals(from("2026-11-26T14:20:00Z", late).moments().size(), 1);
    assertEquals(from("2026-11-26T14:19:59Z", late).moments().size(), 0);
  }

  /** Fifty are told; a window of each day opens and closes 120 times in sixty days. */
  @Test
  public void manyAreCutAndThatIsSaid() {
    Nod evenings =
        stars(
            "a",
            new Condition.Daily(
                LocalTime.of(18, 0), LocalTime.of(22, 0), EnumSet.allOf(DayOfWeek.class)));
    PageChanges moments = from("2026-11-26T14:20:00Z", evenings);
    assertEquals(moments.moments().size(), 50);
    assertTrue(moments.isCut());
    assertEquals(moments.moments().getFirst().instant(), Instant.parse("2026-11-26T18:00:00Z"));
    assertEquals(moments.moments().getLast().instant(), Instant.parse("2026-12-20T22:00:00Z"));
  }
}
