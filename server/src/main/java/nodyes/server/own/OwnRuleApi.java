package nodyes.server.own;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import nodyes.core.review.Admission;
import nodyes.server.outside.Mail;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "own-reviews")
@RequestMapping("/api/v1/own-reviews/rule")
class OwnRuleApi {
  private final OwnRuleStore rules;
  private final Mail mail;

  OwnRuleApi(OwnRuleStore rules, Mail mail) {
    this.rules = rules;
    this.mail = mail;
  }

  /** What the owner wants done. */
  record OwnRuleChange(
      Admission admission,
      Notice notice,
      @Size(max = 254, message = "at most 254 characters") String noticeTo) {}

  /**
   * What is done.
   *
   * @param hasMail whether a mail server is connected
   */
  record OwnRuleView(
      Admission admission,
      Notice notice,
      String noticeTo,
      boolean hasMail,
      @Nullable Instant toldAt,
      @Nullable Instant failedAt,
      @Nullable String failure) {}

  @GetMapping
  OwnRuleView get() {
    OwnRule rule = rules.rule();
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
    if (wanted.notice() != Notice.NEVER && !Mail.isAddress(to)) {
      throw Refusal.value("noticeTo", "is no e-mail address");
    }
    rules.save(wanted.admission(), wanted.notice(), to);
    return get();
  }
}
