package bemble.app.guard;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Counts how often the data was exchanged for a backup. Each request knows the epoch in which it
 * began, so that values that it read before an exchange are not written after it.
 */
@Component
public class Epoch extends OncePerRequestFilter {
  private final AtomicLong current = new AtomicLong();
  private final ThreadLocal<Long> begunIn = new ThreadLocal<>();

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    begunIn.set(current.get());
    try {
      chain.doFilter(request, response);
    } finally {
      begunIn.remove();
    }
  }

  /** Begins the next epoch: all that was read before is gone. */
  public void next() {
    current.incrementAndGet();
  }

  /** Whether this thread serves a request that began in an earlier epoch. */
  public boolean isOver() {
    Long begun = begunIn.get();
    return begun != null && begun != current.get();
  }
}
