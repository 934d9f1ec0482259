package nodyes.simulators.businessdirectory;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nodyes.simulators.web.SimulatorServer;
import nodyes.simulators.web.SimulatorServer.Answer;
import nodyes.simulators.web.SimulatorServer.Request;
import tools.jackson.databind.json.JsonMapper;

/** A business directory: what it says of a place, to whoever has a key. */
public final class BusinessDirectory implements AutoCloseable {
  /** The key that it knows. */
  public static final String KEY = "quillwort-directory-key";

  /** The demo shop's place. */
  public static final String PLACE = "quillwort-garden-goods";

  private static final JsonMapper JSON = JsonMapper.shared();

  private final SimulatorServer server;

  /** Starts it; port 0 stands for a free one. */
  public BusinessDirectory(int port) {
    server = new SimulatorServer(port, this::answer);
  }

  /** The address that a place's id is put behind. */
  public String service() {
    return server.address() + "/places";
  }

  /** Where it answers. */
  public String address() {
    return server.address();
  }

  @Override
  public void close() {
    server.close();
  }

  private Answer answer(Request request) {
    if (request.path().equals("/")) {
      return Answer.page(
          "<!doctype html><html lang=en><title>Directory</title><p>A business directory. Programs"
              + " ask /places/ with the id of a place and a key.");
    }
    if (!request.header("authorization").equals("Bearer " + KEY)) {
      return Answer.of(401, "application/json", "{\"error\":\"no such key\"}");
    }
    if (!request.path().equals("/places/" + PLACE)) {
      return Answer.of(404, "application/json", "{\"error\":\"no such place\"}");
    }
    return Answer.of(200, "application/ld+json", JSON.writeValueAsString(place()));
  }

  private Map<String, Object> place() {
    var place = new LinkedHashMap<String, Object>();
    place.put("@context", "https://schema.org");
    place.put("@type", "LocalBusiness");
    place.put("name", "Quillwort Garden Goods");
    place.put("url", address() + "/" + PLACE);
    place.put(
        "aggregateRating",
        Map.of("@type", "AggregateRating", "ratingValue", 4.6, "bestRating", 5, "reviewCount", 87));
    place.put(
        "review",
        List.of(
            review(
                5,
                "Lena M.",
                "2026-11-08",
                "en",
                "Helped me choose for a windy balcony and wrapped it as if it were glass."),
            review(
                4,
                "Paulo T.",
                "2026-10-30",
                "pt",
                "Loja pequena com tudo o que interessa. O café ao lado também é bom."),
            review(
                2,
                "Greta S.",
                "2026-10-11",
                "de",
                "Schöne Sachen, aber am Samstag stand ich zwanzig Minuten an der Kasse."),
            review(5, "Aiko N.", "2026-09-27", "ja", "お店の方がとても親切でした。"),
            review(
                3,
                "Tom H.",
                "2026-09-02",
                "en",
                "Good range, but the tap in the yard was out of order again.")));
    return place;
  }

  private Map<String, Object> review(
      int stars, String who, String day, String language, String words) {
    return Map.of(
        "@type",
        "Review",
        "reviewRating",
        Map.of("@type", "Rating", "ratingValue", stars, "bestRating", 5),
        "author",
        Map.of("@type", "Person", "name", who),
        "datePublished",
        day,
        "inLanguage",
        language,
        "reviewBody",
        words,
        "url",
        address() + "/" + PLACE + "#" + day);
  }
}
