package nodyes.server.reviews;

import java.time.Clock;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import nodyes.core.review.NameForm;
import nodyes.server.catalogue.Catalogue;
import nodyes.server.web.Refusal;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Component;

/**
 * What the owner does to one review besides moving it. The writer's words and rating stay as they
 * are, whatever is done.
 */
@Component
public class Editing {
  private static final int LONGEST_REPLY = 3000;

  private final EditStore store;
  private final ReplyDraftStore replyDrafts;
  private final ReviewStore reviews;
  private final Catalogue catalogue;
  private final Clock clock;
  private final ApplicationEventPublisher events;

  Editing(
      EditStore store,
      ReplyDraftStore replyDrafts,
      ReviewStore reviews,
      Catalogue catalogue,
      Clock clock,
      ApplicationEventPublisher events) {
    this.store = store;
    this.replyDrafts = replyDrafts;
    this.reviews = reviews;
    this.catalogue = catalogue;
    this.clock = clock;
    this.events = events;
  }

  /** Answers in the shop's name, shown under the review; an empty text takes the answer away. */
  public ReviewLine reply(long id, String text, String who) {
    String reply = text.strip();
    if (reply.length() > LONGEST_REPLY) {
      throw Refusal.unusable("A reply has 3,000 characters at most.");
    }
    ReviewLine answered = edited(id, new EditStore.Edit.Reply(reply), who);
    replyDrafts.forget(id);
    return answered;
  }

  /** A reply as it stands in the field, published or not. */
  public record ReplyDraft(String text) {}

  /** The reply as it was typed last; where nothing was, the one that is published. */
  public ReplyDraft replyDraft(long id) {
    ReviewLine line = line(id);
    return new ReplyDraft(
        replyDrafts.find(id).orElseGet(() -> Objects.requireNonNullElse(line.reply(), "")));
  }

  /** Keeps a reply as it is typed; one that is as published is not kept beside it. */
  public ReplyDraft keepReplyDraft(long id, String text) {
    ReviewLine line = line(id);
    if (text == null) {
      throw Refusal.value("text", "is missing");
    }
    if (text.length() > LONGEST_REPLY) {
      throw Refusal.unusable("A reply has 3,000 characters at most.");
    }
    if (text.equals(Objects.requireNonNullElse(line.reply(), ""))) {
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

  /** Shows a review before others, or no more. */
  public ReviewLine feature(long id, boolean featured, String who) {
    return edited(id, new EditStore.Edit.Featured(featured), who);
  }

  /** Hides contact details in the words, marked as hidden; or shows them again. */
  public ReviewLine hideContacts(long id, boolean hidden, String who) {
    return edited(id, new EditStore.Edit.ContactsHidden(hidden), who);
  }

  /** Shows the reviewer's name in another form, made anew from the given name. */
  public ReviewLine nameAs(long id, NameForm form, String who) {
    ReviewLine line = line(id);
    Optional<String> name = Optional.ofNullable(line.reviewerGiven()).flatMap(form::of);
    return edited(id, new EditStore.Edit.Name(name.orElse(null)), who);
  }

  /** Shows one of the shop's variants of the product with a review, or none. */
  public ReviewLine variantAs(long id, Optional<String> variant, String who) {
    ReviewLine line = line(id);
    if (variant.isPresent() && !catalogue.variants(line.product()).contains(variant.get())) {
      throw Refusal.unusable(
          "The shop sells no variant " + variant.get() + " of " + line.productTitle() + ".");
    }
    return edited(id, new EditStore.Edit.Variant(variant.orElse(null)), who);
  }

  /** What was done to a review, oldest first. */
  public List<ReviewEvent> history(long id) {
    line(id);
    return store.history(id);
  }

  private ReviewLine edited(long id, EditStore.Edit edit, String who) {
    ReviewLine before = line(id);
    store.apply(id, edit, who, clock.instant());
    if (before.state() == nodyes.core.review.ReviewState.PUBLISHED) {
      events.publishEvent(new PublishedReviewsChanged(Set.of(before.product())));
    }
    return line(id);
  }

  private ReviewLine line(long id) {
    return reviews.find(id).orElseThrow(() -> Refusal.notFound("There is no such review."));
  }
}
