package nodyes.server.shop;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import nodyes.server.ServerSettings;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfException;
import org.springframework.security.web.csrf.CsrfFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may ask for what. */
@Configuration
class SecuritySetup {
  private static final String SIGN_IN = "Sign in, or send a valid key.";
  private static final String TOO_OLD =
      "The page was open for too long, so nothing was changed. Try again; what you typed is still there.";

  @Bean
  SecurityContextRepository securityContexts() {
    return new HttpSessionSecurityContextRepository();
  }

  /** What shop pages ask: open to all, without session or cookie. */
  @Bean
  @Order(1)
  SecurityFilterChain open(HttpSecurity http) {
    return http.securityMatcher("/embed/**", "/nodyes.js", "/nodyes/**", "/healthz")
        .authorizeHttpRequests(all -> all.anyRequest().permitAll())
        .csrf(csrf -> csrf.disable())
        .requestCache(cache -> cache.disable())
        .sessionManagement(
            session -> session.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .headers(
            headers ->
                headers
                    .cacheControl(cache -> cache.disable())
                    // the neutral page says itself who may frame it; the rest are no pages
                    .frameOptions(frames -> frames.disable()))
        .build();
  }

  /** The back office. */
  @Bean
  @Order(2)
  SecurityFilterChain backOffice(
      HttpSecurity http,
      Shop shop,
      ShopStore store,
      ServerSettings settings,
      SecurityContextRepository contexts) {
    http.authorizeHttpRequests(
            rules ->
                rules
                    .requestMatchers("/api/v1/session", "/api/v1/first-run")
                    .permitAll()
                    .requestMatchers(HttpMethod.PUT, "/api/v1/shop", "/api/v1/own-reviews/rule")
                    .hasRole(Role.OWNER.name())
                    .requestMatchers("/api/v1/keys/**", "/api/v1/leaving/**")
                    .hasRole(Role.OWNER.name())
                    .requestMatchers("/api/**")
                    .hasAnyRole(Role.OWNER.name(), Role.MACHINE.name())
                    .anyRequest()
                    .permitAll())
        .csrf(csrf -> csrf.spa().ignoringRequestMatchers(ApiKeyFilter::carriesKey))
        .securityContext(context -> context.securityContextRepository(contexts))
        .requestCache(cache -> cache.disable())
        .logout(logout -> logout.disable())
        .exceptionHandling(
            errors ->
                errors
                    .authenticationEntryPoint((_, response, _) -> problem(response, 401, SIGN_IN))
                    .accessDeniedHandler((_, response, denied) -> refuse(response, denied)))
        .headers(
            headers ->
                headers
                    .cacheControl(cache -> cache.disable())
                    .frameOptions(frames -> frames.deny())
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.SAME_ORIGIN))
                    .addHeaderWriter(
                        (HttpServletRequest request, HttpServletResponse response) ->
                            response.setHeader("Content-Security-Policy", policy(shop))))
        .addFilterBefore(new ApiKeyFilter(store, settings), AnonymousAuthenticationFilter.class);
    if (settings.demo()) {
      http.addFilterBefore(new DemoOwnerFilter(), CsrfFilter.class);
    }
    return http.build();
  }

  /** Where a session ended, its token is unknown too: then it is the session that is missed. */
  private static void refuse(HttpServletResponse response, AccessDeniedException denied)
      throws IOException {
    boolean isTokenMissed = denied instanceof CsrfException;
    if (isTokenMissed && SecurityContextHolder.getContext().getAuthentication() == null) {
      problem(response, 401, SIGN_IN);
    } else {
      problem(response, 403, isTokenMissed ? TOO_OLD : "You are not allowed to do this.");
    }
  }

  /** Everything from here alone; frames from the shop, whose pages the owner looks at. */
  private static String policy(Shop shop) {
    String frames = shop.settings().origin().map(origin -> " " + origin).orElse("");
    return "default-src 'self'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:"
        + frames
        + "; font-src 'self'; connect-src 'self'; object-src 'none'; base-uri 'none'"
        + "; form-action 'self'; frame-ancestors 'none'; frame-src 'self'"
        + frames;
  }

  private static void problem(HttpServletResponse response, int status, String detail)
      throws IOException {
    response.setStatus(status);
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response.getWriter().write("{\"status\":" + status + ",\"detail\":\"" + detail + "\"}");
  }
}
