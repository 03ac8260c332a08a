package roadbreeze.gauge;

import java.io.IOException;
import java.net.InetAddress;
import java.net.ServerSocket;
import java.net.Socket;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;

/** Listens on this machine, and tells whoever connects. */
public final class Gauge implements AutoCloseable {
  public static final int PORT = 7077;

  /** No yard has more readers. */
  private static final int MOST_READERS = 16;

  private final ServerSocket socket;
  private final SimulatedDrive drive = new SimulatedDrive();
  private final ExecutorService readers = Executors.newFixedThreadPool(MOST_READERS);

  /**
   * @param port 0 takes a free one
   */
  public Gauge(int port) throws IOException {
    socket = new ServerSocket(port, MOST_READERS, InetAddress.getLoopbackAddress());
    Thread door = new Thread(this::listen, "gauge");
    door.setDaemon(true);
    door.start();
  }

  public int port() {
    return socket.getLocalPort();
  }

  private void listen() {
    while (!socket.isClosed()) {
      try {
        Socket reader = socket.accept();
        reader.setTcpNoDelay(true);
        readers.execute(() -> new GaugeReader(reader, drive).serve());
      } catch (IOException e) {
        return; // it is closed
      }
    }
  }

  @Override
  public void close() throws IOException {
    socket.close();
    readers.shutdownNow();
    drive.close();
  }

  /**
   * @param args {@code --port=7077}
   */
  public static void main(String[] args) throws Exception {
    int port = PORT;
    for (String arg : args) {
      if (arg.startsWith("--port=")) {
        port = Integer.parseInt(arg.substring("--port=".length()));
      }
    }
    try (Gauge gauge = new Gauge(port)) {
      System.out.println("gauge on 127.0.0.1:" + gauge.port());
      Thread.currentThread().join();
    }
  }
}
