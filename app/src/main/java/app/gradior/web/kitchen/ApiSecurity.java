package app.gradior.web.kitchen;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.access.intercept.AuthorizationFilter;

/** For programs: each request brings its token, and no session, cookie or form is of any use here. */
@Configuration
class ApiSecurity {
    private static final String[] READERS = {ApiTokens.Scope.READ.authority(), ApiTokens.Scope.COOK.authority()};

    @Bean
    @Order(1)
    SecurityFilterChain apiChain(HttpSecurity http, ApiTokens tokens, Accounts accounts, Throttle throttle)
            throws Exception {
        return http.securityMatcher("/api/**")
                .authorizeHttpRequests(requests -> requests.requestMatchers(HttpMethod.GET, "/api/openapi.json")
                        .permitAll()
                        .requestMatchers("/api/everything.zip")
                        .hasAuthority(ApiTokens.Scope.EXPORT.authority())
                        .requestMatchers(HttpMethod.POST, "/api/cooks/*/weighings")
                        .hasAuthority(ApiTokens.Scope.COOK.authority())
                        .requestMatchers(HttpMethod.GET, "/api/cooks", "/api/cooks/*")
                        .hasAnyAuthority(READERS)
                        .requestMatchers(HttpMethod.GET, "/api/sauces", "/api/sauces/*")
                        .hasAuthority(ApiTokens.Scope.READ.authority())
                        .anyRequest()
                        .denyAll())
                .addFilterBefore(new ApiTokenFilter(tokens, accounts, throttle), AuthorizationFilter.class)
                .sessionManagement(sessions -> sessions.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
                .csrf(csrf -> csrf.disable())
                .requestCache(cache -> cache.disable())
                .logout(logout -> logout.disable())
                .headers(headers -> headers.contentSecurityPolicy(
                        policy -> policy.policyDirectives("default-src 'none'; frame-ancestors 'none'")))
                .exceptionHandling(faults -> faults.authenticationEntryPoint((request, response, why) ->
                                ApiTokenFilter.say(response, HttpStatus.UNAUTHORIZED, KitchenText.NO_SUCH_TOKEN))
                        .accessDeniedHandler((request, response, why) ->
                                ApiTokenFilter.say(response, HttpStatus.FORBIDDEN, KitchenText.NOT_IN_SCOPE)))
                .build();
    }
}
