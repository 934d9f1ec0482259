package nodyes.server.submissions;

import java.util.Set;
import nodyes.core.imports.ImportedReview;
import nodyes.core.imports.ReviewFlag;
import nodyes.core.reviewform.SpamSignals;
import nodyes.server.reviewform.FormTokens;
import nodyes.server.reviewform.Forms;
import nodyes.server.submissions.ReviewSubmissions.SubmissionContext;
import org.springframework.stereotype.Component;

/** The signs of spam in what was sent, and how much one caller sends. */
@Component
class SubmissionSpam {
  private final Forms forms;
  private final SubmissionRateCounter senders;

  SubmissionSpam(Forms forms, SubmissionRateCounter senders) {
    this.forms = forms;
    this.senders = senders;
  }

  void sent(String caller) {
    senders.sent(caller);
  }

  Set<ReviewFlag> signs(
      ImportedReview review, FormTokens.Opened opened, SubmissionContext sending) {
    String words = review.text().body().orElse("");
    return SpamSignals.of(
        new SpamSignals.Sent(
            sending.isTrapFilled(),
            opened.taken(),
            review.text().title().orElse("") + " " + words,
            senders.inTheLastHour(sending.caller()),
            words.length() < SubmissionStore.LONG_ENOUGH ? 0 : forms.alike(words)));
  }
}
