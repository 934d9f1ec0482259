package nodyes.server.access;

import static nodyes.server.messages.Texts.text;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import nodyes.server.ServerSettings;
import nodyes.server.people.Accounts;
import nodyes.server.people.ApiKeys;
import nodyes.server.people.CallerAuthentication;
import nodyes.server.people.SignIns;
import nodyes.server.shop.Shop;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.filter.OncePerRequestFilter;

/** The order in which a request is judged. */
@Configuration
class SecuritySetup {
  private static final String CSP = "Content-Security-Policy";

  private final Shop shop;
  private final ApiKeys keys;
  private final Accounts people;
  private final SignIns signIns;
  private final PageTokens tokens;
  private final UploadRoom room;
  private final ServerSettings settings;

  SecuritySetup(
      Shop shop,
      ApiKeys keys,
      Accounts people,
      SignIns signIns,
      PageTokens tokens,
      UploadRoom room,
      ServerSettings settings) {
    this.shop = shop;
    this.keys = keys;
    this.people = people;
    this.signIns = signIns;
    this.tokens = tokens;
    this.room = room;
    this.settings = settings;
  }

  /** What shop pages ask: open to all, without session or cookie. */
  @Bean
  @Order(1)
  SecurityFilterChain open(HttpSecurity http, ByTable table) {
    return http.securityMatcher("/embed/**", "/nodyes.js", "/nodyes/**", "/healthz")
        .authorizeHttpRequests(all -> all.anyRequest().access(table))
        .csrf(csrf -> csrf.disable())
        .requestCache(cache -> cache.disable())
        .sessionManagement(
            session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .exceptionHandling(
            errors ->
                errors
                    .authenticationEntryPoint(
                        (_, response, _) ->
                            ProblemAnswer.write(response, 404, text("problems.nothingHere")))
                    .accessDeniedHandler(
                        (_, response, _) ->
                            ProblemAnswer.write(response, 404, text("problems.nothingHere"))))
        .headers(
            headers ->
                headers
                    .cacheControl(cache -> cache.disable())
                    .httpStrictTransportSecurity(hsts -> hsts.includeSubDomains(false))
                    // the neutral page says itself who may frame it; the rest are no pages
                    .frameOptions(frames -> frames.disable()))
        .build();
  }

  /** The back office. */
  @Bean
  @Order(2)
  SecurityFilterChain backOffice(HttpSecurity http, ByTable table) {
    http.authorizeHttpRequests(rules -> rules.anyRequest().access(table))
        .csrf(
            csrf ->
                csrf.csrfTokenRepository(tokens)
                    .csrfTokenRequestHandler(new PageTokens.FromHeader())
                    .requireCsrfProtectionMatcher(SecuritySetup::needsToken)
                    .sessionAuthenticationStrategy((_, _, _) -> {}))
        .securityContext(
            context -> context.securityContextRepository(new SignedInContexts(signIns)))
        .sessionManagement(
            session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .requestCache(cache -> cache.disable())
        .logout(logout -> logout.disable())
        .exceptionHandling(
            errors ->
                errors
                    .authenticationEntryPoint(
                        (_, response, _) ->
                            ProblemAnswer.write(response, 401, text("people.signInFirst")))
                    .accessDeniedHandler((_, response, denied) -> refuse(response, denied)))
        .headers(
            headers ->
                headers
                    .cacheControl(cache -> cache.disable())
                    .httpStrictTransportSecurity(hsts -> hsts.includeSubDomains(false))
                    .frameOptions(frames -> frames.deny())
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                    .addHeaderWriter(
                        (HttpServletRequest request, HttpServletResponse response) -> {
                          // a file that is sent as it is may have a stricter one of its own
                          if (!response.containsHeader(CSP)) {
                            response.setHeader(CSP, policy());
                          }
                        }))
        .addFilterBefore(new SameOrigin(), CsrfFilter.class)
        .addFilterBefore(new ApiKeyFilter(keys), AnonymousAuthenticationFilter.class)
        .addFilterAfter(roomForUploads(), AuthorizationFilter.class);
    if (settings.demo()) {
      http.addFilterBefore(new DemoOwnerFilter(people), CsrfFilter.class);
    }
    return http.build();
  }

  private OncePerRequestFilter roomForUploads() {
    return new OncePerRequestFilter() {
      @Override
      protected void doFilterInternal(
          HttpServletRequest request, HttpServletResponse response, FilterChain chain)
          throws ServletException, IOException {
        room.filter(request, response, chain);
      }
    };
  }

  /** Whoever is not known by a cookie has nothing that another page could use. */
  private static boolean needsToken(HttpServletRequest request) {
    return !SameOrigin.isSafe(request)
        && !ApiKeyFilter.carriesKey(request)
        && SecurityContextHolder.getContext().getAuthentication() != null;
  }

  private static void refuse(HttpServletResponse response, AccessDeniedException denied)
      throws IOException {
    ProblemAnswer.write(
        response, 403, denied instanceof CsrfException ? text("problems.tooOld") : why());
  }

  private static String why() {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    boolean isHeld =
        who != null
            && who.getAuthorities().stream()
                .anyMatch(one -> CallerAuthentication.HELD.equals(one.getAuthority()));
    return isHeld ? text("people.stepFirst") : text("problems.notAllowed");
  }

  /** Everything from here alone; frames from the shop, whose pages the owner looks at. */
  private String policy() {
    String frames = shop.settings().origin().map(origin -> " " + origin).orElse("");
    return "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:"
        + frames
        + "; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'"
        + "; form-action 'self'; frame-ancestors 'none'; frame-src 'self'"
        + frames;
  }
}
