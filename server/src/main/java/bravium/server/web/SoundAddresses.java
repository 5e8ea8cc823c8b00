package bravium.server.web;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.net.InetAddress;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.RemoteIpValve;
import org.apache.tomcat.util.http.MimeHeaders;

/**
 * Believes a proxy about addresses alone. Some proxies write the port behind one, which differs
 * each time, and would give each request an address of its own; from the right, what is no address,
 * and all that stands before it, is passed over.
 */
final class SoundAddresses extends RemoteIpValve {

  private static final String HEADER = "X-Forwarded-For";

  /** An IPv4 address with a port, or an IPv6 one in brackets, with or without. */
  private static final Pattern WITH_PORT =
      Pattern.compile("([0-9.]+):\\d+|\\[([0-9A-Fa-f:.]+)](?::\\d+)?");

  @Override
  public void invoke(Request request, Response response) throws IOException, ServletException {
    List<String> said = new ArrayList<>();
    for (String line : Collections.list(request.getHeaders(HEADER))) {
      Collections.addAll(said, line.split(","));
    }
    if (!said.isEmpty()) {
      MimeHeaders headers = request.getCoyoteRequest().getMimeHeaders();
      headers.removeHeader(HEADER);
      String sound = String.join(", ", sound(said));
      if (!sound.isEmpty()) {
        headers.setValue(HEADER).setString(sound);
      }
    }
    super.invoke(request, response);
  }

  /** The addresses at the end of what was said, without their ports. */
  static List<String> sound(List<String> said) {
    List<String> sound = new ArrayList<>();
    for (String one : said.reversed()) {
      String address = withoutPort(one.strip());
      if (!isAddress(address)) {
        break;
      }
      sound.addFirst(address);
    }
    return sound;
  }

  private static String withoutPort(String text) {
    Matcher found = WITH_PORT.matcher(text);
    if (!found.matches()) {
      return text;
    }
    return found.group(1) == null ? found.group(2) : found.group(1);
  }

  private static boolean isAddress(String text) {
    try {
      // What names a scope is an address of the proxy's own network alone.
      return !text.contains("%") && InetAddress.ofLiteral(text) != null;
    } catch (IllegalArgumentException e) {
      return false;
    }
  }
}
