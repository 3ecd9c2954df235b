package sectorum.server.http;

import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import sectorum.measure.Field;
import sectorum.measure.Given;
import sectorum.practice.ClassSheet;
import sectorum.practice.Exercise;
import sectorum.practice.Judgement;
import sectorum.server.documents.PdfWriter;
import sectorum.server.practice.Practice;
import sectorum.server.tenancy.Tenancy;
import sectorum.template.Booklet;
import sectorum.template.Paper;

/** Rehearsing: exercises, their judgement, how far somebody is, and sheets for a class. */
@RestController
@RequestMapping("/api/practice")
class PracticeController {
    private static final Field MANY =
            Field.count("many", "Exercises on a sheet", 1, ClassSheet.MOST, 12, "Print a second sheet for more.");

    private final Practice practice;
    private final Tenancy tenancy;

    PracticeController(Practice practice, Tenancy tenancy) {
        this.practice = practice;
        this.tenancy = tenancy;
    }

    /** An exercise by its seed, and what somebody answered. */
    record Answer(Exercise.Drill drill, long seed, Judgement.PracticeAnswer answer) {
        Answer {
            Given.in("drill", drill);
            Given.in("answer", answer);
        }
    }

    @GetMapping("/exercise")
    Exercise exercise(@RequestParam Exercise.Drill drill, @RequestParam long seed) {
        return Exercise.of(drill, seed);
    }

    /** Judges an answer and keeps how it came out. */
    @PostMapping("/judge")
    Judgement judge(@RequestBody Answer answered) {
        Exercise exercise = Exercise.of(answered.drill(), answered.seed());
        Judgement judged = Judgement.of(exercise, answered.answer());
        practice.keep(exercise, judged);
        return judged;
    }

    @GetMapping("/progress")
    Practice.PracticeProgress progress() {
        return practice.progress();
    }

    /** Exercises to print, with their answers on sheets apart. */
    @GetMapping(value = "/sheet", produces = MediaType.APPLICATION_PDF_VALUE)
    ResponseEntity<byte[]> sheet(
            @RequestParam long seed, @RequestParam(defaultValue = "12") int many, @RequestParam Paper paper) {
        MANY.check(many);
        byte[] pdf = PdfWriter.write(
                "Rehearsal " + seed,
                Booklet.of(ClassSheet.of(
                        seed, many, paper, tenancy.person().preferences().unit())),
                tenancy.person().preferences().unit(),
                done -> {});
        return ResponseEntity.ok().contentType(MediaType.APPLICATION_PDF).body(pdf);
    }
}
