package gladtile.core.answer;

import com.fasterxml.jackson.annotation.JsonInclude;
import gladtile.core.Bounds;
import gladtile.core.OutOfBounds;
import gladtile.core.message.Message;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;

/**
 * What holds for the activity as a whole.
 *
 * @param score absent for one point each
 * @param weights page id to how much its points count, 0 to 10; pages left out count 1
 * @param solution absent for never
 * @param seconds time for the whole, by the server's clock; absent for no end
 * @param pageSeconds page id to the time for that page, from when it is first opened
 * @param tools what students may do of their own accord; absent for the usual
 * @param accepted findings of the page check that are meant to be so, by their name
 * @param language that is written on the pages, as a BCP 47 tag; absent where it is not said
 */
public record AnswerTerms(
        @JsonInclude(JsonInclude.Include.NON_NULL) Points score,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Double> weights,
        @JsonInclude(JsonInclude.Include.NON_NULL) SolutionPolicy solution,
        @JsonInclude(JsonInclude.Include.NON_NULL) Integer seconds,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) Map<String, Integer> pageSeconds,
        @JsonInclude(JsonInclude.Include.NON_EMPTY) List<String> accepted,
        @JsonInclude(JsonInclude.Include.NON_NULL) StudentTools tools,
        @JsonInclude(JsonInclude.Include.NON_NULL) String language) {
    public static final AnswerTerms USUAL = new AnswerTerms(null, null, null, null, null, null, null, null);
    private static final Pattern LANGUAGE = Pattern.compile("[A-Za-z]{2,3}(?:-[A-Za-z0-9]{2,8}){0,4}");

    public AnswerTerms {
        score = Points.USUAL.equals(score) ? null : score;
        tools = StudentTools.USUAL.equals(tools) ? null : tools;
        solution = SolutionPolicy.NEVER.equals(solution) ? null : solution;
        if (language != null && !LANGUAGE.matcher(language).matches()) {
            throw new OutOfBounds("terms.language", Message.of("bound.terms.language"));
        }
        weights = weights == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(weights));
        Bounds.count("terms.weights", weights.size(), Bounds.PAGES);
        weights.forEach((page, weight) -> {
            Bounds.id("page.id", page);
            Bounds.within("terms.weights", Bounds.present("terms.weights", weight), 0, 10);
        });
        accepted = accepted == null ? List.of() : List.copyOf(new TreeSet<>(accepted));
        Bounds.count("terms.accepted", accepted.size(), Bounds.ACCEPTED);
        accepted.forEach(name -> Bounds.text("terms.accepted", name, Bounds.NAME_LENGTH));
        if (seconds != null) {
            Bounds.within("terms.seconds", seconds, Bounds.SECONDS_LEAST, Bounds.SECONDS_MOST);
        }
        pageSeconds = pageSeconds == null ? Map.of() : Collections.unmodifiableMap(new TreeMap<>(pageSeconds));
        Bounds.count("terms.pageSeconds", pageSeconds.size(), Bounds.PAGES);
        pageSeconds.forEach((page, time) -> {
            Bounds.id("page.id", page);
            Bounds.within(
                    "terms.pageSeconds",
                    Bounds.present("terms.pageSeconds", time),
                    Bounds.SECONDS_LEAST,
                    Bounds.SECONDS_MOST);
        });
    }

    /** @param names of findings that are meant to be so */
    public AnswerTerms withAccepted(List<String> names) {
        return new AnswerTerms(score, weights, solution, seconds, pageSeconds, names, tools, language);
    }

    static AnswerTerms orNull(AnswerTerms terms) {
        return USUAL.equals(terms) ? null : terms;
    }

    public Points scoring() {
        return score == null ? Points.USUAL : score;
    }

    public SolutionPolicy shows() {
        return solution == null ? SolutionPolicy.NEVER : solution;
    }

    public StudentTools studentTools() {
        return tools == null ? StudentTools.USUAL : tools;
    }

    public AnswerTerms withTools(StudentTools now) {
        return new AnswerTerms(score, weights, solution, seconds, pageSeconds, accepted, now, language);
    }

    public AnswerTerms withLanguage(String code) {
        return new AnswerTerms(score, weights, solution, seconds, pageSeconds, accepted, tools, code);
    }

    public double weight(String pageId) {
        return weights.getOrDefault(pageId, 1.0);
    }

    /** Whether anything is counted down. */
    public boolean timed() {
        return seconds != null || !pageSeconds.isEmpty();
    }

    public AnswerTerms withPoints(Points newPoints) {
        return new AnswerTerms(newPoints, weights, solution, seconds, pageSeconds, accepted, tools, language);
    }

    public AnswerTerms withWeights(Map<String, Double> newWeights) {
        return new AnswerTerms(score, newWeights, solution, seconds, pageSeconds, accepted, tools, language);
    }

    public AnswerTerms withSolution(SolutionPolicy newSolution) {
        return new AnswerTerms(score, weights, newSolution, seconds, pageSeconds, accepted, tools, language);
    }

    public AnswerTerms withSeconds(Integer time) {
        return new AnswerTerms(score, weights, solution, time, pageSeconds, accepted, tools, language);
    }

    public AnswerTerms withPageSeconds(Map<String, Integer> times) {
        return new AnswerTerms(score, weights, solution, seconds, times, accepted, tools, language);
    }

    AnswerTerms withoutPage(String pageId) {
        Map<String, Double> left = new TreeMap<>(weights);
        left.remove(pageId);
        Map<String, Integer> times = new TreeMap<>(pageSeconds);
        times.remove(pageId);
        return new AnswerTerms(score, left, solution, seconds, times, accepted, tools, language);
    }
}
