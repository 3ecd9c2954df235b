package sectorum.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.ObjectInputStream;
import java.util.Random;
import java.util.concurrent.ThreadLocalRandom;

/** Arrows only downwards; one door to whose workshop it is. */
@AnalyzeClasses(packages = "sectorum.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ServerArchitectureTest {
    @ArchTest
    static final ArchRule noCircles =
            slices().matching("sectorum.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule nothingKnowsHttpButHttp = noClasses()
            .that()
            .resideOutsideOfPackages("..http..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("sectorum.server.http..");

    @ArchTest
    static final ArchRule controllersReachNoTable = noClasses()
            .that()
            .resideInAPackage("..http..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("jakarta.persistence..", "org.springframework.data..");

    @ArchTest
    static final ArchRule tablesStayInTheirRooms =
            classes().that().haveSimpleNameEndingWith("Repository").should().bePackagePrivate();

    /** Nothing that is typed is ever run, evaluated, looked up by a name or read as objects. */
    @ArchTest
    static final ArchRule nothingTypedIsRun = noClasses()
            .should()
            .dependOnClassesThat()
            .belongToAnyOf(ProcessBuilder.class, Process.class, ObjectInputStream.class, ClassLoader.class)
            .orShould()
            .dependOnClassesThat()
            .resideInAnyPackage("javax.script..", "javax.naming..", "java.rmi..", "org.springframework.expression..");

    /** Where chance keeps others out it is the strong one; elsewhere it rolls demo dice, simulated hands and a stamp. */
    @ArchTest
    static final ArchRule secretsAreOfStrongChance = noClasses()
            .that()
            .resideOutsideOfPackages("..demo..", "..devices..", "..cupboard..")
            .should()
            .dependOnClassesThat()
            .belongToAnyOf(Random.class, ThreadLocalRandom.class)
            .orShould()
            .callMethod(Math.class, "random");
}
