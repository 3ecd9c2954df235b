package sectorum.server.http;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.art.Lettering;
import sectorum.art.Motif;
import sectorum.art.Trace;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.server.art.ArtSource;
import sectorum.server.art.Drawer;
import sectorum.server.art.Faces;
import sectorum.server.art.SvgArt;
import sectorum.template.Paper;

/** Drawings, pictures and letters become art; the drawer keeps it for other plans. */
@RestController
@RequestMapping("/api/art")
class ArtController {
    private final ArtSource source;
    private final Drawer drawer;

    ArtController(ArtSource source, Drawer drawer) {
        this.source = source;
        this.drawer = drawer;
    }

    /** A face to set letters in. */
    record Face(String name, String label, String character) {}

    /**
     * Letters and how they are set; they come in one region, or one for each letter where they cut one another.
     *
     * @param ornament under them, as wide as four fifths of them; absent: none
     */
    record LettersRequest(
            String text,
            String face,
            Lettering.Style wish,
            @Absent Motif ornament) {
        LettersRequest {
            Given.in("text", text);
            Given.in("face", face);
            Given.in("wish", wish);
        }
    }

    /** A picture of an order, and how it is traced. */
    record TraceRequest(long picture, String name, Trace.Tracing wish) {
        TraceRequest {
            Given.in("wish", wish);
        }
    }

    @GetMapping("/faces")
    List<Face> faces() {
        return Arrays.stream(Faces.Face.values())
                .map(f -> new Face(f.name().toLowerCase(Locale.ROOT), f.label(), f.character()))
                .toList();
    }

    /** An SVG, as it is; what could not be read is told. */
    @PostMapping(value = "/drawing", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ArtSource.DrawnArt drawing(@RequestParam(defaultValue = "Drawing") String name, @RequestBody byte[] file) {
        return source.drawing(name, file);
    }

    @PostMapping("/letters")
    ArtSource.DrawnArt letters(@RequestBody LettersRequest letters) {
        return source.letters(letters.text(), letters.face(), letters.wish(), letters.ornament());
    }

    @PostMapping("/traced")
    ArtSource.TracedArt traced(@RequestBody TraceRequest asked) {
        return source.traced(asked.picture(), asked.name(), asked.wish());
    }

    /** A picture of an order at true size, to trace by hand. */
    record TracingSheet(
            long picture,
            double width,
            boolean mirrored,
            @Absent Paper paper) {}

    @PostMapping(value = "/tracing-sheet", produces = MediaType.APPLICATION_PDF_VALUE)
    byte[] tracingSheet(@RequestBody TracingSheet asked) {
        return source.tracingSheet(asked.picture(), asked.width(), asked.mirrored(), asked.paper());
    }

    /** A drawing as SVG, one path for each region, true to the millimetre. */
    @PostMapping(value = "/svg", produces = "image/svg+xml")
    String svg(@RequestBody Motif motif) {
        return SvgArt.write(motif);
    }

    @GetMapping("/drawer")
    List<Drawer.Filed> all() {
        return drawer.all();
    }

    @PostMapping("/drawer")
    @ResponseStatus(HttpStatus.CREATED)
    Drawer.Filed keep(@RequestBody Motif motif) {
        return drawer.keep(motif);
    }

    @DeleteMapping("/drawer/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable long id) {
        drawer.takeOut(id);
    }
}
