package roadbreeze.server.gate;

import java.net.InetAddress;
import java.net.UnknownHostException;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Refuses to start where anybody on the network could read and change every job. */
@Component
class LoopbackOnly {
  LoopbackOnly(@Value("${server.address}") String address) throws UnknownHostException {
    if (!InetAddress.getByName(address).isLoopbackAddress()) {
      throw new IllegalStateException(
          "Road Breeze has no sign-in yet, so it listens on this machine only: "
              + address
              + " would let everybody on the network in. Leave ROADBREEZE_ADDRESS unset.");
    }
  }
}
