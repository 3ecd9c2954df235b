package sectorum.server.http;

import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.measure.Field;
import sectorum.plan.Table;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.cupboard.CupboardTable;
import sectorum.server.documents.CsvRows;

/** What the workshop owns. */
@RestController
@RequestMapping("/api/cupboard")
class CupboardController {
    private final Cupboard cupboard;

    CupboardController(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    /** A kind of thing and what is asked of it. */
    record KindOfThing(ThingKind kind, String label, String hint, ThingKind.Counted counted, List<Field> fields) {}

    /** How many things a table put in. */
    record Kept(int things) {}

    @GetMapping("/kinds")
    List<KindOfThing> kinds() {
        return Arrays.stream(ThingKind.values())
                .map(k -> new KindOfThing(k, k.label(), k.hint(), k.counted(), k.fields()))
                .toList();
    }

    @GetMapping
    List<Thing> all() {
        return cupboard.all();
    }

    /** Keeps a thing: without an id a new one. */
    @PutMapping
    Thing keep(@RequestBody Thing thing) {
        return cupboard.keep(thing);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable long id) {
        cupboard.takeOut(id);
    }

    /** Takes amounts from stock; less than nothing puts back. Answers with what was truly taken. */
    @PostMapping("/take")
    List<Table.Taken> take(@RequestBody List<Table.Taken> wanted) {
        return cupboard.take(wanted);
    }

    @GetMapping(value = "/table", produces = "text/csv")
    ResponseEntity<byte[]> table() {
        byte[] csv = CupboardTable.write(cupboard.all()).getBytes(StandardCharsets.UTF_8);
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("text/csv;charset=utf-8"))
                .body(csv);
    }

    /** Puts in a table's things: those with an id anew, the others beside what is there; all or none. */
    @PostMapping(value = "/table", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
    Kept read(@RequestBody(required = false) byte[] csv) {
        return new Kept(cupboard.keepAll(CupboardTable.read(CsvRows.words(csv))));
    }
}
