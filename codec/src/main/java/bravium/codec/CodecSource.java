package bravium.codec;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import javax.lang.model.element.Element;
import javax.lang.model.element.ElementKind;
import javax.lang.model.element.RecordComponentElement;
import javax.lang.model.element.TypeElement;
import javax.lang.model.type.DeclaredType;
import javax.lang.model.type.TypeKind;
import javax.lang.model.type.TypeMirror;

/**
 * The text of the codec's classes. Reading and writing are apart, and formats, which name both, are
 * apart from them: what the browser's engine reads only is then never written there.
 */
final class CodecSource {

  private final Shapes shapes;
  private final List<TypeElement> roots;
  private final StringBuilder reads =
      head(
          "bravium.core.json.Fields;\nimport bravium.core.json.Node;\nimport java.util.List",
          "Reads each shape of the format.",
          "Reads");
  private final StringBuilder writes =
      head("bravium.core.json.Target", "Writes each shape of the format.", "Writes");

  CodecSource(Shapes shapes, List<TypeElement> roots) {
    this.shapes = shapes;
    this.roots = roots;
    for (TypeElement shape : shapes.all()) {
      switch (shape.getKind()) {
        case RECORD -> {
          if (Shapes.isTextOrList(shape)) {
            addTextOrList(shape);
          } else {
            addRecord(shape);
          }
        }
        case ENUM -> addEnum(shape);
        default -> addSealed(shape);
      }
    }
  }

  /** {@code Codec}: a format for each root. */
  String formats() {
    StringBuilder out =
        head(
            "bravium.core.json.Format;\nimport java.util.List",
            "How every root of the format is read and written.",
            "Codec");
    List<String> names = new ArrayList<>();
    for (TypeElement root : roots) {
      String constant = constant(root);
      names.add(constant);
      out.append(
          "  public static final Format<%1$s> %2$s =\n      new Format<>(%1$s.class, Reads::read%3$s, Writes::write%3$s);\n"
              .formatted(root, constant, shapes.nameOf(root)));
    }
    return out.append(
            "\n  public static final List<Format<?>> ALL = List.of(%s);\n}\n"
                .formatted(String.join(", ", names)))
        .toString();
  }

  /** {@code Reads}: a method that reads each shape. */
  String reads() {
    return ended(reads);
  }

  /** {@code Writes}: a method that writes each shape. */
  String writes() {
    return ended(writes);
  }

  private static String ended(StringBuilder methods) {
    return methods + "}\n";
  }

  private static StringBuilder head(String imports, String says, String name) {
    return new StringBuilder(
        """
        package bravium.core.codec;

        import %s;

        /** %s Written by the codec's processor. */
        public final class %3$s {

          private %3$s() {}

        """
            .formatted(imports, says, name));
  }

  private String constant(TypeElement type) {
    return shapes.nameOf(type).replaceAll("([a-z])([A-Z])", "$1_$2").toUpperCase();
  }

  private void addRecord(TypeElement type) {
    String known =
        shapes.propertiesOf(type).stream()
            .map(name -> '"' + name + '"')
            .collect(Collectors.joining(", "));
    String arguments =
        type.getRecordComponents().stream()
            .map(c -> Shapes.isExtra(c) ? "in.extra(%s)".formatted(known) : reading(c))
            .collect(Collectors.joining(",\n          "));
    reads.append(
        """

          public static %1$s read%2$s(Node node) {
            Fields in = node.fields();
            try {
              return new %1$s(
                  %3$s);
            } catch (IllegalArgumentException e) {
              throw node.refused(e);
            }
          }
        """
            .formatted(type, shapes.nameOf(type), arguments));
    writes.append(
        """

          public static <V> V write%2$s(%1$s value, Target<V> to) {
            V out = to.object();
            fill%2$s(value, out, to);
            return out;
          }

          static <V> void fill%2$s(%1$s value, V out, Target<V> %3$s) {
        """
            .formatted(type, shapes.nameOf(type), Shapes.isOfQuestion(type) ? "around" : "to"));
    if (Shapes.isOfQuestion(type)) {
      writes.append("    Target<V> to = around.of(value.ofQuestion());\n");
    }
    for (RecordComponentElement component : type.getRecordComponents()) {
      writes.append("    ").append(writing(component)).append('\n');
    }
    writes.append("  }\n");
  }

  private void addTextOrList(TypeElement type) {
    RecordComponentElement text = type.getRecordComponents().getFirst();
    RecordComponentElement list = type.getRecordComponents().getLast();
    reads.append(
        """

          public static %1$s read%2$s(Node node) {
            if (!node.isText() && !node.isList()) {
              throw node.expected("text or a list");
            }
            try {
              return node.isText()
                  ? new %1$s(node.text(), List.of())
                  : new %1$s(null, node.items(%4$s, %3$s));
            } catch (IllegalArgumentException e) {
              throw node.refused(e);
            }
          }
        """
            .formatted(
                type,
                shapes.nameOf(type),
                reader(list.asType(), list),
                Shapes.most(list).orElse("Node.MOST_ITEMS")));
    writes.append(
        """

          public static <V> V write%2$s(%1$s value, Target<V> to) {
            return value.%3$s() != null ? to.text(value.%3$s()) : %4$s;
          }
        """
            .formatted(
                type,
                shapes.nameOf(type),
                text.getSimpleName(),
                written(list.asType(), "value." + list.getSimpleName() + "()", list)));
  }

  private String reading(RecordComponentElement component) {
    String name = component.getSimpleName().toString();
    String reader = reader(component.asType(), component);
    if (Shapes.isFlat(component)) {
      return reader.replace("::", ".") + "(node)";
    }
    if (isList(component.asType())) {
      return Shapes.most(component)
          .map(most -> "in.list(\"%s\", %s, %s)".formatted(name, most, reader))
          .orElseGet(() -> "in.list(\"%s\", %s)".formatted(name, reader));
    }
    if (Shapes.isNullable(component)) {
      return "in.optional(\"%s\", %s)".formatted(name, reader);
    }
    return switch (component.asType().getKind()) {
      case BOOLEAN -> "in.flag(\"%s\")".formatted(name);
      default -> "in.required(\"%s\", %s)".formatted(name, reader);
    };
  }

  private String writing(RecordComponentElement component) {
    String value = "value." + component.getSimpleName() + "()";
    if (Shapes.isExtra(component)) {
      return value + ".addTo(out, to);";
    }
    if (Shapes.isFlat(component)) {
      return "fill%s(%s, out, to);"
          .formatted(shapes.nameOf(((DeclaredType) component.asType()).asElement()), value);
    }
    String add =
        "to.put(out, \"%s\", %s);"
            .formatted(component.getSimpleName(), written(component.asType(), value, component));
    return Shapes.isNullable(component) ? "if (%s != null) %s".formatted(value, add) : add;
  }

  private static boolean isList(TypeMirror type) {
    return type instanceof DeclaredType declared
        && Shapes.isList((TypeElement) declared.asElement());
  }

  /** A method reference that reads one value of the type from a {@code Node}. */
  private String reader(TypeMirror type, Element where) {
    return switch (type.getKind()) {
      case INT -> "Node::integer";
      case LONG -> "Node::longInteger";
      case BOOLEAN -> "Node::flag";
      case DECLARED -> {
        DeclaredType declared = (DeclaredType) type;
        yield switch (declared.asElement().toString()) {
          case "java.lang.String" ->
              Shapes.longest(where)
                  .map("written -> written.text(%s)"::formatted)
                  .orElse("Node::text");
          case "java.lang.Integer" -> "Node::integer";
          case "java.lang.Long" -> "Node::longInteger";
          case "java.lang.Boolean" -> "Node::flag";
          case "java.util.List" -> reader(declared.getTypeArguments().getFirst(), where);
          default -> "Reads::read" + shapes.nameOf(declared.asElement());
        };
      }
      default -> throw new UnsupportedShape("the codec doesn't know " + type, where);
    };
  }

  private String written(TypeMirror type, String value, Element where) {
    if (!(type instanceof DeclaredType declared)) {
      return (type.getKind() == TypeKind.BOOLEAN ? "to.flag(%s)" : "to.number(%s)")
          .formatted(value);
    }
    return switch (declared.asElement().toString()) {
      case "java.lang.String" ->
          (Shapes.isOfOnePlay(where)
                  ? "to.name(%s)"
                  : Shapes.isPartId(where)
                      ? "to.part(%s)"
                      : Shapes.isOwnId(where) ? "to.id(%s)" : "to.text(%s)")
              .formatted(value);
      case "java.lang.Integer", "java.lang.Long" -> "to.number(%s)".formatted(value);
      case "java.lang.Boolean" -> "to.flag(%s)".formatted(value);
      case "java.util.List" ->
          "to.list(%s, item -> %s)"
              .formatted(value, written(declared.getTypeArguments().getFirst(), "item", where));
      default -> {
        TypeElement known = shapes.listOf((TypeElement) declared.asElement());
        String cast = known.equals(declared.asElement()) ? "" : "(%s) ".formatted(known);
        yield "write%s(%s%s, to)".formatted(shapes.nameOf(known), cast, value);
      }
    };
  }

  private void addEnum(TypeElement type) {
    List<? extends Element> constants =
        type.getEnclosedElements().stream()
            .filter(e -> e.getKind() == ElementKind.ENUM_CONSTANT)
            .toList();
    reads.append(
        "\n  public static %s read%s(Node node) {\n    return switch (node.text()) {\n"
            .formatted(type, shapes.nameOf(type)));
    for (Element constant : constants) {
      reads.append(
          "      case \"%s\" -> %s.%s;\n"
              .formatted(Shapes.constantName(constant), type, constant.getSimpleName()));
    }
    String expected =
        constants.stream().map(Shapes::constantName).collect(Collectors.joining(", "));
    reads.append(
        "      default -> throw node.expected(\"one of %s\");\n    };\n  }\n".formatted(expected));
    writes.append(
        "\n  public static <V> V write%s(%s value, Target<V> to) {\n    return to.text(switch (value) {\n"
            .formatted(shapes.nameOf(type), type));
    for (Element constant : constants) {
      writes.append(
          "      case %s -> \"%s\";\n"
              .formatted(constant.getSimpleName(), Shapes.constantName(constant)));
    }
    writes.append("    });\n  }\n");
  }

  private void addSealed(TypeElement type) {
    Map<String, TypeElement> kinds = Shapes.kinds(type);
    List<TypeElement> others =
        type.getPermittedSubclasses().stream()
            .map(t -> (TypeElement) ((DeclaredType) t).asElement())
            .filter(t -> !kinds.containsValue(t) && !Shapes.isSealed(t))
            .toList();
    TypeElement hull =
        others.stream().filter(t -> Shapes.wrappedBy(t) != null).findFirst().orElse(null);
    TypeElement unknown =
        others.stream().filter(t -> Shapes.wrappedBy(t) == null).findFirst().orElse(null);
    TypeElement own = hull == null ? null : Shapes.wrappedBy(hull);
    boolean listed = own != null && shapes.isListed(own);
    reads.append(
        "\n  public static %s read%s(Node node) {\n    return switch (node.kind()) {\n"
            .formatted(type, shapes.nameOf(type)));
    kinds.forEach(
        (kind, t) ->
            reads.append("      case \"%s\" -> read%s(node);\n".formatted(kind, shapes.nameOf(t))));
    if (unknown != null) {
      reads.append("      default -> read%s(node);\n".formatted(shapes.nameOf(unknown)));
    } else if (listed) {
      reads.append("      default -> new %s(read%s(node));\n".formatted(hull, shapes.nameOf(own)));
    } else {
      reads.append(
          "      default -> throw node.at(\"kind\").expected(\"one of %s\");\n"
              .formatted(String.join(", ", kinds.keySet())));
    }
    reads.append("    };\n  }\n");
    writes.append(
        "\n  public static <V> V write%s(%s value, Target<V> to) {\n    return switch (value) {\n"
            .formatted(shapes.nameOf(type), type));
    kinds.forEach(
        (kind, t) ->
            writes.append(
                """
                      case %s v -> {
                        V out = to.object();
                        to.put(out, "kind", to.text("%s"));
                        fill%s(v, out, to);
                        yield out;
                      }
                """
                    .formatted(t, kind, shapes.nameOf(t))));
    if (unknown != null) {
      writes.append(
          "      case %s v -> write%s(v, to);\n".formatted(unknown, shapes.nameOf(unknown)));
    }
    if (listed) {
      String inner = hull.getRecordComponents().getFirst().getSimpleName() + "()";
      writes.append(
          "      case %s v -> write%s((%s) v.%s, to);\n"
              .formatted(hull, shapes.nameOf(own), shapes.listOf(own), inner));
    } else if (hull != null) {
      writes.append(
          "      case %s v -> throw new IllegalStateException(\"never written\");\n"
              .formatted(hull));
    }
    writes.append("    };\n  }\n");
  }
}
