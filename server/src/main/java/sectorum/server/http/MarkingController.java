package sectorum.server.http;

import java.util.List;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RestController;
import sectorum.bench.ThingKind;
import sectorum.divide.Press;
import sectorum.divide.Rescue;
import sectorum.measure.Absent;
import sectorum.plan.Plan;
import sectorum.server.cupboard.Cupboard;
import sectorum.server.tenancy.Preferences;
import sectorum.server.tenancy.Tenancy;
import sectorum.tier.WaysToMark;
import sectorum.workup.Workup;

/** Ways to mark a division and how they come out, and what to do when it went wrong half way. */
@RestController
class MarkingController {
    /** The same tries every time, so that a picture does not change under the eye. */
    private static final long SEED = 20_000;

    private final Tenancy tenancy;
    private final Cupboard cupboard;

    MarkingController(Tenancy tenancy, Cupboard cupboard) {
        this.tenancy = tenancy;
        this.cupboard = cupboard;
    }

    /**
     * Which division, and what else is wondered about.
     *
     * @param press a cutter that could be pressed round
     * @param shape wanted width to height of a folded cell; absent: a square
     */
    record WaysRequest(
            Plan plan,
            String tier,
            String division,
            @Absent Press press,
            @Absent Double shape) {
        WaysRequest {
            Given.in("plan", plan);
        }
    }

    /**
     * Where the work stands.
     *
     * @param placed sections that are done
     * @param reads where the last of them ends on the tape, mm from the back seam
     */
    record Stuck(Plan plan, String tier, String division, int placed, double reads) {
        Stuck {
            Given.in("plan", plan);
        }
    }

    @PostMapping("/api/ways")
    WaysToMark ways(@RequestBody WaysRequest asked) {
        Preferences preferences = tenancy.person().preferences();
        List<WaysToMark.Cutter> owned = cupboard.stock()
                .of(ThingKind.CUTTER)
                .filter(i -> i.size("across") >= Press.CUTTER.min() && i.size("across") <= Press.CUTTER.max())
                .map(i -> new WaysToMark.Cutter(i.name(), i.size("across")))
                .toList();
        return WaysToMark.of(
                asked.plan().cut().tier(asked.tier()),
                asked.division(),
                asked.press(),
                owned,
                asked.shape() == null ? 1 : asked.shape(),
                preferences.handMm(),
                cupboard.bench(),
                SEED);
    }

    @PostMapping("/api/rescue")
    Rescue rescue(@RequestBody Stuck stuck) {
        return Workup.rescue(
                stuck.plan().cut().tier(stuck.tier()),
                stuck.division(),
                stuck.placed(),
                stuck.reads(),
                tenancy.person().preferences().tape());
    }
}
