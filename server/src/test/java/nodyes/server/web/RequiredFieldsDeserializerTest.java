package nodyes.server.web;

import static org.hamcrest.Matchers.is;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;
import static org.testng.Assert.assertEquals;
import static org.testng.Assert.expectThrows;

import java.util.List;
import java.util.Optional;
import nodyes.server.ServerTest;
import org.jspecify.annotations.Nullable;
import org.springframework.http.MediaType;
import org.testng.annotations.Test;

public class RequiredFieldsDeserializerTest extends ServerTest {
  private record Parcel(
      String to, @Nullable String from, Optional<String> by, List<Parcel> inner) {}

  @Test
  public void whatIsMissingIsNamedWithItsPlace() {
    var inner = new Parcel(nothing(), null, Optional.empty(), nothing());
    var body = new Parcel("Mira", null, Optional.empty(), List.of(inner));
    ApiProblem refusal =
        expectThrows(ApiProblem.class, () -> RequiredFieldsDeserializer.check(body));
    assertEquals(
        refusal.faults(),
        List.of(
            new ApiProblem.FieldError("inner[0].to", "This is missing."),
            new ApiProblem.FieldError("inner[0].inner", "This is missing.")));
    RequiredFieldsDeserializer.check(new Parcel("Mira", null, Optional.empty(), List.of()));
  }

  @SuppressWarnings({"NullAway", "TypeParameterUnusedInFormals"})
  private static <T> T nothing() {
    return null;
  }

  @Test
  public void aChangeWithoutSettingsChangesNothing() throws Exception {
    http.perform(
            put("/api/v1/layout/nods/stars")
                .header("Authorization", "Bearer " + KEY)
                .contentType(MediaType.APPLICATION_JSON)
                .content("{\"revision\":1}"))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field", is("set")))
        .andExpect(jsonPath("$.faults[0].reason", is("This is missing.")));
  }
}
