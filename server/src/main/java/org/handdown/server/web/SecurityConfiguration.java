package org.handdown.server.web;

import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.HttpStatusEntryPoint;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.security.web.context.SecurityContextRepository;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.csrf.CsrfTokenRequestAttributeHandler;

/** Form sign-in with a session cookie, CSRF token in a cookie for the page's own scripts, and a strict content security policy. */
@Configuration(proxyBeanMethods = false)
class SecurityConfiguration {
    private static final String POLICY = "default-src 'self'; img-src 'self' data: blob:; object-src 'none'; "
            + "base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    @Bean
    PasswordEncoder passwordEncoder() {
        return PasswordEncoderFactories.createDelegatingPasswordEncoder();
    }

    @Bean
    SecurityContextRepository securityContextRepository() {
        return new HttpSessionSecurityContextRepository();
    }

    @Bean
    SecurityFilterChain security(HttpSecurity http) throws Exception {
        CsrfTokenRequestAttributeHandler csrf = new CsrfTokenRequestAttributeHandler();
        // Without a deferred name the cookie is written on the very first answer, before any form is sent.
        csrf.setCsrfRequestAttributeName(null);
        return http.csrf(c -> c.csrfTokenRepository(CookieCsrfTokenRepository.withHttpOnlyFalse())
                        .csrfTokenRequestHandler(csrf))
                .securityContext(c -> c.securityContextRepository(securityContextRepository()))
                .headers(h -> h.contentSecurityPolicy(p -> p.policyDirectives(POLICY))
                        .referrerPolicy(r -> r.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter
                                        .ReferrerPolicy.SAME_ORIGIN)))
                .authorizeHttpRequests(a -> a.requestMatchers(HttpMethod.GET, "/api/account", "/api/openapi")
                        .permitAll()
                        .requestMatchers(HttpMethod.POST, "/api/account/owner", "/api/account/demo", "/api/sign-in")
                        .permitAll()
                        .requestMatchers("/api/**")
                        .authenticated()
                        .requestMatchers("/actuator/health/**")
                        .permitAll()
                        .requestMatchers("/actuator/**")
                        .denyAll()
                        .anyRequest()
                        .permitAll())
                .formLogin(f -> f.loginPage("/")
                        .loginProcessingUrl("/api/sign-in")
                        .successHandler((request, response, who) -> response.setStatus(HttpStatus.NO_CONTENT.value()))
                        .failureHandler(
                                (request, response, why) -> response.setStatus(HttpStatus.UNAUTHORIZED.value())))
                .logout(l -> l.logoutUrl("/api/sign-out")
                        .logoutSuccessHandler(
                                (request, response, who) -> response.setStatus(HttpStatus.NO_CONTENT.value())))
                .exceptionHandling(e -> e.authenticationEntryPoint(new HttpStatusEntryPoint(HttpStatus.UNAUTHORIZED)))
                .build();
    }
}
