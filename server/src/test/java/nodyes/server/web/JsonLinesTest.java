package nodyes.server.web;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertThrows;
import static org.testng.Assert.assertTrue;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.StringReader;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.springframework.mock.web.MockMultipartFile;
import org.testng.annotations.Test;
import tools.jackson.databind.ObjectMapper;

/** Files of one JSON object to a line: what is good is taken, what is wrong is told by its line. */
public class JsonLinesTest {
  private final ObjectMapper json = new ObjectMapper();
  private final JsonLines lines = new JsonLines(json);
  private final List<String> taken = new ArrayList<>();

  private JsonLines.Result read(String text) throws IOException {
    taken.clear();
    return lines.read(
        new BufferedReader(new StringReader(text)),
        (line, node) -> {
          String name = JsonLines.text(node, "name");
          if (name.equals("bad")) {
            throw new JsonLines.BadField("name", name, "cannot be taken");
          }
          if (node.has("on")) {
            LocalDate.parse(node.path("on").asString());
          }
          if (node.has("many")) {
            Math.toIntExact(node.path("many").asLong());
          }
          taken.add(line + " " + name);
        });
  }

  @Test
  public void goodLinesAreTakenBesideBadOnes() throws IOException {
    JsonLines.Result result =
        read(
            """
            {"name":"one"}

            {"name":"bad"}
            {"name":7}
            not json
            {"nme":"three"}
            {"name":"four","on":"2026-02-30"}
            {"name":"five","many":99999999999}
            {"name":"six","on":"2026-02-28"}
            """);
    assertEquals(taken, List.of("1 one", "4 7", "9 six"));
    assertEquals(result.taken(), 3);
    assertEquals(
        result.problems().stream().map(JsonLines.LineProblem::line).toList(),
        List.of(3L, 5L, 6L, 7L, 8L));
    JsonLines.LineProblem bad = result.problems().getFirst();
    assertEquals(bad.field() + " " + bad.value() + " " + bad.reason(), "name bad cannot be taken");
    assertTrue(result.problems().get(1).reason().startsWith("This is not JSON"), result.toString());
    assertEquals(result.problems().get(2).reason(), "It has no name.");
    assertEquals(result.problems().get(3).value(), "2026-02-30");
  }

  @Test
  public void theFirstProblemsAreToldAndAllGoodLinesTaken() throws IOException {
    String many =
        IntStream.range(0, 1_000)
            .mapToObj(i -> i % 2 == 0 ? "{\"name\":\"n" + i + "\"}" : "{broken")
            .collect(Collectors.joining("\n"));
    JsonLines.Result result = read(many);
    assertEquals(result.taken(), 500);
    assertEquals(result.problems().size(), 200);
    assertEquals(result.problems().getLast().line(), 400);
  }

  @Test
  public void aLongValueIsCutAndAnEmptyFileRefused() throws IOException {
    var problem = new JsonLines.LineProblem(1, "name", "x".repeat(500), "This is too long.");
    assertEquals(problem.value(), "x".repeat(120) + "…");
    assertThrows(
        ApiProblem.class,
        () -> JsonLines.open(new MockMultipartFile("file", "a.jsonl", "text/plain", new byte[0])));
    assertEquals(read("").taken(), 0);
    assertEquals(read("\n \n").problems(), List.of());
  }

  @Test
  public void pagesAndSizesAreBroughtIntoReason() {
    assertEquals(PagedResult.page(-3), 1);
    assertEquals(PagedResult.page(7), 7);
    assertEquals(PagedResult.size(0), 1);
    assertEquals(PagedResult.size(50), 50);
    assertEquals(PagedResult.size(Integer.MAX_VALUE), PagedResult.LARGEST);
  }
}
