package bravium.e2e;

import com.microsoft.playwright.Page;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.text.Normalizer;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;

/** A page as it is printed on A4, read back by PDFBox. */
final class Paper {

  private Paper() {}

  /** What stands on it, without joined letters. */
  static String text(Page page) {
    byte[] printed = page.pdf(new Page.PdfOptions().setFormat("A4"));
    try (PDDocument document = Loader.loadPDF(printed)) {
      return Normalizer.normalize(new PDFTextStripper().getText(document), Normalizer.Form.NFKC);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
