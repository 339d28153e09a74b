package unbo.app.account;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.AuthenticationException;
import org.springframework.security.core.session.SessionRegistry;
import org.springframework.security.core.session.SessionRegistryImpl;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.savedrequest.RequestCache;
import org.springframework.security.web.session.HttpSessionEventPublisher;
import org.springframework.security.web.session.SessionInformationExpiredEvent;
import unbo.app.web.Htmx;
import unbo.app.web.Outage;

/**
 * Signing in by form, CSRF by cookie and header (so that a page outlives a new sign-in), and a
 * content security policy without inline script or style and without any other origin.
 */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {

  static final String POLICY =
      "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self';"
          + " connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

  /** Of one person; the oldest ends when there is one more. */
  private static final int MOST_SESSIONS = 60;

  private static final int LONGEST_KEPT_ADDRESS = 1500;

  @Bean
  PasswordEncoder passwordEncoder() {
    return new BCryptPasswordEncoder();
  }

  /** Whoever may sign in, by the one form of a name; a closed account is as good as none. */
  @Bean
  UserDetailsService signIns(AccountRepository accounts) {
    return username ->
        Optional.of(UserName.normal(username))
            .filter(name -> !name.isEmpty())
            .flatMap(accounts::findByUsername)
            .filter(Account::isActive)
            .map(Person::new)
            .orElseThrow(() -> new UsernameNotFoundException("Unknown"));
  }

  @Bean
  SessionRegistry sessions() {
    return new SessionRegistryImpl();
  }

  /** Tells the registry of sessions that ended by time. */
  @Bean
  HttpSessionEventPublisher sessionEvents() {
    return new HttpSessionEventPublisher();
  }

  @Bean
  SecurityFilterChain signInFilters(
      HttpSecurity http, SignInAttempts attempts, SessionRegistry sessions) throws Exception {
    return http.authorizeHttpRequests(
            requests ->
                requests
                    .dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.FORWARD)
                    .permitAll()
                    .requestMatchers(
                        "/login",
                        "/first-owner",
                        "/reset",
                        "/view/**",
                        "/keys",
                        "/road",
                        "/road/event",
                        "/vendor/**",
                        "/unbo*.css",
                        "/unbo*.js",
                        "/icon*.svg",
                        "/actuator/health")
                    .permitAll()
                    .requestMatchers("/people", "/people/**")
                    .hasRole("OWNER")
                    .anyRequest()
                    .authenticated())
        .addFilterBefore(new SignInGate(attempts), UsernamePasswordAuthenticationFilter.class)
        .formLogin(
            form ->
                form.loginPage("/login")
                    .successHandler(signedIn(attempts))
                    .failureHandler(SecurityConfiguration::notSignedIn)
                    .permitAll())
        .requestCache(cache -> cache.requestCache(addressOnly()))
        .sessionManagement(
            s ->
                s.maximumSessions(MOST_SESSIONS)
                    .sessionRegistry(sessions)
                    .expiredSessionStrategy(SecurityConfiguration::ended))
        .logout(logout -> logout.logoutSuccessUrl("/login?out"))
        .csrf(
            csrf ->
                csrf.csrfTokenRepository(CookieCsrfTokenRepository.withHttpOnlyFalse())
                    .csrfTokenRequestHandler(new HeaderOrFormCsrf()))
        .exceptionHandling(errors -> errors.authenticationEntryPoint(signInOrRefuse()))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(policy -> policy.policyDirectives(POLICY))
                    .referrerPolicy(
                        r ->
                            r.policy(
                                org.springframework.security.web.header.writers
                                    .ReferrerPolicyHeaderWriter.ReferrerPolicy.SAME_ORIGIN)))
        .build();
  }

  /**
   * What was asked for before signing in is kept as an address in the browser's own cookie: nobody
   * who has not signed in takes memory here.
   */
  private static RequestCache addressOnly() {
    CookieRequestCache cache = new CookieRequestCache();
    cache.setRequestMatcher(
        request ->
            request.getMethod().equals("GET")
                && !Htmx.asks(request)
                && String.valueOf(request.getHeader(HttpHeaders.ACCEPT)).contains("text/html")
                && String.valueOf(request.getQueryString()).length() < LONGEST_KEPT_ADDRESS);
    return cache;
  }

  private static AuthenticationSuccessHandler signedIn(SignInAttempts attempts) {
    SavedRequestAwareAuthenticationSuccessHandler next =
        new SavedRequestAwareAuthenticationSuccessHandler();
    next.setDefaultTargetUrl("/yard");
    next.setRequestCache(addressOnly());
    return (request, response, who) -> {
      attempts.succeeded(who.getName(), Addresses.of(request));
      next.onAuthenticationSuccess(request, response, who);
    };
  }

  /** Says it on the sign-in page; no session is made and nothing is logged for a wrong password. */
  private static void notSignedIn(
      HttpServletRequest request, HttpServletResponse response, AuthenticationException e)
      throws IOException {
    if (Outage.isOutage(e)) {
      Outage.FAILURE.send(request, response);
    } else {
      response.sendRedirect("/login?error");
    }
  }

  /** Somebody whose session was ended from outside: by an owner, or by a new password. */
  private static void ended(SessionInformationExpiredEvent event) throws IOException {
    if (Htmx.asks(event.getRequest())) {
      event.getResponse().setStatus(HttpStatus.UNAUTHORIZED.value());
    } else {
      event.getResponse().sendRedirect("/login?ended");
    }
  }

  /** A fragment must not be answered with the sign-in page: the script keeps what was typed. */
  private static AuthenticationEntryPoint signInOrRefuse() {
    AuthenticationEntryPoint page = new LoginUrlAuthenticationEntryPoint("/login");
    AuthenticationEntryPoint refusal = new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED);
    return (request, response, e) ->
        (Htmx.asks(request) ? refusal : page).commence(request, response, e);
  }
}
