package evencistern.server.security;

import evencistern.server.words.Words;
import io.micrometer.observation.ObservationRegistry;
import java.util.Map;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.header.writers.CacheControlHeadersWriter;
import org.springframework.security.web.header.writers.DelegatingRequestMatcherHeaderWriter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.servlet.util.matcher.PathPatternRequestMatcher;

/** No sign-in yet, but no other site may act for the person: CSRF token, own content only, known host names only. */
@Configuration
class SecuritySetup {
    private static final String CONTENT =
            "default-src 'self'; script-src 'self' 'wasm-unsafe-eval'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; "
                    + "object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    /** Nobody reads timings of single filters here, and taking them is a twentieth of an answer. */
    @Bean
    ObservationRegistry noTimings() {
        return ObservationRegistry.NOOP;
    }

    /** The page reads the token and sends it back; no other site's page has the cookie sent. */
    private static CookieCsrfTokenRepository tokens() {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(c -> c.sameSite("Strict"));
        return tokens;
    }

    @Bean
    SecurityFilterChain filters(HttpSecurity http, HostAllowList hosts, Words words) throws Exception {
        return http.authorizeHttpRequests(a -> a.anyRequest().permitAll())
                .csrf(c -> c.spa().csrfTokenRepository(tokens()))
                .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(c -> c.disable())
                .logout(l -> l.disable())
                .headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(CONTENT))
                        .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER))
                        .cacheControl(c -> c.disable())
                        .addHeaderWriter(new DelegatingRequestMatcherHeaderWriter(
                                PathPatternRequestMatcher.withDefaults().matcher("/api/**"),
                                new CacheControlHeadersWriter())))
                .exceptionHandling(e -> e.accessDeniedHandler((request, response, refused) -> {
                    response.setStatus(403);
                    response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                    response.setCharacterEncoding("UTF-8");
                    response.getWriter()
                            .write("{\"status\":403,\"code\":\"token_missing\",\"detail\":\""
                                    + words.of("problems", "token_missing", Map.of()) + "\"}");
                }))
                .addFilterBefore(hosts, org.springframework.security.web.csrf.CsrfFilter.class)
                .build();
    }
}
