package ulnaawl.text;

import java.util.Locale;

/**
 * Which rule speaks. The names are stable: they are on the wire and in {@code docs/diagnostics.md}.
 */
public enum Code {
  NO_TITLE(Severity.WARNING, "The text has no title line."),
  NO_SECTIONS(Severity.ERROR, "There is no section, so there is nothing to dance."),
  TOO_LONG(Severity.ERROR, "The text is longer than any dance."),
  TOO_MANY_LINES(Severity.ERROR, "There are more lines than are read."),
  TOO_MANY_BLOCKS(Severity.ERROR, "There are more sections, tags and options than are read."),
  TOO_MANY_PHRASES(Severity.ERROR, "There are more lines of phrasing than are read."),
  TOO_MANY_SONGS(Severity.ERROR, "There are more songs than are read."),
  LINE_TOO_LONG(Severity.ERROR, "A line is longer than is read."),
  NOT_UNDERSTOOD(Severity.ERROR, "A line is neither header, heading, steps nor phrasing."),
  OUTSIDE_SECTION(Severity.ERROR, "Steps stand above the first section."),
  SECTION_NUMBER(Severity.WARNING, "The number of a heading is not the one that the section has."),
  HEADER_EMPTY(Severity.WARNING, "A header has no value."),
  HEADER_VALUE(Severity.ERROR, "The value of a header does not do."),
  SONG_TEMPO(Severity.ERROR, "The tempo of a song cannot be true."),
  SONG_PARTS(
      Severity.INFO,
      "A song line has more parts than title and artist; the artist is put together from them."),
  NO_FIGURES(Severity.ERROR, "A step line has counts and no figures."),
  COUNT_ORDER(Severity.ERROR, "Counts do not rise."),
  COUNT_OUTSIDE(Severity.ERROR, "A count lies outside its section."),
  UNKNOWN_FIGURE(Severity.ERROR, "No figure is called that."),
  UNKNOWN_WORD(Severity.ERROR, "A word after a figure means nothing here."),
  SPELLED(Severity.ERROR, "The steps behind a figure's name and a colon are not its steps."),
  REPEAT_TIMES(Severity.ERROR, "A figure or section cannot be repeated so often."),
  TWO_TURNS(Severity.ERROR, "An item turns twice."),
  TWO_DIRECTIONS(Severity.ERROR, "An item goes in two directions."),
  DIRECTION_UNUSED(Severity.WARNING, "A figure goes its own way; a typed direction does nothing."),
  TURN_SIDE(Severity.ERROR, "A turn needs a side."),
  TURN_WHOLE(Severity.INFO, "A turn after several steps is the turn of all of them together."),
  TURN_FOOT(Severity.INFO, "A turn begins on the foot that is not its usual one."),
  PLACES(Severity.ERROR, "A line has too many or too few steps for its counts."),
  FOOT_NOT_FREE(Severity.ERROR, "The foot that should move carries the weight."),
  WHICH_FOOT(Severity.ERROR, "Nothing says which foot moves."),
  TRAVEL(Severity.ERROR, "A figure cannot travel to that side with the foot that is free."),
  HOP(Severity.ERROR, "A hop is danced on the foot that carries the weight."),
  BOTH(Severity.ERROR, "Only a step with weight can leave the weight on both feet."),
  ENDS(Severity.ERROR, "A step does not leave the weight where the text says it ends."),
  EMPTY_SECTION(Severity.ERROR, "A section has no steps."),
  SHORT_SECTION(Severity.WARNING, "A section stops before its last count."),
  UNCOVERED(Severity.INFO, "Nothing is written on a count."),
  IMPOSSIBLE_STEP(Severity.ERROR, "A foot cannot get there in the time."),
  AWKWARD_STEP(Severity.WARNING, "A foot gets there only with trouble."),
  SECTION_REPEATS(Severity.INFO, "A section repeats another, or its own first half."),
  SECTION_MIRRORS(Severity.INFO, "A section mirrors another, or its own first half."),
  COUNTS(Severity.ERROR, "The sheet states another number of counts."),
  TAG_COUNTS(Severity.ERROR, "The sheet states another number of counts for its tags."),
  WALL_TURN(Severity.ERROR, "The sheet states another number of walls."),
  END_WEIGHT(Severity.ERROR, "The wall ends on a foot from which it cannot begin again."),
  LEVEL(Severity.WARNING, "The stated level is far from the measured one."),
  LEVEL_NEAR(Severity.INFO, "The stated level is near the measured one."),
  DUPLICATE_NAME(Severity.ERROR, "Two tags, bridges or endings have one name."),
  PHRASING(Severity.ERROR, "A line of the phrasing is not understood."),
  FACING(Severity.ERROR, "This is no facing."),
  WALL_NUMBER(Severity.ERROR, "No wall has that number."),
  UNKNOWN_TAG(Severity.ERROR, "The phrasing calls a tag, bridge or ending that is not there."),
  UNKNOWN_PART(Severity.ERROR, "The order calls a part that is not there."),
  UNKNOWN_SECTION(Severity.ERROR, "The phrasing repeats a section that is not there."),
  ORDER_START(Severity.ERROR, "The order begins with something that is no part."),
  TWO_RESTARTS(Severity.ERROR, "One wall has two restarts."),
  AFTER_COUNTS(
      Severity.ERROR,
      "A restart, bridge or ending comes after counts that the wall does not have."),
  CHANGE_OUTSIDE(Severity.ERROR, "A step change lies outside the counts that are danced."),
  CHANGE_WEIGHT(Severity.ERROR, "A step change ends on the wrong foot."),
  JOIN_WEIGHT(Severity.ERROR, "Across a join of the phrasing the wrong foot is free."),
  RESTART_FACING(Severity.WARNING, "A restart faces where no wall of the dance usually begins."),
  STATED_FACING(Severity.ERROR, "The phrasing states a facing that cannot be true."),
  NOTED_FACING(Severity.WARNING, "A remark states another facing than is danced."),
  OPTION_SECTION(Severity.ERROR, "An option is for a section that is not there."),
  OPTION_COUNTS(Severity.ERROR, "An option is for counts that its section does not have."),
  OPTION_WEIGHT(Severity.ERROR, "An option ends on another foot than what it replaces."),
  OPTION_FACING(Severity.ERROR, "An option ends facing elsewhere than what it replaces.");

  private final Severity severity;
  private final String meaning;

  Code(Severity severity, String meaning) {
    this.severity = severity;
    this.meaning = meaning;
  }

  /** How much it matters; the same for every diagnostic of this code. */
  public Severity severity() {
    return severity;
  }

  /** What it says in general, as a sentence. */
  public String meaning() {
    return meaning;
  }

  /** Lower case with hyphens: {@code foot-not-free}. */
  public String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}
