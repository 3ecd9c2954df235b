package sectorum.server.http;

import java.util.ArrayList;
import java.util.List;
import org.apache.commons.logging.Log;
import org.apache.commons.logging.LogFactory;
import org.springframework.stereotype.Component;
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
@Component
class NotebookWork {
    private static final Log log = LogFactory.getLog(NotebookWork.class);

    private final Notebook notebook;
    private final Journals journals;
    private final PlanService plans;
    private final Orders orders;

    NotebookWork(Notebook notebook, Journals journals, PlanService plans, Orders orders) {
        this.notebook = notebook;
        this.journals = journals;
        this.plans = plans;
        this.orders = orders;
    }

    /** Every plan whose journal went on; one that cannot be read does not keep the others out. */
    void gather() {
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

    /** What a plan's journal says. */
    Harvest.Harvested of(long id) {
        Plan plan = WholeWork.dated(plans.get(id).document());
        Orders.Now now = orders.now();
        // By the plain tables: what was learned must not feed on itself.
        Orders.Now plain = new Orders.Now(now.workshop(), now.bench().by(OwnRates.NONE), now.stock(), now.minute());
        StackWorkup stack = Workup.of(plan, plain.bench());
        Worktop top = Workup.worktop(plan, stack, plain.stock());
        OrderTasks order = orders.of(id, plan, plain);
        List<BenchStep> steps = Workup.turntable(plan, stack, top, plain.bench(), order, null);
        BenchState state = BenchState.of(steps.stream().map(BenchStep::key).toList(), journal(id));
        return Workup.harvest(plan, stack, steps, state, now.workshop().zone());
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
