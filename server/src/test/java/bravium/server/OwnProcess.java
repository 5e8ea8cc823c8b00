package bravium.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.ServerSocket;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

/** The real server in a process of its own, with the demo data. */
public final class OwnProcess implements AutoCloseable {

  private final Process process;
  private final String address;

  private OwnProcess(Process process, String address) {
    this.process = process;
    this.address = address;
  }

  /** Starts one on a data folder and waits until it answers; options are as for {@code java}. */
  public static OwnProcess start(Path folder, String... options)
      throws IOException, InterruptedException {
    int port = freePort();
    String classPath =
        System.getProperty("surefire.test.class.path", System.getProperty("java.class.path"));
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(List.of("-XX:TieredStopAtLevel=1", "--enable-native-access=ALL-UNNAMED"));
    command.addAll(List.of(options));
    command.addAll(
        List.of(
            "-cp",
            classPath,
            "bravium.server.Bravium",
            "--server.port=" + port,
            "--bravium.demo=true",
            "--bravium.data=" + folder));
    Process process =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("server.log").toFile())
            .start();
    OwnProcess server = new OwnProcess(process, "http://localhost:" + port);
    server.waitUntilUp();
    return server;
  }

  public String address() {
    return address;
  }

  public boolean isAlive() {
    return process.isAlive();
  }

  private void waitUntilUp() throws InterruptedException {
    while (true) {
      assertThat(process.isAlive()).as("the server is running").isTrue();
      try {
        // The demo's teacher can sign in once the demo data is there.
        Caller caller = Caller.at(address);
        caller.get("/api/session");
        if (caller.post("/api/session/demo", "").status() == 200) {
          return;
        }
      } catch (UncheckedIOException e) {
        // Not yet.
      }
      Thread.sleep(100);
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }

  /** Kills it. */
  @Override
  public void close() {
    process.destroyForcibly();
    try {
      assertThat(process.waitFor(1, TimeUnit.MINUTES)).isTrue();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
