package nodyes.server.reviews;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.NameForm;
import nodyes.core.review.ReviewState;
import nodyes.server.trail.Trail;
import nodyes.server.web.PageOf;
import nodyes.server.web.Refusal;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.annotations.ParameterObject;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

@RestController
@Tag(name = "reviews")
@RequestMapping("/api/v1/reviews")
class ReviewsApi {
  private final Reviews reviews;
  private final Editing editing;
  private final Translations translations;

  ReviewsApi(Reviews reviews, Editing editing, Translations translations) {
    this.reviews = reviews;
    this.editing = editing;
    this.translations = translations;
  }

  record Counts(Map<ReviewState, Long> byState) {}

  record Move(
      @NotEmpty(message = "choose at least one review")
          @Size(max = 5000, message = "at most 5,000 at once")
          Set<Long> ids,
      ReviewState to,
      @Nullable LeaveOutReason reason) {}

  record TakenBack(int moved) {}

  @GetMapping
  PageOf<ReviewLine> list(
      @ParameterObject AskedReviews asked,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    return reviews.list(asked.filter(), page, size);
  }

  @GetMapping("/rows")
  ReviewRows rows(
      @ParameterObject AskedReviews asked,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    return reviews.rows(asked.filter(), page, size);
  }

  record Found(long reviews) {}

  @GetMapping("/count")
  Found count(@ParameterObject AskedReviews asked) {
    return new Found(reviews.count(asked.filter()));
  }

  @GetMapping("/by-product")
  PageOf<ProductStanding> byProduct(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    return reviews.byProduct(q, page, size);
  }

  @GetMapping("/facets")
  Facets facets() {
    return reviews.facets();
  }

  @GetMapping("/counts")
  Counts counts() {
    return new Counts(reviews.counts());
  }

  @GetMapping("/{id}")
  ReviewLine review(@PathVariable long id) {
    return reviews.find(id).orElseThrow(() -> Refusal.notFound("There is no such review."));
  }

  record Reply(String text) {}

  record Variant(@Nullable String title) {}

  record Featured(boolean featured) {}

  record ContactsHidden(boolean hidden) {}

  record NameAs(NameForm form) {}

  @PutMapping("/{id}/reply")
  ReviewLine reply(@PathVariable long id, @RequestBody Reply reply, Authentication who) {
    return editing.reply(id, reply.text(), who.getName());
  }

  @PutMapping("/{id}/featured")
  ReviewLine feature(@PathVariable long id, @RequestBody Featured mark, Authentication who) {
    return editing.feature(id, mark.featured(), who.getName());
  }

  /** The reply as it was typed last. */
  @GetMapping("/{id}/reply-draft")
  Editing.ReplyDraft replyDraft(@PathVariable long id) {
    return editing.replyDraft(id);
  }

  /** Keeps a reply as it is typed. */
  @PutMapping("/{id}/reply-draft")
  Editing.ReplyDraft keepReplyDraft(@PathVariable long id, @RequestBody Editing.ReplyDraft draft) {
    return editing.keepReplyDraft(id, draft.text());
  }

  @PutMapping("/{id}/contacts")
  ReviewLine contacts(
      @PathVariable long id, @RequestBody ContactsHidden contacts, Authentication who) {
    return editing.hideContacts(id, contacts.hidden(), who.getName());
  }

  @PutMapping("/{id}/name")
  ReviewLine name(@PathVariable long id, @RequestBody NameAs name, Authentication who) {
    return editing.nameAs(id, name.form(), who.getName());
  }

  @PutMapping("/{id}/variant")
  ReviewLine variant(@PathVariable long id, @RequestBody Variant variant, Authentication who) {
    return editing.variantAs(id, Optional.ofNullable(variant.title()), who.getName());
  }

  record Wanted(String to) {}

  @PostMapping("/{id}/translation")
  Translations.Translation translation(@PathVariable long id, @RequestBody Wanted language) {
    return translations.of(id, language.to());
  }

  @GetMapping("/{id}/history")
  List<ReviewEvent> history(@PathVariable long id) {
    return editing.history(id);
  }

  @PostMapping("/moves")
  Moved move(@Valid @RequestBody Move move, Authentication who) {
    if ((move.to() == ReviewState.LEFT_OUT) != (move.reason() != null)) {
      throw new Refusal(
          HttpStatus.BAD_REQUEST, "Leaving a review out needs a reason, and nothing else does.");
    }
    if (move.to() == ReviewState.PUBLISHED) {
      editing.publishReplyDrafts(move.ids(), who.getName());
    }
    Moved moved =
        reviews.move(move.ids(), move.to(), Optional.ofNullable(move.reason()), who.getName());
    int count = move.ids().size();
    Trail.say(
        did(move.to()) + (count == 1 ? " a review" : " " + count + " reviews"),
        "/reviews?state=" + move.to());
    return moved;
  }

  private static String did(ReviewState to) {
    return switch (to) {
      case PUBLISHED -> "published";
      case HELD -> "held";
      case LEFT_OUT -> "left out";
      case SPAM -> "left out as spam";
      case WAITING -> "put back to wait";
    };
  }

  @PostMapping("/moves/{id}/take-back")
  TakenBack takeBack(@PathVariable long id) {
    return new TakenBack(reviews.takeBack(id));
  }
}
