package grimygasket.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static java.util.stream.Collectors.counting;
import static java.util.stream.Collectors.groupingBy;
import static org.testng.Assert.assertTrue;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

/** Which package of the server may use which. */
public class ArchitectureTest {
    private static final JavaClasses SERVER = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("grimygasket.server");

    @Test
    public void noPackageUsesOneThatUsesIt() {
        slices().matching("grimygasket.server.(**)").should().beFreeOfCycles().check(SERVER);
    }

    @Test
    public void noRoomIsTooFullToBeSeenAtOnce() {
        SERVER.stream()
                .filter(one -> !one.isNestedClass())
                .collect(groupingBy(JavaClass::getPackageName, counting()))
                .forEach((room, files) -> assertTrue(files <= 20, room + " has " + files + " files"));
    }

    @Test
    public void onlyWhatChangesCallsKnowsHowTheyAreKept() {
        noClasses()
                .that()
                .resideOutsideOfPackages(
                        "grimygasket.server.board..",
                        "grimygasket.server.calls..",
                        "grimygasket.server.device..",
                        "grimygasket.server.documents..",
                        "grimygasket.server.photos..",
                        "grimygasket.server.round..",
                        "grimygasket.server.simulation..",
                        "grimygasket.server.homes..",
                        "grimygasket.server.orders..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("grimygasket.server.calls..")
                .check(SERVER);
    }
}
