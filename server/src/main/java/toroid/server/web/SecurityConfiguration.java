package toroid.server.web;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * CSRF token in a cookie the app echoes as a header, for every call that writes; calculators that keep nothing need none. A
 * strict content policy with everything served from here.
 */
@Configuration
class SecurityConfiguration {
    /** JSON in, nothing kept: a page elsewhere cannot send JSON without being asked first, so these need no token. */
    static final String[] CALCULATORS = {
        "/api/rings/**",
        "/api/springback/**",
        "/api/quantity/**",
        "/api/line/**",
        "/api/forms/*/solve",
        "/api/forms/*/forming",
        "/api/forms/*/scale",
        "/api/forms/*/from-wire",
        "/api/forms/*/export/*",
        "/api/pieces/begin",
        "/api/pieces/edit",
        "/api/pieces/export/*",
        "/api/pieces/hang",
        "/api/pieces/price",
        "/api/pieces/quote",
        "/api/pieces/scale",
        "/api/pieces/solve",
        "/api/pieces/worn",
        "/api/weaves/*/**",
        "/api/weaves/shelf",
        "/api/spools/weigh"
    };

    private static final String[] OPEN = {
        "/", "/index.html", "/assets/**", "/favicon.svg", "/api/session", "/actuator/health"
    };
    private static final String CONTENT_POLICY =
            "default-src 'none'; script-src 'self'; style-src 'self'; img-src 'self' data: blob:;"
                    + " font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; form-action 'self';"
                    + " frame-ancestors 'none'";

    @Bean
    SecurityFilterChain security(HttpSecurity http, Door door) throws Exception {
        CookieCsrfTokenRepository tokens = CookieCsrfTokenRepository.withHttpOnlyFalse();
        tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict"));
        http.csrf(csrf -> csrf.csrfTokenRepository(tokens)
                .csrfTokenRequestHandler(new CsrfTokenRequestAttributeHandler() {
                    {
                        // The token is made at once, so that the app has it before its first edit.
                        setCsrfRequestAttributeName(null);
                    }
                })
                .ignoringRequestMatchers(CALCULATORS));
        http.headers(headers -> headers.contentSecurityPolicy(csp -> csp.policyDirectives(CONTENT_POLICY))
                .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.NO_REFERRER))
                .permissionsPolicyHeader(policy -> policy.policy("camera=(), microphone=(), geolocation=()")));
        http.requestCache(cache -> cache.disable()).logout(logout -> logout.disable());
        http.exceptionHandling(
                handling -> handling.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)));
        http.authorizeHttpRequests(requests -> {
            if (door.asksForPassword()) {
                requests.requestMatchers(OPEN)
                        .permitAll()
                        .requestMatchers(HttpMethod.GET, "/{path:[^.]*}", "/{first:(?!api)[^.]*}/**")
                        .permitAll()
                        .anyRequest()
                        .authenticated();
            } else {
                requests.anyRequest().permitAll();
            }
        });
        return http.build();
    }

    /** No users: one workshop, one password, checked at the door. */
    @Bean
    UserDetailsService nobody() {
        return name -> {
            throw new UsernameNotFoundException(name);
        };
    }
}
