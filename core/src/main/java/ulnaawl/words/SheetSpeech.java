package ulnaawl.words;

import ulnaawl.sheet.Doubt;

/** Says why a line of a printed sheet is not surely read. */
public interface SheetSpeech {

  String doubt(Doubt doubt);
}
