package sectorum.server.plans;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyInt;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.orm.ObjectOptimisticLockingFailureException;
import org.springframework.transaction.support.TransactionCallback;
import org.springframework.transaction.support.TransactionTemplate;
import sectorum.plan.Plan;
import sectorum.server.Plans;
import sectorum.server.json.StrictJson;
import sectorum.server.tenancy.Tenancy;
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
        service = new PlanService(plans, revisions, tenancy, json, clock, together);
    }

    private PlanRow row(Plan plan, int revision) {
        PlanRow row = mock(PlanRow.class);
        when(row.id()).thenReturn(3L);
        when(row.revision()).thenReturn(revision);
        when(row.document()).thenReturn(json.writeValueAsString(plan));
        when(plans.live(7L, 3L)).thenReturn(Optional.of(row));
        when(plans.saveAndFlush(row)).thenReturn(row);
        return row;
    }

    @Test
    void anotherWorkshopsPlanIsNotThere() {
        when(plans.live(anyLong(), anyLong())).thenReturn(Optional.empty());
        assertThatThrownBy(() -> service.get(3)).isInstanceOf(NoSuchPlan.class).hasMessageContaining("3");
        verify(plans).live(7L, 3L);
    }

    @Test
    void staleSaveWritesNothing() {
        PlanRow row = row(Plans.swags("theirs"), 5);
        assertThatThrownBy(() -> service.save(3, 4, Plans.swags("yours")))
                .isInstanceOfSatisfying(Stale.class, stale -> {
                    assertThat(stale.theirs().document().name()).isEqualTo("theirs");
                    assertThat(stale.yours().name()).isEqualTo("yours");
                    assertThat(stale.base()).isEqualTo(4);
                });
        verify(row, never()).hold(any(), any(), any());
        verify(plans, never()).saveAndFlush(any());
    }

    @Test
    void saveThatLosesARaceIsStaleToo() {
        PlanRow row = row(Plans.swags("theirs"), 5);
        when(plans.saveAndFlush(row)).thenThrow(new ObjectOptimisticLockingFailureException(PlanRow.class, 3L));
        assertThatThrownBy(() -> service.save(3, 5, Plans.swags("yours"))).isInstanceOf(Stale.class);
    }

    @Test
    void oldRevisionsAreForgottenInTime() {
        row(Plans.swags("before"), PlanService.REVISIONS_KEPT + 1);
        service.save(3, PlanService.REVISIONS_KEPT + 1, Plans.swags("after"));
        verify(revisions).forget(3L, 1);
    }

    @Test
    void youngPlansForgetNothing() {
        row(Plans.swags("before"), 2);
        service.save(3, 2, Plans.swags("after"));
        verify(revisions).save(any());
        verify(revisions, never()).forget(anyLong(), anyInt());
    }
}
