package ulnaawl.words;

import static org.testng.Assert.assertEquals;
import static org.testng.Assert.assertFalse;
import static org.testng.Assert.assertTrue;

import java.time.LocalDate;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import ulnaawl.learning.LearningReason;
import ulnaawl.level.LevelReason;
import ulnaawl.plan.PlanReason;
import ulnaawl.sheet.Doubt;
import ulnaawl.song.EndingReason;
import ulnaawl.song.MatchReason;
import ulnaawl.song.MusicMatch;
import ulnaawl.teach.TeachReason;
import ulnaawl.teach.lesson.Load;
import ulnaawl.teach.lesson.LoadReason;
import ulnaawl.teach.lesson.Piece;
import ulnaawl.teach.lesson.Say;
import ulnaawl.teach.lesson.Scope;
import ulnaawl.teach.school.SchoolReason;
import ulnaawl.wall.EventId;
import ulnaawl.wall.where.ClaimReason;

/**
 * Every reason there is, with none, one and many of whatever it speaks of, is a sentence that a
 * person would write: English grammar, no source needed.
 */
public class EveryReasonTest {

  private static final Speech ENGLISH = Speech.english();
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 24);

  /** What shows that a value slipped into a sentence unspoken, or that a plural was forgotten. */
  private static final List<Pattern> WRONG =
      List.of(
          Pattern.compile("\\bnull\\b|Optional|\\w+\\[\\w+=|@[0-9a-f]{4,}"),
          Pattern.compile("\\[|\\]|\\{|\\}"),
          Pattern.compile("[A-Z]{3,}|_"),
          Pattern.compile(" {2,}|^ | $| [,.;:](?! )"),
          Pattern.compile(
              "(?<![\\d.-/])(?<!all )(?<!ection )\\b1 (sections|counts|days|minutes|walls|steps|points|times|parts|tags)\\b"),
          Pattern.compile(
              "\\b(2|17) (section|count|day|minute|wall|step|point|time|part|restart|tag)\\b"),
          Pattern.compile("\\.\\.|,,|;;|::"),
          Pattern.compile("\\d{4}-\\d\\d-\\d\\d"));

  record Family<T>(Class<T> type, Function<T, String> say) {
    List<String> sentences() {
      return Samples.of(type).stream()
          .map(it -> {
            String said = say.apply(it);
            for (Pattern wrong : WRONG) {
              assertFalse(wrong.matcher(said).find(), it + " says: " + said);
            }
            assertTrue(said.length() > 3, it + " says: " + said);
            return said;
          })
          .toList();
    }
  }

  @DataProvider
  public Object[][] families() {
    return new Object[][] {
      {new Family<>(PlanReason.class, it -> ENGLISH.plan().reason(it, TODAY)), true},
      {new Family<>(LearningReason.class, ENGLISH.learning()::reason), false},
      {new Family<>(LevelReason.class, ENGLISH.level()::reason), false},
      {
        new Family<>(MatchReason.class, it -> ENGLISH.songs().match(new MusicMatch.Scored(it, -3))),
        false
      },
      {new Family<>(EndingReason.class, ENGLISH.songs()::ending), false},
      {new Family<>(TeachReason.class, ENGLISH.teach()::reason), true},
      {new Family<>(SchoolReason.class, ENGLISH.teach()::why), true},
      {new Family<>(Say.class, ENGLISH.teach()::say), false},
      {new Family<>(LoadReason.class, it -> ENGLISH.teach().load(new Load.Part(it, 12))), false},
      {new Family<>(Scope.class, ENGLISH.teach()::scope), false},
      {new Family<>(Piece.class, ENGLISH.teach()::piece), false},
      {new Family<>(EventId.class, ENGLISH.walls()::event), false},
      {new Family<>(ClaimReason.class, ENGLISH.walls()::claim), false},
      {new Family<>(Doubt.class, ENGLISH.sheets()::doubt), false},
    };
  }

  @Test(dataProvider = "families")
  public void isAPlainSentence(Family<?> family, boolean whole) {
    List<String> said = family.sentences();
    long kinds = Samples.leaves(family.type()).count();
    assertTrue(said.size() >= kinds, family.type() + ": " + said.size() + " of " + kinds);
    for (String sentence : said) {
      // What an earlier release said stands as it was, and is no sentence of ours.
      boolean ours = whole && !sentence.equals("vine") && !sentence.equals("jazz box");
      assertTrue(!ours || sentence.matches("(?s)[A-Z\\d].*\\."), sentence);
    }
  }

  /** Two kinds of a family are never told in the same words. */
  @Test
  public void differentReasonsAreToldDifferently() {
    Set<String> told = new HashSet<>();
    int kinds = 0;
    for (Class<?> kind : PlanReason.class.getPermittedSubclasses()) {
      PlanReason first =
          Samples.of(PlanReason.class).stream().filter(kind::isInstance).findFirst().orElseThrow();
      told.add(ENGLISH.plan().reason(first, TODAY));
      kinds++;
    }
    assertEquals(told.size(), kinds, told.toString());
  }
}
