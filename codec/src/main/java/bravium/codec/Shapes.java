package bravium.codec;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javax.lang.model.element.AnnotationMirror;
import javax.lang.model.element.AnnotationValue;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.Modifier;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeMirror;

/**
 * The records, sealed interfaces and enums that a codec has to know, by simple name, in the order
 * in which they were reached; and what their annotations say of their names in JSON.
 */
final class Shapes {

  private final Map<String, TypeElement> bySimpleName = new LinkedHashMap<>();

  private Shapes() {}

  static Shapes reachableFrom(List<TypeElement> roots) {
    Shapes shapes = new Shapes();
    roots.forEach(shapes::reach);
    return shapes;
  }

  Iterable<TypeElement> all() {
    return bySimpleName.values();
  }

  private void reach(TypeElement type) {
    if (isSealed(type) && kinds(type).isEmpty()) {
      type.getPermittedSubclasses().forEach(this::reach);
      return;
    }
    String name = type.getSimpleName().toString();
    TypeElement known = bySimpleName.putIfAbsent(name, type);
    if (known != null) {
      if (!known.equals(type)) {
        throw new UnsupportedShape("two types in the format are called " + name, type);
      }
      return;
    }
    if (type.getKind() == ElementKind.RECORD) {
      type.getRecordComponents().forEach(component -> reach(component.asType()));
    } else if (isSealed(type)) {
      type.getPermittedSubclasses().forEach(this::reach);
    } else if (type.getKind() != ElementKind.ENUM) {
      throw new UnsupportedShape("the codec knows records, sealed interfaces and enums", type);
    }
  }

  private void reach(TypeMirror type) {
    if (!(type instanceof DeclaredType declared)) {
      return;
    }
    TypeElement element = (TypeElement) declared.asElement();
    if (isList(element)) {
      declared.getTypeArguments().forEach(this::reach);
    } else if (!isLeaf(element)) {
      reach(element);
    }
  }

  static boolean isTextOrList(TypeElement type) {
    return type.getAnnotationMirrors().stream()
        .anyMatch(
            a -> a.getAnnotationType().asElement().getSimpleName().contentEquals("TextOrList"));
  }

  static boolean isSealed(TypeElement type) {
    return type.getModifiers().contains(Modifier.SEALED);
  }

  static boolean isList(TypeElement type) {
    return type.getQualifiedName().contentEquals("java.util.List");
  }

  /**
   * The names of a record's properties in JSON: its components', those of its flat records in their
   * place, and the kind's where it is one of several.
   */
  List<String> propertiesOf(TypeElement record) {
    List<String> names = new ArrayList<>();
    if (bySimpleName.values().stream()
        .anyMatch(t -> isSealed(t) && kinds(t).containsValue(record))) {
      names.add("kind");
    }
    for (RecordComponentElement component : record.getRecordComponents()) {
      if (isFlat(component)) {
        DeclaredType flat = (DeclaredType) component.asType();
        names.addAll(propertiesOf((TypeElement) flat.asElement()));
      } else if (!isExtra(component)) {
        names.add(component.getSimpleName().toString());
      }
    }
    return names;
  }

  static boolean isFlat(RecordComponentElement component) {
    return component.getAnnotationMirrors().stream()
        .anyMatch(a -> a.getAnnotationType().asElement().getSimpleName().contentEquals("Flat"));
  }

  static boolean isExtra(RecordComponentElement component) {
    return component.asType() instanceof DeclaredType declared
        && declared.asElement().toString().equals("bravium.core.json.Extra");
  }

  private static boolean isLeaf(TypeElement type) {
    String name = type.getQualifiedName().toString();
    return name.startsWith("java.lang.") || name.equals("bravium.core.json.Extra");
  }

  /**
   * The names of the kinds of a sealed interface; a subclass without one stands for the unknown.
   */
  static Map<String, TypeElement> kinds(TypeElement sealed) {
    Map<String, TypeElement> kinds = new LinkedHashMap<>();
    for (AnnotationValue entry : listOf(valueOf(sealed, "JsonSubTypes", "value"))) {
      AnnotationMirror type = (AnnotationMirror) entry.getValue();
      DeclaredType subclass = (DeclaredType) valueOf(type, "value").getValue();
      kinds.put(valueOf(type, "name").getValue().toString(), (TypeElement) subclass.asElement());
    }
    return kinds;
  }

  /** How an enum's constant is written: its {@code @JsonProperty}. */
  static String constantName(Element constant) {
    AnnotationValue value = valueOf(constant, "JsonProperty", "value");
    if (value == null) {
      throw new UnsupportedShape("say with @JsonProperty how this is written", constant);
    }
    return value.getValue().toString();
  }

  static boolean isNullable(RecordComponentElement component) {
    return component.asType().getAnnotationMirrors().stream()
        .anyMatch(a -> a.getAnnotationType().asElement().getSimpleName().contentEquals("Nullable"));
  }

  private static AnnotationValue valueOf(Element of, String annotation, String property) {
    return of.getAnnotationMirrors().stream()
        .filter(a -> a.getAnnotationType().asElement().getSimpleName().contentEquals(annotation))
        .findFirst()
        .map(a -> valueOf(a, property))
        .orElse(null);
  }

  private static AnnotationValue valueOf(AnnotationMirror annotation, String property) {
    return annotation.getElementValues().entrySet().stream()
        .filter(e -> e.getKey().getSimpleName().contentEquals(property))
        .map(Map.Entry::getValue)
        .findFirst()
        .orElse(null);
  }

  @SuppressWarnings("unchecked")
  private static List<? extends AnnotationValue> listOf(AnnotationValue value) {
    return value == null ? List.of() : (List<? extends AnnotationValue>) value.getValue();
  }
}
