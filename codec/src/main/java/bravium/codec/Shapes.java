package bravium.codec;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
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
 * The records, sealed interfaces and enums that a codec has to know, in the order in which they
 * were reached, each with a name of its own; and what their annotations say of their names in JSON.
 * An open interface is known by the sealed list that stands for it.
 */
final class Shapes {

  private final Map<TypeElement, TypeElement> lists;
  private final Map<TypeElement, String> names = new LinkedHashMap<>();

  private Shapes(Map<TypeElement, TypeElement> lists) {
    this.lists = lists;
  }

  /**
   * All that is reached from these roots.
   *
   * @param lists for an open interface, the sealed list that stands for it
   */
  static Shapes reachableFrom(List<TypeElement> roots, Map<TypeElement, TypeElement> lists) {
    Shapes shapes = new Shapes(lists);
    roots.forEach(shapes::reach);
    return shapes;
  }

  Iterable<TypeElement> all() {
    return names.keySet();
  }

  /** The simple name of a type; where another type has it too, with the package before it. */
  String nameOf(Element type) {
    return names.get(listOf((TypeElement) type));
  }

  /** The sealed list that stands for an open interface; any other type is itself. */
  TypeElement listOf(TypeElement type) {
    return lists.getOrDefault(type, type);
  }

  private void reach(TypeElement open) {
    TypeElement type = listOf(open);
    if (isSealed(type) && kinds(type).isEmpty()) {
      type.getPermittedSubclasses().forEach(this::reach);
      return;
    }
    if (names.containsKey(type)) {
      return;
    }
    String simple = type.getSimpleName().toString();
    names.put(type, names.containsValue(simple) ? inItsPackage(type) : simple);
    if (type.getKind() == ElementKind.RECORD) {
      type.getRecordComponents().forEach(component -> reach(component.asType()));
    } else if (isSealed(type)) {
      for (TypeMirror subclass : type.getPermittedSubclasses()) {
        TypeElement own = wrappedBy((TypeElement) ((DeclaredType) subclass).asElement());
        if (own == null) {
          reach(subclass);
        } else if (lists.containsKey(own)) {
          reach(own);
        }
      }
    } else if (type.getKind() != ElementKind.ENUM) {
      throw new UnsupportedShape("the codec knows records, sealed interfaces and enums", type);
    }
  }

  private String inItsPackage(TypeElement type) {
    Element holder = type.getEnclosingElement();
    while (holder.getKind() != ElementKind.PACKAGE) {
      holder = holder.getEnclosingElement();
    }
    String last = holder.getSimpleName().toString();
    String name = Character.toUpperCase(last.charAt(0)) + last.substring(1) + type.getSimpleName();
    if (names.containsValue(name)) {
      throw new UnsupportedShape("two types of one package in the format are called alike", type);
    }
    return name;
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

  /**
   * The open interface whose kinds stand among the others where a record is nothing but a hull
   * around it; null for any other record.
   */
  static TypeElement wrappedBy(TypeElement type) {
    if (type.getKind() != ElementKind.RECORD || type.getRecordComponents().size() != 1) {
      return null;
    }
    RecordComponentElement only = type.getRecordComponents().getFirst();
    TypeElement inner =
        only.asType() instanceof DeclaredType declared ? (TypeElement) declared.asElement() : null;
    boolean open = inner != null && inner.getKind() == ElementKind.INTERFACE && !isSealed(inner);
    return isFlat(only) && open ? inner : null;
  }

  /** Whether a sealed list stands for an open interface. */
  boolean isListed(TypeElement open) {
    return lists.containsKey(open);
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
    if (this.names.keySet().stream().anyMatch(t -> isSealed(t) && kinds(t).containsValue(record))) {
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

  /** Whether it is a name that may be another one for whoever it is written for. */
  static boolean isOfOnePlay(Element component) {
    return isMarked(component, "OfOnePlay");
  }

  /** Whether it is an id in whose place another may stand for whoever it is written for. */
  static boolean isOwnId(Element component) {
    return isMarked(component, "OwnId");
  }

  /** Whether it is the id of a part of the question that its record speaks of. */
  static boolean isPartId(Element component) {
    return isMarked(component, "PartId");
  }

  /** Whether a record speaks of one question. */
  static boolean isOfQuestion(TypeElement record) {
    return record.getInterfaces().stream()
        .anyMatch(
            known ->
                ((DeclaredType) known).asElement().getSimpleName().contentEquals("OfQuestion"));
  }

  private static boolean isMarked(Element component, String annotation) {
    return component.getAnnotationMirrors().stream()
        .anyMatch(a -> a.getAnnotationType().asElement().getSimpleName().contentEquals(annotation));
  }

  /** The most items of a list, where it is said. */
  static Optional<Object> most(Element component) {
    return ofRange(component, "max");
  }

  /** The most characters of a text, where it is said. */
  static Optional<Object> longest(Element component) {
    return ofRange(component, "longest");
  }

  private static Optional<Object> ofRange(Element component, String what) {
    return component.getAnnotationMirrors().stream()
        .filter(a -> a.getAnnotationType().asElement().getSimpleName().contentEquals("Range"))
        .flatMap(a -> a.getElementValues().entrySet().stream())
        .filter(value -> value.getKey().getSimpleName().contentEquals(what))
        .map(value -> value.getValue().getValue())
        .findFirst();
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

  /** The open interface that a sealed list stands for. */
  static TypeElement standsFor(TypeElement list) {
    DeclaredType open = (DeclaredType) valueOf(list, "StandsFor", "value").getValue();
    return (TypeElement) open.asElement();
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
