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
import sectorum.server.art.ArtSource;
import sectorum.server.art.Drawer;
import sectorum.server.art.Faces;
import sectorum.server.art.SvgArt;

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
    record FaceShown(String name, String label, String character) {}

    /** Letters and how they are set; each comes in one region, or one for each letter where they cut one another. */
    record Letters(String text, String face, Lettering.Wish wish) {
        Letters {
            Given.in("text", text);
            Given.in("face", face);
            Given.in("wish", wish);
        }
    }

    /** A picture of an order, and how it is traced. */
    record Traced(long picture, String name, Trace.Wish wish) {
        Traced {
            Given.in("wish", wish);
        }
    }

    @GetMapping("/faces")
    List<FaceShown> faces() {
        return Arrays.stream(Faces.Face.values())
                .map(f -> new FaceShown(f.name().toLowerCase(Locale.ROOT), f.label(), f.character()))
                .toList();
    }

    /** An SVG, as it is; what could not be read is told. */
    @PostMapping(value = "/drawing", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    ArtSource.Drawn drawing(@RequestParam(defaultValue = "Drawing") String name, @RequestBody byte[] file) {
        return source.drawing(name, file);
    }

    @PostMapping("/letters")
    ArtSource.Drawn letters(@RequestBody Letters letters) {
        return source.letters(letters.text(), letters.face(), letters.wish());
    }

    @PostMapping("/traced")
    ArtSource.Traced traced(@RequestBody Traced asked) {
        return source.traced(asked.picture(), asked.name(), asked.wish());
    }

    /** A drawing as SVG, one path for each region, true to the millimetre. */
    @PostMapping(value = "/svg", produces = "image/svg+xml")
    String svg(@RequestBody Motif motif) {
        return SvgArt.write(motif);
    }

    @GetMapping("/drawer")
    List<Drawer.Kept> all() {
        return drawer.all();
    }

    @PostMapping("/drawer")
    @ResponseStatus(HttpStatus.CREATED)
    Drawer.Kept keep(@RequestBody Motif motif) {
        return drawer.keep(motif);
    }

    @DeleteMapping("/drawer/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable long id) {
        drawer.takeOut(id);
    }
}
