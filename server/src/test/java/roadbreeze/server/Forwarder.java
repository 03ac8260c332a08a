package roadbreeze.server;

import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;

/** A way to the test database that can be cut and mended, as a cable can. */
public final class Forwarder implements AutoCloseable {
  private final InetSocketAddress target;
  private final int port;
  private final Set<Socket> open = ConcurrentHashMap.newKeySet();
  private ServerSocket listener;

  /**
   * @param jdbcUrl of the database behind it
   */
  public Forwarder(String jdbcUrl) {
    String[] address = jdbcUrl.replaceFirst("jdbc:postgresql://", "").split("[:/]");
    target = new InetSocketAddress(address[0], Integer.parseInt(address[1]));
    port = listen(0);
  }

  /** The same database by this way. */
  public String url(String jdbcUrl) {
    return jdbcUrl.replace(":" + target.getPort() + "/", ":" + port + "/");
  }

  public void mend() {
    listen(port);
  }

  /** Ends what goes through it and lets nothing more through. */
  public void cut() {
    shut(listener);
    open.forEach(Forwarder::shut);
    open.clear();
  }

  @Override
  public void close() {
    cut();
  }

  private int listen(int wanted) {
    try {
      listener = new ServerSocket();
      listener.setReuseAddress(true);
      listener.bind(new InetSocketAddress(InetAddress.getLoopbackAddress(), wanted));
      start(this::accept);
      return listener.getLocalPort();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private void accept() {
    ServerSocket mine = listener;
    while (!mine.isClosed()) {
      try {
        Socket near = mine.accept();
        Socket far = new Socket();
        open.add(near);
        open.add(far);
        far.connect(target);
        if (mine.isClosed()) { // cut in between
          shut(near);
          shut(far);
          return;
        }
        start(() -> copy(near, far));
        start(() -> copy(far, near));
      } catch (IOException e) {
        return; // cut
      }
    }
  }

  private static void copy(Socket from, Socket to) {
    try (InputStream in = from.getInputStream();
        OutputStream out = to.getOutputStream()) {
      in.transferTo(out);
    } catch (IOException e) {
      shut(from); // cut in the middle
      shut(to);
    }
  }

  private static void shut(AutoCloseable socket) {
    try {
      socket.close();
    } catch (Exception e) {
      throw new IllegalStateException("a socket does not close", e);
    }
  }

  private static void start(Runnable work) {
    Thread thread = new Thread(work, "forwarder");
    thread.setDaemon(true);
    thread.start();
  }
}
