package unbo.app.account;

import jakarta.servlet.http.HttpServletRequest;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.HexFormat;

/** What counts as one address: an IPv4 address, or the /64 that one IPv6 machine picks from. */
final class Addresses {

  private static final int NETWORK_BYTES = 8;

  private Addresses() {}

  static String of(HttpServletRequest request) {
    String text = request.getRemoteAddr();
    try {
      InetAddress address = InetAddress.getByName(text);
      return address instanceof Inet6Address && !address.isLoopbackAddress()
          ? HexFormat.of().formatHex(Arrays.copyOf(address.getAddress(), NETWORK_BYTES))
          : text;
    } catch (UnknownHostException e) {
      return text;
    }
  }
}
