package nodyes.server.access;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import nodyes.core.common.Said;
import nodyes.server.trail.Trail;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Adds a line to the trail for each change that was made, in the table's words or closer ones. */
@Configuration
class TrailKeeping implements WebMvcConfigurer, HandlerInterceptor {
  private static final int FIRST_FAILURE = 300;

  private final AccessTable table;
  private final Trail trail;

  TrailKeeping(AccessTable table, Trail trail) {
    this.table = table;
    this.trail = trail;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/**");
  }

  @Override
  public void afterCompletion(
      HttpServletRequest request,
      HttpServletResponse response,
      Object handler,
      @Nullable Exception failure) {
    Authentication who = SecurityContextHolder.getContext().getAuthentication();
    if (SameOrigin.isSafe(request)
        || who == null
        || failure != null
        || response.getStatus() >= FIRST_FAILURE) {
      return;
    }
    table
        .find(request.getMethod(), request.getRequestURI())
        .ifPresent(
            line ->
                line.did()
                    .ifPresent(
                        did -> {
                          var closer = (Trail.@Nullable Did) request.getAttribute(Trail.said());
                          trail.add(
                              who.getName(),
                              line.place(),
                              closer == null ? Said.of("trail.did." + did) : closer.did(),
                              closer == null ? null : closer.link());
                        }));
  }
}
