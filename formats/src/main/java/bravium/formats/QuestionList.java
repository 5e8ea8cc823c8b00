package bravium.formats;

import bravium.core.question.Question;
import bravium.formats.Understood.Left;
import bravium.formats.writing.QuestionRow;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.commonmark.ext.task.list.items.TaskListItemMarker;
import org.commonmark.ext.task.list.items.TaskListItemsExtension;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.Code;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Heading;
import org.commonmark.node.HtmlInline;
import org.commonmark.node.Image;
import org.commonmark.node.ListBlock;
import org.commonmark.node.Node;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.Text;
import org.commonmark.parser.IncludeSourceSpans;
import org.commonmark.parser.Parser;
import org.jspecify.annotations.Nullable;

/**
 * Questions as a Markdown list (CommonMark) with task-list boxes: an item, a heading or a paragraph
 * is a question, and the boxes below it are its answers, ticked where they are right. Lines such as
 * {@code Hint: …} below the question say the rest.
 */
public final class QuestionList {

  /** Nobody writes lists within lists deeper; who sends signs without end would wait for ever. */
  private static final int DEEPEST = 50;

  private static final Parser PARSER =
      Parser.builder()
          .maxOpenBlockParsers(DEEPEST)
          .extensions(List.of(TaskListItemsExtension.create()))
          .includeSourceSpans(IncludeSourceSpans.BLOCKS)
          .build();

  private QuestionList() {}

  /** Whether a text looks like such a list: whether it has a task-list box. */
  public static boolean looksLikeOne(String text) {
    return text.lines().anyMatch(line -> line.matches("\\s*([-*+]|\\d+[.)])\\s+\\[[ xX]]\\s.*"));
  }

  /** Reads a text. What is no question is told, and keeps nothing else from being read. */
  public static Understood read(String text) {
    Reader reader = new Reader(text.lines().toList());
    for (Node node = PARSER.parse(text).getFirstChild(); node != null; node = node.getNext()) {
      reader.read(node);
    }
    reader.finish();
    String rest = String.join("\n\n", reader.left.stream().map(Left::text).toList());
    return Understood.of(Understood.TextForm.LIST, reader.questions, reader.left, rest);
  }

  /** Puts questions together from the blocks of a document. */
  private static final class Reader {

    private final List<Understood.Placed> questions = new ArrayList<>();
    private final List<Left> left = new ArrayList<>();
    private final List<String> lines;
    private @Nullable Written open;

    Reader(List<String> lines) {
      this.lines = lines;
    }

    void read(Node node) {
      switch (node) {
        case Heading heading -> begin(heading);
        case Paragraph paragraph -> begin(paragraph);
        case ListBlock list when open != null && !open.isAnswered() && isBoxes(list) ->
            open.answers(list);
        case ListBlock list -> items(list);
        default -> {
          finish();
          leave(line(node), lastLine(node), null);
        }
      }
    }

    private void begin(Node block) {
      finish();
      open = new Written(line(block));
      open.lines(block);
    }

    private void items(ListBlock list) {
      finish();
      for (Node item = list.getFirstChild(); item != null; item = item.getNext()) {
        open = new Written(line(item));
        for (Node block = item.getFirstChild(); block != null; block = block.getNext()) {
          if (block instanceof ListBlock answers) {
            open.answers(answers);
          } else {
            open.lines(block);
          }
        }
        // The last one stays open: boxes that are indented less than its number are a list beside.
        if (item.getNext() != null) {
          finish();
        }
      }
    }

    void finish() {
      if (open == null) {
        return;
      }
      Written written = open;
      open = null;
      try {
        Understood.add(questions, written::row, written.line);
      } catch (IllegalArgumentException e) {
        leave(written.line, written.last, e.getMessage());
      }
    }

    private void leave(int first, int last, @Nullable String reason) {
      left.add(new Left(first, String.join("\n", lines.subList(first - 1, last)), reason));
    }
  }

  /** What is written of one question. */
  private static final class Written {

    private static final Set<String> NAMES =
        Set.of("kind", "hint", "if right", "if wrong", "worth");

    private final int line;
    private int last;
    private String question = "";
    private final List<String> right = new ArrayList<>();
    private final List<String> wrong = new ArrayList<>();
    private final Map<String, List<String>> said = new LinkedHashMap<>();

    Written(int line) {
      this.line = line;
      this.last = line;
    }

    /** The lines of a block: the first is the question, others may say something about it. */
    void lines(Node block) {
      last = Math.max(last, lastLine(block));
      for (String text : linesOf(block)) {
        int colon = text.indexOf(':');
        String name = colon < 0 ? "" : text.substring(0, colon).strip().toLowerCase(Locale.ROOT);
        if (question.isEmpty() || !NAMES.contains(name)) {
          question = (question + " " + text).strip();
        } else {
          said.computeIfAbsent(name, n -> new ArrayList<>()).add(text.substring(colon + 1).strip());
        }
      }
    }

    boolean isAnswered() {
      return !right.isEmpty() || !wrong.isEmpty();
    }

    void answers(ListBlock list) {
      last = Math.max(last, lastLine(list));
      for (Node item = list.getFirstChild(); item != null; item = item.getNext()) {
        boolean ticked =
            item.getFirstChild() instanceof TaskListItemMarker marker && marker.isChecked();
        (ticked ? right : wrong).add(String.join(" ", linesOf(item)));
      }
    }

    QuestionRow row() {
      return new QuestionRow(
          first("kind"),
          question,
          right,
          wrong,
          said.getOrDefault("hint", List.of()),
          first("if right"),
          first("if wrong"),
          QuestionTexts.worth(first("worth")));
    }

    private @Nullable String first(String name) {
      return said.containsKey(name) ? said.get(name).getFirst() : null;
    }
  }

  private static boolean isBoxes(ListBlock list) {
    for (Node item = list.getFirstChild(); item != null; item = item.getNext()) {
      if (!(item.getFirstChild() instanceof TaskListItemMarker)) {
        return false;
      }
    }
    return true;
  }

  private static int line(Node node) {
    return node.getSourceSpans().isEmpty()
        ? 1
        : node.getSourceSpans().getFirst().getLineIndex() + 1;
  }

  private static int lastLine(Node node) {
    return node.getSourceSpans().isEmpty()
        ? line(node)
        : node.getSourceSpans().getLast().getLineIndex() + 1;
  }

  /** The lines of a block; a hard break stays within its line. */
  private static List<String> linesOf(Node node) {
    List<StringBuilder> lines = new ArrayList<>(List.of(new StringBuilder()));
    node.accept(
        new AbstractVisitor() {
          @Override
          public void visit(Text text) {
            lines.getLast().append(text.getLiteral());
          }

          @Override
          public void visit(Code code) {
            lines.getLast().append(code.getLiteral());
          }

          @Override
          public void visit(HtmlInline html) {
            lines.getLast().append(html.getLiteral());
          }

          @Override
          public void visit(Image image) {
            lines.getLast().append("![");
            visitChildren(image);
            lines.getLast().append("](").append(image.getDestination()).append(')');
          }

          @Override
          public void visit(SoftLineBreak end) {
            lines.add(new StringBuilder());
          }

          @Override
          public void visit(HardLineBreak end) {
            lines.getLast().append('\n');
          }

          @Override
          public void visit(Paragraph paragraph) {
            if (!lines.getLast().isEmpty()) {
              lines.add(new StringBuilder());
            }
            visitChildren(paragraph);
          }
        });
    return lines.stream().map(StringBuilder::toString).toList();
  }

  /** As a Markdown list. What plain texts can't hold is left out. */
  public static String write(List<Question> questions) {
    return ListWriting.of(questions);
  }
}
