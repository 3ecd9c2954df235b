package sectorum.server.http;

import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.measure.Absent;
import sectorum.server.audit.Audit;
import sectorum.server.people.People;
import sectorum.server.tenancy.Role;

/** A workshop's people, for its owner, and what was done in it. */
@RestController
@RequestMapping("/api")
class PeopleController {
    private final People people;
    private final Audit audit;

    PeopleController(People people, Audit audit) {
        this.people = people;
        this.audit = audit;
    }

    /** @param name who is invited */
    record InvitationWish(@Absent String name, @Absent Role role) {}

    record RoleWish(@Absent Role role) {}

    @GetMapping("/people")
    People.Crew crew() {
        return people.crew();
    }

    @PostMapping("/people/invitations")
    @ResponseStatus(HttpStatus.CREATED)
    People.Code invite(@RequestBody InvitationWish wish) {
        return people.invite(wish.name(), wish.role());
    }

    @DeleteMapping("/people/invitations/{id}")
    People.Crew withdraw(@PathVariable long id) {
        people.withdraw(id);
        return people.crew();
    }

    @PutMapping("/people/{id}/role")
    People.Crew become(@PathVariable long id, @RequestBody RoleWish wish) {
        people.become(id, wish.role());
        return people.crew();
    }

    @DeleteMapping("/people/{id}")
    People.Crew remove(@PathVariable long id) {
        people.remove(id);
        return people.crew();
    }

    @PostMapping("/people/{id}/reset")
    People.Code reset(@PathVariable long id) {
        return people.reset(id);
    }

    /** What was done, the newest first. @param before only what stands before this line */
    @GetMapping("/audit")
    List<Audit.AuditLine> audit(@RequestParam(required = false) Long before) {
        if (before == null) {
            audit.forget();
        }
        return audit.lines(before);
    }
}
