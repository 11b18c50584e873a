package gladtile.formats.picture;

import java.util.Locale;
import java.util.Set;
import java.util.regex.Pattern;

/** What may stand in an SVG: shapes, paints and words. No script, style sheet, foreign content, animation or link. */
final class SvgAllowed {
    private static final Set<String> ELEMENTS = Set.of(
            "svg",
            "g",
            "defs",
            "symbol",
            "use",
            "path",
            "rect",
            "circle",
            "ellipse",
            "line",
            "polyline",
            "polygon",
            "text",
            "tspan",
            "linearGradient",
            "radialGradient",
            "stop",
            "clipPath",
            "mask",
            "pattern",
            "title",
            "desc",
            "marker");

    private static final Set<String> ATTRIBUTES = Set.of(
            "id",
            "class",
            "d",
            "x",
            "y",
            "x1",
            "y1",
            "x2",
            "y2",
            "cx",
            "cy",
            "r",
            "rx",
            "ry",
            "fx",
            "fy",
            "dx",
            "dy",
            "width",
            "height",
            "points",
            "viewBox",
            "preserveAspectRatio",
            "transform",
            "gradientTransform",
            "gradientUnits",
            "patternUnits",
            "patternContentUnits",
            "patternTransform",
            "clipPathUnits",
            "maskUnits",
            "maskContentUnits",
            "spreadMethod",
            "offset",
            "refX",
            "refY",
            "markerWidth",
            "markerHeight",
            "markerUnits",
            "orient",
            "pathLength",
            "textLength",
            "lengthAdjust",
            "rotate",
            "style",
            "href");

    /** Presentation attributes; the same names are the properties allowed within style. */
    private static final Set<String> PAINT = Set.of(
            "fill",
            "fill-opacity",
            "fill-rule",
            "stroke",
            "stroke-width",
            "stroke-opacity",
            "stroke-linecap",
            "stroke-linejoin",
            "stroke-miterlimit",
            "stroke-dasharray",
            "stroke-dashoffset",
            "opacity",
            "color",
            "stop-color",
            "stop-opacity",
            "clip-path",
            "clip-rule",
            "mask",
            "marker-start",
            "marker-mid",
            "marker-end",
            "font-family",
            "font-size",
            "font-weight",
            "font-style",
            "text-anchor",
            "dominant-baseline",
            "letter-spacing",
            "word-spacing",
            "display",
            "visibility",
            "overflow",
            "paint-order",
            "vector-effect",
            "mix-blend-mode",
            "isolation");

    private static final String XLINK = "http://www.w3.org/1999/xlink";
    private static final Pattern WITHIN = Pattern.compile("#[\\w.:-]{1,200}");
    /** Values that name nothing outside: no url but to an id, no escapes, no at-rules, no functions beyond colours. */
    private static final Pattern PLAIN_VALUE = Pattern.compile("[\\w\\s#.,%+\\-'\"/]*");

    private static final Pattern FUNCTIONS = Pattern.compile(
            "(url\\(\\s*['\"]?#[\\w.:-]{1,200}['\"]?\\s*\\)|(?:rgba?|hsla?)\\([\\d\\s.,%/]*\\))",
            Pattern.CASE_INSENSITIVE);

    private SvgAllowed() {}

    static boolean element(String name) {
        return ELEMENTS.contains(name);
    }

    static boolean attribute(String namespace, String name, String value) {
        boolean none = namespace == null || namespace.isEmpty();
        if (name.equals("href")) {
            return (none || namespace.equals(XLINK))
                    && WITHIN.matcher(value.strip()).matches();
        }
        if (!none) {
            return false;
        }
        if (name.equals("style")) {
            return style(value);
        }
        if (PAINT.contains(name)) {
            return paint(value);
        }
        return ATTRIBUTES.contains(name) && !value.toLowerCase(Locale.ROOT).contains("url(");
    }

    private static boolean style(String value) {
        for (String declaration : value.split(";")) {
            if (declaration.isBlank()) {
                continue;
            }
            int colon = declaration.indexOf(':');
            if (colon < 0
                    || !PAINT.contains(declaration.substring(0, colon).strip().toLowerCase(Locale.ROOT))
                    || !paint(declaration.substring(colon + 1))) {
                return false;
            }
        }
        return true;
    }

    private static boolean paint(String value) {
        return PLAIN_VALUE.matcher(FUNCTIONS.matcher(value).replaceAll("")).matches();
    }
}
