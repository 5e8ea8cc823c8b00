package bravium.formats;

import bravium.core.question.Question;
import bravium.formats.writing.QuestionRow;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.commonmark.ext.task.list.items.TaskListItemMarker;
import org.commonmark.node.BulletList;
import org.commonmark.node.Document;
import org.commonmark.node.HardLineBreak;
import org.commonmark.node.Image;
import org.commonmark.node.ListItem;
import org.commonmark.node.Node;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.Text;
import org.commonmark.renderer.NodeRenderer;
import org.commonmark.renderer.markdown.MarkdownNodeRendererContext;
import org.commonmark.renderer.markdown.MarkdownNodeRendererFactory;
import org.commonmark.renderer.markdown.MarkdownRenderer;
import org.jspecify.annotations.Nullable;

/** Writes questions as the Markdown that {@link QuestionList} reads. */
final class ListWriting {

  private static final Pattern PICTURE =
      Pattern.compile("!\\[([^\\]]*)]\\(((?:sound:)?[a-z0-9-]{1,64})\\)");

  private static final MarkdownRenderer RENDERER =
      MarkdownRenderer.builder().nodeRendererFactory(new BoxesFactory()).build();

  private ListWriting() {}

  static String of(List<Question> questions) {
    Document document = new Document();
    OrderedList list = new OrderedList();
    list.setMarkerDelimiter(".");
    list.setMarkerStartNumber(1);
    list.setTight(true);
    questions.stream()
        .flatMap(question -> QuestionRow.of(question).stream())
        .forEach(row -> list.appendChild(item(row)));
    if (list.getFirstChild() == null) {
      return "";
    }
    document.appendChild(list);
    return RENDERER.render(document);
  }

  private static ListItem item(QuestionRow row) {
    ListItem item = new ListItem();
    Paragraph paragraph = new Paragraph();
    text(paragraph, row.question());
    if (!row.kindFollows()) {
      line(paragraph, "Kind", row.kind());
    }
    row.hints().forEach(hint -> line(paragraph, "Hint", hint));
    line(paragraph, "If right", row.ifRight());
    line(paragraph, "If wrong", row.ifWrong());
    line(paragraph, "Worth", row.worth() == null ? null : row.worth().toString());
    item.appendChild(paragraph);
    BulletList answers = new BulletList();
    answers.setMarker("-");
    answers.setTight(true);
    row.right().forEach(text -> answers.appendChild(box(text, true)));
    row.wrong().forEach(text -> answers.appendChild(box(text, false)));
    if (answers.getFirstChild() != null) {
      item.appendChild(answers);
    }
    return item;
  }

  private static void line(Paragraph paragraph, String name, @Nullable String said) {
    if (said != null) {
      paragraph.appendChild(new SoftLineBreak());
      text(paragraph, name + ": " + said);
    }
  }

  private static ListItem box(String text, boolean ticked) {
    ListItem item = new ListItem();
    item.appendChild(new TaskListItemMarker(ticked));
    Paragraph paragraph = new Paragraph();
    text(paragraph, text);
    item.appendChild(paragraph);
    return item;
  }

  private static void text(Paragraph paragraph, String text) {
    List<String> lines = text.lines().toList();
    for (int i = 0; i < lines.size(); i++) {
      if (i > 0) {
        paragraph.appendChild(new HardLineBreak());
      }
      line(paragraph, lines.get(i));
    }
  }

  /** A line, with the pictures that are marked in it as pictures. */
  private static void line(Paragraph paragraph, String text) {
    Matcher picture = PICTURE.matcher(text);
    int from = 0;
    while (picture.find()) {
      paragraph.appendChild(new Text(text.substring(from, picture.start())));
      Image image = new Image(picture.group(2), null);
      image.appendChild(new Text(picture.group(1)));
      paragraph.appendChild(image);
      from = picture.end();
    }
    paragraph.appendChild(new Text(text.substring(from)));
  }

  /** Writes the boxes, which the library only reads. */
  private static final class BoxesFactory implements MarkdownNodeRendererFactory {

    @Override
    public NodeRenderer create(MarkdownNodeRendererContext context) {
      return new NodeRenderer() {
        @Override
        public Set<Class<? extends Node>> getNodeTypes() {
          return Set.of(TaskListItemMarker.class);
        }

        @Override
        public void render(Node node) {
          context.getWriter().raw(((TaskListItemMarker) node).isChecked() ? "[x] " : "[ ] ");
        }
      };
    }

    @Override
    public Set<Character> getSpecialCharacters() {
      return Set.of();
    }
  }
}
