package sectorum.server.http;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import sectorum.bench.Bench;
import sectorum.drawing.Drawing;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.measure.LengthUnit;
import sectorum.measure.Phrase;
import sectorum.measure.Quantity;
import sectorum.measure.Refused;
import sectorum.plan.Plan;
import sectorum.plan.Tier;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.documents.DxfWriter;
import sectorum.server.documents.PdfWriter;
import sectorum.server.documents.SvgWriter;
import sectorum.server.http.PackStream.Packing;
import sectorum.server.tenancy.Tenancy;
import sectorum.template.Booklet;
import sectorum.template.Heading;
import sectorum.template.Pack;
import sectorum.template.Paper;
import sectorum.template.Printer;
import sectorum.template.Sheet;
import sectorum.template.Tiling;
import sectorum.tier.StackWorkup;
import sectorum.workup.Workup;

/** Templates of a plan, saved or not: which there are, how they lie on paper, and as files. */
@RestController
@RequestMapping("/api/templates")
class TemplateController {
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM yyyy", Locale.ENGLISH);

    private final Tenancy tenancy;
    private final Cupboard cupboard;
    private final Worked worked;
    private final Clock clock;
    private final PackStream packs;

    TemplateController(Tenancy tenancy, Cupboard cupboard, Worked worked, Clock clock, PackStream packs) {
        this.packs = packs;
        this.tenancy = tenancy;
        this.worked = worked;
        this.cupboard = cupboard;
        this.clock = clock;
    }

    /**
     * Which templates, on which paper.
     *
     * @param tier absent: of all tiers
     * @param names {@code tier/template}; empty: all
     */
    record TemplateRequest(Plan plan, @Absent String tier, List<String> names, Paper paper) {
        TemplateRequest {
            Given.in("plan", plan);
            names = Given.all("names", names);
        }
    }

    /** A template there is. Width and height in mm, at true size; sheets when it is printed alone. */
    record Listed(String id, String tier, String name, Phrase title, double width, double height, int sheets) {}

    /** A sheet of paper as it will be printed. */
    record Laid(double width, double height, String svg) {}

    /** A template and its tier. */
    private record Known(Tier tier, Drawing drawing) {
        String id() {
            return tier.id() + "/" + drawing.name();
        }
    }

    @PostMapping("/list")
    List<Listed> list(@RequestBody TemplateRequest order) {
        Printer printer = printer(order);
        return known(order).stream()
                .map(k -> new Listed(
                        k.id(),
                        k.tier().id(),
                        k.drawing().name(),
                        k.drawing().title(),
                        k.drawing().width(),
                        k.drawing().height(),
                        Tiling.lay(k.drawing(), printer, heading(order, k.tier()))
                                .size()))
                .toList();
    }

    @PostMapping("/sheets")
    List<Laid> sheets(@RequestBody TemplateRequest order) {
        LengthUnit unit = tenancy.person().preferences().unit();
        List<Laid> laid = new ArrayList<>();
        for (Sheet sheet : pack(order)) {
            Drawing page = new Drawing(
                    "sheet",
                    Phrase.of("{}", Quantity.text(order.plan().name())),
                    sheet.width(),
                    sheet.height(),
                    sheet.inks());
            laid.add(new Laid(sheet.width(), sheet.height(), SvgWriter.write(page, unit)));
        }
        return laid;
    }

    @PostMapping(value = "/pdf", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> pdf(@RequestBody TemplateRequest order) {
        byte[] pdf = PdfWriter.write(
                title(order),
                Booklet.of(pack(order)),
                tenancy.person().preferences().unit(),
                done -> {});
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(pdf);
    }

    /** The same a line at a time as it goes, so that whoever waits sees how far it is; hanging up ends the work. */
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_NDJSON_VALUE,
                            schema = @Schema(implementation = Packing.class)))
    @PostMapping(value = "/pack", produces = MediaType.APPLICATION_NDJSON_VALUE)
    ResponseEntity<StreamingResponseBody> packed(@RequestBody TemplateRequest order) {
        return packs.of(
                title(order),
                Booklet.of(pack(order)),
                tenancy.person().preferences().unit());
    }

    /** One template, unsplit, with where it belongs, its date and the lines to measure. */
    @PostMapping(value = "/svg", produces = "image/svg+xml")
    ResponseEntity<byte[]> svg(@RequestBody TemplateRequest order) {
        Known one = one(order);
        String svg = SvgWriter.write(
                Tiling.headed(one.drawing(), heading(order, one.tier())),
                tenancy.person().preferences().unit());
        return file("image/svg+xml", svg);
    }

    /** One template for a cutting machine. */
    @PostMapping(value = "/dxf", produces = "image/vnd.dxf")
    ResponseEntity<byte[]> dxf(@RequestBody TemplateRequest order) {
        String dxf = DxfWriter.write(
                one(order).drawing(), tenancy.person().preferences().unit());
        return file("image/vnd.dxf", dxf);
    }

    private static ResponseEntity<byte[]> file(String type, String text) {
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType(type))
                .body(text.getBytes(StandardCharsets.UTF_8));
    }

    private Known one(TemplateRequest order) {
        List<Known> chosen = known(order);
        if (chosen.size() != 1) {
            throw new Refused(
                    "names", Phrase.of("Such a file holds one template; {} are named.", Quantity.count(chosen.size())));
        }
        return chosen.get(0);
    }

    private List<Known> known(TemplateRequest order) {
        Bench bench = cupboard.bench();
        List<Tier> tiers = order.tier() == null
                ? order.plan().tiers()
                : List.of(order.plan().tier(order.tier()));
        StackWorkup whole = worked.stack(order.plan(), bench);
        Map<String, List<Drawing>> templates = Workup.templates(order.plan(), whole, bench);
        List<Known> all = new ArrayList<>();
        for (Tier tier : tiers) {
            templates.get(tier.id()).forEach(d -> all.add(new Known(tier, d)));
        }
        for (String name : order.names()) {
            if (all.stream().noneMatch(k -> k.id().equals(name))) {
                throw new Refused(
                        "names",
                        Phrase.of(
                                "There is no template \"{}\" here. There are: {}.",
                                Quantity.text("" + name),
                                Quantity.text(String.join(
                                        ", ", all.stream().map(Known::id).toList()))));
            }
        }
        return order.names().isEmpty()
                ? all
                : all.stream().filter(k -> order.names().contains(k.id())).toList();
    }

    private static String title(TemplateRequest order) {
        return order.tier() == null
                ? order.plan().name()
                : order.plan().name() + ", " + order.plan().tier(order.tier()).name();
    }

    private Printer printer(TemplateRequest order) {
        return tenancy.settings().printer(order.paper());
    }

    private Heading heading(TemplateRequest order, @Absent Tier tier) {
        String printed = LocalDate.now(clock).format(DAY);
        return new Heading(order.plan().name(), tier == null ? "" : tier.name(), printed);
    }

    private List<Sheet> pack(TemplateRequest order) {
        List<Pack.Entry> entries = known(order).stream()
                .map(k -> new Pack.Entry(k.drawing(), k.tier().name()))
                .toList();
        return Pack.lay(entries, printer(order), heading(order, null));
    }
}
