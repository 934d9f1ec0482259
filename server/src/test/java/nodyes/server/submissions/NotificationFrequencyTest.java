package nodyes.server.submissions;

import static org.testng.Assert.assertEquals;

import java.time.Instant;
import java.time.ZoneId;
import java.util.Optional;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NotificationFrequencyTest {
  private static final ZoneId LISBON = ZoneId.of("Europe/Lisbon");

  @DataProvider
  public Object[][] moments() {
    return new Object[][] {
      {NotificationFrequency.NEVER, null, "2026-11-26T14:20:00Z", false},
      {NotificationFrequency.SOON, null, "2026-11-26T14:20:00Z", true},
      {NotificationFrequency.SOON, "2026-11-26T14:05:01Z", "2026-11-26T14:20:00Z", false},
      {NotificationFrequency.SOON, "2026-11-26T14:05:00Z", "2026-11-26T14:20:00Z", true},
      {NotificationFrequency.DAILY, null, "2026-11-26T14:20:00Z", true},
      {NotificationFrequency.DAILY, "2026-11-26T08:00:00Z", "2026-11-26T14:20:00Z", false},
      {NotificationFrequency.DAILY, "2026-11-25T08:00:00Z", "2026-11-26T07:59:59Z", false},
      {NotificationFrequency.DAILY, "2026-11-25T08:00:00Z", "2026-11-26T08:00:00Z", true},
      // eight in Lisbon is seven UTC in summer, and 23 hours lie between two of them in spring
      {NotificationFrequency.DAILY, "2026-03-28T08:00:00Z", "2026-03-29T06:59:59Z", false},
      {NotificationFrequency.DAILY, "2026-03-28T08:00:00Z", "2026-03-29T07:00:00Z", true},
    };
  }

  @Test(dataProvider = "moments")
  public void aNoticeIsDueWhenTheOwnerWantsIt(
      NotificationFrequency notice, String last, String now, boolean isDue) {
    assertEquals(
        notice.isDue(Optional.ofNullable(last).map(Instant::parse), Instant.parse(now), LISBON),
        isDue);
  }
}
