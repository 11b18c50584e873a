package gladtile.server.testkit;

import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.UUID;

/** A database of its own in the cluster that {@code ./glad test} started. */
public record TestDatabase(String url, String user, String password) {
    public static TestDatabase make() {
        String cluster = needed("GLAD_DB_URL");
        String user = needed("GLAD_DB_USER");
        String password = needed("GLAD_DB_PASSWORD");
        String name = "t_" + UUID.randomUUID().toString().replace("-", "");
        try (Connection connection = DriverManager.getConnection(cluster, user, password)) {
            connection.createStatement().execute("create database " + name + " owner glad_migrate");
        } catch (SQLException e) {
            throw new IllegalStateException("no database could be made in the test cluster", e);
        }
        return new TestDatabase(cluster.substring(0, cluster.lastIndexOf('/') + 1) + name, user, password);
    }

    /** The role that changes tables, and the one that only changes rows: as which the server runs. */
    public enum Role {
        MIGRATE,
        SERVE;

        public String user() {
            return needed("GLAD_DB_" + name() + "_USER");
        }

        public String password() {
            return needed("GLAD_DB_" + name() + "_PASSWORD");
        }
    }

    public Connection connect() throws SQLException {
        return DriverManager.getConnection(url, user, password);
    }

    public static String needed(String variable) {
        String value = System.getenv(variable);
        if (value == null) {
            throw new IllegalStateException(variable + " is not set; run these tests with ./glad test");
        }
        return value;
    }
}
