package sectorum.technique;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.TreeSet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import sectorum.Kept;
import sectorum.measure.Field;
import sectorum.measure.Values;

/** What programs know a technique's numbers by: the same whatever is chosen, and kept. */
class FigureNamesTest {
    static List<Technique> all() {
        return Catalogue.all();
    }

    private static List<String> names(Technique technique, Values values) {
        return technique.dress(values, Places.usual(technique, 12)).figures().stream()
                .map(Figure::name)
                .toList();
    }

    @ParameterizedTest
    @MethodSource("all")
    void eachNameIsOneOfItsKindWhateverIsChosen(Technique technique) {
        List<String> usual = names(technique, Values.NONE);
        assertThat(usual).doesNotHaveDuplicates().allMatch(n -> n.matches("[a-z0-9]+(-[a-z0-9]+)*"));
        for (Field field : technique.fields(Values.NONE, Places.usual(technique, 12))) {
            for (Field.Choice choice : field.choices()) {
                assertThat(names(technique, Values.NONE.with(field.name(), choice.name())))
                        .as("%s %s", field.name(), choice.name())
                        .doesNotHaveDuplicates();
            }
        }
    }

    /** All names that a technique has with any of its choices. */
    private static TreeSet<String> known(Technique technique) {
        TreeSet<String> known = new TreeSet<>(names(technique, Values.NONE));
        for (Field field : technique.fields(Values.NONE, Places.usual(technique, 12))) {
            field.choices().forEach(c -> known.addAll(names(technique, Values.NONE.with(field.name(), c.name()))));
        }
        return known;
    }

    @Test
    void theyAreKept() {
        StringBuilder list = new StringBuilder("""
                # Figures

                The names of every technique's numbers, as `dressings[].figures[].name` gives them; their words may change, these
                do not. Made from the code by `scripts/describe`.

                | technique | figures |
                |---|---|
                """);
        for (Technique technique : Catalogue.all()) {
            list.append("| `").append(technique.id()).append("` | ");
            list.append(String.join(", ", known(technique))).append(" |\n");
        }
        Kept.check("docs/figures.md", list.toString());
    }
}
