package bravium.server.sittings;

import java.net.Inet4Address;
import java.net.NetworkInterface;
import java.net.SocketException;
import java.util.List;

/** Under which addresses other devices of the same network reach this server. */
public final class NetworkAddresses {

  private NetworkAddresses() {}

  /** Such as {@code http://192.168.0.12:8080}; empty where there is no network. */
  public static List<String> ofThisServer(int port) {
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
