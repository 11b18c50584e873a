package gladtile.e2e;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Page;
import gladtile.server.testkit.School;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Finds what a screen in Arabic still says in Latin letters: a sentence that nobody put into words there. */
final class LatinWords {
    /** Words that are seen or spoken, outside the page itself and names that people gave. */
    private static final String LEFT = """
            (names) => {
              const seen = (one) => {
                const box = one.getBoundingClientRect()
                return box.width > 0 && box.height > 0 && getComputedStyle(one).visibility !== 'hidden'
              }
              const said = []
              for (const one of document.body.querySelectorAll('*')) {
                if (one.closest('svg, script, style, bdi, code') || !seen(one)) continue
                for (const name of ['aria-label', 'title', 'placeholder', 'alt'])
                  if (one.getAttribute(name)) said.push(one.getAttribute(name))
                for (const part of one.childNodes) if (part.nodeType === 3) said.push(part.data)
              }
              for (const one of document.querySelectorAll('.sheet [aria-label]'))
                said.push(one.getAttribute('aria-label'))
              const gone = new RegExp(names.map((n) => n.replace(/[.*+?^${}()|[\\]\\\\]/g, '\\\\$&')).join('|'), 'g')
              // Codes are said letter by letter.
              const code = /[A-Z0-9]{3} [A-Z0-9]{3}/g
              return [...new Set(said.map((text) => text.replace(code, '').replace(gone, '')).filter((text) => /[A-Za-z]{2,}/.test(text)))]
            }""";

    private LatinWords() {}

    /** @param more names that people gave, and what is written alike everywhere, such as keys and kinds of files */
    @SuppressWarnings("unchecked")
    static void none(Page page, School school, List<String> more, String where) {
        List<String> names = new ArrayList<>(more);
        names.add("Glad Tile");
        names.add(school.activity().title());
        school.students.forEach(one -> names.add(one.name()));
        names.add(school.asTeacher().get("/api/v1/classes/" + school.classId).text("name"));
        school.activity().pages().forEach(one -> {
            names.add(one.name());
            one.items().forEach(item -> names.add(item.ownName()));
        });
        names.removeIf(String::isBlank);
        names.sort(Comparator.comparingInt(String::length).reversed());
        assertThat((List<String>) page.evaluate(LEFT, names)).as(where).isEmpty();
    }
}
