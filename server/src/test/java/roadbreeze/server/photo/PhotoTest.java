package roadbreeze.server.photo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import javax.imageio.ImageIO;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestInstance;
import roadbreeze.server.Jobs;
import roadbreeze.server.TestServer;
import roadbreeze.server.drawing.PdfDrawing;
import roadbreeze.server.message.Units;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

@TestInstance(TestInstance.Lifecycle.PER_CLASS)
class PhotoTest {
  private static final JsonMapper JSON = JsonMapper.shared();
  private final HttpClient client = HttpClient.newHttpClient();
  private TestServer server;
  private String job;

  @BeforeAll
  void start() throws Exception {
    server = new TestServer("photo_test");
    HttpResponse<byte[]> made =
        send("POST", "/api/jobs", "application/json", JSON.writeValueAsBytes(Jobs.HIVE));
    job = JSON.readTree(made.body()).get("id").asString();
  }

  @AfterAll
  void stop() {
    server.close();
  }

  private HttpResponse<byte[]> send(String method, String path, String kind, byte[] body)
      throws Exception {
    return client.send(
        HttpRequest.newBuilder(URI.create("http://127.0.0.1:" + server.port() + path))
            .header("Content-Type", kind)
            .method(method, HttpRequest.BodyPublishers.ofByteArray(body))
            .build(),
        BodyHandlers.ofByteArray());
  }

  private static byte[] picture(int width, int height) throws Exception {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", out);
    return out.toByteArray();
  }

  @Test
  void aPhotographIsKeptAsItIsAndGoesWithItsJob() throws Exception {
    byte[] picture = picture(320, 240);
    HttpResponse<byte[]> kept = send("POST", "/api/jobs/" + job + "/photos", "image/png", picture);
    assertThat(kept.statusCode()).isEqualTo(201);
    JsonNode answer = JSON.readTree(kept.body());
    assertThat(answer.get("widthPx").asInt()).isEqualTo(320);
    assertThat(answer.get("heightPx").asInt()).isEqualTo(240);
    String path = "/api/photos/" + answer.get("id").asString();
    HttpResponse<byte[]> read = send("GET", path, "application/json", new byte[0]);
    assertThat(read.body()).isEqualTo(picture);
    assertThat(read.headers().firstValue("Content-Type")).contains("image/png");
    HttpResponse<byte[]> other =
        send("POST", "/api/jobs", "application/json", JSON.writeValueAsBytes(Jobs.PLOUGH));
    String second = JSON.readTree(other.body()).get("id").asString();
    String theirs =
        JSON.readTree(
                send("POST", "/api/jobs/" + second + "/photos", "image/png", picture(9, 9)).body())
            .get("id")
            .asString();
    assertThat(send("DELETE", "/api/jobs/" + second, "application/json", new byte[0]).statusCode())
        .isEqualTo(204);
    assertThat(send("GET", "/api/photos/" + theirs, "application/json", new byte[0]).statusCode())
        .isEqualTo(404);
  }

  @Test
  void whatIsNoPhotographIsRefusedInWords() throws Exception {
    String path = "/api/jobs/" + job + "/photos";
    byte[] text = "not a picture".getBytes(StandardCharsets.UTF_8);
    HttpResponse<byte[]> refused = send("POST", path, "image/png", text);
    assertThat(refused.statusCode()).isEqualTo(400);
    assertThat(new String(refused.body(), StandardCharsets.UTF_8)).contains("noPhoto");
    assertThat(send("POST", path, "image/gif", text).statusCode()).isEqualTo(415);
    String nobody = "/api/jobs/00000000-0000-0000-0000-000000000000/photos";
    assertThat(send("POST", nobody, "image/png", picture(5, 5)).statusCode()).isEqualTo(404);
  }

  /** On either paper the card's marks fit on one sheet. */
  @Test
  void theCardFitsOnOneSheet() throws Exception {
    for (PdfDrawing.Paper paper : PdfDrawing.Paper.values()) {
      try (PDDocument card = Loader.loadPDF(PhotoCard.pdf(paper, Units.World.METRIC))) {
        assertThat(card.getNumberOfPages()).isEqualTo(1);
        assertThat(new PDFTextStripper().getText(card)).contains("stick it flat");
      }
    }
  }
}
