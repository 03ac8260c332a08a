package roadbreeze.server.account;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Whether there is a sign-in: beyond this machine there always is, and what goes over the network
 * there is never plain.
 */
@Component
public class Lock {
  private final boolean locked;
  private final boolean secure;

  /**
   * @param address that the server listens at
   * @param asked a sign-in is wanted on this machine too
   * @param bundle of the certificate, empty without one
   * @throws IllegalStateException where it would be open, or plain, to a network
   */
  Lock(
      @Value("${server.address}") String address,
      @Value("${roadbreeze.locked:false}") boolean asked,
      @Value("${server.ssl.bundle:}") String bundle,
      @Value("${server.ssl.key-store:}") String keyStore,
      @Value("${roadbreeze.behind-tls:false}") boolean behind)
      throws UnknownHostException {
    boolean beyond = !InetAddress.getByName(address).isLoopbackAddress();
    secure = !bundle.isEmpty() || !keyStore.isEmpty() || behind;
    locked = beyond || asked;
    if (beyond && !secure) {
      throw new IllegalStateException(
          "Road Breeze goes beyond this machine by TLS only: "
              + address
              + " would send passwords and jobs in the clear. Start it by ./road-breeze start, which"
              + " makes a certificate, or name one by ROADBREEZE_TLS_CERT and ROADBREEZE_TLS_KEY.");
    }
  }

  public boolean locked() {
    return locked;
  }

  /** What is sent is sent by TLS. */
  public boolean secure() {
    return secure;
  }
}
