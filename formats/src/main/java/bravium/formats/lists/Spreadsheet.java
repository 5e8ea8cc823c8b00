package bravium.formats.lists;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.apache.commons.compress.archivers.zip.ZipArchiveEntry;
import org.apache.commons.compress.archivers.zip.ZipFile;
import org.apache.commons.compress.utils.SeekableInMemoryByteChannel;
import org.dhatim.fastexcel.reader.Cell;
import org.dhatim.fastexcel.reader.CellType;
import org.dhatim.fastexcel.reader.ReadableWorkbook;
import org.dhatim.fastexcel.reader.Row;
import org.dhatim.fastexcel.reader.Sheet;

/**
 * A spreadsheet (Office Open XML, ISO/IEC 29500) as the text that copying its cells gives: a row to
 * a line, tabs between cells, a blank line between sheets. What formulas gave last is read, they
 * are not computed.
 */
public final class Spreadsheet {

  private static final String WORKBOOK = "xl/workbook.xml";
  private static final long MOST_UNPACKED = 64L << 20;
  private static final int MOST_ENTRIES = 2_000;
  private static final int MOST_COLUMNS = 100;
  private static final int LONGEST = 4 << 20;

  private Spreadsheet() {}

  /** Whether a file is one. */
  public static boolean is(byte[] file) {
    if (file.length < 4 || file[0] != 'P' || file[1] != 'K') {
      return false;
    }
    try (ZipFile zip = zip(file)) {
      return zip.getEntry(WORKBOOK) != null;
    } catch (IOException | IllegalArgumentException e) {
      return false;
    }
  }

  /** By its directory: some writers leave the sizes before the entries out. */
  private static ZipFile zip(byte[] file) throws IOException {
    return ZipFile.builder().setSeekableByteChannel(new SeekableInMemoryByteChannel(file)).get();
  }

  /**
   * The cells of all its sheets.
   *
   * @throws IllegalArgumentException where it is damaged or too large, in words
   */
  public static String text(byte[] file) {
    guard(file);
    StringBuilder out = new StringBuilder();
    try (ReadableWorkbook book = new ReadableWorkbook(new ByteArrayInputStream(file))) {
      for (Sheet sheet : book.getSheets().toList()) {
        String text = sheet(sheet);
        if (!text.isBlank()) {
          out.append(out.isEmpty() ? "" : "\n").append(text);
        }
        if (out.length() > LONGEST) {
          throw tooLarge();
        }
      }
    } catch (IllegalArgumentException e) {
      throw e;
    } catch (IOException | RuntimeException e) {
      throw new IllegalArgumentException("This spreadsheet is damaged and can’t be read.", e);
    }
    return out.toString();
  }

  private static IllegalArgumentException tooLarge() {
    return new IllegalArgumentException(
        "This spreadsheet holds more than can be looked at at once.");
  }

  /** Whoever packs gigabytes into a small file is refused before anything of it is kept. */
  private static void guard(byte[] file) {
    byte[] some = new byte[1 << 16];
    long unpacked = 0;
    try (ZipFile zip = zip(file)) {
      List<ZipArchiveEntry> entries = Collections.list(zip.getEntries());
      if (entries.size() > MOST_ENTRIES) {
        throw tooLarge();
      }
      for (ZipArchiveEntry entry : entries) {
        try (InputStream in = zip.getInputStream(entry)) {
          for (int n; (n = in.read(some)) > 0; ) {
            unpacked += n;
            if (unpacked > MOST_UNPACKED) {
              throw tooLarge();
            }
          }
        }
      }
    } catch (IOException e) {
      throw new IllegalArgumentException("This spreadsheet is damaged and can’t be read.", e);
    }
  }

  private static String sheet(Sheet sheet) throws IOException {
    StringBuilder out = new StringBuilder();
    try (Stream<Row> rows = sheet.openStream()) {
      rows.forEach(
          row -> {
            out.append(row(row)).append('\n');
            if (out.length() > LONGEST) {
              throw tooLarge();
            }
          });
    }
    return out.toString();
  }

  private static String row(Row row) {
    List<String> cells = new ArrayList<>();
    for (int i = 0; i < Math.min(row.getCellCount(), MOST_COLUMNS); i++) {
      cells.add(row.getOptionalCell(i).flatMap(Spreadsheet::written).orElse(""));
    }
    while (!cells.isEmpty() && cells.getLast().isEmpty()) {
      cells.removeLast();
    }
    boolean several = cells.size() > 1;
    return String.join("\t", cells.stream().map(cell -> several ? quoted(cell) : cell).toList());
  }

  private static String quoted(String cell) {
    return cell.startsWith("\"") ? "\"" + cell.replace("\"", "\"\"") + "\"" : cell;
  }

  private static Optional<String> written(Cell cell) {
    String text = Optional.ofNullable(cell.getText()).orElse("");
    if (cell.getType() == CellType.NUMBER) {
      return Optional.of(number(text));
    }
    if (cell.getType() == CellType.BOOLEAN) {
      return Optional.of(text.equals("1") || text.equalsIgnoreCase("true") ? "true" : "false");
    }
    return Optional.of(text.replaceAll("\\s+", " ").strip());
  }

  private static String number(String text) {
    try {
      BigDecimal number = new BigDecimal(text.strip());
      return number.signum() == 0 ? "0" : number.stripTrailingZeros().toPlainString();
    } catch (NumberFormatException e) {
      return text;
    }
  }
}
