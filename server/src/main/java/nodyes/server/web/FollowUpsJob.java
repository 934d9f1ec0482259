package nodyes.server.web;

import org.springframework.stereotype.Component;

/** Tries again what follows a change and failed. */
@Component
class FollowUpsJob extends EachMinute {
  FollowUpsJob(FollowUps followUps) {
    super("follow-ups", followUps::again);
  }
}
