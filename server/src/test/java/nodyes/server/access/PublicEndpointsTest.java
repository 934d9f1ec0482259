package nodyes.server.access;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import nodyes.server.RunningServer;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Each endpoint that is open to strangers gets what its OpenAPI schema asks for, spoilt: nulls,
 * wrong types, depth, fields that there are not, texts of every kind. None answers 500.
 */
public class PublicEndpointsTest {
  private static final int EACH = Integer.getInteger("requests.each", 150);

  /** These hash a password each time, a third of a second of a processor. */
  private static final Set<String> SLOW = Set.of("POST /api/v1/session", "POST /api/v1/first-run");

  private RunningServer server;
  private JsonNode document;

  @BeforeClass
  public void start() throws Exception {
    server = new RunningServer("--springdoc.api-docs.enabled=true", "--nodyes.proxies=127.0.0.1");
    var file = Files.createTempFile("catalogue", ".jsonl");
    Files.writeString(
        file,
        """
        {"@type":"ProductGroup","productGroupID":"pot","name":"A pot","hasVariant":[{"@type":\
        "Product","sku":"pot-1","name":"24 cm","offers":{"price":"29.00","priceCurrency":"EUR"}}]}
        """);
    assertEquals(server.upload("/api/v1/catalogue/imports", file).statusCode(), 200);
    document = JsonMapper.shared().readTree(server.get("/v3/api-docs").body());
  }

  @AfterClass(alwaysRun = true)
  public void stop() {
    server.close();
  }

  private record Endpoint(String method, String path, JsonNode operation) {
    @Override
    public String toString() {
      return method + " " + path;
    }
  }

  private List<Endpoint> open() {
    var open = new ArrayList<Endpoint>();
    for (Line line : new AccessTable().lines()) {
      JsonNode operation =
          document
              .path("paths")
              .path(line.path().getPatternString())
              .path(line.method().toLowerCase(Locale.ROOT));
      if (line.who().isEmpty() && !operation.isMissingNode()) {
        open.add(new Endpoint(line.method(), line.path().getPatternString(), operation));
      }
    }
    return open;
  }

  private HttpResponse<String> send(Endpoint endpoint, Mess mess, Random random) throws Exception {
    var path = new StringBuilder(endpoint.path().replaceAll("\\{[^}]*}", inPath(mess, random)));
    char next = '?';
    for (JsonNode parameter : endpoint.operation().path("parameters")) {
      if (parameter.path("in").asString().equals("query") && random.nextInt(4) > 0) {
        path.append(next)
            .append(parameter.path("name").asString())
            .append('=')
            .append(encoded(mess.text()));
        next = '&';
      }
    }
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(server.address("").toString() + path))
            .header("X-Forwarded-For", "198.51.100." + random.nextInt(250) + "")
            .header("Origin", "http://127.0.0.1:" + server.port())
            .header("Content-Type", random.nextInt(12) == 0 ? "text/plain" : "application/json")
            .header("Accept-Language", random.nextBoolean() ? "de" : "x-\u00e4;q=9")
            .header("Nodyes-Form", random.nextBoolean() ? "a.b.c.d" : "");
    JsonNode content = endpoint.operation().path("requestBody").path("content");
    boolean hasBody = !endpoint.method().equals("GET") && !endpoint.method().equals("DELETE");
    JsonNode schema = content.isEmpty() ? content : content.iterator().next().path("schema");
    request.method(
        endpoint.method(),
        hasBody
            ? HttpRequest.BodyPublishers.ofString(mess.body(schema))
            : HttpRequest.BodyPublishers.noBody());
    return server.send(request);
  }

  private static String inPath(Mess mess, Random random) {
    return switch (random.nextInt(4)) {
      case 0 -> "1";
      case 1 -> "99999999999999999999";
      case 2 -> "pot";
      default -> java.util.regex.Matcher.quoteReplacement(encoded(mess.text() + "x"));
    };
  }

  private static String encoded(String text) {
    return URLEncoder.encode(text, StandardCharsets.UTF_8).replace("+", "%20");
  }

  @Test
  public void noneAnswers500() throws Exception {
    var random = new Random(Long.getLong("requests.seed", 20261129));
    var mess = new Mess(document, random);
    List<Endpoint> all = open();
    assertTrue(all.size() > 15, all.toString());
    var answers = new TreeMap<Integer, Integer>();
    var failures = new ArrayList<String>();
    long start = System.nanoTime();
    for (Endpoint endpoint : all) {
      int times = SLOW.contains(endpoint.toString()) ? EACH / 5 : EACH;
      for (int i = 0; i < times; i++) {
        HttpResponse<String> answer = send(endpoint, mess, random);
        answers.merge(answer.statusCode(), 1, Integer::sum);
        if (answer.statusCode() >= 500 || answer.body().contains("Exception")) {
          failures.add(endpoint + " " + answer.request().uri() + ": " + answer.body());
        }
      }
    }
    System.out.println(
        "fuzz: "
            + all.size()
            + " endpoints, answers "
            + answers
            + ", "
            + (System.nanoTime() - start) / 1_000_000_000
            + " s, failures "
            + failures.size());
    assertEquals(failures, List.of(), server.log());
  }
}
