package bravium.server.sittings;

import bravium.server.BraviumSettings;
import java.net.Inet4Address;
import java.net.InetAddress;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.List;
import org.springframework.stereotype.Component;

/** Under which addresses other devices of the same network reach this server. */
@Component
public final class NetworkAddresses {

  private final boolean alone;

  NetworkAddresses(BraviumSettings settings) {
    InetAddress at = settings.listensAt();
    this.alone = at != null && at.isLoopbackAddress();
  }

  /**
   * Such as {@code http://192.168.0.12:8080}; empty where there is no network, or this computer
   * alone reaches the server.
   */
  public List<String> ofThisServer(int port) {
    if (alone) {
      return List.of();
    }
    try {
      return NetworkInterface.networkInterfaces()
          .filter(NetworkAddresses::carries)
          .flatMap(NetworkInterface::inetAddresses)
          .filter(Inet4Address.class::isInstance)
          .map(address -> "http://" + address.getHostAddress() + ":" + port)
          .sorted()
          .toList();
    } catch (SocketException e) {
      return List.of();
    }
  }

  private static boolean carries(NetworkInterface network) {
    try {
      return network.isUp() && !network.isLoopback();
    } catch (SocketException e) {
      return false;
    }
  }
}
