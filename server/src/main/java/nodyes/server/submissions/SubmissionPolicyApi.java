package nodyes.server.submissions;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import nodyes.core.review.PublicationPolicy;
import nodyes.server.outbound.OutgoingMail;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "own-reviews")
@RequestMapping("/api/v1/submission-policy")
class SubmissionPolicyApi {
  private final SubmissionPolicyStore rules;
  private final OutgoingMail mail;

  SubmissionPolicyApi(SubmissionPolicyStore rules, OutgoingMail mail) {
    this.rules = rules;
    this.mail = mail;
  }

  /** What the owner wants done. */
  record OwnRuleChange(
      PublicationPolicy admission,
      NotificationFrequency notice,
      @Size(max = 254, message = "{problems.upTo254}") String noticeTo) {}

  /**
   * What is done.
   *
   * @param hasMail whether a mail server is connected
   */
  record OwnRuleView(
      PublicationPolicy admission,
      NotificationFrequency notice,
      String noticeTo,
      boolean hasMail,
      @Nullable Instant toldAt,
      @Nullable Instant failedAt,
      @Nullable String failure) {}

  @GetMapping
  OwnRuleView get() {
    SubmissionPolicy rule = rules.rule();
    return new OwnRuleView(
        rule.admission(),
        rule.notice(),
        rule.noticeTo(),
        mail.isConnected(),
        rule.toldAt(),
        rule.failedAt(),
        rule.failure());
  }

  @PutMapping
  OwnRuleView put(@Valid @RequestBody OwnRuleChange wanted) {
    String to = wanted.noticeTo().strip();
    if (wanted.notice() != NotificationFrequency.NEVER && !OutgoingMail.isAddress(to)) {
      throw ApiProblem.value("noticeTo", text("problems.notAnEmail"));
    }
    rules.save(wanted.admission(), wanted.notice(), to);
    return get();
  }
}
