package nodyes.simulators.businessdirectory;

import static org.testng.Assert.assertEquals;

import nodyes.simulators.Asking;
import org.testng.annotations.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

public class BusinessDirectoryTest {
  @Test
  public void whoHasTheKeyReadsUpToFiveReviewsOfThePlace() throws Exception {
    try (var directory = new BusinessDirectory(0)) {
      String place = directory.service() + "/" + BusinessDirectory.PLACE;
      assertEquals(Asking.get(place).statusCode(), 401);
      assertEquals(Asking.get(place, "Authorization", "Bearer other").statusCode(), 401);
      String key = "Bearer " + BusinessDirectory.KEY;
      assertEquals(
          Asking.get(directory.service() + "/other", "Authorization", key).statusCode(), 404);
      JsonNode told = JsonMapper.shared().readTree(Asking.get(place, "Authorization", key).body());
      assertEquals(told.path("@type").asString(), "LocalBusiness");
      assertEquals(told.path("review").size(), 5);
      assertEquals(Asking.get(directory.address()).statusCode(), 200);
    }
  }
}
