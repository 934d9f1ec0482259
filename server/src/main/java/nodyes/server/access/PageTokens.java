package nodyes.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.UUID;
import nodyes.server.people.SignIns;
import org.jspecify.annotations.Nullable;
import org.springframework.security.web.csrf.CsrfToken;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.csrf.DefaultCsrfToken;
import org.springframework.stereotype.Component;

/**
 * The token that a change needs follows from the sign-in that it comes by, so no other page can
 * plant one. It is read from a header alone: looking for it among parameters would read a body.
 */
@Component
class PageTokens implements CsrfTokenRepository {
  static final String HEADER = "Nodyes-Page";
  private static final String PARAMETER = "_page";

  private final SignIns signIns;

  PageTokens(SignIns signIns) {
    this.signIns = signIns;
  }

  @Override
  public CsrfToken generateToken(HttpServletRequest request) {
    // for whom there is none to give: one that nobody can send
    return new DefaultCsrfToken(HEADER, PARAMETER, UUID.randomUUID().toString());
  }

  @Override
  public void saveToken(
      @Nullable CsrfToken token, HttpServletRequest request, HttpServletResponse response) {
    // it follows from what is kept
  }

  @Override
  public @Nullable CsrfToken loadToken(HttpServletRequest request) {
    return signIns
        .pageToken(request)
        .<CsrfToken>map(token -> new DefaultCsrfToken(HEADER, PARAMETER, token))
        .orElse(null);
  }

  /** Takes it from the header alone. */
  static final class FromHeader extends CsrfTokenRequestAttributeHandler {
    @Override
    public @Nullable String resolveCsrfTokenValue(HttpServletRequest request, CsrfToken token) {
      return request.getHeader(token.getHeaderName());
    }
  }
}
