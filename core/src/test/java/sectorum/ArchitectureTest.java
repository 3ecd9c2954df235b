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
import java.util.stream.Stream;

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
            "recipe",
            "divide",
            "curve",
            "art",
            "bench",
            "technique",
            "template",
            "plan",
            "make",
            "build",
            "days",
            "ahead",
            "tier",
            "tasks",
            "handover",
            "workup");

    private static final String[] OWN = {"sectorum..", "java.lang..", "java.util..", "java.time..", "java.math.."};

    @ArchTest
    static final ArchRule noCircles =
            slices().matching("sectorum.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule onlyTheLanguageItself = noClasses()
            .that()
            .doNotHaveFullyQualifiedName("sectorum.art.Regions")
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages(OWN);

    /** Sums of regions are a library's; one class is the door to it. */
    @ArchTest
    static final ArchRule oneDoorToTheLibrary = noClasses()
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages(Stream.concat(Stream.of(OWN), Stream.of("org.locationtech.jts.."))
                    .toArray(String[]::new));

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
