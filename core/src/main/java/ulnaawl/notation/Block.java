package ulnaawl.notation;

import java.util.List;
import java.util.Optional;
import ulnaawl.text.SourceSpan;

/** A headed run of step lines. */
public sealed interface Block {

  /** Where its heading stands. */
  SourceSpan span();

  List<StepLine> lines();

  /** The part of a dance that has no parts. */
  String ONLY_PART = "A";

  /**
   * A section of the dance.
   *
   * @param part the part it belongs to; {@link #ONLY_PART} where the dance has no parts
   * @param title its title; may be empty
   */
  record SectionBlock(String part, String title, SourceSpan span, List<StepLine> lines)
      implements Block {
    public SectionBlock {
      lines = List.copyOf(lines);
    }
  }

  /** What an extra is for. */
  enum ExtraKind {
    TAG("tag"),
    BRIDGE("bridge"),
    ENDING("ending");

    private final String word;

    ExtraKind(String word) {
      this.word = word;
    }

    public String word() {
      return word;
    }
  }

  /** A tag, bridge or ending, called by its name in the phrasing. */
  record ExtraBlock(ExtraKind kind, String name, SourceSpan span, List<StepLine> lines)
      implements Block {
    public ExtraBlock {
      lines = List.copyOf(lines);
    }
  }

  /** Whom a variation is for. */
  enum OptionKind {
    EASIER,
    SHOWIER,
    OURS
  }

  /**
   * Another way of dancing some counts of a section.
   *
   * @param section the section's number, from 1, counted through all parts
   * @param from first count of the section that it replaces; empty for the whole section
   * @param to last count that it replaces; empty for the whole section
   */
  record OptionBlock(
      String name,
      int section,
      Optional<Integer> from,
      Optional<Integer> to,
      OptionKind kind,
      SourceSpan span,
      List<StepLine> lines)
      implements Block {
    public OptionBlock {
      lines = List.copyOf(lines);
    }
  }
}
