package gladtile.server.personaldata;

import gladtile.server.personaldata.PersonalDataStore.Subject;
import gladtile.server.personaldata.PersonalFileStore.Brought;
import gladtile.server.personaldata.PersonalWorkStore.Work;
import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.jooq.TableField;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.util.HtmlUtils;

/** All that is known of a person in one file: a page to be read, every row as JSON, and the files that they brought. */
@Component
class PersonArchive {
    private static final Map<String, String> ENDINGS = Map.of(
            "image/png", "png",
            "image/jpeg", "jpg",
            "image/webp", "webp",
            "image/svg+xml", "svg",
            "application/pdf", "pdf",
            "video/webm", "webm",
            "audio/webm", "webm",
            "video/mp4", "mp4",
            "audio/wav", "wav");

    private final PersonalDataStore store;
    private final PersonalFileStore files;
    private final PersonalWorkStore works;

    PersonArchive(PersonalDataStore store, PersonalFileStore files, PersonalWorkStore works) {
        this.store = store;
        this.files = files;
        this.works = works;
    }

    /** A row at a time, so that it does not matter how much there is. @param zone of the school */
    @Transactional(readOnly = true)
    public void write(UUID schoolId, Subject subject, ZoneId zone, OutputStream out) throws IOException {
        ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8);
        List<Brought> brought = files.of(schoolId, subject.id());
        put(
                zip,
                "index.html",
                page -> page.write(page(schoolId, subject, brought, zone).getBytes(StandardCharsets.UTF_8)));
        for (PersonalPlace place : PersonalDataStore.PLACES) {
            String table = place.person().getTable().getName();
            put(
                    zip,
                    "data/%s-%s.json".formatted(table, place.person().getName()),
                    data -> store.write(schoolId, place, subject.id(), data));
        }
        for (TableField<?, UUID> attempt : PersonalDataStore.OF_ATTEMPTS) {
            put(
                    zip,
                    "data/work-%s.json".formatted(attempt.getTable().getName()),
                    data -> store.writeOfAttempts(schoolId, attempt, subject.id(), data));
        }
        put(zip, "data/pages.json", data -> store.writePages(schoolId, subject.id(), data));
        for (Brought file : brought) {
            put(zip, "files/" + name(file), data -> files.write(schoolId, file.sha256(), data));
        }
        zip.finish();
    }

    private interface Content {
        void write(OutputStream out) throws IOException;
    }

    private static void put(ZipOutputStream zip, String name, Content content) throws IOException {
        zip.putNextEntry(new ZipEntry(name));
        content.write(new FilterOutputStream(zip) {
            @Override
            public void write(byte[] bytes, int from, int length) throws IOException {
                out.write(bytes, from, length);
            }

            @Override
            public void close() {
                // Others come after it in the same file.
            }
        });
        zip.closeEntry();
    }

    private static String name(Brought file) {
        return file.sha256() + "." + ENDINGS.getOrDefault(file.mediaType(), "bin");
    }

    private String page(UUID schoolId, Subject subject, List<Brought> brought, ZoneId zone) {
        DateTimeFormatter day =
                DateTimeFormatter.ofPattern("d MMMM uuuu, HH:mm", Locale.UK).withZone(zone);
        StringBuilder html = new StringBuilder("""
                <!doctype html><html lang="en"><head><meta charset="utf-8"><title>%1$s</title>
                <style>body{font:16px/1.5 sans-serif;max-width:60em;margin:2em auto;padding:0 1em}
                table{border-collapse:collapse}td,th{border:1px solid #999;padding:.3em .6em;text-align:start;vertical-align:top}</style>
                </head><body><h1 dir="auto">%1$s</h1>
                <p>All that is kept about this person. The folder "data" holds every row of it as JSON, the folder
                "files" what they brought. Passwords, PINs and keys are left out: only their hashes are kept.</p>
                """.formatted(text(subject.name())));
        html.append("<p>Known since %s.</p>".formatted(day.format(subject.madeAt())));
        list(html, "Classes", subject.classes());
        List<Work> work = works.of(schoolId, subject.id());
        if (!work.isEmpty()) {
            html.append(
                    "<h2>Work</h2><table><tr><th>Activity<th>Begun<th>Handed in<th>Pieces right<th>Points<th>Said about it</tr>");
            for (Work one : work) {
                html.append("<tr><td dir=\"auto\">%s<td>%s<td>%s<td>%s<td>%s<td dir=\"auto\">%s</tr>"
                        .formatted(
                                text(one.title()),
                                day.format(one.begunAt()),
                                one.handedInAt() == null ? "not yet" : day.format(one.handedInAt()),
                                one.score() == null ? "" : one.score(),
                                one.got() == null ? "" : "%s of %s".formatted(one.got(), one.most()),
                                String.join(
                                        "<br>",
                                        one.messages().stream()
                                                .map(PersonArchive::text)
                                                .toList())));
            }
            html.append("</table>");
        }
        list(html, "Activities", works.activities(schoolId, subject.id()));
        if (!brought.isEmpty()) {
            html.append("<h2>Files</h2><ul>");
            for (Brought file : brought) {
                html.append("<li><a href=\"files/%s\" dir=\"auto\">%s</a></li>"
                        .formatted(name(file), text(file.name() == null ? file.sha256() : file.name())));
            }
            html.append("</ul>");
        }
        return html.append("</body></html>").toString();
    }

    private static void list(StringBuilder html, String title, List<String> all) {
        if (!all.isEmpty()) {
            html.append("<h2>%s</h2><ul>".formatted(title));
            all.forEach(one -> html.append("<li dir=\"auto\">%s</li>".formatted(text(one))));
            html.append("</ul>");
        }
    }

    private static String text(String words) {
        return HtmlUtils.htmlEscape(words);
    }
}
