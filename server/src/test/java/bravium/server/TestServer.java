package bravium.server;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.boot.WebApplicationType;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.boot.web.server.context.WebServerApplicationContext;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.context.support.GenericApplicationContext;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** The real application on a free port, with the demo data in a folder of its own. */
public final class TestServer implements AutoCloseable {

  private static final Map<String, TestServer> RUNNING = new ConcurrentHashMap<>();
  private static TestServer shared;

  private final Path folder;
  private final List<String> settings;
  private final TestClock clock = new TestClock();
  private ConfigurableApplicationContext context;

  private TestServer(Path folder, List<String> settings) {
    this.folder = folder;
    this.settings = settings;
  }

  /** One server for all tests that don't mind each other. */
  public static synchronized TestServer shared() {
    if (shared == null) {
      try {
        shared = start(Files.createTempDirectory("bravium-test"));
      } catch (IOException e) {
        throw new UncheckedIOException(e);
      }
    }
    return shared;
  }

  /** A server of one's own, on a given data folder; settings are as on the command line. */
  public static TestServer start(Path folder, String... settings) {
    TestServer server = new TestServer(folder, List.of(settings));
    server.run(0);
    return server;
  }

  private void run(int port) {
    List<String> all =
        new ArrayList<>(
            List.of(
                "--server.port=" + port,
                "--bravium.data=" + folder,
                "--server.shutdown=immediate",
                "--logging.level.bravium=warn"));
    all.addAll(settings.isEmpty() ? List.of("--bravium.demo=true") : settings);
    context =
        new SpringApplicationBuilder(Bravium.class)
            .web(WebApplicationType.SERVLET)
            .initializers(
                starting ->
                    ((GenericApplicationContext) starting)
                        .registerBean(
                            "testClock", Clock.class, () -> clock, bean -> bean.setPrimary(true)))
            .run(all.toArray(String[]::new));
    RUNNING.put(address(), this);
  }

  /** The server at an address, where it runs here. */
  static Optional<TestServer> at(String address) {
    return Optional.ofNullable(RUNNING.get(address));
  }

  /** Stops the server and starts it anew on the same folder and port. */
  public void restart() {
    int port = port();
    context.close();
    run(port);
  }

  /** A part of the server, to look into it or to have the night come early. */
  public <T> T part(Class<T> type) {
    return context.getBean(type);
  }

  /** The same of a part of which there are several. */
  public <T> T part(String name, Class<T> type) {
    return context.getBean(name, type);
  }

  /** Every address that it answers at, as {@code GET /api/classes/{id}}, in two parts. */
  public List<String[]> addresses() {
    List<String[]> all = new ArrayList<>();
    part("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
        .getHandlerMethods()
        .keySet()
        .forEach(
            mapping ->
                mapping
                    .getMethodsCondition()
                    .getMethods()
                    .forEach(
                        method ->
                            mapping
                                .getPatternValues()
                                .forEach(path -> all.add(new String[] {method.name(), path}))));
    return all;
  }

  /** The clock that it goes by, also after a restart. */
  public TestClock clock() {
    return clock;
  }

  public int port() {
    return ((WebServerApplicationContext) context).getWebServer().getPort();
  }

  public String address() {
    return "http://localhost:" + port();
  }

  @Override
  public void close() {
    context.close();
  }
}
