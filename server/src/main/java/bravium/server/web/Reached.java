package bravium.server.web;

import bravium.server.BraviumSettings;
import java.net.InetAddress;
import java.util.List;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.core.Ordered;
import org.springframework.stereotype.Component;

/** From where the server is reached, and who may say whom he stands for. */
@Component
class Reached implements WebServerFactoryCustomizer<TomcatServletWebServerFactory>, Ordered {

  private final BraviumSettings settings;

  Reached(BraviumSettings settings) {
    this.settings = settings;
  }

  @Override
  public void customize(TomcatServletWebServerFactory tomcat) {
    InetAddress address = settings.listensAt();
    if (address != null && tomcat.getAddress() == null) {
      tomcat.setAddress(address);
    }
    List<String> proxies =
        settings.proxies().stream().map(String::strip).filter(p -> !p.isEmpty()).toList();
    if (!proxies.isEmpty()) {
      RemoteIpValve valve = new SoundAddresses();
      valve.setInternalProxies(
          proxies.stream()
              .map(proxy -> Pattern.quote(BraviumSettings.addressOf(proxy).getHostAddress()))
              .collect(Collectors.joining("|")));
      valve.setProtocolHeader("X-Forwarded-Proto");
      tomcat.addEngineValves(valve);
    }
  }

  /** Behind what the settings of Spring's own say. */
  @Override
  public int getOrder() {
    return LOWEST_PRECEDENCE;
  }
}
