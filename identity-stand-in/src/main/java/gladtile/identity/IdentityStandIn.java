package gladtile.identity;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** An identity provider that stands in for a school's own, on this machine alone. Its people and passwords are made up. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class IdentityStandIn {
    public static void main(String[] arguments) {
        SpringApplication.run(IdentityStandIn.class, arguments);
    }
}
