package nodyes.simulators.translator;

import java.util.HashMap;
import java.util.Map;
import nodyes.simulators.marketplace.MarketReview;
import nodyes.simulators.web.SimulatorServer;
import nodyes.simulators.web.SimulatorServer.Answer;
import nodyes.simulators.web.SimulatorServer.Request;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Translates what the marketplace's reviews say into English. Of any other text it says that it is
 * a stand-in, with the text as it was: it makes nothing up.
 */
public final class TranslatorService implements AutoCloseable {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final SimulatorServer server;
  private final Map<String, String> english = new HashMap<>();

  /** Starts it; port 0 stands for a free one. */
  public TranslatorService(int port) {
    for (MarketReview review : MarketReview.all()) {
      english.put(plain(review.words()), review.english());
    }
    server = new SimulatorServer(port, this::answer);
  }

  /** Where it translates. */
  public String service() {
    return server.address() + "/translate";
  }

  /** Where it answers. */
  public String address() {
    return server.address();
  }

  @Override
  public void close() {
    server.close();
  }

  /** Contact details may be hidden in what is asked. */
  private static String plain(String text) {
    return text.replaceAll("\\S+@\\S+|\\[…]", "").strip();
  }

  private Answer answer(Request request) {
    if (!request.path().equals("/translate") || !request.method().equals("POST")) {
      return Answer.page(
          "<!doctype html><html lang=en><title>Translator</title><p>A translator. Programs post"
              + " text, from and to as JSON to /translate.");
    }
    try {
      JsonNode asked = JSON.readTree(request.body());
      String text = asked.path("text").asString("");
      String known = english.get(plain(text));
      String to = asked.path("to").asString("");
      String said =
          known != null && to.equals("en")
              ? known
              : "(the demo's translator does not know this text) " + text;
      return Answer.of(200, "application/json", JSON.writeValueAsString(Map.of("text", said)));
    } catch (JacksonException e) {
      return Answer.of(400, "application/json", "{\"error\":\"not JSON\"}");
    }
  }
}
