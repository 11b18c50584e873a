package gladtile.server.testkit;

import gladtile.server.GladTile;
import java.util.Map;
import org.junit.jupiter.api.extension.ExtensionContext;
import org.junit.jupiter.api.extension.ParameterContext;
import org.junit.jupiter.api.extension.ParameterResolver;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;

/**
 * The real application on a free port with a real database, started once for all tests of a run. Spring's own test
 * extension needs a newer JUnit.
 */
public final class RealServer implements ParameterResolver {
    private static ConfigurableApplicationContext context;
    private static TestDatabase database;

    private static synchronized void start() {
        if (context != null) {
            return;
        }
        database = TestDatabase.make();
        SpringApplication application = new SpringApplication(GladTile.class);
        application.setDefaultProperties(Map.of());
        // Passwords here guard nothing, and hashing them as slowly as real ones took half of the run.
        application.addInitializers(fresh -> ((GenericApplicationContext) fresh)
                .registerBean(
                        "quickSecrets",
                        PasswordEncoder.class,
                        () -> new BCryptPasswordEncoder(4),
                        bean -> bean.setPrimary(true)));
        context = application.run(
                "--server.port=0",
                "--spring.datasource.url=" + database.url(),
                "--spring.datasource.username=" + TestDatabase.Role.SERVE.user(),
                "--spring.datasource.password=" + TestDatabase.Role.SERVE.password(),
                "--spring.flyway.user=" + TestDatabase.Role.MIGRATE.user(),
                "--spring.flyway.password=" + TestDatabase.Role.MIGRATE.password(),
                "--glad.web=" + TestDatabase.needed("GLAD_WEB"),
                "--glad.demo=" + System.getProperty("glad.test.demo", "false"));
        Runtime.getRuntime().addShutdownHook(new Thread(context::close));
    }

    public String address() {
        return "http://127.0.0.1:"
                + ((WebServerApplicationContext) context).getWebServer().getPort();
    }

    public <T> T bean(Class<T> type) {
        return context.getBean(type);
    }

    public TestDatabase database() {
        return database;
    }

    /** A browser without anybody signed in. */
    public Api browser() {
        return new Api(address());
    }

    @Override
    public boolean supportsParameter(ParameterContext parameter, ExtensionContext extension) {
        return parameter.getParameter().getType() == RealServer.class;
    }

    @Override
    public Object resolveParameter(ParameterContext parameter, ExtensionContext extension) {
        start();
        return this;
    }
}
