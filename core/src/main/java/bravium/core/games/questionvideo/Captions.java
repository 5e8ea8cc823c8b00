package bravium.core.games.questionvideo;

import bravium.core.measure.Stretch;
import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Captions as text: WebVTT in and out, SubRip (SRT) in.
 *
 * @see <a href="https://www.w3.org/TR/webvtt1/">WebVTT, W3C, sections 4 and 6</a>
 */
public final class Captions {

  private static final String ARROW = "-->";

  /** The most lines that are told one by one. */
  private static final int MOST_TOLD = 20;

  private static final int HOUR = 3_600_000;

  private Captions() {}

  /** When a caption is shown, in milliseconds. */
  private record Times(long from, long to) {}

  /** Reads WebVTT or SubRip. Marks, styles, notes, places and names of speakers are left out. */
  public static CaptionsRead read(String text) {
    List<String> rows = rows(text);
    List<ScriptLine> lines = new ArrayList<>();
    List<CaptionsRead.PassedOver> over = new ArrayList<>();
    int row = 0;
    while (row < rows.size()) {
      Times times = times(rows.get(row));
      row++;
      if (times == null) {
        continue;
      }
      int at = row;
      StringBuilder said = new StringBuilder();
      while (row < rows.size() && !Texts.blank(rows.get(row)) && times(rows.get(row)) == null) {
        said.append(said.isEmpty() ? "" : "\n").append(rows.get(row));
        row++;
      }
      String plain = plain(said.toString());
      CaptionsRead.Why why = why(times, plain, lines.size());
      if (why == null && !plain.isEmpty()) {
        lines.add(ScriptLine.said((int) times.from, (int) times.to, plain));
      } else if (why != null && over.size() < MOST_TOLD) {
        over.add(new CaptionsRead.PassedOver(at, why));
      }
    }
    lines.sort(Comparator.comparingInt(ScriptLine::from));
    return new CaptionsRead(List.copyOf(lines), List.copyOf(over));
  }

  private static List<String> rows(String text) {
    List<String> rows = new ArrayList<>();
    StringBuilder row = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      boolean pair = c == '\r' && i + 1 < text.length() && text.charAt(i + 1) == '\n';
      if (c == '\n' || c == '\r' && !pair) {
        rows.add(row.toString());
        row.setLength(0);
      } else if (c != '\r' && c != '\uFEFF') {
        row.append(c);
      }
    }
    rows.add(row.toString());
    return rows;
  }

  private static @Nullable Times times(String row) {
    int arrow = row.indexOf(ARROW);
    if (arrow < 0) {
      return null;
    }
    String rest = Texts.trimmed(row.substring(arrow + ARROW.length()));
    int end = 0;
    while (end < rest.length() && rest.charAt(end) != ' ' && rest.charAt(end) != '\t') {
      end++;
    }
    long from = moment(Texts.trimmed(row.substring(0, arrow)));
    long to = moment(rest.substring(0, end));
    return from < 0 || to < 0 ? null : new Times(from, to);
  }

  /** Hours if there are any, minutes, seconds, and a part of a second; below 0 if it is none. */
  private static long moment(String text) {
    long whole = 0;
    long number = -1;
    int colons = 0;
    long part = -1;
    int digits = 0;
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c >= '0' && c <= '9') {
        if (part < 0) {
          number = Math.max(0, number) * 10 + (c - '0');
        } else if (digits++ < 3) {
          part = part * 10 + (c - '0');
        }
        if (number > 9_999) {
          return -1;
        }
      } else if (c == ':' && number >= 0 && part < 0 && colons < 2) {
        whole = (whole + number) * 60;
        number = -1;
        colons++;
      } else if ((c == '.' || c == ',') && number >= 0 && part < 0) {
        part = 0;
      } else {
        return -1;
      }
    }
    boolean written = colons > 0 && number >= 0 && digits > 0;
    for (int i = digits; i < 3 && written; i++) {
      part *= 10;
    }
    return written ? (whole + number) * 1_000 + part : -1;
  }

  private static CaptionsRead.@Nullable Why why(Times times, String text, int before) {
    if (times.to <= times.from) {
      return CaptionsRead.Why.ENDS_EARLY;
    }
    if (times.to > Stretch.LONGEST) {
      return CaptionsRead.Why.TOO_LATE;
    }
    if (text.length() > ScriptLine.LONGEST_TEXT) {
      return CaptionsRead.Why.TOO_LONG;
    }
    return before >= QuestionVideo.MOST_LINES ? CaptionsRead.Why.TOO_MANY : null;
  }

  /** Without marks in angle brackets or, as SubRip has them, in braces; with signs for names. */
  private static String plain(String marked) {
    StringBuilder plain = new StringBuilder();
    int i = 0;
    while (i < marked.length()) {
      char c = marked.charAt(i);
      int end =
          c == '<'
              ? marked.indexOf('>', i)
              : marked.startsWith("{\\", i) ? marked.indexOf('}', i) : -1;
      if (end > 0) {
        i = end + 1;
      } else {
        plain.append(c);
        i++;
      }
    }
    return Texts.trimmed(signs(plain.toString()));
  }

  private static String signs(String text) {
    return text.replace("&lt;", "<")
        .replace("&gt;", ">")
        .replace("&nbsp;", "\u00a0")
        .replace("&lrm;", "\u200e")
        .replace("&rlm;", "\u200f")
        .replace("&amp;", "&");
  }

  /** What is said in the whole film, as WebVTT. */
  public static String webVtt(QuestionVideo video) {
    List<ScriptLine> said =
        video.script().stream()
            .filter(line -> !line.note() && !Texts.blank(line.text()))
            .sorted(Comparator.comparingInt(ScriptLine::from))
            .toList();
    StringBuilder text = new StringBuilder("WEBVTT\n");
    said.forEach(line -> cue(text, line.from(), line.to(), line.text()));
    return text.toString();
  }

  /** The stops of the part that is shown, as chapters: each from one stop to the next. */
  public static String chapters(QuestionVideo video) {
    Stretch shown = video.shown();
    List<Stop> stops =
        video.inOrder().questions().stream()
            .filter(question -> !question.off() && video.asks(question))
            .map(question -> video.stopOf(question.id()))
            .flatMap(Optional::stream)
            .toList();
    StringBuilder text = new StringBuilder("WEBVTT\n");
    for (int i = 0; i < stops.size(); i++) {
      int to = i + 1 < stops.size() ? stops.get(i + 1).at() : shown.to();
      String id = stops.get(i).question();
      String asked =
          video.questions().stream()
              .filter(question -> question.id().equals(id))
              .map(question -> question.asked().plain())
              .findFirst()
              .orElse("");
      cue(text, stops.get(i).at(), to, asked);
    }
    return text.toString();
  }

  /** A cue lasts a moment at least, and has no empty line in it. */
  private static void cue(StringBuilder into, int from, int to, String text) {
    String safe = text.replace("&", "&amp;").replace("<", "&lt;").replace(">", "&gt;");
    into.append('\n').append(moment(from)).append(" --> ").append(moment(Math.max(to, from + 1)));
    into.append('\n');
    for (String row : rows(safe)) {
      if (!Texts.blank(row)) {
        into.append(Texts.trimmed(row)).append('\n');
      }
    }
  }

  private static String moment(int millis) {
    return two(millis / HOUR)
        + ":"
        + two(millis / 60_000 % 60)
        + ":"
        + two(millis / 1_000 % 60)
        + "."
        + ("" + (1_000 + millis % 1_000)).substring(1);
  }

  private static String two(int number) {
    return number < 10 ? "0" + number : "" + number;
  }
}
