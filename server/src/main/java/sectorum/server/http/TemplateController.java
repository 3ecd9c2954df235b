package sectorum.server.http;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import sectorum.bench.Bench;
import sectorum.drawing.Drawing;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.documents.PdfWriter;
import sectorum.server.documents.SvgWriter;
import sectorum.server.turn.Turn;
import sectorum.template.Heading;
import sectorum.template.Paper;
import sectorum.template.Sheet;
import sectorum.template.Tiling;
import sectorum.workup.Workup;

/** Templates of a plan, saved or not: which there are, how they lie on paper, and as files. */
@RestController
@RequestMapping("/api/templates")
class TemplateController {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private final Turn turn;
    private final Cupboard cupboard;
    private final Clock clock;

    TemplateController(Turn turn, Cupboard cupboard, Clock clock) {
        this.turn = turn;
        this.cupboard = cupboard;
        this.clock = clock;
    }

    /**
     * Which templates of which tier, on which paper.
     *
     * @param names empty: all of the tier
     */
    record Order(Plan plan, String tier, List<String> names, Paper paper) {
        Order {
            Given.in("plan", plan);
        }
    }

    /** A template there is. Width and height in mm, at true size. */
    record Listed(String name, Phrase title, double width, double height, int sheets) {}

    /** A sheet of paper as it will be printed. */
    record Laid(String template, double width, double height, String svg) {}

    @PostMapping("/list")
    List<Listed> list(@RequestBody Order order) {
        return drawings(order).stream()
                .map(d -> new Listed(
                        d.name(),
                        d.title(),
                        d.width(),
                        d.height(),
                        lay(d, order).size()))
                .toList();
    }

    @PostMapping("/sheets")
    List<Laid> sheets(@RequestBody Order order) {
        LengthUnit unit = turn.person().preferences().unit();
        return drawings(order).stream()
                .flatMap(d -> lay(d, order).stream()
                        .map(sheet -> new Laid(
                                d.name(),
                                sheet.width(),
                                sheet.height(),
                                SvgWriter.write(
                                        new Drawing(d.name(), d.title(), sheet.width(), sheet.height(), sheet.inks()),
                                        unit))))
                .toList();
    }

    @PostMapping(value = "/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@RequestBody Order order) {
        List<Sheet> sheets =
                drawings(order).stream().flatMap(d -> lay(d, order).stream()).toList();
        String title = order.plan().name() + ", " + tier(order).name();
        byte[] pdf = PdfWriter.write(title, sheets, turn.person().preferences().unit());
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(pdf);
    }

    /** One template, unsplit. */
    @PostMapping(value = "/svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(@RequestBody Order order) {
        List<Drawing> chosen = drawings(order);
        if (chosen.size() != 1) {
            throw new Refused(
                    "names", Phrase.of("An SVG holds one template; {} are named.", Quantity.count(chosen.size())));
        }
        String svg = SvgWriter.write(chosen.get(0), turn.person().preferences().unit());
        return ResponseEntity.ok()
                .contentType(MediaType.valueOf("image/svg+xml"))
                .body(svg.getBytes(StandardCharsets.UTF_8));
    }

    private List<Drawing> drawings(Order order) {
        Bench bench = cupboard.bench();
        Tier tier = tier(order);
        List<Drawing> all = Workup.drawings(tier, Workup.tier(tier, bench), bench);
        List<String> names = order.names() == null ? List.of() : order.names();
        for (String name : names) {
            if (all.stream().noneMatch(d -> d.name().equals(name))) {
                throw new Refused(
                        "names",
                        Phrase.of(
                                "This tier has no template \"{}\". It has: {}.",
                                Quantity.text("" + name),
                                Quantity.text(String.join(
                                        ", ", all.stream().map(Drawing::name).toList()))));
            }
        }
        return names.isEmpty()
                ? all
                : all.stream().filter(d -> names.contains(d.name())).toList();
    }

    private static Tier tier(Order order) {
        return order.plan().tier(order.tier());
    }

    private List<Sheet> lay(Drawing drawing, Order order) {
        Paper paper = order.paper() == null ? Paper.A4 : order.paper();
        String printed = LocalDate.now(clock).format(DAY);
        return Tiling.lay(
                drawing, paper, new Heading(order.plan().name(), tier(order).name(), printed));
    }
}
