package bravium.core;

import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAnyPackage;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ImportOption.DoNotIncludeTests;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SliceAssignment;
import com.tngtech.archunit.library.dependencies.SliceIdentifier;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Random;

/** What the core may use: values and functions that behave alike on the JVM and in the browser. */
@AnalyzeClasses(packages = "bravium.core", importOptions = DoNotIncludeTests.class)
class ArchitectureTest {

  @ArchTest
  static final ArchRule noFrameworkAndNoInputOrOutput =
      noClasses()
          .should()
          .dependOnClassesThat(
              resideInAnyPackage(
                  "java.io..",
                  "java.nio..",
                  "java.net..",
                  "java.sql..",
                  "java.lang.reflect..",
                  "java.util.concurrent..",
                  "org.springframework..",
                  "org.jooq..",
                  "tools.jackson..",
                  "bravium.server..",
                  "bravium.formats.."))
          .because("everything that a computation needs is handed in");

  @ArchTest
  static final ArchRule noImportCircles =
      slices()
          .matching("bravium.core.(*)..")
          .should()
          .beFreeOfCycles()
          .because("a circle is one package in many folders");

  @ArchTest
  static final ArchRule noImportCirclesWithinTheFrame =
      slices().assignedFrom(packagesBelow("bravium.core.play")).should().beFreeOfCycles();

  private static SliceAssignment packagesBelow(String root) {
    return new SliceAssignment() {

      @Override
      public SliceIdentifier getIdentifierOf(JavaClass type) {
        String name = type.getPackageName();
        return name.startsWith(root) ? SliceIdentifier.of(name) : SliceIdentifier.ignore();
      }

      @Override
      public String getDescription() {
        return "packages below " + root;
      }
    };
  }

  @ArchTest
  static final ArchRule gamesPlugInFromOutside =
      noClasses()
          .that()
          .resideOutsideOfPackages(
              "bravium.core.games..", "bravium.core.codec", "bravium.core.calculations")
          .should()
          .dependOnClassesThat(resideInAnyPackage("bravium.core.games.."))
          .because("a new game touches its package and the lists of games, and nothing else");

  @ArchTest
  static final ArchRule gamesDoNotKnowEachOther =
      slices().matching("bravium.core.games.(*)..").should().notDependOnEachOther();

  @ArchTest
  static final ArchRule noClock =
      noClasses()
          .should()
          .callMethod(System.class, "currentTimeMillis")
          .orShould()
          .callMethod(System.class, "nanoTime")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.time.Clock")
          .because("the time is handed in");

  @ArchTest
  static final ArchRule noChanceButItsOwn =
      noClasses()
          .should()
          .dependOnClassesThat()
          .areAssignableTo(Random.class)
          .orShould()
          .callMethod(Math.class, "random")
          .because("chance comes from the opening's seed");

  @ArchTest
  static final ArchRule noPatterns =
      noClasses()
          .should()
          .dependOnClassesThat()
          .resideInAPackage("java.util.regex..")
          .orShould()
          .callMethod(String.class, "split", String.class)
          .orShould()
          .callMethod(String.class, "split", String.class, int.class)
          .orShould()
          .callMethod(String.class, "replaceAll", String.class, String.class)
          .orShould()
          .callMethod(String.class, "matches", String.class)
          .because("the whole of java.util.regex would come to the browser with it");

  @ArchTest
  static final ArchRule nothingWhoseOrderDiffers =
      noClasses()
          .should()
          .dependOnClassesThat()
          .belongToAnyOf(HashMap.class, HashSet.class)
          .because("the order of HashMap and HashSet differs in the browser");

  @ArchTest
  static final ArchRule nothingThatTheBrowserTakesOtherwise =
      noClasses()
          .should()
          .callMethod(String.class, "isBlank")
          .orShould()
          .callMethod(String.class, "strip")
          .orShould()
          .callMethod(String.class, "trim")
          .orShould()
          .dependOnClassesThat()
          .haveFullyQualifiedName("java.text.Normalizer")
          .because("they differ on rare characters; bravium.core.rich.Texts says it once");
}
