package nodyes.server.web;

import io.swagger.v3.oas.annotations.tags.Tag;
import java.util.List;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What follows changes and could not be done yet. */
@RestController
@Tag(name = "follow-ups")
@RequestMapping("/api/v1/follow-ups")
class FollowUpsApi {
  private final FollowUps followUps;

  FollowUpsApi(FollowUps followUps) {
    this.followUps = followUps;
  }

  /** All of it. */
  record PendingFollowUps(List<FollowUps.Pending> pending) {}

  @GetMapping
  PendingFollowUps get() {
    return new PendingFollowUps(followUps.pending());
  }

  @PostMapping("/again")
  PendingFollowUps again() {
    followUps.again();
    return get();
  }
}
