package ulnaawl.server.sample;

import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Path;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import lombok.RequiredArgsConstructor;
import ulnaawl.server.UlnaAwl;
import ulnaawl.server.platform.UlnaSettings;

/** Starts this program a second time, as the invented club, the way it was started itself. */
@RequiredArgsConstructor
final class SampleCommand {

  private final UlnaSettings settings;

  /**
   * Starts it.
   *
   * @param folder where its database lives; it has to be there
   * @param password with which everybody in it signs in; it goes by the environment, which other
   *     accounts of the machine do not see
   */
  Process start(Path folder, int port, String password) throws IOException {
    List<String> words = new ArrayList<>(java());
    words.add("--server.port=" + port);
    words.add("--ulna.data=" + folder);
    words.add("--ulna.demo=true");
    words.add("--ulna.sample.beside=true");
    words.add("--ulna.listen=" + settings.listen());
    Optional.ofNullable(settings.today()).ifPresent(it -> words.add("--ulna.today=" + it));
    Optional.ofNullable(settings.zone())
        .map(ZoneId::getId)
        .ifPresent(it -> words.add("--ulna.zone=" + it));
    ProcessBuilder process = new ProcessBuilder(words).redirectErrorStream(true);
    process.environment().keySet().removeIf(it -> it.startsWith("ULNA_"));
    process.environment().put("ULNA_SAMPLE_PASSWORD", password);
    return process.start();
  }

  private static List<String> java() {
    List<String> words = new ArrayList<>();
    words.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    ManagementFactory.getRuntimeMXBean().getInputArguments().stream()
        .filter(it -> it.startsWith("-X") || it.startsWith("--enable-native-access"))
        .forEach(words::add);
    String from = System.getProperty("java.class.path");
    if (from.endsWith(".jar") && !from.contains(System.getProperty("path.separator"))) {
      words.addAll(List.of("-jar", from));
    } else {
      words.addAll(List.of("-cp", from, UlnaAwl.class.getName()));
    }
    return words;
  }
}
