package bemble.app.once;

import bemble.app.refusal.DoneBeforeException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Refuses a change that was made before, when its answer is not known any more: Bemble was started
 * anew between the two. {@link RequestKeys} knows the answers since the start.
 */
@Configuration
class DoneBefore implements WebMvcConfigurer, HandlerInterceptor {
  private final RequestInHand keys;

  DoneBefore(RequestInHand keys) {
    this.keys = keys;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    keyOf(request, handler).ifPresent(this::begin);
    return true;
  }

  private void begin(String key) {
    if (keys.isKept(key)) {
      throw new DoneBeforeException();
    }
    keys.begin(key);
  }

  @Override
  public void afterCompletion(
      HttpServletRequest request,
      HttpServletResponse response,
      Object handler,
      @Nullable Exception failure) {
    keyOf(request, handler).ifPresent(key -> keys.end(key, response.getStatus() >= 300));
  }

  /** The key of a request that must not be done twice. PUT and DELETE may be, and have none. */
  private static Optional<String> keyOf(HttpServletRequest request, Object handler) {
    return request.getMethod().equals("POST")
            && handler instanceof HandlerMethod method
            && !method.hasMethodAnnotation(SameTwice.class)
        ? RequestKeys.keyOf(request)
        : Optional.empty();
  }
}
