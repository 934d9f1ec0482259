package nodyes.server.visitors;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import nodyes.server.ServerSettings;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "presence")
@RequestMapping("/api/v1/demo/shoppers")
class SimulatedShoppersApi {
  private final SimulatedShoppers shoppers;
  private final ServerSettings settings;

  SimulatedShoppersApi(SimulatedShoppers shoppers, ServerSettings settings) {
    this.shoppers = shoppers;
    this.settings = settings;
  }

  /**
   * Simulated shoppers.
   *
   * @param perMinute views in a minute; 0 for none, missing where there are no such shoppers
   */
  record Pace(@Nullable Integer perMinute) {}

  @GetMapping
  Pace get() {
    return new Pace(settings.demo() ? shoppers.perMinute() : null);
  }

  @PutMapping
  Pace set(@RequestBody Pace pace) {
    if (!settings.demo()) {
      throw ApiProblem.notFound(text("presence.demoOnly"));
    }
    Integer wanted = pace.perMinute();
    if (wanted == null || wanted < 0 || wanted > SimulatedShoppers.MOST) {
      throw ApiProblem.value("perMinute", text("presence.howMany"));
    }
    shoppers.set(wanted);
    return pace;
  }
}
