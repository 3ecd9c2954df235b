package sectorum.server.plans;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionTemplate;
import sectorum.history.Merge;
import sectorum.plan.Agenda;
import sectorum.plan.Plan;
import sectorum.server.Plans;
import sectorum.server.audit.Audit;
import sectorum.server.json.StrictJson;
import sectorum.server.people.Denied;
import sectorum.server.tenancy.Register;
import sectorum.server.tenancy.Role;
import sectorum.server.tenancy.Tenancy;
import sectorum.server.tenancy.Who;
import tools.jackson.databind.json.JsonMapper;

class PlanServiceTest {
    private final PlanRepository plans = mock(PlanRepository.class);
    private final RevisionRepository revisions = mock(RevisionRepository.class);
    private final Tenancy tenancy = mock(Tenancy.class);
    private final TransactionTemplate together = mock(TransactionTemplate.class);
    private final JsonMapper json = StrictJson.mapper();
    private PlanService service;

    @BeforeEach
    void theWorkshopIsSeven() {
        when(tenancy.workshop()).thenReturn(7L);
        doAnswer(call -> call.<TransactionCallback<?>>getArgument(0).doInTransaction(null))
                .when(together)
                .execute(any());
        Clock clock = Clock.fixed(Instant.parse("2026-11-24T10:00:00Z"), ZoneOffset.UTC);
        SecurityContextHolder.getContext().setAuthentication(Tenancy.known(new Who(7, 1, Role.OWNER, null)));
        service = new PlanService(
                plans, revisions, tenancy, mock(Register.class), mock(Audit.class), json, clock, together);
    }

    private PlanRow row(Plan plan, int revision) {
        PlanRow row = mock(PlanRow.class);
        when(row.id()).thenReturn(3L);
        when(row.revision()).thenReturn(revision);
        when(row.document()).thenReturn(json.writeValueAsString(plan));
        when(plans.live(7L, 3L)).thenReturn(Optional.of(row));
        when(plans.held(7L, 3L)).thenReturn(Optional.of(row));
        when(plans.saveAndFlush(row)).thenReturn(row);
        return row;
    }

    @Test
    void anotherWorkshopsPlanIsNotThere() {
        when(plans.live(anyLong(), anyLong())).thenReturn(Optional.empty());
        assertThatThrownBy(() -> service.get(3)).isInstanceOf(NoSuchPlan.class).hasMessageContaining("3");
        verify(plans).live(7L, 3L);
    }

    private SavedPlan save(int base, Plan from, Plan mine) {
        return service.save(3, new PlanService.Save(base, from, mine, Map.of()));
    }

    @Test
    void whatBothChangedIsAskedAndNothingIsWritten() {
        PlanRow row = row(Plans.swags("theirs"), 5);
        assertThatThrownBy(() -> save(4, Plans.swags("before"), Plans.swags("yours")))
                .isInstanceOfSatisfying(Stale.class, stale -> {
                    assertThat(stale.theirs().document().name()).isEqualTo("theirs");
                    assertThat(stale.yours().name()).isEqualTo("yours");
                    assertThat(stale.base()).isEqualTo(4);
                    assertThat(stale.clashes()).extracting(Merge.Clash::path).containsExactly("/name");
                });
        verify(row, never()).hold(any(), any(), any());
        verify(plans, never()).saveAndFlush(any());
    }

    @Test
    void whatStartedFromNothingThatIsKeptIsAskedAsAWhole() {
        row(Plans.swags("theirs"), 5);
        when(revisions.findById(any())).thenReturn(Optional.empty());
        assertThatThrownBy(() -> save(4, null, Plans.swags("yours")))
                .isInstanceOfSatisfying(
                        Stale.class, stale -> assertThat(stale.clashes()).isEmpty());
    }

    @Test
    void differentPartsArePutTogether() {
        PlanRow row = row(Plans.swags("theirs"), 5);
        Plan mine = Plans.swags("before").readyBy("2026-12-01T12:00");
        assertThat(save(4, Plans.swags("before"), mine).document())
                .isEqualTo(Plans.swags("theirs").readyBy("2026-12-01T12:00"));
        verify(plans).saveAndFlush(row);
    }

    @Test
    void whoLosesEveryRaceIsToldAndLosesNothing() {
        PlanRow row = row(Plans.swags("theirs"), 5);
        when(plans.saveAndFlush(row)).thenThrow(new ObjectOptimisticLockingFailureException(PlanRow.class, 3L));
        assertThatThrownBy(() -> save(5, null, Plans.swags("yours"))).isInstanceOf(Stale.class);
        verify(plans, times(7)).held(7L, 3L);
    }

    @Test
    void aHelperTicksAndChangesNothingElse() {
        row(Plans.swags("plan"), 5);
        SecurityContextHolder.getContext().setAuthentication(Tenancy.known(new Who(7, 2, Role.HELPER, null)));
        assertThatThrownBy(() -> save(5, null, Plans.swags("other"))).isInstanceOf(Denied.class);
        Plan ticked = Plans.swags("plan")
                .on(new Agenda(
                        Map.of("coat", new Agenda.Did("2026-11-24T09:00", 20)),
                        Map.of(),
                        Map.of(),
                        List.of(),
                        Map.of(),
                        List.of(),
                        false));
        assertThat(save(5, null, ticked).document()).isEqualTo(ticked);
    }

    @Test
    void oldSavesAreThinnedWhenTheyAreDue() {
        PlanRow row = row(Plans.swags("before"), 9);
        when(row.isDueForThinning(any())).thenReturn(true);
        Instant old = Instant.parse("2026-11-01T10:00:00Z");
        when(revisions.lines(3L))
                .thenReturn(List.of(
                        new RevisionRepository.Line(9, old.plusSeconds(60), 1L, null),
                        new RevisionRepository.Line(8, old, 1L, null),
                        new RevisionRepository.Line(7, old, 1L, "The first")));
        save(9, null, Plans.swags("after"));
        verify(revisions).forget(3L, Set.of(8));
    }

    @Test
    void youngPlansForgetNothing() {
        row(Plans.swags("before"), 2);
        save(2, null, Plans.swags("after"));
        verify(revisions).save(any());
        verify(revisions, never()).forget(anyLong(), any());
    }
}
