package nodyes.server.reviews;

import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.review.ReviewStatus;
import nodyes.server.ServerTest;
import nodyes.server.database.Database;
import org.jooq.SortOrder;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/** Each filter of the desk walks an index in the order of arrival and stops when a page is full. */
public class ReviewQueryStoreTest extends ServerTest {
  @Autowired private Database database;

  private static final ReviewStatus PENDING = ReviewStatus.PENDING;

  @DataProvider
  Object[][] filters() {
    LocalDate day = LocalDate.of(2026, 3, 1);
    return new Object[][] {
      {"review_by_status", of(PENDING, "", null, null, null, null, null, null)},
      {"review_by_language", of(PENDING, "", "ja", null, null, null, null, null)},
      {"review_by_language", of(null, "", "pt-BR", "BR", null, null, null, null)},
      {"review_by_country", of(PENDING, "", null, "PT", null, null, null, null)},
      {"review_flagged", of(PENDING, "", "ja", null, ReviewFlag.CONTACT_DETAILS, null, null, null)},
      {"review_flagged", of(null, "", null, null, ReviewFlag.CONTACT_DETAILS, null, null, null)},
      {"review_pictured", of(PENDING, "", null, null, null, true, null, null)},
      {"review_by_status", of(PENDING, "", null, null, null, null, day, day.plusYears(1))},
      {"review_by_status", of(PENDING, "", null, null, null, false, null, null)},
      {"review_fts", of(PENDING, "saucer", "ja", null, null, null, null, null)},
    };
  }

  private static ReviewFilter of(
      @Nullable ReviewStatus state,
      String text,
      @Nullable String language,
      @Nullable String country,
      @Nullable ReviewFlag flag,
      @Nullable Boolean pictures,
      @Nullable LocalDate from,
      @Nullable LocalDate to) {
    return new ReviewFilter(
        state,
        null,
        null,
        text,
        flag,
        null,
        new ReviewTraits(null, language, country, null, pictures, from, to));
  }

  @Test(dataProvider = "filters")
  public void theLeadingPartIsWalkedWithoutSorting(String index, ReviewFilter filter) {
    String plan = plan(filter);
    assertTrue(plan.contains(index), plan);
    assertFalse(plan.contains("TEMP B-TREE"), plan);
  }

  @Test
  public void whatWasWrittenHereHasItsOwnIndex() {
    String plan =
        plan(
            new ReviewFilter(
                null,
                null,
                null,
                "",
                null,
                null,
                new ReviewTraits(
                    null, null, null, ReviewListItem.Origin.VERIFIED, null, null, null)));
    assertTrue(plan.contains("review_by_origin"), plan);
    assertFalse(plan.contains("TEMP B-TREE"), plan);
  }

  @Test
  public void aFewDaysAreTakenFromTheirIndexAndThenSorted() {
    LocalDate day = LocalDate.of(2026, 3, 1);
    String plan = plan(of(PENDING, "", null, null, null, null, day, day.plusDays(30)));
    assertTrue(plan.contains("review_by_day"), plan);
  }

  private String plan(ReviewFilter filter) {
    return database.read(
        sql ->
            sql.fetch(
                    "explain query plan "
                        + sql.renderInlined(ReviewQueryStore.ids(filter, SortOrder.DESC, 51, 0)))
                .getValues("detail")
                .toString());
  }
}
