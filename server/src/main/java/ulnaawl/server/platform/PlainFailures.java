package ulnaawl.server.platform;

import org.jspecify.annotations.Nullable;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
import org.springframework.boot.diagnostics.FailureAnalysisReporter;
import org.springframework.boot.web.server.PortInUseException;
import org.springframework.core.Ordered;

/** Says why the server does not start in plain lines, without a page of the program's insides. */
final class PlainFailures {

  private PlainFailures() {}

  /** Asked before those that come with the framework. */
  abstract static class First<T extends Throwable> extends AbstractFailureAnalyzer<T>
      implements Ordered {
    @Override
    public int getOrder() {
      return HIGHEST_PRECEDENCE;
    }
  }

  /** What the folder refuses. */
  static final class Refused extends First<StartRefusal> {
    @Override
    protected FailureAnalysis analyze(Throwable root, StartRefusal refusal) {
      return new FailureAnalysis(refusal.what(), refusal.remedy(), refusal);
    }
  }

  /** A disk that has no room for what a start has to write. */
  static final class Full extends First<NoRoom> {
    @Override
    protected FailureAnalysis analyze(Throwable root, NoRoom full) {
      return new FailureAnalysis(
          "The disk of the club's folder is full, and this start has something to write.",
          "Make room on it, and start again.",
          full);
    }
  }

  /** A port that another program has. */
  static final class PortTaken extends First<PortInUseException> {
    @Override
    protected @Nullable FailureAnalysis analyze(Throwable root, PortInUseException taken) {
      return new FailureAnalysis(
          "Port " + taken.getPort() + " is taken by another program.",
          "Choose another one, as in ./ulna start --port " + (taken.getPort() + 1) + ".",
          taken);
    }
  }

  /** Prints what was found, and what to do. */
  static final class Reporter implements FailureAnalysisReporter {
    @Override
    public void report(FailureAnalysis analysis) {
      System.err.println("ulna: " + analysis.getDescription());
      if (analysis.getAction() != null) {
        System.err.println(analysis.getAction());
      }
    }
  }
}
