package gladtile.server.demo;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import gladtile.server.accounts.PersonService;
import gladtile.server.support.GladProperties;
import java.net.InetAddress;
import org.junit.jupiter.api.Test;

class DemoGuardTest {
    private final PersonService people = mock(PersonService.class);

    private DemoGuard at(String address, boolean demo) throws Exception {
        return new DemoGuard(
                people, new GladProperties(null, null, null, null, demo, 1), InetAddress.getByName(address));
    }

    @Test
    void the_demo_is_served_on_this_machine_alone() throws Exception {
        assertThatCode(at("127.0.0.1", true)::afterSingletonsInstantiated).doesNotThrowAnyException();
        assertThatCode(at("::1", true)::afterSingletonsInstantiated).doesNotThrowAnyException();
        for (String address : new String[] {"0.0.0.0", "192.0.2.4", "2001:db8::1"}) {
            assertThatThrownBy(at(address, true)::afterSingletonsInstantiated).hasMessageContaining("--no-demo");
        }
    }

    @Test
    void data_with_a_password_of_the_demo_are_not_served_either_and_a_school_of_ones_own_is() throws Exception {
        assertThatCode(at("192.0.2.4", false)::afterSingletonsInstantiated).doesNotThrowAnyException();
        when(people.hasPassword("jonas", "eyepiece")).thenReturn(true);
        assertThatThrownBy(at("192.0.2.4", false)::afterSingletonsInstantiated)
                .hasMessageContaining("Nothing was started");
        when(people.hasPassword(anyString(), anyString())).thenReturn(false);
        assertThatCode(at("192.0.2.4", false)::afterSingletonsInstantiated).doesNotThrowAnyException();
    }
}
