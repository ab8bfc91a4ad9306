package ulnaawl.formats;

import static org.testng.Assert.assertEquals;

import java.io.ByteArrayInputStream;
import java.util.List;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import org.verapdf.pdfa.results.ValidationResult;

/** Asks the reference validator of PDF/UA-1 (ISO 14289-1) whether everybody can read a PDF. */
final class Tagged {

  private Tagged() {}

  static {
    VeraGreenfieldFoundryProvider.initialise();
  }

  static void assertForEverybody(byte[] pdf, String what) {
    PDFAFlavour flavour = PDFAFlavour.PDFUA_1;
    try (PDFAParser parser =
            Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
        PDFAValidator validator = Foundries.defaultInstance().createValidator(flavour, false)) {
      ValidationResult result = validator.validate(parser);
      List<String> faults =
          result.getTestAssertions().stream()
              .filter(it -> it.getStatus() == TestAssertion.Status.FAILED)
              .map(it -> it.getRuleId().getClause() + ": " + it.getMessage())
              .distinct()
              .toList();
      assertEquals(String.join("\n", faults), "", what);
    } catch (Exception e) {
      throw new AssertionError(what, e);
    }
  }
}
