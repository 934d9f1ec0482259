package nodyes.server.moderation;

import static nodyes.server.messages.Texts.text;

import io.swagger.v3.oas.annotations.tags.Tag;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotEmpty;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nodyes.core.common.Said;
import nodyes.core.review.LeaveOutReason;
import nodyes.core.review.NameDisplay;
import nodyes.core.review.ReviewStatus;
import nodyes.server.reviews.ReviewListItem;
import nodyes.server.trail.Trail;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.Authentication;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What the owner does with reviews. */
@RestController
@Tag(name = "reviews")
@RequestMapping("/api/v1/reviews")
class ModerationApi {
  private final Moderation moderation;
  private final ReviewEditor editing;

  ModerationApi(Moderation moderation, ReviewEditor editing) {
    this.moderation = moderation;
    this.editing = editing;
  }

  record ModerationRequest(
      @NotEmpty(message = "{reviews.chooseOne}") @Size(max = 5000, message = "{reviews.upTo5000}")
          Set<Long> ids,
      ReviewStatus to,
      @Nullable LeaveOutReason reason) {}

  record TakenBack(int moved) {}

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
    return mark.featured()
        ? editing.feature(id, who.getName())
        : editing.unfeature(id, who.getName());
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
    return contacts.hidden()
        ? editing.hideContacts(id, who.getName())
        : editing.showContacts(id, who.getName());
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
        moderation.move(move.ids(), move.to(), Optional.ofNullable(move.reason()), who.getName());
    int count = move.ids().size();
    Trail.say(
        Said.of("trail.movedReviews", "to", move.to().name(), "reviews", count),
        "/reviews?state=" + move.to());
    return moved;
  }

  @PostMapping("/actions/{id}/undo")
  TakenBack takeBack(@PathVariable long id) {
    return new TakenBack(moderation.takeBack(id));
  }
}
