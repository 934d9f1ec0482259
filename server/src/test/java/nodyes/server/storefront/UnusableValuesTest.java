package nodyes.server.storefront;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import nodyes.server.ServerTest;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class UnusableValuesTest extends ServerTest {
  @DataProvider
  Object[][] values() {
    return new Object[][] {{"version", "abc"}, {"draft", "maybe"}};
  }

  /** It said 'Failed to convert value of type java.lang.String'. */
  @Test(dataProvider = "values")
  public void aParameterThatCannotBeReadIsNamedInPlainWords(String name, String value)
      throws Exception {
    http.perform(get("/embed/v1/page").param("kind", "product").param(name, value))
        .andExpect(status().isBadRequest())
        .andExpect(jsonPath("$.faults[0].field").value(name))
        .andExpect(jsonPath("$.faults[0].reason").value("This value cannot be used here."));
  }
}
