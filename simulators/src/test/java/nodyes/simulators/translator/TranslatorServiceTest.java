package nodyes.simulators.translator;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.util.Map;
import nodyes.simulators.Asking;
import nodyes.simulators.marketplace.MarketReview;
import org.testng.annotations.Test;
import tools.jackson.databind.json.JsonMapper;

public class TranslatorServiceTest {
  private static final JsonMapper JSON = JsonMapper.shared();

  private static String said(TranslatorService translator, String text, String to)
      throws Exception {
    String asked = JSON.writeValueAsString(Map.of("text", text, "from", "pt", "to", to));
    return JSON.readTree(Asking.post(translator.service(), asked).body()).path("text").asString();
  }

  @Test
  public void whatItKnowsIsTranslatedAndNothingIsMadeUp() throws Exception {
    MarketReview known =
        MarketReview.all().stream()
            .filter(one -> one.language().equals("pt") && !one.words().isEmpty())
            .findFirst()
            .orElseThrow();
    try (var translator = new TranslatorService(0)) {
      assertEquals(said(translator, known.words(), "en"), known.english());
      assertTrue(said(translator, known.words(), "de").endsWith(known.words()));
      assertTrue(said(translator, "Um texto novo", "en").endsWith("Um texto novo"));
      assertEquals(Asking.post(translator.service(), "not JSON").statusCode(), 400);
      assertEquals(Asking.get(translator.address()).statusCode(), 200);
    }
  }
}
