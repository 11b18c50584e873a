package gladtile.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.springframework.stereotype.Repository;

/** The arrows: server → formats → core; features without circles; each feature's store is its own. */
@AnalyzeClasses(packages = "gladtile", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule CORE_IS_PLAIN_JAVA = noClasses()
            .that()
            .resideInAPackage("gladtile.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "gladtile.formats..",
                    "gladtile.server..",
                    "gladtile.tables..",
                    "org.springframework..",
                    "org.jooq..",
                    "java.sql..",
                    "java.net.http..",
                    "jakarta..",
                    "java.awt..");

    @ArchTest
    static final ArchRule FORMATS_KNOW_CORE_ONLY = noClasses()
            .that()
            .resideInAPackage("gladtile.formats..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("gladtile.server..", "gladtile.tables..", "org.springframework..", "org.jooq..");

    @ArchTest
    static final ArchRule FEATURES_GO_IN_NO_CIRCLE =
            slices().matching("gladtile.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule STORES_ARE_THEIR_FEATURES_OWN =
            classes().that().areAnnotatedWith(Repository.class).should().bePackagePrivate();

    @ArchTest
    static final ArchRule TABLES_ARE_READ_IN_STORES_ONLY = noClasses()
            .that()
            .resideInAPackage("gladtile.server..")
            .and()
            .haveSimpleNameNotEndingWith("Store")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("gladtile.tables..");
}
