package nodyes.server.publishedreviews;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Pattern;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import nodyes.core.review.Votes;
import nodyes.server.shop.ShopOrigin;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.Network;
import nodyes.server.web.RateLimit;
import nodyes.server.web.Sha256;
import nodyes.server.web.Signer;
import org.springframework.web.bind.annotation.CrossOrigin;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;

/** Where shoppers say whether a review helped them; open to all, without sign-in. */
@RestController
@Tag(name = "embed")
class VotesApi {
  private static final int HASH_BYTES = 16;

  private final VoteStore votes;
  private final ShopOrigin origin;
  private final Signer signer;
  private final Clock clock;
  private final RateLimit limit = new RateLimit(30, Duration.ofMinutes(10));

  VotesApi(VoteStore votes, ShopOrigin origin, Signer signer, Clock clock) {
    this.origin = origin;
    this.signer = signer;
    this.votes = votes;
    this.clock = clock;
  }

  /** What a shopper says of a review. */
  enum Say {
    HELPFUL,
    NOT_HELPFUL,
    NOTHING
  }

  /**
   * A vote.
   *
   * @param voter a random name that the shopper's browser keeps; another one is another shopper
   */
  record Vote(
      @Pattern(regexp = "[0-9a-f-]{16,64}", message = "{votes.voterForm}") String voter,
      Say says) {}

  /** The counts that came of it. */
  record VoteCounts(long helpful, long notHelpful) {}

  @PostMapping("/embed/v1/reviews/{id}/votes")
  @CrossOrigin(origins = "*", maxAge = 3600)
  @Operation(summary = "A shopper's vote on a review; the last one counts")
  VoteCounts vote(
      @PathVariable long id, @Valid @RequestBody Vote vote, HttpServletRequest request) {
    String network = Network.of(request);
    limit.count(network);
    origin.check(request);
    Votes counted =
        votes
            .vote(
                id,
                new VoteStore.From(
                    hashed(id, vote.voter()),
                    signer.sign("votes of a network", id + "|" + network)),
                said(vote.says()),
                clock.instant())
            .orElseThrow(() -> ApiProblem.notFound(text("reviews.noSuch")));
    return new VoteCounts(counted.helpful(), counted.notHelpful());
  }

  private static Optional<Boolean> said(Say says) {
    return switch (says) {
      case HELPFUL -> Optional.of(true);
      case NOT_HELPFUL -> Optional.of(false);
      case NOTHING -> Optional.empty();
    };
  }

  private static String hashed(long review, String voter) {
    return Sha256.hex(Sha256.of(review + "|" + voter), HASH_BYTES);
  }
}
