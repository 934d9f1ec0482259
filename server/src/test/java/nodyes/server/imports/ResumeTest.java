package nodyes.server.imports;

import static org.testng.Assert.assertEquals;

import java.io.ByteArrayInputStream;
import java.util.List;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

/** Reading goes on after a restart. */
public class ResumeTest extends ServerTest {
  @Autowired private ImportIntake intake;
  @Autowired private ImportViews views;
  @Autowired private ImportStore store;
  @Autowired private ImportJob job;

  @Test
  public void aFileThatWasBeingReadIsReadToItsEndAndNothingTwice() throws Exception {
    product("resume-pot");
    var file = new StringBuilder("Product,Rating,Words\n");
    for (int i = 0; i < 10; i++) {
      file.append("resume-pot,").append(i == 4 ? 9 : 5).append(",Row ").append(i).append('\n');
    }
    ImportView looked =
        intake.look("r.csv", new ByteArrayInputStream(utf8(file.toString())), "the owner");
    var choices = ImportOptions.FOUND.permitted(null);
    store.begin(looked.id(), choices, ImportState.INSPECTED);
    // as if the server had stopped after three rows
    store.progress(looked.id(), new ImportCounts(3, 3, 0, 0, 0, 0), List.of());
    job.start();
    ImportView batch =
        until(() -> views.batch(looked.id()), one -> one.state() != ImportState.RUNNING);
    assertEquals(batch.state(), ImportState.DONE);
    assertEquals(batch.counts().rowsSeen(), 10);
    assertEquals(batch.counts().imported(), 3 + 6);
    assertEquals(batch.counts().unreadable(), 1);
    var stored = body(ask("/api/v1/reviews?batch={id}", looked.id()));
    assertEquals(stored.path("total").asInt(), 6, "rows 4 to 10 without the bad one");
  }
}
