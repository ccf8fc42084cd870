package app.gradior.web.kitchen;

import app.gradior.web.platform.SiteAddress;
import java.time.Duration;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.boot.session.autoconfigure.DefaultCookieSerializerCustomizer;
import org.springframework.boot.web.servlet.FilterRegistrationBean;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configuration.EnableWebSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.AuthenticationEntryPoint;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;
import org.springframework.security.web.authentication.SimpleUrlAuthenticationFailureHandler;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRepository;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.savedrequest.CookieRequestCache;
import org.springframework.security.web.util.matcher.RequestMatcher;

/** Sign-in by form, sessions in the database, CSRF on, and a policy that lets nothing run that did not ship. */
@Configuration
@EnableWebSecurity
class SecurityConfiguration {
    private static final String CONTENT_POLICY = "default-src 'none'; script-src 'self'; style-src 'self'; "
            + "img-src 'self' data:; font-src 'self'; connect-src 'self'; form-action 'self'; base-uri 'none'; "
            + "frame-ancestors 'none'; manifest-src 'self'; worker-src 'self'";

    /** What a browser takes only from this host, by TLS, for all of its paths. */
    private static final String HERE_ONLY = "__Host-";

    /** A year, as those who keep lists of such sites ask for. */
    private static final Duration HTTPS_ONLY_FOR = Duration.ofDays(365);

    @Bean
    SignInThrottle signInThrottle(Throttle throttle) {
        return new SignInThrottle(throttle);
    }

    /** It stands in the chain of security and not before it. */
    @Bean
    FilterRegistrationBean<SignInThrottle> throttleOnlyWithin(SignInThrottle throttle) {
        FilterRegistrationBean<SignInThrottle> off = new FilterRegistrationBean<>(throttle);
        off.setEnabled(false);
        return off;
    }

    /** A token in a cookie of its own, so that a visit that does not sign in needs no session. */
    @Bean
    CsrfTokenRepository csrfTokens(SiteAddress site) {
        CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
        tokens.setCookieName(site.isSecure() ? HERE_ONLY + "gradior-csrf" : "gradior-csrf");
        tokens.setHeaderName("X-CSRF-TOKEN");
        tokens.setCookieCustomizer(
                cookie -> cookie.httpOnly(true).sameSite("Lax").secure(site.isSecure()));
        return tokens;
    }

    /** Whatever a proxy forgets to say, a session that is reached by https goes by nothing else. */
    @Bean
    DefaultCookieSerializerCustomizer secureSessions(SiteAddress site) {
        return serializer -> {
            if (site.isSecure()) {
                serializer.setUseSecureCookie(true);
                serializer.setCookieName(HERE_ONLY + "gradior");
                serializer.setCookiePath("/");
            }
        };
    }

    /** Health and figures have a port of this machine's own, if they are asked for; nothing else is there. */
    @Bean
    @Order(0)
    @ConditionalOnProperty("management.server.port")
    SecurityFilterChain figures(HttpSecurity http, @Value("${management.server.port}") int port) throws Exception {
        return http.securityMatcher((RequestMatcher) request -> request.getLocalPort() == port)
                .authorizeHttpRequests(requests -> requests.anyRequest().permitAll())
                .csrf(csrf -> csrf.disable())
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .requestCache(cache -> cache.disable())
                .build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain chain(
            HttpSecurity http,
            CsrfTokenRepository csrfTokens,
            SignInThrottle throttle,
            StayingSignedIn staying,
            SiteAddress site)
            throws Exception {
        return http.authorizeHttpRequests(requests -> requests.requestMatchers(
                                "/signin",
                                "/signup",
                                "/password/strength",
                                "/quick",
                                "/demo",
                                "/join/*",
                                "/feed/*",
                                "/calendar/*",
                                "/error",
                                "/files/**",
                                "/css/**",
                                "/js/**",
                                "/fonts/**",
                                "/webjars/**",
                                "/how-we-know",
                                "/help",
                                "/model/**",
                                "/favicon.svg",
                                "/icon-*.png",
                                "/manifest.json",
                                "/offline.html",
                                "/sw.js",
                                "/actuator/health")
                        .permitAll()
                        .anyRequest()
                        .authenticated())
                // Who comes to the front door without an account is given an answer and not asked for a password.
                .exceptionHandling(faults -> faults.authenticationEntryPoint(frontDoor()))
                .formLogin(form ->
                        form.loginPage("/signin").failureHandler(wrong()).defaultSuccessUrl("/"))
                .rememberMe(remember -> remember.rememberMeServices(staying))
                .logout(logout -> logout.logoutUrl("/signout").logoutSuccessUrl("/signin?out"))
                // Devices prove themselves by their own token, and no browser sends it by itself.
                .csrf(csrf -> csrf.csrfTokenRepository(csrfTokens).ignoringRequestMatchers("/feed/*"))
                .requestCache(cache -> cache.requestCache(pagesAskedFor()))
                .addFilterBefore(throttle, UsernamePasswordAuthenticationFilter.class)
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .httpStrictTransportSecurity(hsts -> hsts.requestMatcher(request -> site.isSecure())
                                .maxAgeInSeconds(HTTPS_ONLY_FOR.toSeconds())
                                .includeSubDomains(false))
                        .referrerPolicy(referrer -> referrer.policy(ReferrerPolicy.SAME_ORIGIN))
                        .permissionsPolicyHeader(
                                permissions -> permissions.policy("camera=(), microphone=(), geolocation=()")))
                .build();
    }

    private static AuthenticationEntryPoint frontDoor() {
        AuthenticationEntryPoint quick = new LoginUrlAuthenticationEntryPoint("/quick");
        AuthenticationEntryPoint signIn = new LoginUrlAuthenticationEntryPoint("/signin");
        return (request, response, why) ->
                (request.getRequestURI().equals("/") ? quick : signIn).commence(request, response, why);
    }

    /** Where somebody wanted to go before they had to sign in: pages that were gone to, not what scripts ask for. */
    private static CookieRequestCache pagesAskedFor() {
        CookieRequestCache cache = new CookieRequestCache();
        cache.setRequestMatcher(request -> {
            String mode = request.getHeader("Sec-Fetch-Mode");
            return request.getMethod().equals("GET") && (mode == null || mode.equals("navigate"));
        });
        return cache;
    }

    /** Whoever was wrong gets no session for it. */
    private static SimpleUrlAuthenticationFailureHandler wrong() {
        SimpleUrlAuthenticationFailureHandler wrong = new SimpleUrlAuthenticationFailureHandler("/signin?wrong");
        wrong.setAllowSessionCreation(false);
        return wrong;
    }

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }
}
