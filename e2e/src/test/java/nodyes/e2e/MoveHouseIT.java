package nodyes.e2e;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.ObjectMapper;

/** A shop that moves to another machine answers the same there, at the same moments. */
public class MoveHouseIT {
  private static final String CLOCK = "2026-11-26T14:20:00Z";
  private static final List<String> MOMENTS =
      List.of("2026-11-26T15:00", "2026-12-01T09:30", "2026-12-24T18:00");

  private final ObjectMapper json = new ObjectMapper();

  private static void run(Path log, String... command) throws Exception {
    int code = Demo.start(log, command).waitFor();
    assertEquals(code, 0, Files.readString(log));
  }

  private JsonNode asked(Demo demo, String path) throws IOException, InterruptedException {
    HttpResponse<String> answer = demo.ask(demo.office(path));
    assertEquals(answer.statusCode(), 200, path);
    return json.readTree(answer.body());
  }

  private String token(Demo demo) throws IOException, InterruptedException {
    try (var client = HttpClient.newHttpClient()) {
      var request =
          HttpRequest.newBuilder(URI.create(demo.office("/api/v1/preview-tokens")))
              .header("Authorization", "Bearer " + Demo.KEY)
              .POST(HttpRequest.BodyPublishers.noBody())
              .build();
      return json.readTree(client.send(request, HttpResponse.BodyHandlers.ofString()).body())
          .path("token")
          .asString();
    }
  }

  private List<String> pages(Demo demo) throws IOException, InterruptedException {
    var pages = new ArrayList<>(List.of("kind=home"));
    var products = new ArrayList<String>();
    for (JsonNode row : asked(demo, "/api/v1/products?size=100").path("rows").path("items")) {
      products.add(row.path("slug").asString());
    }
    products.forEach(product -> pages.add("kind=product&product=" + product));
    pages.add("kind=listing&product=" + String.join(",", products));
    pages.add("kind=basket&product=" + String.join(",", products.subList(0, 3)));
    return pages;
  }

  @Test
  public void everyPageIsTheSameByteForByteAtEachMoment() throws Exception {
    Path folder = Files.createTempDirectory("nodyes-moved");
    Path file = folder.resolve("backup.zip");
    Demo here = new Demo();
    try {
      String data = here.data.resolve("data").toString();
      run(folder.resolve("backup.txt"), "backup", file.toString(), "--data", data);
      String moved = folder.resolve("data").toString();
      run(folder.resolve("restore.txt"), "restore", file.toString(), "--data", moved);
      Demo there = new Demo(folder, CLOCK);
      try {
        isTheSame(here, there);
      } finally {
        there.close();
      }
    } finally {
      here.close();
    }
  }

  private void isTheSame(Demo here, Demo there) throws Exception {
    List<String> pages = pages(here);
    assertTrue(pages.size() > 40, pages.toString());
    assertEquals(pages(there), pages);
    String key = token(here);
    String keyThere = token(there);
    for (String page : pages) {
      for (String moment : MOMENTS) {
        String query = "/embed/v1/page?" + page + "&lang=en&country=PT&draft=true&at=" + moment;
        HttpResponse<String> answer = here.ask(here.office(query + "&preview=" + key));
        assertEquals(answer.statusCode(), 200, query + " " + answer.body());
        assertEquals(
            there.ask(there.office(query + "&preview=" + keyThere)).body(), answer.body(), query);
      }
    }
  }
}
