package nodyes.server.storefront;

import static nodyes.server.messages.Texts.text;

import nodyes.core.nod.PageKind;
import nodyes.server.nods.NodLayout;
import nodyes.server.nods.Nods;
import nodyes.server.pages.PreviewTokens;
import nodyes.server.web.ApiProblem;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Component;

/** What the owner sees: any state of the shop's nods at any moment, with what is withheld. */
@Component
class PreviewPages {
  private final PageResponses responses;
  private final PreviewTokens tokens;
  private final Nods nods;

  PreviewPages(PageResponses responses, PreviewTokens tokens, Nods nods) {
    this.responses = responses;
    this.tokens = tokens;
    this.nods = nods;
  }

  /**
   * What the owner asks to see.
   *
   * @param at another moment
   * @param draft what is not published yet
   * @param version what was published before
   * @param trial a kind of nod, alone and as new
   * @param preview a token
   */
  record Preview(
      @Nullable String at,
      @Nullable Boolean draft,
      @Nullable Integer version,
      @Nullable String trial,
      @Nullable String preview) {
    boolean isOfDraft() {
      return Boolean.TRUE.equals(draft);
    }

    /** Whether anything is asked for that shoppers do not get. */
    boolean isAsked() {
      return at != null || isOfDraft() || version != null || preview != null;
    }
  }

  /** Refuses whoever has no token. */
  void check(Preview asked) {
    check(asked.preview());
  }

  /** Refuses a token that was not issued here, or has ended. */
  void check(@Nullable String token) {
    if (token == null || !tokens.isValid(token)) {
      throw new ApiProblem(HttpStatus.FORBIDDEN, text("preview.expired"));
    }
  }

  CachedResponse answer(AskedPage page, Preview asked) {
    return responses.preview(page, layout(page.viewpoint().page(), asked));
  }

  private NodLayout layout(PageKind page, Preview asked) {
    if (asked.trial() != null) {
      return nods.trial(asked.trial(), page);
    }
    if (asked.version() != null) {
      return nods.version(asked.version());
    }
    return asked.isOfDraft() ? nods.draft() : nods.published();
  }
}
