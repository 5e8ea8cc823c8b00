package bravium.bench;

import java.io.IOException;
import java.net.ServerSocket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/** A server in a process of its own. */
final class ServerProcess implements AutoCloseable {

  private final Process process;
  private final String address;
  private final double startSeconds;

  private ServerProcess(Process process, String address, double startSeconds) {
    this.process = process;
    this.address = address;
    this.startSeconds = startSeconds;
  }

  /** Starts a main class of this class path and waits until it answers. */
  static ServerProcess start(Class<?> main, Path log, String... arguments) {
    return start(
        List.of("-cp", System.getProperty("java.class.path"), main.getName()), log, arguments);
  }

  /** Starts Java with these options and waits until it answers over HTTP. */
  static ServerProcess start(List<String> options, Path log, String... arguments) {
    try {
      int port = freePort();
      List<String> command = new ArrayList<>();
      command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
      command.add("--enable-native-access=ALL-UNNAMED");
      command.addAll(options);
      command.add("--server.port=" + port);
      command.addAll(List.of(arguments));
      long begin = System.nanoTime();
      Process process =
          new ProcessBuilder(command)
              .redirectErrorStream(true)
              .redirectOutput(log.toFile())
              .start();
      String address = "http://localhost:" + port;
      while (!answers(address)) {
        if (!process.isAlive()) {
          throw new IllegalStateException("the server did not start; see " + log);
        }
        Thread.sleep(10);
      }
      return new ServerProcess(process, address, (System.nanoTime() - begin) / 1e9);
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  String address() {
    return address;
  }

  /** From the process's start to its first answer, in seconds. */
  double startSeconds() {
    return startSeconds;
  }

  /** What is on the heap after a collection of what is not needed, in MB. */
  double heap() throws IOException, InterruptedException {
    jcmd("GC.run");
    String used = jcmd("GC.heap_info").replaceAll("(?s).*?used (\\d+)K.*", "$1");
    return Integer.parseInt(used) / 1_024.0;
  }

  private String jcmd(String what) throws IOException, InterruptedException {
    Path jcmd = Path.of(System.getProperty("java.home"), "bin", "jcmd");
    Process asked =
        new ProcessBuilder(jcmd.toString(), String.valueOf(process.pid()), what).start();
    String said = new String(asked.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    asked.waitFor();
    return said;
  }

  private static boolean answers(String address) throws InterruptedException {
    try (HttpClient client = HttpClient.newHttpClient()) {
      client.send(
          HttpRequest.newBuilder(URI.create(address + "/api/session")).build(),
          BodyHandlers.discarding());
      return true;
    } catch (IOException e) {
      return false;
    }
  }

  private static int freePort() throws IOException {
    try (ServerSocket socket = new ServerSocket(0)) {
      return socket.getLocalPort();
    }
  }

  @Override
  public void close() {
    process.destroy();
    try {
      process.waitFor();
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
