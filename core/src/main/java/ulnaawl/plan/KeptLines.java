package ulnaawl.plan;

import java.util.List;

/**
 * Lines that stay, as one piece: a line, or a teach with its practice.
 *
 * @param lines one or two, the second straight after the first
 */
record KeptLines(List<ClassRequest.Lock> lines) {

  KeptLines {
    lines = List.copyOf(lines);
  }

  ClassRequest.Lock first() {
    return lines.getFirst();
  }

  int minutes() {
    return lines.stream().mapToInt(ClassRequest.Lock::minutes).sum();
  }
}
