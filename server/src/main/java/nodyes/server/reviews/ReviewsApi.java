package nodyes.server.reviews;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Said;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.NameDisplay;
import nodyes.core.review.ReviewStatus;
import nodyes.server.trail.Trail;
import nodyes.server.web.ApiProblem;
import nodyes.server.web.PagedResult;
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
  private final ReviewEditor editing;

  ReviewsApi(Reviews reviews, ReviewEditor editing) {
    this.reviews = reviews;
    this.editing = editing;
  }

  record Counts(Map<ReviewStatus, Long> byStatus) {}

  record ModerationRequest(
      @NotEmpty(message = "{reviews.chooseOne}") @Size(max = 5000, message = "{reviews.upTo5000}")
          Set<Long> ids,
      ReviewStatus to,
      @Nullable LeaveOutReason reason) {}

  record TakenBack(int moved) {}

  @GetMapping
  PagedResult<ReviewListItem> list(
      @ParameterObject ReviewSelection asked,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    return reviews.list(asked.filter(), page, size);
  }

  @GetMapping("/rows")
  ReviewSlice rows(
      @ParameterObject ReviewSelection asked,
      @RequestParam(defaultValue = "1") int page,
      @RequestParam(defaultValue = "50") int size) {
    return reviews.rows(asked.filter(), page, size);
  }

  record Found(long reviews) {}

  @GetMapping("/count")
  Found count(@ParameterObject ReviewSelection asked) {
    return new Found(reviews.count(asked.filter()));
  }

  @GetMapping("/by-product")
  PagedResult<ProductReviewCounts> byProduct(
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
  ReviewListItem review(@PathVariable long id) {
    return reviews.find(id).orElseThrow(() -> ApiProblem.notFound(text("reviews.noSuch")));
  }

  record Reply(String text) {}

  record Variant(@Nullable String title) {}

  record Featured(boolean featured) {}

  record ContactsHidden(boolean hidden) {}

  record NameAs(NameDisplay form) {}

  @PutMapping("/{id}/reply")
  ReviewListItem reply(@PathVariable long id, @RequestBody Reply reply, Authentication who) {
    return editing.reply(id, reply.text(), who.getName());
  }

  @PutMapping("/{id}/featured")
  ReviewListItem feature(@PathVariable long id, @RequestBody Featured mark, Authentication who) {
    return editing.feature(id, mark.featured(), who.getName());
  }

  /** The reply as it was typed last. */
  @GetMapping("/{id}/reply-draft")
  ReviewEditor.ReplyDraft replyDraft(@PathVariable long id) {
    return editing.replyDraft(id);
  }

  /** Keeps a reply as it is typed. */
  @PutMapping("/{id}/reply-draft")
  ReviewEditor.ReplyDraft keepReplyDraft(
      @PathVariable long id, @RequestBody ReviewEditor.ReplyDraft draft) {
    return editing.keepReplyDraft(id, draft.text());
  }

  @PutMapping("/{id}/contacts")
  ReviewListItem contacts(
      @PathVariable long id, @RequestBody ContactsHidden contacts, Authentication who) {
    return editing.hideContacts(id, contacts.hidden(), who.getName());
  }

  @PutMapping("/{id}/name")
  ReviewListItem name(@PathVariable long id, @RequestBody NameAs name, Authentication who) {
    return editing.nameAs(id, name.form(), who.getName());
  }

  @PutMapping("/{id}/variant")
  ReviewListItem variant(@PathVariable long id, @RequestBody Variant variant, Authentication who) {
    return editing.variantAs(id, Optional.ofNullable(variant.title()), who.getName());
  }

  @GetMapping("/{id}/history")
  List<ReviewEvent> history(@PathVariable long id) {
    return editing.history(id);
  }

  @PostMapping("/actions")
  ModerationResult move(@Valid @RequestBody ModerationRequest move, Authentication who) {
    if ((move.to() == ReviewStatus.LEFT_OUT) != (move.reason() != null)) {
      throw new ApiProblem(HttpStatus.BAD_REQUEST, text("reviews.reasonNeeded"));
    }
    if (move.to() == ReviewStatus.PUBLISHED) {
      editing.publishReplyDrafts(move.ids(), who.getName());
    }
    ModerationResult moved =
        reviews.move(move.ids(), move.to(), Optional.ofNullable(move.reason()), who.getName());
    int count = move.ids().size();
    Trail.say(
        Said.of("trail.movedReviews", "to", move.to().name(), "reviews", count),
        "/reviews?state=" + move.to());
    return moved;
  }

  @PostMapping("/actions/{id}/undo")
  TakenBack takeBack(@PathVariable long id) {
    return new TakenBack(reviews.takeBack(id));
  }
}
