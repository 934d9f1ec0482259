package nodyes.server.delivery;

import io.swagger.v3.oas.annotations.tags.Tag;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** What was promised beside what came. */
@RestController
@Tag(name = "delivery")
class OnTimeApi {
  private final OnTimeReport kept;

  OnTimeApi(OnTimeReport kept) {
    this.kept = kept;
  }

  @GetMapping("/api/v1/delivery/on-time")
  OnTimeReport.KeptOrders kept() {
    return kept.kept();
  }
}
