package sectorum.server.cupboard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.RETURNS_DEEP_STUBS;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.never;
import static org.mockito.Mockito.verify;
import static org.mockito.Mockito.when;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.jdbc.core.simple.JdbcClient;
import sectorum.bench.Thing;
import sectorum.bench.ThingKind;
import sectorum.measure.Refused;
import sectorum.measure.Values;
import sectorum.plan.Table;
import sectorum.server.notebook.Notebook;
import sectorum.server.recipes.Recipes;
import sectorum.server.tenancy.Tenancy;

/** Stock taken and put back, and a cupboard that has its limits. */
class CupboardTest {
    private final ItemRepository items = mock(ItemRepository.class);
    private final Tenancy tenancy = mock(Tenancy.class);
    private final Cupboard cupboard = new Cupboard(
            items, mock(Recipes.class), mock(Notebook.class), tenancy, mock(JdbcClient.class, RETURNS_DEEP_STUBS));

    @BeforeEach
    void workshop() {
        when(tenancy.workshop()).thenReturn(7L);
        when(items.saveAndFlush(any())).thenAnswer(call -> call.getArgument(0));
        when(items.held(anyLong(), anyLong())).thenReturn(Optional.empty());
    }

    private ItemRow tub(double stock) {
        Thing material = Thing.of(ThingKind.PASTE, "Tub", new Values(Map.of("paste", "fondant")));
        ItemRow row = new ItemRow(7, material.stocked(stock));
        when(items.held(3, 7)).thenReturn(Optional.of(row));
        return row;
    }

    @ParameterizedTest(name = "{1} of {0}: {2} taken, {3} left")
    @CsvSource({"100, 30, 30, 70", "100, 130, 100, 0", "0, 5, 0, 0", "20, -30, -30, 50", "20, 0, 0, 20"})
    void takesAsFarAsThereIsAnyAndPutsBack(double stock, double wanted, double taken, double left) {
        ItemRow row = tub(stock);
        assertThat(cupboard.take(List.of(new Table.Taken(3, wanted)))).containsExactly(new Table.Taken(3, taken));
        assertThat(row.thing().stock()).isEqualTo(left);
    }

    @ParameterizedTest
    @ValueSource(doubles = {Double.NaN, Double.POSITIVE_INFINITY, 2e6, -2e6})
    void amountsThatAreNoneAreRefused(double amount) {
        ItemRow row = tub(100);
        List<Table.Taken> wanted = List.of(new Table.Taken(3, amount));
        assertThatThrownBy(() -> cupboard.take(wanted))
                .isInstanceOf(Refused.class)
                .hasMessageContaining("amount");
        assertThat(row.thing().stock()).isEqualTo(100);
    }

    @Test
    void whatIsGoneIsSaidByItsNumber() {
        assertThatThrownBy(() -> cupboard.take(List.of(new Table.Taken(99, 1)))).hasMessageContaining("99");
        Thing gone = Thing.of(ThingKind.ROD, "Rod", Values.NONE).known(99L);
        assertThatThrownBy(() -> cupboard.keep(gone)).hasMessageContaining("any more");
    }

    @Test
    void aFullCupboardTakesNoneOfAWholeTable() {
        when(items.countByWorkshopId(7)).thenReturn(9999L);
        Thing rod = Thing.of(ThingKind.ROD, "Rod", Values.NONE);
        assertThatThrownBy(() -> cupboard.keepAll(List.of(rod, rod))).hasMessageContaining("10000");
        verify(items, never()).saveAndFlush(any());
        assertThat(cupboard.keepAll(List.of(rod))).isEqualTo(1);
    }
}
