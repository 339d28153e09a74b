package unbo.app.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Stands before the check of passwords: who tried too often is refused before one is hashed, and no
 * more than two are hashed at once, so that guessing never takes the processor from those at work.
 */
final class SignInGate extends OncePerRequestFilter {

  private static final int HASHED_AT_ONCE = 2;
  private static final long MOST_WAIT_MS = 3000;

  private final SignInAttempts attempts;
  private final Semaphore hashing = new Semaphore(HASHED_AT_ONCE, true);

  SignInGate(SignInAttempts attempts) {
    this.attempts = attempts;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !request.getMethod().equals("POST") || !request.getRequestURI().equals("/login");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String name = UserName.normal(request.getParameter("username"));
    if (!attempts.mayTry(name, Addresses.of(request))) {
      response.sendRedirect("/login?paused");
      return;
    }
    if (!isFree()) {
      response.sendRedirect("/login?busy");
      return;
    }
    try {
      chain.doFilter(request, response);
    } finally {
      hashing.release();
    }
  }

  private boolean isFree() {
    try {
      return hashing.tryAcquire(MOST_WAIT_MS, TimeUnit.MILLISECONDS);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      return false;
    }
  }
}
