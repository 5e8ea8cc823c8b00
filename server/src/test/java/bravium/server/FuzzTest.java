package bravium.server;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.PrintStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.ConcurrentLinkedQueue;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/**
 * Odd requests at every address that the server knows, written to the socket byte by byte, for a
 * client library would refuse most of them: whatever is sent, the answer is no fault of the server,
 * what is refused is a problem in words (RFC 9457), and the log says no more than a line of it. How
 * many is said by {@code bravium.fuzz}: 1,200 in {@code ./bravium test}, 25,000 in the soak.
 */
class FuzzTest {

  private static final int REQUESTS = Integer.getInteger("bravium.fuzz", 1_200);

  private static final List<String> METHODS =
      List.of(
          "GET", "POST", "PUT", "DELETE", "PATCH", "HEAD", "OPTIONS", "TRACE", "BREW", "g\u0001t");

  private static final List<String> VALUES =
      List.of(
          "x",
          "0",
          "-1",
          "99999999999999999999",
          "%zz",
          "%",
          "%00",
          "%f0%9f%90%9d",
          "..%2f..%2f",
          "a".repeat(3_000),
          "a;b=c",
          "%252e",
          "\u00e9",
          "a b",
          "{x}",
          "[x]",
          "null",
          "'\"<>");

  private static final List<String> TYPES =
      List.of(
          "application/json",
          "text/html",
          "multipart/form-data",
          "multipart/form-data; boundary=x",
          "application/x-www-form-urlencoded",
          "application/octet-stream",
          "a/b",
          "nonsense",
          "*/*",
          "application/json;charset=nonsense");

  private static final List<String> BODIES =
      List.of(
          "",
          "{}",
          "[]",
          "null",
          "{\"name\":1}",
          "\u0000",
          "[".repeat(3_000),
          "a=b&c=%zz",
          "--x\r\nContent-Disposition: form-data; name=\"a\"\r\n\r\n1\r\n--x--\r\n",
          "PK\u0003\u0004",
          "{\"key\":\"k\",\"by\":\"player\",\"action\":{\"kind\":\"start\"}}",
          "<svg",
          "\ud83d");

  private static final List<String> HEADERS =
      List.of(
          "Accept: image/png",
          "Accept: nonsense",
          "If-Match: x",
          "Range: bytes=9-1",
          "Authorization: Bearer x",
          "Authorization: Basic %%%",
          "Cookie: bravium-session=x",
          "Origin: http://spy.invalid",
          "X-Forwarded-For: 10.0.0.1, x",
          "Expect: nonsense",
          "Accept-Encoding: nonsense",
          "Content-Encoding: gzip",
          "Broken header",
          "A: \u0001",
          "Content-Length: -1",
          "Transfer-Encoding: nonsense",
          "Host: ",
          "Upgrade: h2c");

  private final TestServer server = TestServer.shared();

  @Test
  void whateverIsSentTheAnswerIsAProblemInWords() {
    Caller teacher = Caller.teacher(server);
    String session =
        "Cookie: bravium-session=%s; XSRF-TOKEN=%s\r\nX-XSRF-TOKEN: %2$s\r\n"
            .formatted(teacher.cookie("bravium-session"), teacher.cookie("XSRF-TOKEN"));
    List<String> paths =
        new ArrayList<>(List.of("/", "/error", "/actuator/health", "/a/b.c", "//"));
    server
        .part("requestMappingHandlerMapping", RequestMappingHandlerMapping.class)
        .getHandlerMethods()
        .keySet()
        .forEach(mapping -> paths.addAll(mapping.getPatternValues()));
    // What ends every session of the teacher, or streams for ever, is not asked for with hers.
    paths.removeIf(path -> path.endsWith("/live"));
    ConcurrentLinkedQueue<String> wrong = new ConcurrentLinkedQueue<>();

    String said =
        whileLogging(
            () ->
                IntStream.range(0, REQUESTS)
                    .parallel()
                    .forEach(
                        i -> {
                          Random random = new Random(i);
                          String path = paths.get(i % paths.size());
                          boolean signedIn = i % 3 > 0 && !path.startsWith("/api/session");
                          String request = request(random, path, signedIn ? session : "");
                          String answer = answer(request);
                          String fault = fault(request.startsWith("HEAD"), answer);
                          if (fault != null) {
                            wrong.add(
                                fault + " to " + shortened(request) + "\n" + shortened(answer));
                          }
                        }));

    assertThat(wrong.stream().limit(20).toList()).isEmpty();
    assertThat(said.lines().filter(line -> line.startsWith("\tat ")).limit(20).toList())
        .as("stack traces in the log")
        .isEmpty();
  }

  private static String request(Random random, String path, String session) {
    String filled = path;
    while (filled.contains("{")) {
      filled =
          filled.replaceFirst(
              "\\{[^}]*\\}", java.util.regex.Matcher.quoteReplacement(one(random, VALUES)));
    }
    if (random.nextInt(3) == 0) {
      filled +=
          "?" + one(random, List.of("search", "page", "time", "a")) + "=" + one(random, VALUES);
    }
    String body = random.nextInt(2) == 0 ? "" : one(random, BODIES);
    byte[] bytes = body.getBytes(StandardCharsets.UTF_8);
    StringBuilder request = new StringBuilder();
    request.append(one(random, random.nextInt(3) == 0 ? METHODS : METHODS.subList(0, 4)));
    request
        .append(' ')
        .append(filled)
        .append(" HTTP/1.1\r\nHost: localhost\r\nConnection: close\r\n");
    request.append(session);
    if (random.nextInt(2) == 0) {
      request.append(one(random, HEADERS)).append("\r\n");
    }
    if (bytes.length > 0) {
      request.append("Content-Type: ").append(one(random, TYPES)).append("\r\n");
    }
    request.append("Content-Length: ").append(bytes.length).append("\r\n\r\n").append(body);
    return request.toString();
  }

  private static <T> T one(Random random, List<T> of) {
    return of.get(random.nextInt(of.size()));
  }

  private String answer(String request) {
    try (Socket socket = new Socket("localhost", server.port())) {
      socket.setSoTimeout(40_000);
      socket.getOutputStream().write(request.getBytes(StandardCharsets.UTF_8));
      InputStream in = socket.getInputStream();
      return new String(in.readAllBytes(), StandardCharsets.UTF_8);
    } catch (IOException e) {
      return "no answer: " + e;
    }
  }

  private static final Pattern STATUS = Pattern.compile("HTTP/1.1 (\\d{3}).*");

  /** What is wrong with an answer; null for nothing. */
  private static String fault(boolean bare, String answer) {
    String first = answer.lines().findFirst().orElse("");
    var status = STATUS.matcher(first);
    if (!status.matches()) {
      return "no answer";
    }
    int code = Integer.parseInt(status.group(1));
    if (code >= 500 && code != 503) {
      return "a fault";
    }
    String head = answer.substring(0, Math.max(0, answer.indexOf("\r\n\r\n"))).toLowerCase();
    String body = answer.substring(Math.min(answer.length(), head.length() + 4));
    boolean problem = head.contains("application/problem+json");
    boolean said = problem && (bare || body.contains("\"detail\":") && body.contains("reason"));
    return code < 400 || said || bare && body.isEmpty() ? null : "no problem in words";
  }

  private static String shortened(String text) {
    return text.replaceAll("(.{300}).+", "$1…")
        .lines()
        .limit(14)
        .reduce("", (a, b) -> a + b + "\n");
  }

  private static String whileLogging(Runnable work) {
    PrintStream out = System.out;
    ByteArrayOutputStream log = new ByteArrayOutputStream();
    System.setOut(new PrintStream(log, true, StandardCharsets.UTF_8));
    try {
      work.run();
    } finally {
      System.setOut(out);
    }
    return log.toString(StandardCharsets.UTF_8);
  }
}
