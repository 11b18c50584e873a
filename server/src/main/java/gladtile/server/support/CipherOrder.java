package gladtile.server.support;

import java.util.Arrays;
import org.springframework.boot.tomcat.ConfigurableTomcatWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Over TLS the server's own order of ciphers counts, the strongest first, whatever a browser would rather have. */
@Component
class CipherOrder implements WebServerFactoryCustomizer<ConfigurableTomcatWebServerFactory> {
    @Override
    public void customize(ConfigurableTomcatWebServerFactory factory) {
        factory.addConnectorCustomizers(connector ->
                Arrays.stream(connector.findSslHostConfigs()).forEach(one -> one.setHonorCipherOrder(true)));
    }
}
