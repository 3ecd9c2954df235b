package sectorum.server.art;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Semaphore;
import org.springframework.stereotype.Service;
import sectorum.art.Grey;
import sectorum.art.Lettering;
import sectorum.art.Levels;
import sectorum.art.Motif;
import sectorum.art.Rings;
import sectorum.art.Trace;
import sectorum.measure.Absent;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.server.documents.PicturePages;
import sectorum.server.pictures.NoSuchPicture;
import sectorum.server.pictures.Pictures;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.WorkshopSettings;
import sectorum.template.Paper;
import sectorum.template.Printer;

/** Where art comes from: a file, a picture of the order, letters. */
@Service
public class ArtSource {
    /** What letters come in until a colour is given to them. */
    private static final String INK = "#1c2a36";
    /** An ornament is so much narrower than the letters over it. */
    private static final double ORNAMENT = 0.8;
    /** It lies under them by so much of their height. */
    private static final double BENEATH = 0.12;
    /** Levels that are found for a layered figure. */
    private static final int LAYERS = 3;

    /** Heavy drawings come in one after the other: each may take the memory of a large picture. */
    private final Semaphore one = new Semaphore(1);

    private final Pictures pictures;
    private final Tenancy tenancy;

    ArtSource(Pictures pictures, Tenancy tenancy) {
        this.pictures = pictures;
        this.tenancy = tenancy;
    }

    /**
     * Art that came in.
     *
     * @param notes what of it could not be read, in words
     */
    public record DrawnArt(Motif motif, List<String> notes) {}

    /**
     * A picture traced.
     *
     * @param levels the thresholds used
     * @param found thresholds that would part it into three layers
     * @param dropped specks and holes that were too small
     * @param width of the picture, points
     * @param height of the picture, points
     * @param left from the picture's left edge to the drawing's middle, mm
     * @param foot from the picture's lower edge to the drawing's foot, mm
     */
    public record TracedArt(
            Motif motif,
            List<Integer> levels,
            List<Integer> found,
            int dropped,
            int width,
            int height,
            double left,
            double foot) {}

    public DrawnArt drawing(String name, byte[] file) {
        one.acquireUninterruptibly();
        try {
            SvgArt.Read read = SvgArt.read(file);
            return new DrawnArt(Motif.of(id(name), name(name, "Drawing"), read.parts()), read.notes());
        } finally {
            one.release();
        }
    }

    public DrawnArt letters(String text, String face, Lettering.Style wish, @Absent Motif ornament) {
        Faces.Face of = Faces.of(face);
        String said = text.strip();
        if (said.isEmpty() || said.length() > Lettering.MOST) {
            throw new Refused(
                    "text",
                    Phrase.of(
                            "There are {} letters; 1 to {} can be set. Split longer words.",
                            Quantity.count(said.length()),
                            Quantity.count(Lettering.MOST)));
        }
        List<Rings> rings = Lettering.of(Faces.glyphs(of, said), Faces.capital(of), wish);
        List<Motif.Region> parts = new ArrayList<>();
        rings.forEach(r -> parts.add(Motif.Region.of(INK, r)));
        Motif letters = Motif.of(id(said), name(said, "Letters"), parts);
        return new DrawnArt(
                ornament == null ? letters : letters.ornamented(ornament, ORNAMENT, BENEATH * wish.height()),
                List.of());
    }

    public TracedArt traced(long picture, String name, Trace.Tracing wish) {
        Grey grey = GreyPicture.of(pictures.jpeg(picture).orElseThrow(() -> new NoSuchPicture(picture)));
        Trace.Traced traced = Trace.of(grey, wish);
        if (traced.parts().isEmpty()) {
            throw new Refused(
                    "levels",
                    Phrase.of(
                            "Nothing in the picture is darker than {}, or all of it is a speck. Move the level.",
                            Quantity.count(traced.levels().get(traced.levels().size() - 1))));
        }
        double left = Double.MAX_VALUE;
        double right = -Double.MAX_VALUE;
        double foot = Double.MAX_VALUE;
        for (Motif.Region part : traced.parts()) {
            List<Double> box = part.rings().box();
            left = Math.min(left, box.get(0));
            foot = Math.min(foot, box.get(1));
            right = Math.max(right, box.get(2));
        }
        return new TracedArt(
                Motif.of(id(name), name(name, "Figure"), traced.parts()),
                traced.levels(),
                Levels.of(grey, LAYERS),
                traced.dropped(),
                grey.width(),
                grey.height(),
                (left + right) / 2,
                foot);
    }

    /** On the paper that is in the printer, as true as it prints. */
    public byte[] tracingSheet(long picture, double width, boolean mirrored, @Absent Paper paper) {
        byte[] jpeg = pictures.jpeg(picture).orElseThrow(() -> new NoSuchPicture(picture));
        WorkshopSettings settings = tenancy.settings();
        Printer printer = new Printer(paper, settings.printedAcross(), settings.printedDown());
        return PicturePages.write("To trace", jpeg, width, mirrored, printer);
    }

    private static String name(String name, String usual) {
        String said = name == null ? "" : name.strip();
        return said.isEmpty() ? usual : said.substring(0, Math.min(60, said.length()));
    }

    private static String id(String name) {
        String plain = ("" + name)
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return plain.isEmpty() ? "art" : plain.substring(0, Math.min(36, plain.length()));
    }
}
