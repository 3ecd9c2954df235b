package sectorum.server.http;

import jakarta.servlet.http.HttpServletRequest;
import java.time.Instant;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;
import sectorum.handover.ClientSheet;
import sectorum.handover.Handover;
import sectorum.measure.Absent;
import sectorum.plan.Plan;
import sectorum.server.door.Door;
import sectorum.server.http.DaysController.InTime;
import sectorum.server.people.Denied;
import sectorum.server.plans.PlanService;
import sectorum.server.shares.Shares;
import sectorum.server.tenancy.Preferences;
import sectorum.server.tenancy.Tenancy;
import sectorum.tier.PieceWorkup;
import sectorum.tier.StackWorkup;
import sectorum.workup.Workup;

/** Links to a plan: made, listed, withdrawn; and what somebody sees who opened one. */
@RestController
class ShareController {
    private final Shares shares;
    private final PlanService plans;
    private final Tenancy tenancy;
    private final WholeWork work;
    private final Door door;

    ShareController(Shares shares, PlanService plans, Tenancy tenancy, WholeWork work, Door door) {
        this.shares = shares;
        this.plans = plans;
        this.tenancy = tenancy;
        this.work = work;
        this.door = door;
    }

    /** A link that is wished. @param days that it holds */
    record ShareWish(Shares.Kind kind, @Absent String name, boolean priced, int days) {}

    /**
     * A link as it is shown once.
     *
     * @param path below the address at which Sectorum is open
     * @param door the same through the door for devices in the network; absent: there is none
     */
    record ShareMade(
            String path, @Absent String door, @Absent Door.Squares code) {}

    /**
     * What a link shows: the sheet that was chosen, and the cake as it looks.
     *
     * @param handover absent: the client's sheet was chosen
     * @param client absent: the handover sheet was chosen
     * @param plan what of it can be seen, and nothing else of it
     * @param preferences how the giver reads lengths
     */
    record SharedSheet(
            Shares.Kind kind,
            String workshop,
            Instant until,
            @Absent ClientSheet client,
            @Absent Handover handover,
            Plan plan,
            StackWorkup look,
            List<PieceWorkup> pieces,
            Preferences preferences) {}

    @GetMapping("/api/plans/{id}/shares")
    List<Shares.ShareLink> shares(@PathVariable long id) {
        return shares.of(id);
    }

    @PostMapping("/api/plans/{id}/shares")
    @ResponseStatus(HttpStatus.CREATED)
    ShareMade share(@PathVariable long id, @RequestBody ShareWish wish) {
        String secret = shares.make(id, new Shares.Wish(wish.kind(), wish.name(), wish.priced()), wish.days());
        String path = LinkController.PATH + secret;
        return door.reaching(path)
                .map(url -> new ShareMade(path, url, Door.squares(url)))
                .orElseGet(() -> new ShareMade(path, null, null));
    }

    @DeleteMapping("/api/plans/{id}/shares/{link}")
    List<Shares.ShareLink> withdraw(@PathVariable long id, @PathVariable long link) {
        shares.withdraw(id, link);
        return shares.of(id);
    }

    /** What the link of this browser shows. */
    @GetMapping("/api/shared")
    SharedSheet shared(HttpServletRequest request) {
        Shares.Sheet sheet = SessionPeople.link(request)
                .flatMap(shares::sheet)
                .filter(s -> s.kind() != Shares.Kind.TURNTABLE)
                .orElseThrow(() -> new Denied(
                        Denied.Why.GONE,
                        "This link is unknown, withdrawn or too old. Ask whoever gave it to you for another."));
        return Tenancy.as(sheet.as(), () -> put(sheet));
    }

    private SharedSheet put(Shares.Sheet sheet) {
        Plan plan = plans.get(sheet.plan()).document();
        WholeWork.Worked worked = work.of(new InTime(sheet.plan(), plan));
        boolean client = sheet.kind() == Shares.Kind.CLIENT;
        Handover handover = worked.handover();
        Plan seen = plan.seen();
        return new SharedSheet(
                sheet.kind(),
                tenancy.names().workshop(),
                sheet.until(),
                client
                        ? Workup.client(
                                plan,
                                worked.stack(),
                                handover,
                                worked.slice(),
                                sheet.priced() ? worked.price() : null,
                                worked.settings().coin())
                        : null,
                client ? null : handover,
                seen,
                worked.stack().seen(),
                Workup.pieces(seen, worked.now().bench()),
                tenancy.person().preferences());
    }
}
