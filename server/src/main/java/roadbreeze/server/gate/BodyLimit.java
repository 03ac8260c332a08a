package roadbreeze.server.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.springframework.boot.autoconfigure.condition.ConditionalOnWebApplication;
import org.springframework.http.InvalidMediaTypeException;
import org.springframework.http.MediaType;
import org.springframework.stereotype.Component;
import org.springframework.web.HttpMediaTypeNotSupportedException;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;
import roadbreeze.server.problem.TooLargeException;

/**
 * No body is read further than a job or a catalogue can be long, and none of a kind that nothing
 * here takes. Behind the gate: a stranger is turned away before, and every refusal has its headers.
 */
@Component
@ConditionalOnWebApplication
class BodyLimit extends OncePerRequestFilter {
  private static final long JSON = 1 << 20;
  private static final long FILE = 10 << 20;

  /** A hundred thousand fixes of a chatty device. */
  private static final long TRACK = 30 << 20;

  /** A million rows and more of a logger with many columns; read as it comes. */
  private static final long LOG = 2L << 30;

  private static final List<MediaType> TAKEN =
      List.of(
          MediaType.APPLICATION_JSON,
          MediaType.IMAGE_JPEG,
          MediaType.IMAGE_PNG,
          MediaType.parseMediaType("text/csv"),
          MediaType.parseMediaType("application/jsonl"),
          MediaType.parseMediaType("application/gpx+xml"));

  private final HandlerExceptionResolver answers;

  BodyLimit(HandlerExceptionResolver handlerExceptionResolver) {
    answers = handlerExceptionResolver;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String path = request.getRequestURI();
    boolean file =
        path.endsWith("/csv") || path.contains("/photos") || path.equals("/api/jobs/import");
    boolean log =
        path.startsWith("/api/runs/") && path.endsWith("/tracks") || path.endsWith("/runs/import");
    long most = log ? LOG : path.endsWith("/gpx") ? TRACK : file ? FILE : JSON;
    if (!taken(request.getContentType())) {
      answers.resolveException(
          request, response, null, new HttpMediaTypeNotSupportedException((MediaType) null, TAKEN));
    } else if (request.getContentLengthLong() > most) {
      // Said at once; what is still on its way is not waited for.
      response.setHeader("Connection", "close");
      answers.resolveException(request, response, null, new TooLargeException(most));
    } else {
      chain.doFilter(new Limited(request, most), response);
    }
  }

  private static boolean taken(String kind) {
    try {
      return kind == null
          || TAKEN.stream().anyMatch(MediaType.parseMediaType(kind)::equalsTypeAndSubtype);
    } catch (InvalidMediaTypeException e) {
      return false;
    }
  }

  private static final class Limited extends HttpServletRequestWrapper {
    private final long most;

    Limited(HttpServletRequest request, long most) {
      super(request);
      this.most = most;
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      return new Counted(super.getInputStream(), most);
    }

    @Override
    public BufferedReader getReader() throws IOException {
      return new BufferedReader(new InputStreamReader(getInputStream(), StandardCharsets.UTF_8));
    }
  }

  /** Counts what is read; the body may not say how long it is. */
  private static final class Counted extends ServletInputStream {
    private final ServletInputStream body;
    private final long most;
    private long read;

    Counted(ServletInputStream body, long most) {
      this.body = body;
      this.most = most;
    }

    private int counted(int more) throws TooLargeException {
      read += Math.max(0, more);
      if (read > most) {
        throw new TooLargeException(most);
      }
      return more;
    }

    @Override
    public int read() throws IOException {
      int next = body.read();
      counted(next < 0 ? 0 : 1);
      return next;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      return counted(body.read(into, from, length));
    }

    @Override
    public boolean isFinished() {
      return body.isFinished();
    }

    @Override
    public boolean isReady() {
      return body.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      body.setReadListener(listener);
    }
  }
}
