package sectorum.workup;

import static org.assertj.core.api.Assertions.assertThat;
import static sectorum.material.Material.Shaping.BAKED;
import static sectorum.material.Material.Shaping.COUNTED;
import static sectorum.material.Material.Shaping.LIQUID;
import static sectorum.material.Material.Shaping.SHEET;
import static sectorum.material.Material.Shaping.STREWN;

import java.util.List;
import java.util.stream.Collectors;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import sectorum.material.Adhesive;
import sectorum.material.Material;
import sectorum.material.Medium;
import sectorum.material.Spare;
import sectorum.measure.Numbers;

/** Every material, row by row: how it is bought and worked, what it brings, holds with and shuns, how it dries. */
class MaterialsTest {
    @ParameterizedTest(name = "{0}: {1} g/cm³, {3}, hard when dry {2}, brings {4}; stuck with {5}; spares {6}")
    @CsvSource({
        "FONDANT, 1.35, false, KNEADED, '', WATER, USUAL",
        "HALF, 1.38, true, KNEADED, egg, WATER, USUAL",
        "GUM, 1.4, true, KNEADED, egg, GLUE, USUAL",
        "MODELLING, 1.38, false, KNEADED, '', WATER, USUAL",
        "CHOCOLATE, 1.3, false, MELTED, milk soy, CHOCOLATE, FRAGILE",
        "GANACHE, 1.2, false, PIPED, milk soy, CHOCOLATE, USUAL",
        "BUTTERCREAM, 0.95, false, PIPED, milk, ITSELF, USUAL",
        "ROYAL, 1.35, true, PIPED, egg, ITSELF, USUAL",
        "SUGAR, 1.5, true, MELTED, '', ROYAL, FRAGILE",
        "SUGAR_SHEET, 1.5, true, MELTED, '', ROYAL, FRAGILE",
        "PEARL, 1.5, true, COUNTED, '', HOLLOW, USUAL",
        "WAFER, 0.7, false, SHEET, '', GEL, FRAGILE",
        "CRUMBS, 0.35, false, STREWN, gluten egg milk, ITSELF, USUAL",
        "FLAKES, 0.4, false, STREWN, milk soy, ITSELF, USUAL",
        "SPRINKLES, 0.8, false, STREWN, '', GEL, USUAL",
        "MOSS, 0.2, false, STREWN, gluten egg, ITSELF, USUAL",
        "GLITTER, 0.5, false, STREWN, '', GEL, USUAL",
        "LACE, 1.1, false, MELTED, '', WATER, USUAL",
        "FRUIT, 0.95, false, COUNTED, '', ITSELF, USUAL",
        "SWEETS, 1.3, true, COUNTED, '', ROYAL, USUAL",
        "DUST, 0.6, false, STREWN, '', NONE, USUAL",
        "LEAF, 1, false, STREWN, '', NONE, USUAL",
        "SPIRIT, 0.8, false, LIQUID, alcohol, NONE, USUAL",
        "OIL, 0.92, false, LIQUID, '', NONE, USUAL",
        "AIRBRUSH, 1, false, LIQUID, '', NONE, USUAL",
        "GLAZE, 0.9, false, LIQUID, alcohol, NONE, USUAL",
        "SYRUP, 1.25, false, LIQUID, '', NONE, USUAL",
        "JAM, 1.25, false, PIPED, '', ITSELF, USUAL",
        "CURD, 1.1, false, PIPED, egg milk, ITSELF, USUAL",
        "CREAM, 0.5, false, PIPED, milk, ITSELF, USUAL",
        "PIPING_GEL, 1.25, false, PIPED, '', ITSELF, USUAL",
        "SPONGE, 0.7, false, BAKED, egg gluten milk, ITSELF, USUAL",
        "RICH_CAKE, 0.95, false, BAKED, egg gluten milk, ITSELF, USUAL",
        "FRUIT_CAKE, 1.15, false, BAKED, egg gluten milk nuts, ITSELF, USUAL"
    })
    void materials(
            Material material,
            double density,
            boolean hard,
            Material.Shaping shaping,
            String allergens,
            Adhesive joint,
            Spare spare) {
        assertThat(Material.values()).hasSize(34);
        assertThat(material.density()).isEqualTo(density);
        assertThat(material.isHard()).isEqualTo(hard);
        assertThat(material.shaping()).isEqualTo(shaping);
        assertThat(String.join(" ", material.allergens())).isEqualTo(allergens);
        assertThat(material.adhesive()).isEqualTo(joint);
        assertThat(material.adhesives()).isNotEmpty();
        assertThat(material.spare()).isEqualTo(spare);
        assertThat(material.isBoughtReady())
                .isEqualTo(List.of(SHEET, COUNTED, STREWN, LIQUID).contains(shaping));
        assertThat(material.isSized()).isEqualTo(material == Material.PEARL);
        assertThat(material.isShaped())
                .isEqualTo(!List.of(COUNTED, STREWN, LIQUID, BAKED).contains(shaping) && !material.isSoft());
        assertThat(material.isBaked()).isEqualTo(shaping == BAKED);
        assertThat(material.isSoft())
                .isEqualTo(List.of("JAM", "CURD", "CREAM", "PIPING_GEL").contains(material.name()));
        assertThat(material.fills())
                .isEqualTo(List.of("BUTTERCREAM", "GANACHE", "JAM", "CURD", "CREAM")
                        .contains(material.name()));
    }

    /** Hours at 2 mm, or minutes until it is cool; a coat's rest; what is mixed of what; CMC in dry and in close weather. */
    @ParameterizedTest(name = "{0}")
    @CsvSource({
        "FONDANT, 36, '', 0, '', 0 3.5",
        "HALF, 16, '', 0, FONDANT 0.5 GUM 0.5, 0 3.5",
        "GUM, 10, '', 0, '', 0 0",
        "MODELLING, 20, '', 0, FONDANT 1.0, 12 16",
        "CHOCOLATE, NaN, 15 60, 0, '', 0 0",
        "GANACHE, NaN, '', 8, '', 0 0",
        "BUTTERCREAM, NaN, '', 0, '', 0 0",
        "ROYAL, 12, '', 0, '', 0 0",
        "SUGAR, NaN, 45 60, 0, '', 0 0",
        "SUGAR_SHEET, 24, '', 0, '', 0 0",
        "PEARL, NaN, '', 0, '', 0 0",
        "WAFER, NaN, '', 0, '', 0 0",
        "CRUMBS, NaN, '', 0, '', 0 0",
        "FLAKES, NaN, '', 0, '', 0 0",
        "SPRINKLES, NaN, '', 0, '', 0 0",
        "MOSS, NaN, '', 0, '', 0 0",
        "GLITTER, NaN, '', 0, '', 0 0"
    })
    void waitsAndMixes(Material material, double dries, String sets, double coat, String mixed, String powder) {
        assertThat(Double.compare(material.dryingHours(), dries)).isZero();
        Material.Setting setting = material.setting();
        assertThat(setting == null ? "" : setting.likely() + " " + setting.least())
                .isEqualTo(sets);
        assertThat(material.coatRests()).isEqualTo(coat);
        assertThat(material.isMixed()).isEqualTo(!mixed.isEmpty());
        assertThat(material.mixed().stream()
                        .map(m -> m.material() + " " + m.share())
                        .collect(Collectors.joining(" ")))
                .isEqualTo(mixed.isEmpty() ? material + " 1.0" : mixed);
        assertThat(Math.round(material.powder().dry()) + " "
                        + Numbers.plain(material.powder().close(), 1))
                .isEqualTo(powder);
        assertThat(material.isHot()).isEqualTo(material == Material.SUGAR);
        assertThat(material.deepens()).isEqualTo(material == Material.BUTTERCREAM);
        assertThat(material.isOnlyFirm()).isEqualTo(material == Material.FONDANT);
    }

    /** What spoils it: wafer takes dry colour only (craft 3J). */
    @ParameterizedTest(name = "{0} shuns: {1}")
    @CsvSource({
        "WAFER, SPIRIT OIL WATER STEAM",
        "CHOCOLATE, WATER STEAM",
        "GANACHE, WATER STEAM",
        "BUTTERCREAM, WATER STEAM",
        "SUGAR, WATER STEAM",
        "SUGAR_SHEET, WATER STEAM",
        "ROYAL, OIL",
        "LACE, STEAM",
        "FONDANT, ''",
        "HALF, ''",
        "GUM, ''",
        "MODELLING, ''",
        "PEARL, ''"
    })
    void shunned(Material material, String these) {
        assertThat(java.util.Arrays.stream(Medium.values())
                        .filter(material::shuns)
                        .map(Enum::name)
                        .collect(java.util.stream.Collectors.joining(" ")))
                .isEqualTo(these);
    }

    /** What covers 100 cm², g; nothing of what is not strewn. */
    @ParameterizedTest(name = "{0}: {1} g, specks of {2}, flies {3}")
    @CsvSource({
        "CRUMBS, 9, 3, false",
        "FLAKES, 7, 3, false",
        "SPRINKLES, 14, 2, false",
        "MOSS, 5, 3, false",
        "GLITTER, 0.4, 1, true",
        "DUST, 0, 0, true",
        "LEAF, 0, 0, true",
        "SPIRIT, 0, 0, false",
        "WAFER, 0, 0, false",
        "PEARL, 0, 0, false"
    })
    void strewnFigures(Material material, double grams, double speck, boolean dusty) {
        assertThat(material.speck()).isEqualTo(speck);
        assertThat(material.isDusty()).isEqualTo(dusty);
        assertThat(material.strewn()).isEqualTo(grams);
        assertThat(material.isWeighed()).isEqualTo(List.of(STREWN, LIQUID).contains(material.shaping()));
    }

    @ParameterizedTest(name = "{0} of {1}: {2}")
    @CsvSource({
        "USUAL, 0, 0",
        "USUAL, 1, 1",
        "USUAL, 10, 1",
        "USUAL, 11, 2",
        "USUAL, 50, 5",
        "FRAGILE, 5, 1",
        "FRAGILE, 6, 2",
        "FRAGILE, 50, 10",
        "NONE, 50, 0"
    })
    void spares(Spare spare, int needed, int more) {
        assertThat(spare.of(needed)).isEqualTo(more);
    }
}
