package gladtile.identity;

import static org.springframework.security.config.Customizer.withDefaults;

import com.nimbusds.jose.jwk.JWKSet;
import com.nimbusds.jose.jwk.RSAKey;
import com.nimbusds.jose.jwk.source.ImmutableJWKSet;
import com.nimbusds.jose.jwk.source.JWKSource;
import com.nimbusds.jose.proc.SecurityContext;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.NoSuchAlgorithmException;
import java.security.interfaces.RSAPrivateKey;
import java.security.interfaces.RSAPublicKey;
import java.time.Duration;
import java.util.UUID;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.core.userdetails.User;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.oauth2.core.AuthorizationGrantType;
import org.springframework.security.oauth2.core.ClientAuthenticationMethod;
import org.springframework.security.oauth2.server.authorization.client.InMemoryRegisteredClientRepository;
import org.springframework.security.oauth2.server.authorization.client.RegisteredClient;
import org.springframework.security.oauth2.server.authorization.client.RegisteredClientRepository;
import org.springframework.security.oauth2.server.authorization.settings.AuthorizationServerSettings;
import org.springframework.security.oauth2.server.authorization.settings.ClientSettings;
import org.springframework.security.oauth2.server.authorization.settings.TokenSettings;
import org.springframework.security.provisioning.InMemoryUserDetailsManager;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.LoginUrlAuthenticationEntryPoint;

/** OpenID Connect by the framework's own authorization server, with three people and one client. */
@Configuration
class StandInConfig {
    @Bean
    @Order(1)
    SecurityFilterChain protocol(HttpSecurity http) throws Exception {
        http.oauth2AuthorizationServer(server -> {
                    http.securityMatcher(server.getEndpointsMatcher());
                    server.oidc(withDefaults());
                })
                .authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
                .exceptionHandling(
                        errors -> errors.authenticationEntryPoint(new LoginUrlAuthenticationEntryPoint("/login")));
        return http.build();
    }

    @Bean
    @Order(2)
    SecurityFilterChain signIn(HttpSecurity http) throws Exception {
        http.authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
                .formLogin(withDefaults());
        return http.build();
    }

    /** Made up, and good here alone. */
    @Bean
    UserDetailsService people() {
        return new InMemoryUserDetailsManager(
                User.withUsername("mira.sol")
                        .password("{noop}comet")
                        .roles("STAFF")
                        .build(),
                User.withUsername("jonas.weg")
                        .password("{noop}comet")
                        .roles("STAFF")
                        .build(),
                User.withUsername("nobody.here")
                        .password("{noop}comet")
                        .roles("STAFF")
                        .build());
    }

    @Bean
    RegisteredClientRepository clients(StandInSettings settings) {
        return new InMemoryRegisteredClientRepository(RegisteredClient.withId(
                        UUID.randomUUID().toString())
                .clientId("glad-tile")
                .clientSecret("{noop}hilltop")
                .clientAuthenticationMethod(ClientAuthenticationMethod.CLIENT_SECRET_BASIC)
                .authorizationGrantType(AuthorizationGrantType.AUTHORIZATION_CODE)
                .redirectUris(uris -> settings.back().forEach(one -> uris.add(one.toString())))
                .scope("openid")
                .clientSettings(ClientSettings.builder().requireProofKey(false).build())
                .tokenSettings(TokenSettings.builder()
                        .accessTokenTimeToLive(Duration.ofMinutes(5))
                        .build())
                .build());
    }

    @Bean
    AuthorizationServerSettings server(StandInSettings settings) {
        return AuthorizationServerSettings.builder()
                .issuer(settings.issuer().toString())
                .build();
    }

    /** A fresh one at each start. */
    @Bean
    JWKSource<SecurityContext> keys() throws NoSuchAlgorithmException {
        KeyPairGenerator generator = KeyPairGenerator.getInstance("RSA");
        generator.initialize(2048);
        KeyPair pair = generator.generateKeyPair();
        return new ImmutableJWKSet<>(new JWKSet(new RSAKey.Builder((RSAPublicKey) pair.getPublic())
                .privateKey((RSAPrivateKey) pair.getPrivate())
                .keyID(UUID.randomUUID().toString())
                .build()));
    }
}
