package ulnaawl.words;

import ulnaawl.level.LevelReason;

final class EnglishLevel implements LevelSpeech {

  @Override
  public String reason(LevelReason reason) {
    return switch (reason) {
      case LevelReason.Figures it ->
          "Figures alone: "
              + it.level().label()
              + ", "
              + Plain.many(it.points(), "point")
              + (it.hardest().isEmpty()
                  ? ""
                  : " (hardest: " + String.join(", ", it.hardest()) + ")");
      case LevelReason.Factor it ->
          Plain.capital(factor(it)) + ": " + (it.points() > 0 ? "+" : "") + it.points();
      case LevelReason.Sum it ->
          "Together "
              + Plain.many(it.points(), "point")
              + ": "
              + it.level().label()
              + (it.toNext().isPresent()
                  ? ", " + Plain.many(it.toNext().getAsInt(), "point") + " from the next level"
                  : "");
    };
  }

  private static String factor(LevelReason.Factor it) {
    int value = it.value();
    return switch (it.factor()) {
      case LENGTH -> Plain.many(value, "count");
      case DISTINCT_FIGURES -> Plain.many(value, "different figure");
      case SYNCOPATION -> value + " % of the steps between counts";
      case TURNING -> value / 8.0 + " turns danced in a wall";
      case LARGEST_TURN -> "a turn of " + value + "/8 in one figure";
      case NO_WEIGHT -> Plain.many(value, "step") + " without weight";
      case DIRECTION_CHANGES -> Plain.many(value, "change") + " of direction";
      case RESTARTS -> Plain.many(value, "restart");
      case TAGS -> Plain.many(value, "tag or bridge", "tags or bridges");
      case PARTS -> Plain.many(value, "part") + " in a written order";
      case COUNT_RATE -> Plain.many(value, "count") + " a minute";
      case REPETITION ->
          Plain.many(
              value,
              "half section that repeats or mirrors another",
              "half sections that repeat or mirror others");
    };
  }
}
