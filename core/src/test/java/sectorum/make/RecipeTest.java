package sectorum.make;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

class RecipeTest {
    @ParameterizedTest
    @EnumSource(Recipe.class)
    void ingredientsSumToWhatIsMadeBesideWhatBoilsOff(Recipe recipe) {
        for (double grams : new double[] {1, 37, 500, 2345.6, 100_000}) {
            Recipe.Scaled scaled = recipe.scaled(grams);
            double lost = 0;
            for (int i = 0; i < recipe.parts().size(); i++) {
                lost += recipe.parts().get(i).boiledOff()
                        ? scaled.amounts().get(i).grams()
                        : 0;
            }
            double sum =
                    scaled.amounts().stream().mapToDouble(Recipe.Amount::grams).sum();
            assertThat(sum - lost).isCloseTo(grams, within(1e-6));
            assertThat(scaled.amounts()).allSatisfy(a -> {
                assertThat(a.ounces() * 28.349523125).isCloseTo(a.grams(), within(1e-6));
                if (a.tablespoons() != null) {
                    double spooned = (a.tablespoons() * 15 + a.teaspoons() * 5) * a.density();
                    assertThat(spooned).isCloseTo(a.grams(), within(0.125 * 5 * a.density() + 1e-9));
                    assertThat(a.teaspoons()).isBetween(0.0, 2.75);
                }
            });
        }
    }

    @Test
    void modellingPasteHasFourteenGramsOfPowderInAKilogramOfFondant() {
        Recipe.Scaled scaled = Recipe.of("modelling_paste").scaled(1014);
        assertThat(scaled.amounts().get(1).grams()).isCloseTo(14, within(1e-9));
    }

    @Test
    void oddAsksAreRefusedByName() {
        assertThatThrownBy(() -> Recipe.of("soup")).hasMessageContaining("soup").hasMessageContaining("royal");
        assertThatThrownBy(() -> Recipe.ROYAL.scaled(0)).hasMessageContaining("1 g to 100000 g");
    }
}
