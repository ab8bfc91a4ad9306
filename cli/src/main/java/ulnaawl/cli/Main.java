package ulnaawl.cli;

/** Entry point of {@code ./ulna steps}. */
public final class Main {

  private Main() {}

  public static void main(String[] args) {
    System.exit(new StepsCommand(System.out, System.err).run(args));
  }
}
