package unbo.app.account;

import jakarta.servlet.DispatcherType;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.LockedException;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import unbo.app.web.Htmx;

/**
 * Signing in by form, CSRF by cookie and header (so that a page outlives a new sign-in), and a
 * content security policy without inline script or style and without any other origin.
 */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {

  static final String POLICY =
      "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self'; font-src 'self';"
          + " connect-src 'self'; form-action 'self'; base-uri 'none'; frame-ancestors 'none'";

  @Bean
  PasswordEncoder passwordEncoder() {
    return new BCryptPasswordEncoder();
  }

  @Bean
  UserDetailsService people(AccountRepository accounts, SignInAttempts attempts) {
    return username -> {
      if (attempts.isPaused(username)) {
        throw new LockedException("Too many wrong passwords");
      }
      return accounts
          .findByUsername(username)
          .map(Person::new)
          .orElseThrow(() -> new UsernameNotFoundException("Unknown"));
    };
  }

  @Bean
  SecurityFilterChain signInFilters(HttpSecurity http) throws Exception {
    return http.authorizeHttpRequests(
            requests ->
                requests
                    .dispatcherTypeMatchers(DispatcherType.ERROR, DispatcherType.FORWARD)
                    .permitAll()
                    .requestMatchers(
                        "/login",
                        "/first-owner",
                        "/view/**",
                        "/keys",
                        "/road",
                        "/vendor/**",
                        "/unbo*.css",
                        "/unbo*.js",
                        "/icon*.svg",
                        "/actuator/health")
                    .permitAll()
                    .requestMatchers("/people")
                    .hasRole("OWNER")
                    .anyRequest()
                    .authenticated())
        .formLogin(form -> form.loginPage("/login").defaultSuccessUrl("/yard").permitAll())
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

  /** A fragment must not be answered with the sign-in page: the script keeps what was typed. */
  private static AuthenticationEntryPoint signInOrRefuse() {
    AuthenticationEntryPoint page = new LoginUrlAuthenticationEntryPoint("/login");
    AuthenticationEntryPoint refusal = new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED);
    return (request, response, e) ->
        (Htmx.asks(request) ? refusal : page).commence(request, response, e);
  }
}
