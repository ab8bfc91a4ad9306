package ulnaawl.teach.ladder;

import java.util.ArrayList;
import java.util.List;
import ulnaawl.teach.ladder.LadderWalk.Answer;

/**
 * The rule of {@link LadderWalk} for one ladder, as a table that a device can follow without asking
 * anybody: where each answer leads from where the class stands.
 *
 * @param stands where a class can stand; it begins a rung at the stand with that number
 * @param hold passes of one rung without a clean one after which it is enough
 */
public record LadderTable(List<Stand> stands, int hold) {

  public LadderTable {
    stands = List.copyOf(stands);
  }

  /**
   * Where a class stands.
   *
   * @param rung the rung to dance, from 0
   * @param clean the stand after a clean pass
   * @param shaky the stand after a shaky one
   * @param lost the stand after a lost one
   * @param top whether a clean pass here is full speed, and the ladder done
   */
  public record Stand(int rung, int clean, int shaky, int lost, boolean top) {

    /** The stand after an answer. */
    public int after(Answer answer) {
      return switch (answer) {
        case CLEAN -> clean;
        case SHAKY -> shaky;
        case LOST -> lost;
      };
    }
  }

  /** The table of a ladder: first each rung fresh, then each rung after one shaky pass. */
  public static LadderTable of(TempoLadder ladder) {
    int rungs = ladder.percents().size();
    List<Stand> stands = new ArrayList<>();
    for (List<Answer> before : List.of(List.<Answer>of(), List.of(Answer.SHAKY))) {
      for (int rung = 0; rung < rungs; rung++) {
        stands.add(
            new Stand(
                rung,
                next(ladder, rung, before, Answer.CLEAN),
                next(ladder, rung, before, Answer.SHAKY),
                next(ladder, rung, before, Answer.LOST),
                rung == rungs - 1));
      }
    }
    return new LadderTable(stands, LadderWalk.HOLD);
  }

  private static int next(TempoLadder ladder, int rung, List<Answer> before, Answer answer) {
    List<Answer> answers = new ArrayList<>(before);
    answers.add(answer);
    int to = LadderWalk.after(ladder, rung, answers).rung();
    // The first shaky pass is remembered; every other answer begins afresh.
    boolean remembered = answer == Answer.SHAKY && before.isEmpty();
    return remembered ? ladder.percents().size() + to : to;
  }
}
