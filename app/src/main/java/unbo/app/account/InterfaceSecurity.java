package unbo.app.account;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.net.UnknownHostException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.core.env.Environment;
import org.springframework.core.env.Profiles;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Who may call the JSON interface: whoever carries a token; in the demo also anybody on this very
 * machine. It only computes, keeps no session and needs no CSRF token.
 */
@Configuration(proxyBeanMethods = false)
class InterfaceSecurity {

  private static final String BEARER = "Bearer ";

  @Bean
  @Order(1)
  SecurityFilterChain interfaceFilters(HttpSecurity http, ApiTokens tokens, Environment environment)
      throws Exception {
    boolean demo = environment.acceptsProfiles(Profiles.of("demo"));
    return http.securityMatcher("/api/**", "/v3/api-docs", "/v3/api-docs.yaml", "/v3/api-docs/**")
        .authorizeHttpRequests(
            requests ->
                requests
                    .anyRequest()
                    .access(
                        (who, context) ->
                            new AuthorizationDecision(
                                demo && isLocal(context.getRequest())
                                    || who.get().getPrincipal() instanceof Person)))
        .addFilterBefore(new TokenFilter(tokens), AuthorizationFilter.class)
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .csrf(csrf -> csrf.disable())
        .requestCache(cache -> cache.disable())
        .exceptionHandling(errors -> errors.authenticationEntryPoint((q, r, e) -> refuse(r)))
        .headers(
            h -> h.contentSecurityPolicy(p -> p.policyDirectives(SecurityConfiguration.POLICY)))
        .build();
  }

  private static boolean isLocal(HttpServletRequest request) {
    try {
      return InetAddress.getByName(request.getRemoteAddr()).isLoopbackAddress();
    } catch (UnknownHostException e) {
      return false;
    }
  }

  private static void refuse(HttpServletResponse response) throws IOException {
    response.setStatus(HttpServletResponse.SC_UNAUTHORIZED);
    response.setHeader(HttpHeaders.WWW_AUTHENTICATE, "Bearer");
    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
    response
        .getWriter()
        .write(
            "{\"title\":\"Unauthorized\",\"status\":401,\"code\":\"token-missing\","
                + "\"detail\":\"Send Authorization: Bearer and a token; a signed-in person makes"
                + " one under Interface.\",\"problems\":[]}");
  }

  /** Takes the person from the token; a wrong token is as good as none. */
  private static final class TokenFilter extends OncePerRequestFilter {

    private final ApiTokens tokens;

    TokenFilter(ApiTokens tokens) {
      this.tokens = tokens;
    }

    @Override
    protected void doFilterInternal(
        HttpServletRequest request, HttpServletResponse response, FilterChain chain)
        throws ServletException, IOException {
      String header = request.getHeader(HttpHeaders.AUTHORIZATION);
      if (header != null && header.startsWith(BEARER)) {
        tokens
            .person(header.substring(BEARER.length()).strip())
            .ifPresent(
                p ->
                    SecurityContextHolder.getContext()
                        .setAuthentication(
                            UsernamePasswordAuthenticationToken.authenticated(
                                p, null, p.getAuthorities())));
      }
      chain.doFilter(request, response);
    }
  }
}
