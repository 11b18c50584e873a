package gladtile.server.review;

import gladtile.core.Bounds;
import java.util.List;

/** A teacher's own ready phrases. */
record PhraseService(List<String> phrases) {
    static final PhraseService FIRST =
            new PhraseService(List.of("What did you notice?", "Look once more at", "Well reasoned"));

    PhraseService {
        phrases = List.copyOf(Bounds.present("phrases", phrases));
        Bounds.count("phrases", phrases.size(), Bounds.PHRASES);
        phrases.forEach(phrase -> Bounds.text("phrase", phrase, Bounds.PHRASE_LENGTH));
    }
}
