package gladtile.server.support;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import gladtile.core.OutOfBounds;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.UUID;
import java.util.function.Function;
import org.junit.jupiter.api.Test;

class PagedListTest {
    private static List<String> numbered(int count) {
        List<String> all = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            all.add("n" + i);
        }
        return all;
    }

    @Test
    void the_parts_of_a_list_are_the_list_whatever_their_size() {
        for (int count : new int[] {0, 1, 2, 7, 199, 200, 201, 1_000}) {
            for (int limit : new int[] {1, 3, 200, 500}) {
                List<String> all = numbered(count);
                List<String> seen = new ArrayList<>();
                String cursor = null;
                do {
                    PagedList<String> part = PagedList.of(all, Function.identity(), new Paging(limit, cursor));
                    assertThat(part.items()).hasSizeLessThanOrEqualTo(limit);
                    seen.addAll(part.items());
                    cursor = part.next();
                } while (cursor != null);
                assertThat(seen).isEqualTo(all);
            }
        }
    }

    /** Lists change while they are read. */
    @Test
    void what_stays_in_a_list_is_given_once_whatever_comes_and_goes_before_and_behind() {
        for (long seed = 0; seed < 300; seed++) {
            Random random = new Random(seed);
            List<String> all = numbered(5 + random.nextInt(60));
            List<String> staying = new ArrayList<>(all);
            List<String> seen = new ArrayList<>();
            String cursor = null;
            do {
                PagedList<String> part =
                        PagedList.of(all, Function.identity(), new Paging(1 + random.nextInt(9), cursor));
                seen.addAll(part.items());
                cursor = part.next();
                all.add(0, "fresh" + seed + "-" + seen.size());
                // The last one given is the only one by which the place is known exactly.
                int gone = random.nextInt(all.size());
                if (!all.get(gone).equals(seen.get(seen.size() - 1))) {
                    staying.remove(all.remove(gone));
                }
            } while (cursor != null);
            assertThat(seen).as("seed %d", seed).containsAll(staying).doesNotHaveDuplicates();
        }
    }

    @Test
    void where_the_last_one_given_is_gone_the_list_goes_on_at_its_place() {
        List<String> all = numbered(10);
        String cursor =
                PagedList.of(all, Function.identity(), new Paging(4, null)).next();
        all.remove("n3");
        assertThat(PagedList.of(all, Function.identity(), new Paging(4, cursor)).items())
                .containsExactly("n5", "n6", "n7", "n8");
        assertThat(PagedList.of(List.of("n0"), Function.identity(), new Paging(4, cursor)))
                .isEqualTo(new PagedList<>(List.of(), null));
    }

    @Test
    void what_is_no_limit_and_no_cursor_is_refused_with_its_bound() {
        for (Integer limit : new Integer[] {0, -1, Paging.MOST + 1}) {
            assertThatThrownBy(() -> new Paging(limit, null).size())
                    .isInstanceOfSatisfying(
                            OutOfBounds.class, e -> assertThat(e.bound()).isEqualTo("list.limit"));
        }
        for (String cursor : new String[] {"!", "bm8", Paging.cursor("x:y"), Paging.cursor("-1:y"), "9".repeat(5000)}) {
            assertThatThrownBy(() -> PagedList.of(numbered(3), Function.identity(), new Paging(null, cursor)))
                    .isInstanceOfSatisfying(
                            OutOfBounds.class, e -> assertThat(e.bound()).isEqualTo("list.cursor"));
        }
        assertThatThrownBy(() -> new Paging(null, Paging.cursor("no id")).id()).isInstanceOf(OutOfBounds.class);
        assertThatThrownBy(() -> new Paging(null, Paging.cursor("many")).skip()).isInstanceOf(OutOfBounds.class);
        UUID id = UUID.randomUUID();
        assertThat(new Paging(null, Paging.cursor(id.toString())).id()).isEqualTo(id);
    }

    @Test
    void a_cursor_is_told_in_any_script() {
        List<String> all = List.of("שלום", "🌙", "a:b", "z");
        String cursor =
                PagedList.of(all, Function.identity(), new Paging(3, null)).next();
        assertThat(PagedList.of(all, Function.identity(), new Paging(3, cursor)).items())
                .containsExactly("z");
    }
}
