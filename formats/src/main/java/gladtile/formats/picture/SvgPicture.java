package gladtile.formats.picture;

import gladtile.formats.picture.PictureIntake.Refused;
import gladtile.formats.picture.PictureIntake.Result;
import gladtile.formats.picture.PictureIntake.Taken;
import java.io.ByteArrayInputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;

/** Reads an SVG and writes anew only what {@link SvgAllowed} names; everything else falls away with its content. */
final class SvgPicture {
    static final int MOST_ELEMENTS = 50_000;
    static final int MOST_DEPTH = 100;
    private static final String SVG = "http://www.w3.org/2000/svg";
    /** What CSS says an SVG without a size is (replaced elements, common practice). */
    private static final double[] UNSIZED = {300, 150};

    private SvgPicture() {}

    static Result take(byte[] bytes) {
        StringWriter out = new StringWriter();
        try {
            XMLStreamReader in = input().createXMLStreamReader(new ByteArrayInputStream(bytes));
            while (in.getEventType() != XMLStreamReader.START_ELEMENT) {
                in.next();
            }
            if (!in.getLocalName().equals("svg") || !SVG.equals(in.getNamespaceURI())) {
                return new Refused("picture.type", "That file is XML, but no SVG picture.");
            }
            double[] size = size(in);
            String refused = copy(in, XMLOutputFactory.newFactory().createXMLStreamWriter(out), size);
            if (refused != null) {
                return new Refused("picture.elements", refused);
            }
            return new Taken(
                    out.toString().getBytes(StandardCharsets.UTF_8),
                    "image/svg+xml",
                    (int) Math.max(1, Math.round(size[0])),
                    (int) Math.max(1, Math.round(size[1])));
        } catch (XMLStreamException notWellFormed) {
            return new Refused(
                    "picture.content", "That SVG cannot be read: it is not well-formed, or it asks for a DTD.");
        }
    }

    private static XMLInputFactory input() {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        // No DTD means no entities: neither files of this machine nor expansions without end.
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        factory.setXMLResolver((publicId, systemId, baseUri, namespace) -> {
            throw new XMLStreamException("nothing outside the picture is read");
        });
        return factory;
    }

    /** Returns null, or why the picture is refused. */
    private static String copy(XMLStreamReader in, XMLStreamWriter out, double[] size) throws XMLStreamException {
        int elements = 0;
        int depth = 0;
        int droppedFrom = -1;
        SvgCost cost = new SvgCost();
        for (int event = in.getEventType(); event != XMLStreamReader.END_DOCUMENT; event = in.next()) {
            if (event == XMLStreamReader.ENTITY_REFERENCE) {
                throw new XMLStreamException("entities are not read");
            } else if (event == XMLStreamReader.START_ELEMENT) {
                depth++;
                if (++elements > MOST_ELEMENTS) {
                    return "That SVG has more than %d parts.".formatted(MOST_ELEMENTS);
                }
                if (depth > MOST_DEPTH) {
                    return "That SVG is nested more than %d deep.".formatted(MOST_DEPTH);
                }
                boolean kept = SVG.equals(in.getNamespaceURI()) && SvgAllowed.element(in.getLocalName());
                if (droppedFrom < 0 && !kept) {
                    droppedFrom = depth;
                }
                if (droppedFrom < 0) {
                    start(in, out, depth == 1 ? size : null, cost);
                }
            } else if (event == XMLStreamReader.END_ELEMENT) {
                if (droppedFrom < 0) {
                    out.writeEndElement();
                    cost.end();
                } else if (droppedFrom == depth) {
                    droppedFrom = -1;
                }
                depth--;
            } else if (event == XMLStreamReader.CHARACTERS && droppedFrom < 0) {
                out.writeCharacters(in.getText());
            }
        }
        out.flush();
        return cost.parts() > SvgCost.MOST
                ? "That SVG draws more than %d parts, or uses itself.".formatted(SvgCost.MOST)
                : null;
    }

    private static void start(XMLStreamReader in, XMLStreamWriter out, double[] rootSize, SvgCost cost)
            throws XMLStreamException {
        out.writeStartElement(in.getLocalName());
        cost.start();
        if (rootSize != null) {
            out.writeDefaultNamespace(SVG);
            out.writeAttribute("width", plain(rootSize[0]));
            out.writeAttribute("height", plain(rootSize[1]));
            if (in.getAttributeValue(null, "viewBox") == null) {
                out.writeAttribute("viewBox", "0 0 " + plain(rootSize[0]) + " " + plain(rootSize[1]));
            }
        }
        for (int i = 0; i < in.getAttributeCount(); i++) {
            String name = in.getAttributeLocalName(i);
            String value = in.getAttributeValue(i);
            boolean sizeOfRoot = rootSize != null && (name.equals("width") || name.equals("height"));
            if (!sizeOfRoot && SvgAllowed.attribute(in.getAttributeNamespace(i), name, value)) {
                // Links within the picture are written the plain way, whichever way they came.
                out.writeAttribute(name, value.strip());
                cost.attribute(name, value);
            }
        }
    }

    private static double[] size(XMLStreamReader root) {
        double width = number(root.getAttributeValue(null, "width"));
        double height = number(root.getAttributeValue(null, "height"));
        String viewBox = root.getAttributeValue(null, "viewBox");
        String[] box = viewBox == null ? new String[0] : viewBox.strip().split("[\\s,]+");
        if (box.length == 4 && (!(width > 0) || !(height > 0))) {
            width = number(box[2]);
            height = number(box[3]);
        }
        return width > 0 && height > 0 ? new double[] {width, height} : UNSIZED.clone();
    }

    /** A plain number or one in px, at most 100,000; anything else is NaN. */
    private static double number(String text) {
        if (text == null || !text.strip().matches("[0-9]{1,6}(\\.[0-9]{1,9})?(px)?")) {
            return Double.NaN;
        }
        return Math.min(100_000, Double.parseDouble(text.strip().replace("px", "")));
    }

    private static String plain(double number) {
        return number == Math.rint(number) ? Long.toString((long) number) : Double.toString(number);
    }
}
