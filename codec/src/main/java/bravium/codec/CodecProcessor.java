package bravium.codec;

import java.io.IOException;
import java.io.Writer;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import javax.annotation.processing.AbstractProcessor;
import javax.annotation.processing.RoundEnvironment;
import javax.annotation.processing.SupportedAnnotationTypes;
import javax.lang.model.SourceVersion;
import javax.lang.model.element.Element;
import javax.lang.model.element.TypeElement;
import javax.tools.Diagnostic;

/**
 * Writes {@code bravium.core.codec}: reading and writing of every record that can be reached from a
 * type marked with {@code @Root}. The code is plain calls without reflection, so that the same
 * classes run on the JVM and, compiled by TeaVM, in the browser. Beside it, the table of letter
 * forms that comparing answers needs.
 */
@SupportedAnnotationTypes(CodecProcessor.ROOT)
public final class CodecProcessor extends AbstractProcessor {

  static final String ROOT = "bravium.core.json.Root";
  private static final String LISTED = "bravium.core.json.StandsFor";
  private static final String PACKAGE = "bravium.core.codec.";
  private static final String UNICODE = "bravium.core.answer.UnicodeTable";

  @Override
  public SourceVersion getSupportedSourceVersion() {
    return SourceVersion.latestSupported();
  }

  @Override
  public boolean process(Set<? extends TypeElement> annotations, RoundEnvironment round) {
    if (annotations.isEmpty()) {
      return false;
    }
    List<TypeElement> roots = marked(ROOT, round);
    Map<TypeElement, TypeElement> lists = new LinkedHashMap<>();
    for (TypeElement list : marked(LISTED, round)) {
      lists.put(Shapes.standsFor(list), list);
    }
    try {
      CodecSource codec = new CodecSource(Shapes.reachableFrom(roots, lists), roots);
      write(PACKAGE + "Codec", codec.formats(), roots);
      write(PACKAGE + "Reads", codec.reads(), roots);
      write(PACKAGE + "Writes", codec.writes(), roots);
      write(UNICODE, UnicodeTableSource.text(), roots);
    } catch (UnsupportedShape e) {
      processingEnv.getMessager().printMessage(Diagnostic.Kind.ERROR, e.getMessage(), e.where());
    } catch (IOException e) {
      processingEnv.getMessager().printMessage(Diagnostic.Kind.ERROR, e.toString());
    }
    return true;
  }

  private List<TypeElement> marked(String annotation, RoundEnvironment round) {
    TypeElement type = processingEnv.getElementUtils().getTypeElement(annotation);
    List<TypeElement> found = new ArrayList<>();
    for (Element marked : round.getElementsAnnotatedWith(type)) {
      found.add((TypeElement) marked);
    }
    return found;
  }

  private void write(String name, String source, List<TypeElement> origin) throws IOException {
    Element[] elements = origin.toArray(Element[]::new);
    try (Writer out = processingEnv.getFiler().createSourceFile(name, elements).openWriter()) {
      out.write(source);
    }
  }
}
