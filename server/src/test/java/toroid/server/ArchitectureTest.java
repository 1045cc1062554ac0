package toroid.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import jakarta.persistence.Entity;
import java.util.List;
import java.util.Map;
import org.springframework.data.repository.Repository;

/** Data flows one way here as in the core; each package keeps its tables to itself. */
@AnalyzeClasses(packages = "toroid.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final List<String> STAGES = List.of(
            "store",
            "backup",
            "effort",
            "screen",
            "quantity",
            "instrument",
            "metal",
            "stock",
            "wire",
            "tool",
            "ring",
            "form",
            "weave",
            "line",
            "preference",
            "piece",
            "work",
            "photo",
            "calibration",
            "cutting",
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

    private static final List<String> CORE = List.of(
            "numeric",
            "quantity",
            "metal",
            "wire",
            "stock",
            "price",
            "bend",
            "ring",
            "form",
            "weave",
            "piece",
            "line",
            "work",
            "calibration",
            "cutting");

    /** The last stage of the core each may use: its own, or the one before it where the core has none of that name. */
    private static final Map<String, String> REACHES = Map.ofEntries(
            Map.entry("store", "numeric"),
            Map.entry("backup", "numeric"),
            Map.entry("effort", "numeric"),
            Map.entry("screen", "numeric"),
            Map.entry("quantity", "quantity"),
            Map.entry("instrument", "quantity"),
            Map.entry("metal", "metal"),
            Map.entry("stock", "stock"),
            Map.entry("wire", "stock"),
            Map.entry("tool", "bend"),
            Map.entry("ring", "ring"),
            Map.entry("form", "form"),
            Map.entry("piece", "piece"),
            Map.entry("weave", "weave"),
            Map.entry("line", "line"),
            Map.entry("preference", "line"),
            Map.entry("work", "work"),
            Map.entry("photo", "work"),
            Map.entry("calibration", "calibration"),
            Map.entry("cutting", "cutting"),
            Map.entry("print", "calibration"),
            Map.entry("export", "calibration"),
            Map.entry("demo", "calibration"));

    @ArchTest
    static void noStageUsesALaterStageOfTheCore(JavaClasses all) {
        assertThat(REACHES.keySet()).containsExactlyInAnyOrderElementsOf(STAGES);
        REACHES.forEach((stage, last) -> CORE.subList(CORE.indexOf(last) + 1, CORE.size())
                .forEach(later -> noClasses()
                        .that()
                        .resideInAPackage("toroid.server." + stage)
                        .should()
                        .dependOnClassesThat()
                        .resideInAPackage("toroid.core." + later + "..")
                        .check(all)));
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
                    "toroid.server.work",
                    "toroid.server.calibration");
}
