package sectorum.server.art;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.DocumentLimits;
import com.github.weisj.jsvg.parser.DomElement;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.parser.resources.ResourcePolicy;
import com.github.weisj.jsvg.renderer.NullPlatformSupport;
import com.github.weisj.jsvg.view.ViewBox;
import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import sectorum.art.Motif;
import sectorum.art.Regions;
import sectorum.art.Rings;
import sectorum.measure.Numbers;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;

/**
 * SVG to regions and back. In: whatever fills or strokes, at the size that the file states, cleaned of everything active; what cannot be
 * read is told. Nothing is fetched, no entity is followed. Out: one path for each region, in millimetres.
 */
public final class SvgArt {
    /** A file larger than this is no drawing that a hand could follow. */
    static final int MOST_BYTES = 6 * 1024 * 1024;

    private static final DocumentLimits LIMITS = new DocumentLimits(64, 16, 20_000);
    /** A pixel of the web, mm. */
    private static final double PIXEL_MM = 25.4 / 96;
    /** Nobody cuts finer, mm. */
    private static final double FINE_MM = 0.02;

    /** What the parser passes over in silence, and how it is told. */
    private static final List<String[]> UNREAD = List.of(
            new String[] {"!\\s*important", "\"!important\" in a style is not minded."},
            new String[] {"hsla?\\s*\\(", "Colours written as hsl() are not read; they come in black."},
            new String[] {"<\\s*(?:\\w+:)?switch[\\s>]", "\"switch\" is not read: what is in it is left out."},
            new String[] {"[}>\\s][a-z]+\\.[\\w-]+\\s*[{,]", "Styles for an element and a class together are not read."
            },
            new String[] {
                "<\\s*(?:\\w+:)?(script|foreignObject|animate\\w*|set)[\\s>]", "Scripts and movement are left out."
            },
            new String[] {"<\\s*(?:\\w+:)?(filter|mask)[\\s>]", "Filters and masks are left out."},
            new String[] {"<\\s*(?:\\w+:)?image[\\s>]", "Pictures in the drawing are left out: trace them on their own."
            });

    /**
     * What was read.
     *
     * @param notes what could not be, in words
     */
    public record Read(List<Motif.Region> parts, List<String> notes) {}

    private SvgArt() {}

    public static Read read(byte[] file) {
        if (file.length > MOST_BYTES) {
            throw new Refused(
                    "drawing",
                    Phrase.of(
                            "The drawing has {} kB; at most {} are read. Simplify it.",
                            Quantity.count(file.length / 1024),
                            Quantity.count(MOST_BYTES / 1024)));
        }
        String text = new String(file, java.nio.charset.StandardCharsets.UTF_8);
        Set<String> notes = new TreeSet<>();
        for (String[] unread : UNREAD) {
            if (Pattern.compile(unread[0], Pattern.CASE_INSENSITIVE)
                    .matcher(text)
                    .find()) {
                notes.add(unread[1]);
            }
        }
        SVGDocument document = document(file, notes);
        String root = root(text);
        ViewBox box = view(root, document);
        double scale = scale(root, box);
        List<Motif.Region> parts = new ArrayList<>();
        Recorder recorder = new Recorder(box, scale, notes);
        try {
            document.renderWithPlatform(
                    NullPlatformSupport.INSTANCE, recorder, new ViewBox(0, 0, box.width, box.height));
        } catch (Refused already) {
            throw already;
        } catch (RuntimeException | StackOverflowError broken) {
            throw refused("The drawing is damaged, or refers to itself");
        }
        for (Recorder.Filled filled : recorder.filled()) {
            Rings rings = filled.evenOdd() ? Regions.evenOdd(filled.lines()) : Regions.nonZero(filled.lines());
            Rings fine = rings == null ? null : Regions.simplified(rings, FINE_MM);
            if (fine != null) {
                parts.add(Motif.Region.of(filled.shade(), fine));
            }
        }
        if (parts.isEmpty()) {
            throw refused("Nothing in the drawing is filled or has a line");
        }
        return new Read(parts, List.copyOf(notes));
    }

    private static SVGDocument document(byte[] file, Set<String> notes) {
        XMLInputFactory factory = XMLInputFactory.newFactory();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        LoaderContext context = LoaderContext.builder()
                .externalResourcePolicy(ResourcePolicy.DENY_ALL)
                .documentLimits(LIMITS)
                .preProcessor(root -> clean(root, notes))
                .build();
        SVGDocument document;
        try {
            document = new SVGLoader()
                    .load(() -> factory.createXMLEventReader(new ByteArrayInputStream(file)), null, context);
        } catch (RuntimeException | StackOverflowError broken) {
            throw refused("The drawing is no SVG, is cut off, or is nested too deep");
        }
        if (document == null || !(document.viewBox().width > 0) || !(document.viewBox().height > 0)) {
            throw refused("The drawing is no SVG, is cut off, or is nested too deep");
        }
        return document;
    }

    /** Words need a face that may not be there: they come as paths, or not at all. */
    private static void clean(DomElement root, Set<String> notes) {
        // Its size is read apart; drawn as large as its view, a unit stays a unit.
        String[] view = ("" + root.attribute("viewBox")).strip().split("[\\s,]+");
        if (view.length == 4) {
            root.setAttribute("width", view[2]);
            root.setAttribute("height", view[3]);
        }
        List<DomElement> left = new ArrayList<>(List.of(root));
        while (!left.isEmpty()) {
            DomElement element = left.remove(left.size() - 1);
            String tag = element.tagName();
            if (tag.equals("text") || tag.equals("image") || tag.equals("filter")) {
                element.setAttribute("display", "none");
            }
            if (tag.equals("text")) {
                notes.add(
                        "Words are left out: turn them into paths where the drawing was made, or set them as letters here.");
            }
            left.addAll(element.children());
        }
    }

    private static String root(String text) {
        Matcher root =
                Pattern.compile("<\\s*(?:\\w+:)?svg\\b[^>]*>", Pattern.DOTALL).matcher(text);
        return root.find() ? root.group() : "";
    }

    /** The view as the file states it; where it does not, as large as the file says it is. */
    private static ViewBox view(String root, SVGDocument document) {
        Matcher told = Pattern.compile("\\sviewBox\\s*=\\s*[\"']([^\"']*)[\"']").matcher(root);
        if (told.find()) {
            String[] four = told.group(1).strip().split("[\\s,]+");
            try {
                float wide = Float.parseFloat(four[2]);
                float high = Float.parseFloat(four[3]);
                if (wide > 0 && high > 0) {
                    return new ViewBox(0, 0, wide, high);
                }
            } catch (NumberFormatException | ArrayIndexOutOfBoundsException none) {
                return document.viewBox();
            }
        }
        return document.viewBox();
    }

    /** Millimetres to a unit of the view, by the width that the file states, else by its height, else as pixels. */
    private static double scale(String tag, ViewBox box) {
        double wide = millimetres(tag, "width");
        double high = millimetres(tag, "height");
        return wide > 0 ? wide / box.width : high > 0 ? high / box.height : PIXEL_MM;
    }

    private static double millimetres(String tag, String name) {
        Matcher told = Pattern.compile("\\s" + name + "\\s*=\\s*[\"']\\s*([0-9.eE+-]+)\\s*([a-z]*)\\s*[\"']")
                .matcher(tag);
        if (!told.find()) {
            return 0;
        }
        double value;
        try {
            value = Double.parseDouble(told.group(1));
        } catch (NumberFormatException none) {
            return 0;
        }
        return value
                * switch (told.group(2)) {
                    case "mm" -> 1;
                    case "cm" -> 10;
                    case "in" -> 25.4;
                    case "pt" -> 25.4 / 72;
                    case "pc" -> 25.4 / 6;
                    case "q" -> 0.25;
                    default -> PIXEL_MM;
                };
    }

    private static Refused refused(String why) {
        return new Refused(
                "drawing",
                Phrase.of(
                        why + ". Choose an SVG of at most {} kB with filled shapes.",
                        Quantity.count(MOST_BYTES / 1024)));
    }

    /** One path for each region, true to the millimetre; it comes in again as it went out. */
    public static String write(Motif motif) {
        String w = n(motif.width());
        String h = n(motif.height());
        double half = motif.width() / 2;
        double high = motif.height();
        StringBuilder svg =
                new StringBuilder("<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"" + w + "mm\" height=\"" + h
                        + "mm\" viewBox=\"0 0 " + w + " " + h + "\">\n<title>" + escaped(motif.name()) + "</title>\n");
        for (Motif.Region part : motif.parts()) {
            StringBuilder d = new StringBuilder();
            part.outers().forEach(l -> path(d, l, half, high));
            part.holes().forEach(l -> path(d, l, half, high));
            svg.append("<path fill=\"" + part.shade() + "\" fill-rule=\"evenodd\" d=\"" + d + "\"/>\n");
        }
        return svg.append("</svg>\n").toString();
    }

    private static void path(StringBuilder d, List<Double> line, double half, double high) {
        for (int i = 0; i < line.size(); i += 2) {
            d.append(i == 0 ? 'M' : 'L')
                    .append(n(line.get(i) + half))
                    .append(' ')
                    .append(n(high - line.get(i + 1)));
        }
        d.append('Z');
    }

    private static String n(double mm) {
        return Numbers.plain(mm, 4);
    }

    private static String escaped(String text) {
        return text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    }
}
