package bemble.app.house;

import bemble.app.guard.AnyClass;
import bemble.app.refusal.OtherClassException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.context.annotation.Configuration;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/**
 * Refuses a request for one class while another is current: a second window may have changed it,
 * and names would land in the wrong class. A request that names no class is meant for the current
 * one.
 */
@Configuration
public class ClassGuard implements WebMvcConfigurer, HandlerInterceptor {
  /** The number of the class that the screen shows. */
  public static final String HEADER = "Bemble-Class";

  private final Classes current;

  ClassGuard(Classes current) {
    this.current = current;
  }

  @Override
  public void addInterceptors(InterceptorRegistry registry) {
    registry.addInterceptor(this).addPathPatterns("/api/**");
  }

  @Override
  public boolean preHandle(
      HttpServletRequest request, HttpServletResponse response, Object handler) {
    String meant = request.getHeader(HEADER);
    if (meant != null && handler instanceof HandlerMethod method && !isForAnyClass(method)) {
      String now = current.current().map(String::valueOf).orElse("");
      if (!meant.equals(now)) {
        throw new OtherClassException(current.currentName());
      }
    }
    return true;
  }

  private static boolean isForAnyClass(HandlerMethod method) {
    return method.hasMethodAnnotation(AnyClass.class)
        || method.getBeanType().isAnnotationPresent(AnyClass.class);
  }
}
