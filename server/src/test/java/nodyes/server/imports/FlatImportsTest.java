package nodyes.server.imports;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.math.BigDecimal;
import java.util.Map;
import java.util.Set;
import nodyes.core.imports.DateOrder;
import nodyes.core.imports.ReviewColumn;
import nodyes.core.review.NameDisplay;
import nodyes.server.ServerTest;
import org.testng.annotations.Test;

/** What was chosen and found is stored as one flat object, as earlier versions stored it. */
public class FlatImportsTest extends ServerTest {
  private static final String STORED =
      """
      {"columns":{"RATING":1},"product":"pot","worst":1,"best":10,"dateOrder":"DAY_FIRST",
       "language":"pt","stars":[5],"countries":["PT"],"languages":["pt"],"withWords":true,
       "withPictures":false,"most":20,"nameForm":"INITIALS","takesLeftOut":true,"source":"fair",
       "renames":{"VARIANT":{"big":"36 cm"}},"permitted":true}
      """;

  @Test
  public void choicesThatWereStoredBeforeAreRead() {
    ImportOptions read = json.readValue(STORED, ImportOptions.class);
    assertEquals(
        read,
        new ImportOptions(
            Map.of(ReviewColumn.RATING, 1),
            null,
            "pot",
            Map.of(ReviewColumn.VARIANT, Map.of("big", "36 cm")),
            new ImportOptions.Reading(
                BigDecimal.ONE, BigDecimal.TEN, DateOrder.DAY_FIRST, "pt", null, null),
            new ImportOptions.Selection(Set.of(5), Set.of("PT"), Set.of("pt"), true, false, 20),
            new ImportOptions.Handling(NameDisplay.INITIALS, true, "fair", true)));
    String written = json.writeValueAsString(read);
    assertTrue(json.readTree(STORED).equals(json.readTree(written)), written);
  }

  @Test
  public void whatIsNotChosenIsAsItWasFound() {
    assertEquals(json.readValue("{}", ImportOptions.class), ImportOptions.FOUND);
    assertEquals(json.writeValueAsString(ImportOptions.FOUND), "{}");
    assertFalse(json.writeValueAsString(ImportOptions.FOUND.from("fair")).contains("handling"));
  }
}
