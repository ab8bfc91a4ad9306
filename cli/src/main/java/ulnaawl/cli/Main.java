package ulnaawl.cli;

import java.util.Arrays;

/**
 * Entry point of {@code ./ulna steps}, {@code read} and {@code play}: the command, then its words.
 */
public final class Main {

  private Main() {}

  public static void main(String[] args) {
    String command = args.length == 0 ? "" : args[0];
    String[] words = Arrays.copyOfRange(args, Math.min(1, args.length), args.length);
    System.exit(
        switch (command) {
          case "steps" -> new StepsCommand(System.out, System.err).run(words);
          case "read" -> new ReadCommand(System.out, System.err).run(words);
          case "play" -> new PlayCommand(System.out, System.err).run(words);
          default -> {
            System.err.println(
                "ulna: there is no command '" + command + "'; it is steps, read or play");
            yield 2;
          }
        });
  }
}
