package sectorum.server.harvest;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.logging.Log;
import org.apache.commons.logging.LogFactory;
import org.springframework.stereotype.Service;
import sectorum.bench.OwnRates;
import sectorum.days.OrderTasks;
import sectorum.make.Worktop;
import sectorum.notebook.Harvest;
import sectorum.notebook.WorkRecord;
import sectorum.plan.Plan;
import sectorum.server.days.Orders;
import sectorum.server.notebook.Notebook;
import sectorum.server.plans.PlanService;
import sectorum.server.turntable.Journals;
import sectorum.tier.StackWorkup;
import sectorum.turntable.BenchState;
import sectorum.turntable.BenchStep;
import sectorum.turntable.KeptEntry;
import sectorum.workup.Workup;

/** Reads what was done at the bench into the notebook, when somebody opens it: nobody who works waits for it. */
@Service
public class Harvests {
    private static final Log log = LogFactory.getLog(Harvests.class);

    private final Notebook notebook;
    private final Journals journals;
    private final PlanService plans;
    private final Orders orders;

    Harvests(Notebook notebook, Journals journals, PlanService plans, Orders orders) {
        this.notebook = notebook;
        this.journals = journals;
        this.plans = plans;
        this.orders = orders;
    }

    /** Every plan whose journal went on; one that cannot be read does not keep the others out. */
    public void gather() {
        for (Notebook.DuePlan due : notebook.due()) {
            List<WorkRecord> records = List.of();
            try {
                records = of(due.plan()).records();
            } catch (IllegalArgumentException | IllegalStateException odd) {
                log.warn("The journal of plan " + due.plan() + " cannot be read into the notebook", odd);
            }
            notebook.take(due, records);
        }
    }

    /** A plan by the plain tables: what was learned must not feed on itself. */
    private record Plain(Plan plan, Orders.Now now, StackWorkup stack, List<BenchStep> steps) {}

    private Plain plain(long id) {
        Plan kept = Orders.dated(plans.get(id).document());
        // A task that is ticked off takes what it took: what was planned for it is wanted.
        Plan plan = kept.on(kept.settled().undone());
        Orders.Now now = orders.now().by(OwnRates.NONE);
        StackWorkup stack = Workup.of(plan, now.bench());
        Worktop top = Workup.worktop(plan, stack, now.stock());
        OrderTasks order = orders.of(id, plan, now);
        return new Plain(plan, now, stack, Workup.turntable(plan, stack, top, now.bench(), order, null));
    }

    /** A plan's steps by the plain tables. */
    public List<BenchStep> steps(long id) {
        return plain(id).steps();
    }

    /** What a plan's journal says. */
    public Harvest.Harvested of(long id) {
        Plain plain = plain(id);
        BenchState state =
                BenchState.of(plain.steps().stream().map(BenchStep::key).toList(), journal(id));
        return Workup.harvest(
                plain.plan(),
                plain.stack(),
                plain.steps(),
                state,
                plain.now().workshop().zone());
    }

    private List<KeptEntry> journal(long id) {
        List<KeptEntry> all = new ArrayList<>();
        Journals.Journal page = journals.after(id, 0);
        all.addAll(page.lines());
        while (page.more()) {
            page = journals.after(id, all.get(all.size() - 1).place());
            all.addAll(page.lines());
        }
        return all;
    }
}
