package sectorum;

import static com.tngtech.archunit.base.DescribedPredicate.describe;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaMethodCall;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.Architectures.LayeredArchitecture;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** The order of the rooms: a package may use those before it in this list, never those behind. */
@AnalyzeClasses(packages = "sectorum", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final List<String> ORDER = List.of(
            "measure",
            "device",
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
            "turntable",
            "notebook",
            "practice",
            "history",
            "workup",
            "question");

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

    /** What a machine or a browser may answer by a last digit otherwise: {@code Elementary} and {@code Dice} do it alike. */
    @ArchTest
    static final ArchRule theSameBitsEverywhere = noClasses()
            .should()
            .callMethodWhere(describe("differs from machine to machine", ArchitectureTest::isOfTheMachine))
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.util.Random")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.lang.StrictMath");

    private static final Set<String> ALIKE = Set.of(
            "abs",
            "min",
            "max",
            "sqrt",
            "floor",
            "ceil",
            "floorMod",
            "floorDiv",
            "copySign",
            "signum",
            "toIntExact",
            "addExact",
            "multiplyExact");

    private static boolean isOfTheMachine(JavaMethodCall call) {
        String owner = call.getTargetOwner().getName();
        String name = call.getName();
        return (owner.equals("java.lang.Math") && !ALIKE.contains(name))
                // Sums of streams are compensated on one machine and plain on another.
                || (owner.equals("java.util.stream.DoubleStream")
                        && Set.of("sum", "average", "summaryStatistics").contains(name))
                || (owner.equals("java.util.stream.Collectors")
                        && name.matches("(summing|averaging|summarizing)Double"));
    }
}
