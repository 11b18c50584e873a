package gladtile.server.review;

import gladtile.core.Bounds;
import java.util.List;

/** A teacher's own ready phrases. */
record Phrases(List<String> phrases) {
    static final Phrases FIRST = new Phrases(List.of("What did you notice?", "Look once more at", "Well reasoned"));

    Phrases {
        phrases = List.copyOf(Bounds.present("phrases", phrases));
        Bounds.count("phrases", phrases.size(), Bounds.PHRASES);
        phrases.forEach(phrase -> Bounds.text("phrase", phrase, Bounds.PHRASE_LENGTH));
    }
}
