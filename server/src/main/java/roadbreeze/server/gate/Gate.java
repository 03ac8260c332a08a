package roadbreeze.server.gate;

import jakarta.servlet.http.HttpServletRequest;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.EnableAutoConfiguration;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.boot.security.autoconfigure.UserDetailsServiceAutoConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.cors.CorsConfiguration;
import org.springframework.web.servlet.HandlerExceptionResolver;
import roadbreeze.server.account.Accounts;
import roadbreeze.server.account.Lock;
import roadbreeze.server.account.Who;

/**
 * What is asked for under another name or by another page is refused; answers may not be framed.
 */
@Configuration
@ConditionalOnWebApplication
@EnableAutoConfiguration(exclude = UserDetailsServiceAutoConfiguration.class)
class Gate {
  /** Charts and the component library set styles on elements; all else comes from this server. */
  private static final String CONTENT =
      "default-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:;"
          + " font-src 'self' data:; object-src 'none'; base-uri 'none'; form-action 'none';"
          + " frame-ancestors 'none'";

  private static final Set<String> LOOPBACK =
      Set.of("localhost", "127.0.0.1", "[::1]", "::1", "0:0:0:0:0:0:0:1");

  private static final Set<String> READS =
      Set.of(HttpMethod.GET.name(), HttpMethod.HEAD.name(), HttpMethod.OPTIONS.name());

  /**
   * Any other name that resolves here is a trap of somebody else's making.
   *
   * @param hosts names that are answered to beside the loopback ones
   */
  @Bean
  HttpFirewall names(@Value("${roadbreeze.hosts:}") List<String> hosts) {
    Set<String> known = new HashSet<>(LOOPBACK);
    known.addAll(hosts);
    StrictHttpFirewall firewall = new StrictHttpFirewall();
    firewall.setAllowedHostnames(known::contains);
    return firewall;
  }

  @Bean
  SecurityFilterChain chain(
      HttpSecurity http,
      Lock lock,
      Accounts accounts,
      Who who,
      HandlerExceptionResolver handlerExceptionResolver)
      throws Exception {
    if (lock.locked()) {
      http.addFilterBefore(
          new SignInGate(accounts, who, handlerExceptionResolver), AuthorizationFilter.class);
    }
    return http
        // No origin is allowed but the page's own: a foreign one is refused whatever it asks.
        .cors(cors -> cors.configurationSource(request -> new CorsConfiguration()))
        .authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(Gate::writesFromElsewhere)
                    .denyAll()
                    .anyRequest()
                    .permitAll())
        .exceptionHandling(
            refused ->
                refused.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.FORBIDDEN)))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT))
                    .referrerPolicy(policy -> policy.policy(ReferrerPolicy.NO_REFERRER)))
        .sessionManagement(
            // Who comes in is given a session by name; nobody else gets one.
            session ->
                session.sessionCreationPolicy(
                    lock.locked() ? SessionCreationPolicy.NEVER : SessionCreationPolicy.STATELESS))
        // No foreign page rides on a sign-in: its cookie does not go along with what one asks for,
        // and where a write comes from is looked at.
        .csrf(AbstractHttpConfigurer::disable)
        .requestCache(AbstractHttpConfigurer::disable)
        .logout(AbstractHttpConfigurer::disable)
        .build();
  }

  private static boolean writesFromElsewhere(HttpServletRequest request) {
    String site = request.getHeader("Sec-Fetch-Site");
    boolean elsewhere = site != null && !site.equals("same-origin") && !site.equals("none");
    return elsewhere && !READS.contains(request.getMethod());
  }
}
