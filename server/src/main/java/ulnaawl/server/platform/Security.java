package ulnaawl.server.platform;

import jakarta.servlet.DispatcherType;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.config.annotation.method.configuration.EnableMethodSecurity;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;

/** Who may ask for what: signing in and the app itself are open, everything else is not. */
@Configuration
@EnableMethodSecurity
class Security {

  private static final String POLICY =
      "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self'; img-src 'self' data:; font-src 'self'"
          + " data:; object-src 'none'; base-uri 'self'; frame-ancestors 'none'; form-action 'self'";

  @Bean
  SecurityFilterChain chain(
      HttpSecurity http, SecurityContextRepository contexts, SessionCheck check) {
    return http.csrf(csrf -> csrf.spa())
        .securityContext(context -> context.securityContextRepository(contexts))
        .authorizeHttpRequests(requests ->
            requests
                .requestMatchers(HttpMethod.POST, "/api/session", "/api/setup", "/api/password")
                .permitAll()
                .requestMatchers(HttpMethod.GET, "/api/session", "/api/setup")
                .permitAll()
                .requestMatchers(
                    HttpMethod.GET,
                    "/api/screens/clock",
                    "/api/screens/{code}",
                    "/api/screens/{code}/events")
                .permitAll()
                .requestMatchers("/api/**")
                .authenticated()
                .dispatcherTypeMatchers(DispatcherType.ERROR)
                .permitAll()
                .requestMatchers(HttpMethod.GET, "/**")
                .permitAll()
                .requestMatchers(HttpMethod.HEAD, "/**")
                .permitAll()
                .anyRequest()
                .denyAll())
        .addFilterBefore(new CurrentPerson(check), AnonymousAuthenticationFilter.class)
        .exceptionHandling(errors ->
            errors
                .authenticationEntryPoint(
                    (_, response, _) -> ProblemWriter.write(response, 401, "Sign in first."))
                .accessDeniedHandler((_, response, _) ->
                    ProblemWriter.write(response, 403, "This is not allowed; sign in again.")))
        .headers(
            headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(POLICY)))
        .formLogin(form -> form.disable())
        .httpBasic(basic -> basic.disable())
        .logout(logout -> logout.disable())
        .requestCache(cache -> cache.disable())
        .build();
  }

  @Bean
  SecurityContextRepository contexts() {
    return new HttpSessionSecurityContextRepository();
  }

  @Bean
  PasswordEncoder passwords() {
    // New ones with Argon2id; those of earlier releases are read, and made anew at the next
    // sign-in.
    return new DelegatingPasswordEncoder(
        "argon2",
        Map.of(
            "argon2",
            Argon2PasswordEncoder.defaultsForSpringSecurity_v5_8(),
            "bcrypt",
            new BCryptPasswordEncoder()));
  }

  /** There are no other accounts than the club's own; this keeps a default one from being made. */
  @Bean
  UserDetailsService noOtherAccounts() {
    return name -> {
      throw new UsernameNotFoundException(name);
    };
  }
}
