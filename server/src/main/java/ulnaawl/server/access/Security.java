package ulnaawl.server.access;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import java.util.Map;
import java.util.Optional;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.security.access.AccessDeniedException;
import org.springframework.security.authorization.AuthorizationDecision;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.argon2.Argon2PasswordEncoder;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.DelegatingPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextHolderFilter;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CsrfException;
import ulnaawl.server.platform.ProblemWriter;

/** The table of access at work: the app itself is open, {@code /api} is what the table says. */
@Configuration
class Security {

  private static final String POLICY =
      "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self'; img-src 'self' data:; font-src 'self'"
          + " data:; object-src 'none'; base-uri 'self'; frame-ancestors 'none'; form-action 'self'";

  @Bean
  SecurityFilterChain chain(
      HttpSecurity http,
      SecurityContextRepository contexts,
      SessionCheck check,
      TokenCheck tokens,
      TokenScopes scopes,
      AccessTable table) {
    // Whoever sends a token has no cookie that somebody else could make use of.
    return http.csrf(csrf ->
            csrf.spa().ignoringRequestMatchers(request -> TokenEntry.scope(request).isPresent()))
        .addFilterAfter(new TokenEntry(tokens), SecurityContextHolderFilter.class)
        .securityContext(context -> context.securityContextRepository(contexts))
        .authorizeHttpRequests(requests ->
            requests
                // What was let in once goes to its end: a stream ends after its session.
                .dispatcherTypeMatchers(DispatcherType.ASYNC, DispatcherType.ERROR)
                .permitAll()
                .requestMatchers("/api/**")
                .access((who, request) -> decision(table, scopes, who.get(), request.getRequest()))
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
                .accessDeniedHandler((request, response, denied) ->
                    ProblemWriter.write(response, 403, why(table, scopes, request, denied))))
        .headers(
            headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(POLICY)))
        .formLogin(form -> form.disable())
        .httpBasic(basic -> basic.disable())
        .logout(logout -> logout.disable())
        .requestCache(cache -> cache.disable())
        .build();
  }

  /** By the table; what it does not know is not there, which whoever is signed in may hear. */
  private static AuthorizationDecision decision(
      AccessTable table, TokenScopes scopes, Authentication who, HttpServletRequest request) {
    if (isOutOfScope(scopes, request)) {
      return new AuthorizationDecision(false);
    }
    Optional<AccessLine> line = table.of(request.getMethod(), request.getRequestURI());
    if (line.isPresent() && line.get().isForEverybody()) {
      return new AuthorizationDecision(true);
    }
    return new AuthorizationDecision(
        who.getPrincipal() instanceof SignedIn me
            && line.map(it -> it.lets(me.role())).orElse(true));
  }

  private static boolean isOutOfScope(TokenScopes scopes, HttpServletRequest request) {
    return TokenEntry.scope(request)
        .filter(it -> !scopes.allow(it, request.getMethod(), request.getRequestURI()))
        .isPresent();
  }

  private static String why(
      AccessTable table,
      TokenScopes scopes,
      HttpServletRequest request,
      AccessDeniedException denied) {
    if (isOutOfScope(scopes, request)) {
      return "This token is not for that; docs/api.md says what each is for.";
    }
    if (denied instanceof CsrfException) {
      return "This is not allowed; sign in again.";
    }
    return table
        .of(request.getMethod(), request.getRequestURI())
        .filter(it -> !it.isForEverybody())
        .map(Security::whatItTakes)
        .orElse("This is not allowed.");
  }

  private static String whatItTakes(AccessLine line) {
    return "Your role does not let you do this; it takes one that "
        + Ability.inWords(line.needs())
        + ". Ask somebody who has such a one, or an owner of the club.";
  }

  @Bean
  TokenScopes scopes() {
    return TokenScopes.read();
  }

  @Bean
  AccessTable table() {
    return AccessTable.read();
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
