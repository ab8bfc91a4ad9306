package ulnaawl.words;

import java.util.List;
import java.util.stream.Collectors;
import ulnaawl.music.Count;
import ulnaawl.notation.write.StepTextFormatter;
import ulnaawl.sheet.Doubt;

final class EnglishSheets implements SheetSpeech {

  @Override
  public String doubt(Doubt doubt) {
    return switch (doubt) {
      case Doubt.UnknownWords it ->
          quoted(it.words())
              + (it.words().size() == 1 ? " means" : " mean")
              + " nothing to the reader; kept as a remark. Is a step missing?";
      case Doubt.SeveralWays _ ->
          "The words can be taken in more than one way, and the feet or the facing would differ.";
      case Doubt.TurnSide it ->
          "The sheet does not say to which side one turns; taken as " + it.taken().word() + ".";
      case Doubt.OtherFeet _ ->
          "The foot that the sheet says carries the weight here; read with the other one.";
      case Doubt.OtherTurn _ ->
          "The facings that the sheet prints are only true when this turns to the other side.";
      case Doubt.EmptyCounts it ->
          "There is no step on " + counts(it.counts()) + "; read as a hold.";
      case Doubt.OtherCounts it ->
          "The steps do not fit "
              + counts(it.written())
              + "; counted as "
              + counts(it.taken())
              + ".";
      case Doubt.Uncounted _ ->
          "The sheet has no counts here; counted as these figures usually are.";
      case Doubt.Mirrored _ -> "Repeated with the other foot: that one is free here.";
      case Doubt.StepsOfHeading _ -> "The steps stand in the heading alone.";
      case Doubt.HeadingDiffers it ->
          "The heading says " + it.figure() + "; the steps below it are none.";
      case Doubt.NearLevel it ->
          "This level is none of the seven; taken as " + it.taken().label() + ".";
      case Doubt.OptionDiffers it ->
          "The other way, '" + it.words() + "', does not end like the steps that it replaces.";
      case Doubt.WhichWall _ -> "The sheet does not say on which wall this is danced.";
      case Doubt.MoreSaid _ ->
          "It seems to say something of the steps as well, and that was not read: is there a change?";
      case Doubt.Check it -> it.message();
      case Doubt.Unread _ -> "Not understood; kept as a remark.";
      case Doubt.NoSteps it -> "The sheet has no steps for " + it.name() + ".";
    };
  }

  private static String quoted(List<String> words) {
    return words.stream().map(word -> "'" + word + "'").collect(Collectors.joining(", "));
  }

  private static String counts(List<Count> counts) {
    return (counts.size() == 1 ? "count " : "counts ") + StepTextFormatter.counts(counts);
  }
}
