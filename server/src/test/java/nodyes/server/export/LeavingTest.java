package nodyes.server.export;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertTrue;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import nodyes.server.ServerSettings;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

public class LeavingTest extends ArchiveTest {
  @Autowired private ServerSettings settings;

  @Test
  public void allThatIsTheShopsGoesAlong() throws Exception {
    String picture = "ab".repeat(20) + ".jpg";
    Path folder = Files.createDirectories(settings.data().resolve("pictures"));
    Files.writeString(folder.resolve(picture), "a picture");
    String drawing = "cd".repeat(20) + ".svg";
    Files.writeString(
        Files.createDirectories(settings.data().resolve("drawn")).resolve(drawing), "<svg/>");
    Files.writeString(folder.resolve("ab".repeat(20) + ".form.jpg"), "the same, smaller");
    Map<String, String> entries = everything();
    assertTrue(
        entries
            .keySet()
            .containsAll(
                java.util.List.of(
                    "read-me.txt",
                    "reviews.csv",
                    "reviews.jsonld",
                    "pages/draft.json",
                    "pages/published.json",
                    "timings.csv",
                    "closed-days.ics",
                    "shown-numbers.csv")),
        entries.keySet().toString());
    assertEquals(entries.get("pictures/" + picture), "a picture");
    assertEquals(entries.get("assets/" + drawing), "<svg/>");
    assertEquals(entries.keySet().stream().filter(name -> name.contains(".form.")).count(), 0);
    assertTrue(entries.getOrDefault("pages/draft.json", "").contains("\"star-line\""));
    assertTrue(entries.getOrDefault("closed-days.ics", "").startsWith("BEGIN:VCALENDAR"));
    // what is packed lies nowhere afterwards
    try (var left = Files.list(settings.data().resolve("out"))) {
      assertEquals(left.filter(one -> one.toString().endsWith(".zip")).count(), 0);
    }
  }

  @Test
  public void whoIsNotSignedInTakesNothingAndNorDoesAProgram() throws Exception {
    ask("/api/v1/export/everything.zip").andExpect(status().isForbidden());
    ask("/api/v1/export").andExpect(status().isForbidden());
    http.perform(get("/api/v1/export/everything.zip")).andExpect(status().isUnauthorized());
  }
}
