package toroid.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;

/** Data flows one way: a stage knows only the stages before it. */
@AnalyzeClasses(packages = "toroid.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final List<String> STAGES = List.of(
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

    @ArchTest
    static void eachStageKnowsOnlyEarlierOnes(com.tngtech.archunit.core.domain.JavaClasses classes) {
        for (int i = 0; i < STAGES.size(); i++) {
            for (String later : STAGES.subList(i + 1, STAGES.size())) {
                noClasses()
                        .that()
                        .resideInAPackage("toroid.core." + STAGES.get(i) + "..")
                        .should()
                        .dependOnClassesThat()
                        .resideInAPackage("toroid.core." + later + "..")
                        .check(classes);
            }
        }
    }

    @ArchTest
    static final ArchRule noFrameworkNoFilesNoClock = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "org.springframework..", "java.io..", "java.nio.file..", "java.net..", "java.sql..", "java.time..")
            .because("the core is plain computation");

    @ArchTest
    static void everyClassHasAStage(com.tngtech.archunit.core.domain.JavaClasses classes) {
        String[] known =
                STAGES.stream().map(stage -> "toroid.core." + stage + "..").toArray(String[]::new);
        com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes()
                .should()
                .resideInAnyPackage(known)
                .check(classes);
    }
}
