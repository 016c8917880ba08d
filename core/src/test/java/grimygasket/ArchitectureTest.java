package grimygasket;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
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
                        "java.lang",
                        "java.lang.invoke",
                        "java.lang.runtime",
                        "java.util",
                        "java.util.function",
                        "java.util.stream")
                .because("it has no files, network, clock, threads, reflection or libraries")
                .check(CORE);
    }

    @Test
    public void eachFloorStandsOnlyOnThoseBelow() {
        layeredArchitecture()
                .consideringAllDependencies()
                .layer("pack")
                .definedBy("grimygasket.pack..")
                .layer("diagnosis")
                .definedBy("grimygasket.diagnosis..")
                .layer("cadence")
                .definedBy("grimygasket.cadence..")
                .layer("gauge")
                .definedBy("grimygasket.gauge..")
                .layer("visit")
                .definedBy("grimygasket.visit..")
                .whereLayer("visit")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("cadence")
                .mayOnlyBeAccessedByLayers("visit")
                .whereLayer("gauge")
                .mayNotBeAccessedByAnyLayer()
                .whereLayer("diagnosis")
                .mayOnlyBeAccessedByLayers("visit")
                .whereLayer("pack")
                .mayOnlyBeAccessedByLayers("gauge", "diagnosis", "cadence", "visit")
                .check(CORE);
    }
}
