package gladtile.server.accounts;

import gladtile.server.support.ComputingBudget;
import gladtile.server.support.DiskRoom;
import gladtile.server.support.Problem;
import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.HttpMethod;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.oauth2.client.registration.ClientRegistrationRepository;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.AnonymousAuthenticationFilter;
import org.springframework.security.web.authentication.AuthenticationFailureHandler;
import org.springframework.security.web.authentication.AuthenticationSuccessHandler;
import org.springframework.security.web.context.NullSecurityContextRepository;

/** Who may ask what, by role; whose thing it is, each feature checks itself. */
@Configuration
class SecurityConfig {
    /** What a page may load: everything from here, nothing from elsewhere. Vue binds styles inline. */
    private static final String CONTENT_POLICY =
            "default-src 'self'; img-src 'self' data: blob:; media-src 'self' blob:; style-src 'self' 'unsafe-inline'; font-src 'self' data:; "
                    + "object-src 'none'; base-uri 'self'; form-action 'self'; frame-ancestors 'none'";

    /** Of what a browser can lend a page: what recordings and pictures of the desk need, and nothing else. */
    private static final String PERMISSIONS =
            "camera=(self), microphone=(self), display-capture=(self), screen-wake-lock=(self), fullscreen=(self), geolocation=(), payment=(), usb=(), serial=()";

    @Bean
    SecurityFilterChain chain(
            HttpSecurity http,
            SessionUser sessions,
            ComputingBudget budget,
            DiskRoom disk,
            ClientRegistrationRepository providers,
            AuthenticationSuccessHandler came,
            AuthenticationFailureHandler failed)
            throws Exception {
        http.csrf(csrf -> csrf.spa())
                .securityContext(context -> context.securityContextRepository(sessions))
                .sessionManagement(session -> session.sessionFixation(fixation -> fixation.none()))
                .requestCache(cache -> cache.disable())
                .formLogin(form -> form.disable())
                .httpBasic(basic -> basic.disable())
                .logout(logout -> logout.disable())
                // Who they are here is found out afterwards; until then nobody is signed in.
                .oauth2Login(login -> login.clientRegistrationRepository(providers)
                        .authorizedClientRepository(new NoAuthorizedClients())
                        .loginPage("/sign-in")
                        .authorizationEndpoint(there -> there.baseUri("/sign-in/with")
                                .authorizationRequestRepository(new ShortLivedAuthorizationRequests()))
                        .redirectionEndpoint(back -> back.baseUri("/sign-in/back"))
                        .securityContextRepository(new NullSecurityContextRepository())
                        .successHandler(came)
                        .failureHandler(failed))
                .anonymous(anonymous -> anonymous.principal("nobody"))
                .headers(headers -> headers.contentSecurityPolicy(policy -> policy.policyDirectives(CONTENT_POLICY))
                        .permissionsPolicyHeader(policy -> policy.policy(PERMISSIONS))
                        .referrerPolicy(policy -> policy.policy(
                                org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter
                                        .ReferrerPolicy.NO_REFERRER)))
                .exceptionHandling(errors -> errors.authenticationEntryPoint((request, response, e) -> answer(
                                response,
                                HttpStatus.UNAUTHORIZED,
                                "You are not signed in, or your session ended. What was saved is safe. Sign in again."))
                        .accessDeniedHandler((request, response, e) ->
                                answer(response, HttpStatus.FORBIDDEN, "This is not for you to see or change.")))
                .authorizeHttpRequests(requests -> requests.dispatcherTypeMatchers(
                                DispatcherType.ASYNC, DispatcherType.ERROR, DispatcherType.FORWARD)
                        .permitAll()
                        .requestMatchers(
                                HttpMethod.POST,
                                "/api/v1/session",
                                "/api/v1/join/*/session",
                                "/api/v1/one-time-links",
                                "/api/v1/one-time-links/passwords",
                                "/api/v1/passkey-challenges",
                                "/api/v1/passkey-sign-ins",
                                "/api/v1/set-up")
                        .permitAll()
                        .requestMatchers(
                                HttpMethod.GET,
                                "/api/v1/me",
                                "/api/v1/set-up",
                                "/api/v1/single-sign-on",
                                "/api/v1/join/*",
                                "/api/health")
                        .permitAll()
                        .requestMatchers(HttpMethod.DELETE, "/api/v1/session")
                        .permitAll()
                        .requestMatchers("/api/v1/attempts", "/api/v1/attempts/**", "/api/v1/home")
                        .hasRole("STUDENT")
                        .requestMatchers("/api/v1/me/language")
                        .authenticated()
                        .requestMatchers("/api/v1/me/**")
                        .hasAnyRole("TEACHER", "ASSISTANT")
                        .requestMatchers("/api/v1/school", "/api/v1/school/**")
                        .hasRole("ADMINISTRATOR")
                        .requestMatchers(new AssistantChanges())
                        .denyAll()
                        .requestMatchers(
                                "/api/v1/files/**", "/api/v1/session", "/api/v1/notices", "/api/v1/notices/seen")
                        .authenticated()
                        .requestMatchers("/api/**")
                        .hasAnyRole("TEACHER", "ASSISTANT")
                        .anyRequest()
                        .permitAll());
        http.addFilterAfter(new RequestBytesFilter(budget), AnonymousAuthenticationFilter.class);
        http.addFilterAfter(new FullDiskFilter(disk), RequestBytesFilter.class);
        return http.build();
    }

    @Bean
    SessionUser sessionWho() {
        return new SessionUser();
    }

    @Bean
    PasswordEncoder secrets() {
        return new BCryptPasswordEncoder(10);
    }

    /** None: people sign in through {@link SignIn}. Without this bean the framework would make one of its own. */
    @Bean
    UserDetailsService nobody() {
        return new InMemoryUserDetailsManager();
    }

    static void answer(HttpServletResponse response, HttpStatus status, String detail) throws IOException {
        response.setStatus(status.value());
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.setCharacterEncoding("UTF-8");
        response.getWriter()
                .write("{\"type\":\"%s\",\"title\":\"%s\",\"status\":%d,\"detail\":\"%s\"}"
                        .formatted(Problem.type(status), status.getReasonPhrase(), status.value(), detail));
    }
}
