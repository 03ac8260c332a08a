package roadbreeze.server.file;

import java.io.IOException;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.sql.SQLException;
import java.util.Locale;
import org.springframework.http.ContentDisposition;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.web.servlet.mvc.method.annotation.StreamingResponseBody;

/** An answer that the browser keeps as a file. */
public final class Attachment {
  public static final String CSV = "text/csv;charset=UTF-8";

  private Attachment() {}

  /**
   * @param name as people call it; every sign that is trouble in a file's name is a dash
   * @param ending of the file, without its dot
   */
  public static <T> ResponseEntity<T> of(String type, String name, String ending, T content) {
    String safe = name.replaceAll("[^A-Za-z0-9]+", "-").toLowerCase(Locale.ROOT);
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType(type))
        .header(
            HttpHeaders.CONTENT_DISPOSITION,
            ContentDisposition.attachment().filename(safe + "." + ending).build().toString())
        .body(content);
  }

  /** Writes a file as it is read from the database. */
  public interface Written {
    void to(OutputStream out) throws IOException, SQLException;
  }

  /** A file of any length, written as it goes out. */
  public static ResponseEntity<StreamingResponseBody> streamed(
      String type, String name, String ending, Written file) {
    return of(
        type,
        name,
        ending,
        out -> {
          try {
            file.to(out);
          } catch (SQLException e) {
            throw new UncheckedIOException(new IOException(e));
          }
        });
  }
}
