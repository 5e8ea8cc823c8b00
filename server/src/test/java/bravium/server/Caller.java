package bravium.server;

import bravium.server.accounts.FirstCode;
import bravium.server.sittings.OwnIds;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonValue;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublisher;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Speaks HTTP to a server as a browser would: with cookies, and with the CSRF token. */
public final class Caller {

  /** An answer: its status, its body, and its headers where one asks. */
  public record Answer(int status, String body, HttpResponse<String> raw) {

    public JsonValue json() {
      return Json.parse(body);
    }

    public String text(String name) {
      return json().asObject().getString(name, null);
    }

    public String header(String name) {
      return raw.headers().firstValue(name).orElse(null);
    }
  }

  private static final Pattern MOVES = Pattern.compile("/api/play/([^/]+)/moves");

  private final String address;
  private final CookieManager cookies = new CookieManager();
  private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();

  private Caller(String address) {
    this.address = address;
  }

  public static Caller stranger(TestServer server) {
    return new Caller(server.address());
  }

  /** A stranger at any address. */
  public static Caller at(String address) {
    return new Caller(address);
  }

  /** The demo's teacher, signed in. */
  public static Caller teacher(TestServer server) {
    return teacherAt(server.address());
  }

  /** The same at any address. */
  public static Caller teacherAt(String address) {
    Caller caller = at(address);
    caller.get("/api/session");
    caller.post("/api/session/demo", "");
    return caller;
  }

  /** Becomes the first teacher of a server that has none. */
  public Answer beginAs(TestServer server, String name, String password) {
    get("/api/session");
    return post(
        "/api/session/first",
        "{\"code\": \"%s\", \"name\": \"%s\", \"password\": \"%s\"}"
            .formatted(server.part(FirstCode.class).spaced(), name, password));
  }

  public Answer get(String path, String... headers) {
    return send("GET", path, null, headers);
  }

  public Answer post(String path, String body, String... headers) {
    return send("POST", path, body, headers);
  }

  public Answer put(String path, String body, String... headers) {
    return send("PUT", path, body, headers);
  }

  public Answer send(String method, String path, String body, String... headers) {
    return exchange(
        method, path, publisher(ofHerPlay(path, body)), withToken("application/json", headers));
  }

  /** Tests write moves with the ids of the activity; a page only knows those of its play. */
  private String ofHerPlay(String path, String body) {
    Matcher moves = MOVES.matcher(path);
    return body == null || !moves.matches()
        ? body
        : TestServer.at(address).map(s -> OwnIds.move(s, moves.group(1), body)).orElse(body);
  }

  private String[] withToken(String type, String... headers) {
    List<String> all = new ArrayList<>(List.of(headers));
    all.addAll(List.of("Content-Type", type));
    cookies.getCookieStore().get(URI.create(address)).stream()
        .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .ifPresent(token -> all.addAll(List.of("X-XSRF-TOKEN", token)));
    return all.toArray(String[]::new);
  }

  /** Sends bytes as they are, as a file is sent. */
  public Answer upload(String path, byte[] body) {
    return exchange(
        "POST", path, BodyPublishers.ofByteArray(body), withToken("application/octet-stream"));
  }

  /** Sends a part of a file that comes in parts. */
  public Answer uploadPart(String path, byte[] body) {
    return exchange(
        "PUT", path, BodyPublishers.ofByteArray(body), withToken("application/octet-stream"));
  }

  /** The bytes of an answer. */
  public HttpResponse<byte[]> bytes(String path, String... headers) {
    HttpRequest.Builder request = HttpRequest.newBuilder(URI.create(address + path)).GET();
    if (headers.length > 0) {
      request.headers(headers);
    }
    return sent(request.build(), BodyHandlers.ofByteArray());
  }

  /** The lines of an answer that goes on and on. */
  public Stream<String> lines(String path) {
    HttpRequest request = HttpRequest.newBuilder(URI.create(address + path)).GET().build();
    return sent(request, BodyHandlers.ofLines()).body();
  }

  /** The value of a cookie that the server has set. */
  public String cookie(String name) {
    return cookies.getCookieStore().get(URI.create(address)).stream()
        .filter(cookie -> cookie.getName().equals(name))
        .map(HttpCookie::getValue)
        .findFirst()
        .orElseThrow();
  }

  /** Sends just these headers. */
  public Answer exchange(String method, String path, String body, String... headers) {
    return exchange(method, path, publisher(body), headers);
  }

  private static BodyPublisher publisher(String body) {
    return body == null ? BodyPublishers.noBody() : BodyPublishers.ofString(body);
  }

  private Answer exchange(String method, String path, BodyPublisher body, String... headers) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path)).method(method, body);
    if (headers.length > 0) {
      request.headers(headers);
    }
    HttpResponse<String> response = sent(request.build(), BodyHandlers.ofString());
    return new Answer(response.statusCode(), response.body(), response);
  }

  private <T> HttpResponse<T> sent(HttpRequest request, HttpResponse.BodyHandler<T> handler) {
    try {
      return client.send(request, handler);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
