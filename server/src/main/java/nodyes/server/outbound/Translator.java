package nodyes.server.outbound;

import static nodyes.server.messages.Texts.text;

import java.util.Map;
import java.util.Optional;
import nodyes.server.OutboundSettings;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * A service that translates: it takes {@code {"text", "from", "to"}} by POST, languages as BCP 47,
 * and answers {@code {"text"}}.
 */
@Component
public class Translator {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final OutboundHttp fetch;
  private final Optional<String> service;

  Translator(OutboundHttp fetch, OutboundSettings settings) {
    this.fetch = fetch;
    this.service = settings.translator();
  }

  /** Whether one is connected. */
  public boolean isConnected() {
    return service.isPresent();
  }

  /** A text in another language; refuses where none is connected or it cannot. */
  public String translate(String text, String from, String to) {
    String address = service.orElseThrow(() -> ApiProblem.unusable(text("outside.noTranslator")));
    String asked = JSON.writeValueAsString(Map.of("text", text, "from", from, "to", to));
    String answer = fetch.post(address, asked, OutboundHttp.Limits.PAGE).text();
    try {
      JsonNode translated = JSON.readTree(answer).get("text");
      if (translated != null && translated.isString() && !translated.asString().isBlank()) {
        return translated.asString();
      }
    } catch (JacksonException e) {
      // told below
    }
    throw ApiProblem.unusable(text("outside.translatorUnreadable"));
  }
}
