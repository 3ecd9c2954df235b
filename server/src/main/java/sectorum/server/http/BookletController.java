package sectorum.server.http;

import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import io.swagger.v3.oas.annotations.responses.ApiResponse;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;
import sectorum.handover.BookletPages;
import sectorum.handover.Chapter;
import sectorum.make.Price;
import sectorum.measure.Absent;
import sectorum.measure.Given;
import sectorum.plan.Plan;
import sectorum.server.http.DaysController.InTime;
import sectorum.server.http.PackStream.Packing;
import sectorum.tasks.LayOut;
import sectorum.template.Booklet;
import sectorum.template.Paper;
import sectorum.template.Printer;

/** What is made of a whole order: its booklet, what is laid out for it, what it costs. */
@RestController
class BookletController {
    private final WholeWork work;
    private final PackStream packs;

    BookletController(WholeWork work, PackStream packs) {
        this.work = work;
        this.packs = packs;
    }

    /** A chapter that a booklet may have. */
    record ChapterChoice(Chapter chapter, String title) {}

    /** @param chapters empty: all */
    record BookletRequest(@Absent Long id, Plan plan, List<Chapter> chapters, Paper paper) {
        BookletRequest {
            Given.in("plan", plan);
            chapters = Given.all("chapters", chapters);
        }
    }

    @GetMapping("/api/booklet/chapters")
    List<ChapterChoice> chapters() {
        return Arrays.stream(Chapter.values())
                .map(c -> new ChapterChoice(c, c.title()))
                .toList();
    }

    /** A line at a time as it goes, so that whoever waits sees how far it is; hanging up ends the work. */
    @ApiResponse(
            responseCode = "200",
            content =
                    @Content(
                            mediaType = MediaType.APPLICATION_NDJSON_VALUE,
                            schema = @Schema(implementation = Packing.class)))
    @PostMapping(value = "/api/booklet", produces = MediaType.APPLICATION_NDJSON_VALUE)
    ResponseEntity<StreamingResponseBody> booklet(@RequestBody BookletRequest asked) {
        WholeWork.Worked worked = work.of(new InTime(asked.id(), asked.plan()));
        Set<Chapter> chapters =
                asked.chapters().isEmpty() ? EnumSet.allOf(Chapter.class) : EnumSet.copyOf(asked.chapters());
        Printer printer = worked.settings().printer(asked.paper());
        Booklet booklet = BookletPages.of(worked.whole(), chapters, printer, work.unit(), work.printed());
        return packs.of(asked.plan().name(), booklet, work.unit());
    }

    @PostMapping("/api/lay-out")
    LayOut layOut(@RequestBody InTime asked) {
        return work.of(asked).layOut();
    }

    @PostMapping("/api/price")
    Price price(@RequestBody InTime asked) {
        return work.of(asked).price();
    }
}
