package nodyes.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import nodyes.server.people.SignIns;
import org.springframework.security.core.context.DeferredSecurityContext;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpRequestResponseHolder;
import org.springframework.security.web.context.SecurityContextRepository;

/** Knows people by their sign-ins; nothing is kept in memory between requests. */
class SignedInContexts implements SecurityContextRepository {
  private final SignIns signIns;

  SignedInContexts(SignIns signIns) {
    this.signIns = signIns;
  }

  @Override
  @Deprecated
  public SecurityContext loadContext(HttpRequestResponseHolder holder) {
    return load(holder.getRequest());
  }

  @Override
  public DeferredSecurityContext loadDeferredContext(HttpServletRequest request) {
    return new DeferredSecurityContext() {
      @Override
      public SecurityContext get() {
        return load(request);
      }

      @Override
      public boolean isGenerated() {
        return !containsContext(request);
      }
    };
  }

  private SecurityContext load(HttpServletRequest request) {
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    signIns.caller(request).ifPresent(context::setAuthentication);
    return context;
  }

  @Override
  public void saveContext(
      SecurityContext context, HttpServletRequest request, HttpServletResponse response) {
    // a sign-in is begun and ended by itself
  }

  @Override
  public boolean containsContext(HttpServletRequest request) {
    return signIns.caller(request).isPresent();
  }
}
