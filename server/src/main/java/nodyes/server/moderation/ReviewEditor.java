package nodyes.server.moderation;

import static nodyes.server.messages.Texts.text;

import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import nodyes.core.review.NameDisplay;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.reviews.Reviews;
import nodyes.server.web.ApiProblem;
import org.springframework.stereotype.Component;

/**
 * What the owner does to one review besides moving it. The writer's words and rating stay as they
 * are, whatever is done.
 */
@Component
public class ReviewEditor {
  private static final int LONGEST_REPLY = 3000;

  private final ReviewEditStore store;
  private final ReplyDraftStore replyDrafts;
  private final Reviews reviews;
  private final Catalogue catalogue;
  private final Clock clock;

  ReviewEditor(
      ReviewEditStore store,
      ReplyDraftStore replyDrafts,
      Reviews reviews,
      Catalogue catalogue,
      Clock clock) {
    this.store = store;
    this.replyDrafts = replyDrafts;
    this.reviews = reviews;
    this.catalogue = catalogue;
    this.clock = clock;
  }

  /** Answers in the shop's name, shown under the review; an empty text takes the answer away. */
  public ReviewListItem reply(long id, String text, String who) {
    String reply = text.strip();
    if (reply.length() > LONGEST_REPLY) {
      throw ApiProblem.unusable(text("reviews.replyTooLong"));
    }
    ReviewListItem answered = edited(id, new ReviewEditStore.Edit.Reply(reply), who);
    replyDrafts.forget(id);
    return answered;
  }

  /** A reply as it stands in the field, published or not. */
  public record ReplyDraft(String text) {}

  /** The reply as it was typed last; where nothing was, the one that is published. */
  public ReplyDraft replyDraft(long id) {
    ReviewListItem line = line(id);
    return new ReplyDraft(
        replyDrafts
            .find(id)
            .orElseGet(() -> Objects.requireNonNullElse(line.moderation().reply(), "")));
  }

  /** Keeps a reply as it is typed; one that is as published is not kept beside it. */
  public ReplyDraft keepReplyDraft(long id, String text) {
    ReviewListItem line = line(id);
    if (text == null) {
      throw ApiProblem.value("text", text("problems.missing"));
    }
    if (text.length() > LONGEST_REPLY) {
      throw ApiProblem.unusable(text("reviews.replyTooLong"));
    }
    if (text.equals(Objects.requireNonNullElse(line.moderation().reply(), ""))) {
      replyDrafts.forget(id);
    } else {
      replyDrafts.keep(id, text, clock.instant());
    }
    return new ReplyDraft(text);
  }

  /** Publishes the replies that were typed for some reviews: they go out with them. */
  void publishReplyDrafts(Set<Long> ids, String who) {
    for (long id : ids) {
      replyDrafts.find(id).ifPresent(text -> reply(id, text, who));
    }
  }

  /** Shows a review before others. */
  public ReviewListItem feature(long id, String who) {
    return edited(id, new ReviewEditStore.Edit.Featured(true), who);
  }

  /** Shows a review before others no more. */
  public ReviewListItem unfeature(long id, String who) {
    return edited(id, new ReviewEditStore.Edit.Featured(false), who);
  }

  /** Hides contact details in the words, marked as hidden. */
  public ReviewListItem hideContacts(long id, String who) {
    return edited(id, new ReviewEditStore.Edit.ContactsHidden(true), who);
  }

  /** Shows contact details in the words again. */
  public ReviewListItem showContacts(long id, String who) {
    return edited(id, new ReviewEditStore.Edit.ContactsHidden(false), who);
  }

  /** Shows the reviewer's name in another form, made anew from the given name. */
  public ReviewListItem nameAs(long id, NameDisplay form, String who) {
    ReviewListItem line = line(id);
    Optional<String> name = Optional.ofNullable(line.writer().rawReviewer()).flatMap(form::of);
    return edited(id, new ReviewEditStore.Edit.Name(name.orElse(null)), who);
  }

  /** Shows one of the shop's variants of the product with a review, or none. */
  public ReviewListItem variantAs(long id, Optional<String> variant, String who) {
    ReviewListItem line = line(id);
    if (variant.isPresent()
        && !catalogue.variants(line.subject().product()).contains(variant.get())) {
      throw ApiProblem.unusable(
          text(
              "reviews.noSuchVariant",
              "variant",
              variant.get(),
              "product",
              line.subject().productTitle()));
    }
    return edited(id, new ReviewEditStore.Edit.Variant(variant.orElse(null)), who);
  }

  /** What was done to a review, oldest first. */
  public List<ReviewEvent> history(long id) {
    line(id);
    return store.history(id);
  }

  private ReviewListItem edited(long id, ReviewEditStore.Edit edit, String who) {
    line(id);
    store.apply(id, edit, who, clock.instant());
    return line(id);
  }

  private ReviewListItem line(long id) {
    return reviews.find(id).orElseThrow(() -> ApiProblem.notFound(text("reviews.noSuch")));
  }
}
