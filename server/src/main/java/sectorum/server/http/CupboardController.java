package sectorum.server.http;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.cupboard.Item;

/** What the workshop owns. */
@RestController
@RequestMapping("/api/cupboard")
class CupboardController {
    private final Cupboard cupboard;

    CupboardController(Cupboard cupboard) {
        this.cupboard = cupboard;
    }

    @GetMapping
    List<Item> all() {
        return cupboard.all();
    }

    /** Keeps a thing: without an id a new one. */
    @PutMapping
    Item keep(@RequestBody Item item) {
        return cupboard.keep(item);
    }

    @DeleteMapping("/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void takeOut(@PathVariable long id) {
        cupboard.takeOut(id);
    }
}
