package gladtile.server.support;

import com.ibm.icu.text.ListFormatter;
import com.ibm.icu.text.MessageFormat;
import gladtile.core.activity.Activity;
import gladtile.core.message.Message;
import gladtile.core.message.Wording;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Collection;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import java.util.stream.Stream;
import org.springframework.context.MessageSource;
import org.springframework.context.i18n.LocaleContextHolder;
import org.springframework.context.support.ResourceBundleMessageSource;
import org.springframework.stereotype.Component;

/**
 * The sentences of the server, by the keys of core's messages and of its own, in the language of whoever reads them. They lie
 * in {@code resources/messages}, in ICU's syntax (plural and select by CLDR's rules).
 */
@Component
public class MessageRenderer implements Wording {
    /** Files below {@code resources/messages}, without language and ending. */
    public static final List<String> BUNDLES = List.of(
            "answers",
            "attempts",
            "bounds",
            "calculator",
            "class-lists",
            "edits",
            "items",
            "links",
            "page-check",
            "parts",
            "problems",
            "replay",
            "results",
            "starters");

    /** Languages that there are sentences in. Numbers and lists go with the sentence, not with the reader. */
    static final List<Locale> LANGUAGES =
            Stream.of("en", "de", "fr", "es", "ar").map(Locale::forLanguageTag).toList();

    private final MessageSource source;
    /** By language, the keys that there are sentences for. What is not among them is said in English. */
    private final Map<Locale, Set<String>> spokenKeys = new HashMap<>();
    /** Reading a sentence costs more than putting it into words. One at a time: ICU's formats keep state. */
    private final Map<Locale, Map<String, MessageFormat>> read = new ConcurrentHashMap<>();

    public MessageRenderer() {
        ResourceBundleMessageSource bundles = new ResourceBundleMessageSource();
        bundles.setBasenames(BUNDLES.stream().map(name -> "messages/" + name).toArray(String[]::new));
        bundles.setDefaultEncoding(StandardCharsets.UTF_8.name());
        bundles.setFallbackToSystemLocale(false);
        source = bundles;
        LANGUAGES.forEach(locale -> spokenKeys.put(locale, keys(locale)));
    }

    private static Set<String> keys(Locale locale) {
        Set<String> keys = new HashSet<>();
        for (String bundle : BUNDLES) {
            String end = locale.equals(Locale.ENGLISH) ? "" : "_" + locale.getLanguage();
            try (InputStream file =
                    MessageRenderer.class.getResourceAsStream("/messages/%s%s.properties".formatted(bundle, end))) {
                if (file != null) {
                    Properties sentences = new Properties();
                    sentences.load(new InputStreamReader(file, StandardCharsets.UTF_8));
                    keys.addAll(sentences.stringPropertyNames());
                }
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
        return keys;
    }

    /** In the language of whose request it is. */
    @Override
    public String text(Message message) {
        return text(message, LocaleContextHolder.getLocale());
    }

    /** As {@link #text(Message)}, of nothing for nothing. */
    public String textOrNull(Message message) {
        return message == null ? null : text(message);
    }

    /**
     * @throws org.springframework.context.NoSuchMessageException where there is no such key, which is a fault of ours
     */
    public String text(Message message, Locale reader) {
        // Numbers and lists go with the sentence: an English one has English ones.
        Locale wanted = spoken(reader);
        Locale locale = spokenKeys.get(wanted).contains(message.key()) ? wanted : Locale.ENGLISH;
        MessageFormat format = read.computeIfAbsent(locale, one -> new ConcurrentHashMap<>())
                .computeIfAbsent(message.key(), key -> new MessageFormat(source.getMessage(key, null, locale), locale));
        Map<String, Object> arguments = new HashMap<>();
        message.arguments().forEach((name, value) -> arguments.put(name, said(value, locale)));
        synchronized (format) {
            return format.format(arguments);
        }
    }

    /** For what is written on pages, in their own language. */
    public Wording on(Activity activity) {
        String language = activity.key().holds().language();
        return in(language == null ? LocaleContextHolder.getLocale() : Locale.forLanguageTag(language));
    }

    public Wording in(Locale locale) {
        return message -> text(message, locale);
    }

    /** The language in which somebody is told things: theirs, or English. There are few, whatever browsers ask for. */
    public static Locale spoken(Locale reader) {
        return LANGUAGES.stream()
                .filter(one -> one.getLanguage().equals(reader.getLanguage()))
                .findFirst()
                .orElse(Locale.ENGLISH);
    }

    private Object said(Object value, Locale locale) {
        if (value instanceof Message inner) {
            return text(inner, locale);
        }
        if (value instanceof List<?> list) {
            Collection<Object> parts =
                    list.stream().map(one -> said(one, locale)).toList();
            return ListFormatter.getInstance(locale).format(parts);
        }
        return value;
    }
}
