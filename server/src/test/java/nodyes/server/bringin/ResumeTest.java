package nodyes.server.bringin;

import static org.testng.Assert.assertEquals;

import java.io.ByteArrayInputStream;
import java.util.List;
import nodyes.server.ServerTest;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;

/** Reading goes on after a restart. */
public class ResumeTest extends ServerTest {
  @Autowired private BringIn bringIn;
  @Autowired private BatchStore store;
  @Autowired private ReadingJob job;

  @Test
  public void aFileThatWasBeingReadIsReadToItsEndAndNothingTwice() throws Exception {
    product("resume-pot");
    var file = new StringBuilder("Product,Rating,Words\n");
    for (int i = 0; i < 10; i++) {
      file.append("resume-pot,").append(i == 4 ? 9 : 5).append(",Row ").append(i).append('\n');
    }
    BatchView looked =
        bringIn.look("r.csv", new ByteArrayInputStream(utf8(file.toString())), "the owner");
    var choices = Choices.FOUND.permitted(null);
    store.begin(looked.id(), choices, BatchState.LOOKED);
    // as if the server had stopped after three rows
    store.progress(looked.id(), new BatchStore.Counts(3, 3, 0, 0, 0, 0), List.of());
    job.start();
    BatchView batch = bringIn.batch(looked.id());
    while (batch.state() == BatchState.READING) {
      Thread.sleep(20);
      batch = bringIn.batch(looked.id());
    }
    assertEquals(batch.state(), BatchState.READ);
    assertEquals(batch.rowsSeen(), 10);
    assertEquals(batch.taken(), 3 + 6);
    assertEquals(batch.bad(), 1);
    var stored = body(ask("/api/v1/reviews?batch={id}", looked.id()));
    assertEquals(stored.path("total").asInt(), 6, "rows 4 to 10 without the bad one");
  }
}
