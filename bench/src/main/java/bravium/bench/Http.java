package bravium.bench;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.io.IOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.util.Arrays;

/** A teacher's browser, as far as the benchmark needs one. */
final class Http {

  private final String address;

  /** Her own cookies; those of the plays that she opens would be looked through at each request. */
  private final CookieManager cookies =
      new CookieManager(null, (uri, cookie) -> "/".equals(cookie.getPath()));

  private final HttpClient client = HttpClient.newBuilder().cookieHandler(cookies).build();

  Http(String address) {
    this.address = address;
  }

  /** Signs in to the demo, which may still be laying its data in. */
  Http signIn() {
    get("/api/session");
    while (send("POST", "/api/session/demo", "").statusCode() != 200) {
      pause();
    }
    return this;
  }

  JsonObject get(String path) {
    return Json.parse(send("GET", path, "").body()).asObject();
  }

  JsonObject post(String path, String body, String... headers) {
    HttpResponse<String> response = send("POST", path, body, headers);
    if (response.statusCode() >= 300) {
      throw new IllegalStateException(path + ": " + response.body());
    }
    return Json.parse(response.body()).asObject();
  }

  /** The median time of asking for something so often, in milliseconds. */
  double median(String path, int often) {
    double[] times = new double[often];
    for (int i = 0; i < often; i++) {
      long begin = System.nanoTime();
      get(path);
      times[i] = (System.nanoTime() - begin) / 1e6;
    }
    Arrays.sort(times);
    return times[often / 2];
  }

  private HttpResponse<String> send(String method, String path, String body, String... headers) {
    HttpRequest.Builder request =
        HttpRequest.newBuilder(URI.create(address + path))
            .header("Content-Type", "application/json")
            .method(method, BodyPublishers.ofString(body));
    cookies.getCookieStore().getCookies().stream()
        .filter(cookie -> cookie.getName().equals("XSRF-TOKEN"))
        .map(HttpCookie::getValue)
        .findFirst()
        .ifPresent(token -> request.header("X-XSRF-TOKEN", token));
    if (headers.length > 0) {
      request.headers(headers);
    }
    return sent(client, request.build());
  }

  /** With her cookies. */
  HttpClient client() {
    return client;
  }

  static HttpResponse<String> sent(HttpClient client, HttpRequest request) {
    try {
      return client.send(request, BodyHandlers.ofString());
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** Opens a page that is told news until it is closed. */
  AutoCloseable watch(String path) {
    try {
      return client
          .send(
              HttpRequest.newBuilder(URI.create(address + path)).GET().build(),
              BodyHandlers.ofInputStream())
          .body();
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  private static void pause() {
    try {
      Thread.sleep(50);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
