package grimygasket;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;
import static org.testng.Assert.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import grimygasket.util.Copy;
import java.util.Map;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/** The core will also run in the browser, compiled ahead of time: it may reach nothing outside itself. */
public class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("grimygasket");

    @Test
    public void theCoreUsesOnlyPlainJava() {
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "grimygasket..",
                        "org.jspecify.annotations",
                        "java.lang",
                        "java.lang.invoke",
                        "java.lang.runtime",
                        "java.math",
                        "java.util",
                        "java.util.function",
                        "java.util.stream")
                .because("it has no files, network, clock, threads, reflection or libraries")
                .check(CORE);
    }

    @Test
    public void nothingIsUsedThatTheBrowserDoesOtherwise() {
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName(Copy.class.getName())
                .should()
                .callMethod(Stream.class, "distinct")
                .orShould()
                .callMethod(Math.class, "rint", double.class)
                .orShould()
                .callMethod(Map.class, "copyOf", Map.class)
                .because(
                        "doubles stay in flat-mapped streams there, halves are rounded up, and an empty copy cannot be asked")
                .check(CORE);
    }

    @Test
    public void eachFloorStandsOnlyOnThoseBelow() {
        layeredArchitecture()
                .consideringAllDependencies()
                .layer("units")
                .definedBy("grimygasket.units..")
                .layer("util")
                .definedBy("grimygasket.util..")
                .layer("pack")
                .definedBy("grimygasket.pack..")
                .layer("flow")
                .definedBy("grimygasket.flow..")
                .layer("cadence")
                .definedBy("grimygasket.cadence..")
                .layer("money")
                .definedBy("grimygasket.money..")
                .layer("gauge")
                .definedBy("grimygasket.gauge..")
                .layer("route")
                .definedBy("grimygasket.route..")
                .layer("diagnosis")
                .definedBy("grimygasket.diagnosis..")
                .layer("visit")
                .definedBy("grimygasket.visit..")
                .layer("call")
                .definedBy("grimygasket.call..")
                .layer("state")
                .definedBy("grimygasket.state..")
                .layer("round")
                .definedBy("grimygasket.round..")
                .layer("practice")
                .definedBy("grimygasket.practice..")
                .layer("words")
                .definedBy("grimygasket.words..")
                .layer("cases")
                .definedBy("grimygasket.cases..")
                .whereLayer("cases")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("words")
                .mayOnlyBeAccessedByLayers("cases")
                .whereLayer("practice")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("round")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("state")
                .mayOnlyBeAccessedByLayers("round")
                .whereLayer("call")
                .mayOnlyBeAccessedByLayers("state", "round")
                .whereLayer("visit")
                .mayOnlyBeAccessedByLayers("call", "state", "round")
                .whereLayer("diagnosis")
                .mayOnlyBeAccessedByLayers("visit", "call", "state", "round", "practice", "cases")
                .whereLayer("route")
                .mayOnlyBeAccessedByLayers("call", "state", "round")
                .whereLayer("gauge")
                .mayOnlyBeAccessedByLayers("diagnosis", "visit", "call", "state", "practice")
                .whereLayer("money")
                .mayOnlyBeAccessedByLayers("gauge")
                .whereLayer("cadence")
                .mayOnlyBeAccessedByLayers("gauge", "visit")
                .whereLayer("flow")
                .mayOnlyBeAccessedByLayers("gauge", "diagnosis", "practice")
                .whereLayer("pack")
                .mayOnlyBeAccessedByLayers(
                        "flow",
                        "gauge",
                        "diagnosis",
                        "cadence",
                        "visit",
                        "call",
                        "state",
                        "round",
                        "practice",
                        "words",
                        "cases")
                .whereLayer("units")
                .mayOnlyBeAccessedByLayers("pack", "gauge", "diagnosis", "visit", "call", "state", "practice", "cases")
                .check(CORE);
    }

    @Test
    public void theRoomsOfAPackStandOnEachOther() {
        layeredArchitecture()
                .consideringOnlyDependenciesInAnyPackage("grimygasket.pack..")
                .layer("machine")
                .definedBy("grimygasket.pack.machine")
                .layer("work")
                .definedBy("grimygasket.pack.work")
                .layer("evidence")
                .definedBy("grimygasket.pack.evidence")
                .layer("pack")
                .definedBy("grimygasket.pack")
                .layer("soundness")
                .definedBy("grimygasket.pack.soundness")
                .whereLayer("soundness")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("pack")
                .mayOnlyBeAccessedByLayers("soundness")
                .whereLayer("evidence")
                .mayOnlyBeAccessedByLayers("pack", "soundness")
                .whereLayer("work")
                .mayOnlyBeAccessedByLayers("evidence", "pack", "soundness")
                .check(CORE);
    }

    @Test
    public void theRoomsOfTheDiagnosisStandOnEachOther() {
        layeredArchitecture()
                .consideringOnlyDependenciesInAnyPackage("grimygasket.diagnosis..")
                .layer("belief")
                .definedBy("grimygasket.diagnosis.belief")
                .layer("story")
                .definedBy("grimygasket.diagnosis.story")
                .layer("plan")
                .definedBy("grimygasket.diagnosis.plan")
                .layer("diagnosis")
                .definedBy("grimygasket.diagnosis")
                .whereLayer("diagnosis")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("plan")
                .mayOnlyBeAccessedByLayers("diagnosis")
                .whereLayer("story")
                .mayOnlyBeAccessedByLayers("plan", "diagnosis")
                .check(CORE);
    }

    @Test
    public void noRoomIsTooFullToBeSeenAtOnce() {
        CORE.stream()
                .filter(one -> !one.isNestedClass())
                .collect(groupingBy(JavaClass::getPackageName, counting()))
                .forEach((room, files) -> assertTrue(files <= 20, room + " has " + files + " files"));
    }

    @Test
    public void noPackageLeansOnOneThatLeansOnIt() {
        slices().matching("grimygasket.(**)").should().beFreeOfCycles().check(CORE);
    }
}
