package ulnaawl.formats;

import java.util.List;
import ulnaawl.formats.page.Paper;

/** What became of a term as a page of A4 for the committee: a part for each group. */
public final class ReportPdf {

  private static final int MARGIN = 40;
  private static final double SMALL = 9.2;

  private ReportPdf() {}

  /** Dances of which the same became. */
  public record Part(String heading, List<String> titles) {
    public Part {
      titles = List.copyOf(titles);
    }
  }

  /**
   * A group.
   *
   * @param facts whole sentences
   */
  public record Group(String name, List<String> facts, List<Part> parts) {
    public Group {
      facts = List.copyOf(facts);
      parts = List.copyOf(parts);
    }
  }

  /**
   * The bytes of the PDF.
   *
   * @param span from when to when, in words
   */
  public static byte[] write(String title, String span, List<Group> groups) {
    Paper paper = Paper.blank(title, MARGIN, SMALL).title(title).text(span);
    for (Group group : groups) {
      paper.heading(group.name());
      group.facts().forEach(paper::text);
      paper.table(
          "ruled",
          List.of(24, 76),
          group.parts().stream()
              .map(it ->
                  List.of(Paper.strong(it.heading()), Paper.cell(String.join(", ", it.titles()))))
              .toList());
    }
    return paper.pdf();
  }
}
