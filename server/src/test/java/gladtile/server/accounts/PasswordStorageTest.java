package gladtile.server.accounts;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;

class PasswordStorageTest {
    /** OWASP Password Storage Cheat Sheet: bcrypt with a work factor of 10 or more. Other tests hash more quickly. */
    @Test
    void passwords_are_hashed_as_slowly_as_is_advised() {
        assertThat(new SecurityConfig().secrets().encode("telescope")).startsWith("$2a$10$");
    }
}
