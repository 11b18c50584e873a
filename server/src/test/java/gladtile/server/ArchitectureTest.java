package gladtile.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static java.util.Map.entry;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import gladtile.tables.DefaultSchema;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import org.jooq.TableOptions;
import org.junit.jupiter.api.Test;
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
    static final ArchRule NO_CYCLES_IN_CORE =
            slices().matching("gladtile.core.(*)..").should().beFreeOfCycles();

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

    /** Whose a table is. What others may read of it is a view, {@code published_…}. */
    private static final Map<String, Set<String>> TABLES_OF = Map.ofEntries(
            entry(
                    "accounts",
                    Set.of(
                            "PERSON",
                            "SCHOOL",
                            "KNOWN_DEVICE",
                            "ONE_TIME_LINK",
                            "SIGN_IN_TRY",
                            "WORKBENCH_PREFERENCES")),
            entry(
                    "activities",
                    Set.of(
                            "ACTIVITY",
                            "ACTIVITY_EDIT",
                            "ACTIVITY_SHARE",
                            "ACTIVITY_SNAPSHOT",
                            "NAMED_VERSION",
                            "PAGE_STATE",
                            "TEMPLATE")),
            entry("assignments", Set.of("ACTIVITY_VERSION", "ASSIGNMENT", "ASSIGNMENT_FOR", "EXTENSION")),
            entry("attempts", Set.of("ATTEMPT", "ATTEMPT_BASE", "ATTEMPT_BEFORE_HAND_IN", "MOVE", "REFUSED_MOVE")),
            entry("classes", Set.of("MEMBERSHIP", "SCHOOL_CLASS", "STUDENT_REQUEST", "TEAM", "TEAM_MEMBER")),
            entry(
                    "files",
                    Set.of(
                            "FILE",
                            "FILE_BRINGER",
                            "FILE_CHUNK",
                            "FILE_USE",
                            "LIBRARY_FILE",
                            "PICTURE_CREDIT",
                            "UPLOAD",
                            "UPLOAD_CHUNK")),
            entry("lessons", Set.of("LESSON", "LESSON_STROKE")),
            entry("library", Set.of("LIBRARY_PART", "LIBRARY_SHARE", "LIBRARY_VERSION")),
            entry("messages", Set.of("MESSAGE")),
            entry("log", Set.of("ACTIVITY_LOG")),
            entry("notices", Set.of("NOTICE", "OUTBOX")),
            entry("passkeys", Set.of("PASSKEY")),
            entry("pictures", Set.of("PICTURE_KEPT")),
            entry("review", Set.of("READY_PHRASE", "REVIEW")),
            entry("screencasts", Set.of("SCREENCAST", "SCREENCAST_PIECE")),
            entry("singlesignon", Set.of("IDENTITY_PROVIDER", "LINKED_IDENTITY")));

    /** But for what hands out and erases all that is known of a person, which has to know every place. */
    @ArchTest
    static final ArchRule FEATURES_READ_THEIR_OWN_TABLES = classes()
            .that()
            .haveSimpleNameEndingWith("Store")
            .and()
            .resideOutsideOfPackage("gladtile.server.personaldata")
            .should(readNoTableOfAnother());

    private static ArchCondition<JavaClass> readNoTableOfAnother() {
        return new ArchCondition<>("read no table of another feature") {
            @Override
            public void check(JavaClass store, ConditionEvents events) {
                String feature = store.getPackageName().replace("gladtile.server.", "");
                store.getFieldAccessesFromSelf().stream()
                        .filter(access -> access.getTargetOwner().getFullName().equals("gladtile.tables.Tables"))
                        .map(access -> access.getTarget().getName())
                        .distinct()
                        .filter(table -> !table.startsWith("PUBLISHED_")
                                && !TABLES_OF.getOrDefault(feature, Set.of()).contains(table))
                        .forEach(table -> events.add(
                                SimpleConditionEvent.violated(store, store.getFullName() + " reads " + table)));
            }
        };
    }

    @Test
    void every_table_is_some_features() {
        Set<String> owned = new TreeSet<>();
        TABLES_OF.values().forEach(owned::addAll);
        Set<String> all = new TreeSet<>();
        DefaultSchema.DEFAULT_SCHEMA.getTables().stream()
                .filter(table -> table.getOptions().type() == TableOptions.TableType.TABLE)
                .map(table -> table.getName().toUpperCase(Locale.ROOT))
                .filter(name -> !name.matches("MOVE_.*|SPRING_SESSION.*|FLYWAY.*"))
                .forEach(all::add);
        assertThat(owned).isEqualTo(all);
    }
}
