package nodyes.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** The page that the demo opens on had three nods silent, and said that nobody had looked. */
public class DemoOnAnyDayIT {
  private static final Pattern VARIANT = Pattern.compile("data-nod-variant=\"([^\"]+)\"");
  private static final String POT = "celadon-planter";
  private final ObjectMapper json = new ObjectMapper();

  @DataProvider
  Object[][] days() {
    return new Object[][] {{"2028-02-29T00:01:00Z"}, {"2026-12-31T23:58:00Z"}};
  }

  @Test(dataProvider = "days")
  public void allButTheVisitorsStandAtItsFirstMinute(String day) throws Exception {
    var demo = new Demo(Files.createTempDirectory("nodyes-day"), day);
    try {
      Matcher chosen = VARIANT.matcher(demo.ask(demo.shop("/products/" + POT)).body());
      assertTrue(chosen.find());
      String page = "/api/v1/page?kind=product&product=" + POT + "&variant=" + chosen.group(1);
      List<String> silent = new ArrayList<>();
      for (JsonNode nod : json.readTree(demo.ask(demo.office(page)).body()).path("nods")) {
        if (nod.path("isForThisPage").asBoolean() && !nod.path("shown").asBoolean()) {
          silent.add(nod.path("because").asString());
        }
      }
      assertEquals(
          silent,
          List.of("Not shown. No visitors of this product were counted in the past 7 days."));
    } finally {
      demo.interrupt();
    }
  }
}
