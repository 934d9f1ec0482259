package nodyes.core.common;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;

import java.time.Instant;
import java.util.Optional;
import nodyes.core.nod.NodKind;
import nodyes.core.nod.PageKind;
import nodyes.core.nod.Spot;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class IdsTest {
  @DataProvider
  Object[][] slugs() {
    return new Object[][] {
      {"celadon-planter", true},
      {"pot_2", true},
      {"2-litre-can", true},
      {"größe", true},
      {"植木鉢", true},
      {"", false},
      {"-pot", false},
      {"Pot", false},
      {"a b", false},
      {"a/b", false},
      {"a,b", false},
      {"<pot>", false},
      {"p".repeat(120), true},
      {"p".repeat(121), false},
    };
  }

  @Test(dataProvider = "slugs")
  public void aSlugIsANameInAnAddress(String text, boolean valid) {
    assertEquals(Slug.parse(text).isPresent(), valid);
    if (!valid) {
      assertThrows(IllegalArgumentException.class, () -> new Slug(text));
    }
  }

  @Test
  public void namesOfNodsAndSpotsAreCheckedToo() {
    assertThrows(IllegalArgumentException.class, () -> new NodId("Stars!"));
    assertThrows(IllegalArgumentException.class, () -> new Spot("Under Title"));
    assertThrows(IllegalArgumentException.class, () -> new Spot("\"]"));
    assertEquals(new Spot("under-title").order() < new Spot("page-end").order(), true);
    assertEquals(new Spot("by-the-sink").order(), Spot.STANDARD.size());
  }

  @Test
  public void kindsAreFoundByTheNameOnTheWire() {
    for (PageKind kind : PageKind.values()) {
      assertEquals(PageKind.parse(kind.wireName()), Optional.of(kind));
    }
    for (NodKind kind : NodKind.values()) {
      assertEquals(NodKind.parse(kind.wireName()), Optional.of(kind));
    }
    assertEquals(PageKind.parse("PRODUCT"), Optional.empty());
    assertEquals(NodKind.parse(""), Optional.empty());
  }

  @Test
  public void theEarlierEndWinsAndNoEndIsLatest() {
    ValidUntil early = ValidUntil.before(Instant.EPOCH);
    ValidUntil late = ValidUntil.before(Instant.EPOCH.plusSeconds(1));
    assertEquals(early.and(late), early);
    assertEquals(late.and(early), early);
    assertEquals(late.and(ValidUntil.NEVER_ENDS), late);
    assertEquals(ValidUntil.NEVER_ENDS.and(late), late);
    assertEquals(ValidUntil.NEVER_ENDS.and(ValidUntil.NEVER_ENDS), ValidUntil.NEVER_ENDS);
  }
}
