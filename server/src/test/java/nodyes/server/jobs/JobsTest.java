package nodyes.server.jobs;

import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.util.ArrayList;
import java.util.List;
import nodyes.server.ServerTest;
import nodyes.server.web.ApiProblem;
import org.springframework.beans.factory.annotation.Autowired;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;

public class JobsTest extends ServerTest {
  @Autowired private Jobs jobs;
  @Autowired private JobRuns runs;
  @Autowired private List<ScheduledJob> scheduled;

  private JsonNode job(JobKind kind) throws Exception {
    return body(ask("/api/v1/jobs"))
        .path("jobs")
        .valueStream()
        .filter(job -> job.path("kind").asString().equals(kind.name()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void everyKindIsShownWithItsName() throws Exception {
    JsonNode jobs = body(ask("/api/v1/jobs")).path("jobs");
    assertEquals(jobs.size(), JobKind.values().length);
    jobs.forEach(job -> assertFalse(job.path("name").asString().startsWith("jobs."), job + ""));
    assertEquals(job(JobKind.FEEDS).path("everySeconds").asLong(), 60);
    assertTrue(job(JobKind.PICTURES).path("everySeconds").isMissingNode(), "when it is needed");
  }

  @Test
  public void noTwoJobsAreOfOneKind() {
    assertEquals(
        scheduled.stream().map(ScheduledJob::kind).distinct().count(), (long) scheduled.size());
  }

  @Test
  public void whatCameOfItIsSaidAndKept() throws Exception {
    runs.record(JobKind.UPLOAD_CLEANUP, () -> 3);
    JsonNode job = job(JobKind.UPLOAD_CLEANUP);
    assertEquals(job.at("/last/text").asString(), "3 photos removed");
    assertFalse(job.at("/last/failed").asBoolean());
    assertEquals(job.at("/recent/0/text").asString(), "3 photos removed");
  }

  @Test
  public void aFailureIsSaidWithItsReasonAndEndsNothing() throws Exception {
    runs.record(
        JobKind.ACTIVITY_CLEANUP,
        () -> {
          throw ApiProblem.unusable("the disk is full");
        });
    JsonNode job = job(JobKind.ACTIVITY_CLEANUP);
    assertTrue(job.at("/recent/0/failed").asBoolean());
    assertEquals(job.at("/recent/0/text").asString(), "Failed: the disk is full");
    runs.record(JobKind.ACTIVITY_CLEANUP, () -> 1);
    assertEquals(job(JobKind.ACTIVITY_CLEANUP).at("/recent/0/text").asString(), "1 line removed");
  }

  @Test
  public void whatNobodyForesawIsNotTold() throws Exception {
    runs.record(
        JobKind.FOLLOW_UPS,
        () -> {
          throw new IllegalStateException("SQL [insert into secret_table ...]");
        });
    String said = job(JobKind.FOLLOW_UPS).at("/recent/0/text").asString();
    assertFalse(said.contains("secret_table"), said);
    assertTrue(said.startsWith("Failed: Something unexpected"), said);
  }

  @Test
  public void timesWithNothingToDoAreNotKeptAndOfTheOthersTheLastTwenty() throws Exception {
    for (int i = 1; i <= 25; i++) {
      int done = i % 2;
      runs.record(JobKind.PICTURES, () -> done);
      runs.record(JobKind.SIGN_INS, () -> 1);
      int number = i;
      runs.record(JobKind.REVIEW_IMPORTS, () -> number);
    }
    var texts = new ArrayList<String>();
    job(JobKind.REVIEW_IMPORTS)
        .path("recent")
        .forEach(run -> texts.add(run.path("text").asString()));
    assertEquals(texts.size(), 20);
    assertEquals(texts.getFirst(), "25 reviews imported");
    assertTrue(
        job(JobKind.PICTURES)
            .path("recent")
            .valueStream()
            .noneMatch(run -> run.path("text").asString().equals("Nothing to do")));
    assertEquals(job(JobKind.SIGN_INS).path("recent").size(), 0, "housekeeping");
  }

  /** One that began by itself sent the same e-mail beside a test that sent it. */
  @Test
  public void noneBeginsByItselfBesideATest() {
    assertFalse(jobs.isRunning());
  }

  @Test
  public void oneIsRunByHand() throws Exception {
    send("/api/v1/jobs/UPLOAD_CLEANUP/run", "{}").andExpect(status().isOk());
    assertFalse(job(JobKind.UPLOAD_CLEANUP).path("last").isMissingNode());
    send("/api/v1/jobs/PICTURES/run", "{}").andExpect(status().isNotFound());
    send("/api/v1/jobs/NO_SUCH/run", "{}").andExpect(status().isNotFound());
  }
}
