package bravium.server;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import org.jooq.InsertSetMoreStep;

/** Which module knows which, and what the server's own packages may do. */
@AnalyzeClasses(packages = "bravium", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule theArrowsBetweenTheModules =
      layeredArchitecture()
          .consideringOnlyDependenciesInAnyPackage("bravium..")
          .layer("core")
          .definedBy("bravium.core..")
          .layer("formats")
          .definedBy("bravium.formats..")
          .layer("server")
          .definedBy("bravium.server..")
          .whereLayer("server")
          .mayNotBeAccessedByAnyLayer()
          .whereLayer("formats")
          .mayOnlyBeAccessedByLayers("server")
          .whereLayer("core")
          .mayOnlyBeAccessedByLayers("formats", "server");

  @ArchTest
  static final ArchRule nothingHereKnowsAGame =
      noClasses()
          .that()
          .resideOutsideOfPackage("bravium.core..")
          .should()
          .dependOnClassesThat(resideInAPackage("bravium.core.games.*"))
          .because("a new game touches its package and the lists of games, and nothing else");

  @ArchTest
  static final ArchRule featuresDoNotKnowEachOtherInCircles =
      slices().matching("bravium.server.(*)..").should().beFreeOfCycles();

  @ArchTest
  static final ArchRule onlyRepositoriesSpeakToTheDatabase =
      noClasses()
          .that()
          .haveSimpleNameEndingWith("Controller")
          .or()
          .haveSimpleNameEndingWith("Service")
          .should()
          .dependOnClassesThat(resideInAPackage("org.jooq.."));

  @ArchTest
  static final ArchRule noReturningOnUpsertsAndManyRows =
      noClasses()
          .should()
          .callMethodWhere(
              DescribedPredicate.describe(
                  "returning() of anything but a one-row insert, an update or a delete",
                  call ->
                      call.getName().startsWith("returning")
                          && call.getTargetOwner().getSimpleName().startsWith("Insert")
                          && !call.getTargetOwner().isEquivalentTo(InsertSetMoreStep.class)))
          .because("on SQLite jOOQ then reads back another row, and says nothing");
}
