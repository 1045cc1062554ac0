package toroid.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import java.util.List;
import org.springframework.data.repository.Repository;

/** Data flows one way here as in the core; each package keeps its tables to itself. */
@AnalyzeClasses(packages = "toroid.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final List<String> STAGES = List.of(
            "store",
            "effort",
            "quantity",
            "metal",
            "wire",
            "tool",
            "ring",
            "form",
            "weave",
            "line",
            "bench",
            "calibration",
            "preference",
            "print",
            "export",
            "demo");

    @ArchTest
    static void eachStageKnowsOnlyEarlierOnes(JavaClasses all) {
        for (int i = 0; i < STAGES.size(); i++) {
            for (String later : STAGES.subList(i + 1, STAGES.size())) {
                noClasses()
                        .that()
                        .resideInAPackage("toroid.server." + STAGES.get(i))
                        .should()
                        .dependOnClassesThat()
                        .resideInAPackage("toroid.server." + later)
                        .check(all);
            }
        }
    }

    @ArchTest
    static final ArchRule tablesArePackagePrivate = classes()
            .that()
            .areAnnotatedWith(Entity.class)
            .or()
            .areAssignableTo(Repository.class)
            .should()
            .bePackagePrivate();

    @ArchTest
    static final ArchRule theEdgeKnowsNothingOfWire = noClasses()
            .that()
            .resideInAPackage("toroid.server.web")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "toroid.server.wire",
                    "toroid.server.ring",
                    "toroid.server.form",
                    "toroid.server.bench",
                    "toroid.server.calibration");
}
