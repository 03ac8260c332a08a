package roadbreeze.server.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;
import roadbreeze.server.account.Accounts;
import roadbreeze.server.account.Role;
import roadbreeze.server.account.SignedIn;
import roadbreeze.server.account.Who;
import roadbreeze.server.problem.NotAllowedException;
import roadbreeze.server.problem.Refusal;

/**
 * Where there is a sign-in: who may ask for what. What only works something out may be asked by
 * whoever is in; what changes something is written down with who did it.
 */
final class SignInGate extends OncePerRequestFilter {
  /** Of the page itself, and of coming in; no more than that is anybody's. */
  private static final List<String> OPEN =
      List.of(
          "/api/account",
          "/api/account/sign-in",
          "/api/account/first",
          "/api/account/pair",
          "/api/account/sign-out",
          "/actuator/health");

  /** What is posted there changes nothing. */
  private static final List<String> WORKED_OUT =
      List.of("/api/compute/", "/api/questions/", "/api/papers/", "/api/drawings/");

  private final Accounts accounts;
  private final Who who;
  private final HandlerExceptionResolver answers;

  SignInGate(Accounts accounts, Who who, HandlerExceptionResolver answers) {
    this.accounts = accounts;
    this.who = who;
    this.answers = answers;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String path = request.getRequestURI();
    boolean page = !path.startsWith("/api/") && !path.startsWith("/actuator/");
    return page || OPEN.contains(path);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    Optional<SignedIn> asking = who.signedIn();
    Optional<Role> role = asking.flatMap(accounts::role);
    if (role.isEmpty()) {
      refuse(request, response, HttpStatus.UNAUTHORIZED, Refusal.SIGN_IN);
      return;
    }
    if (!may(role.get(), request)) {
      refuse(request, response, HttpStatus.FORBIDDEN, Refusal.NOT_YOURS);
      return;
    }
    chain.doFilter(request, response);
    if (changes(request) && response.getStatus() < HttpStatus.BAD_REQUEST.value()) {
      accounts.changed(
          asking.get().getName(),
          accounts.deviceOf(asking.get()).orElse(null),
          request.getMethod(),
          request.getRequestURI());
    }
  }

  private static boolean changes(HttpServletRequest request) {
    boolean reads =
        request.getMethod().equals(HttpMethod.GET.name())
            || request.getMethod().equals(HttpMethod.HEAD.name());
    String path = request.getRequestURI();
    return !reads && WORKED_OUT.stream().noneMatch(path::startsWith);
  }

  private static boolean may(Role role, HttpServletRequest request) {
    String path = request.getRequestURI();
    boolean owners =
        path.startsWith("/api/accounts") || path.startsWith("/api/yard") && changes(request);
    return switch (role) {
      case OWNER -> true;
      case FITTER -> !owners;
      case VIEWER -> !owners && !changes(request);
    };
  }

  private void refuse(
      HttpServletRequest request, HttpServletResponse response, HttpStatus status, Refusal why) {
    answers.resolveException(request, response, null, new NotAllowedException(status, why));
  }
}
