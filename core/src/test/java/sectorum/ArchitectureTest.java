package sectorum;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.List;

/** The order of the rooms: a package may use those before it in this list, never those behind. */
@AnalyzeClasses(packages = "sectorum", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final List<String> ORDER = List.of(
            "measure",
            "finding",
            "drawing",
            "outline",
            "surface",
            "material",
            "divide",
            "curve",
            "bench",
            "technique",
            "template",
            "plan",
            "ahead",
            "make",
            "build",
            "days",
            "tier",
            "tasks",
            "handover",
            "workup");

    @ArchTest
    static final ArchRule noCircles =
            slices().matching("sectorum.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule onlyTheLanguageItself = noClasses()
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages("sectorum..", "java.lang..", "java.util..", "java.time..", "java.math..");

    @ArchTest
    static final ArchRule downwardsOnly = rooms();

    private static ArchRule rooms() {
        LayeredArchitecture house = layeredArchitecture().consideringOnlyDependenciesInLayers();
        for (String room : ORDER) {
            house = house.layer(room).definedBy("sectorum." + room + "..");
        }
        for (int i = 0; i < ORDER.size(); i++) {
            List<String> behind = ORDER.subList(i + 1, ORDER.size());
            house = behind.isEmpty()
                    ? house.whereLayer(ORDER.get(i)).mayNotBeAccessedByAnyLayer()
                    : house.whereLayer(ORDER.get(i)).mayOnlyBeAccessedByLayers(behind.toArray(String[]::new));
        }
        return house;
    }
}
