package roadbreeze.server.document;

import com.openhtmltopdf.extend.FSSupplier;
import com.openhtmltopdf.outputdevice.helper.BaseRendererBuilder.FontStyle;
import com.openhtmltopdf.pdfboxout.PdfRendererBuilder;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Map;
import org.thymeleaf.TemplateEngine;
import org.thymeleaf.context.Context;
import org.thymeleaf.templatemode.TemplateMode;
import org.thymeleaf.templateresolver.ClassLoaderTemplateResolver;

/** Lays a template of {@code paper/} out as a PDF. */
public final class Paper {
  /** Sheets, upright. */
  public enum Size {
    A4("210mm 297mm"),
    LETTER("8.5in 11in");

    private final String css;

    Size(String css) {
      this.css = css;
    }
  }

  private static final TemplateEngine ENGINE = engine();

  private Paper() {}

  private static TemplateEngine engine() {
    ClassLoaderTemplateResolver templates = new ClassLoaderTemplateResolver();
    templates.setPrefix("paper/");
    templates.setSuffix(".html");
    templates.setCharacterEncoding("UTF-8");
    templates.setTemplateMode(TemplateMode.HTML);
    TemplateEngine engine = new TemplateEngine();
    engine.setTemplateResolver(templates);
    return engine;
  }

  /**
   * @param template its name
   * @param model what it shows, under the names that it uses
   */
  public static byte[] of(String template, Size size, Map<String, ?> model) {
    Context context = new Context(Locale.ENGLISH);
    model.forEach(context::setVariable);
    context.setVariable("sheet", size.css);
    ByteArrayOutputStream pdf = new ByteArrayOutputStream();
    PdfRendererBuilder builder = new PdfRendererBuilder();
    builder.useFastMode();
    font(builder, "Regular", 400, FontStyle.NORMAL);
    font(builder, "Bold", 700, FontStyle.NORMAL);
    font(builder, "Italic", 400, FontStyle.ITALIC);
    builder.withHtmlContent(ENGINE.process(template, context), null);
    builder.toStream(pdf);
    try {
      builder.run();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return pdf.toByteArray();
  }

  private static void font(PdfRendererBuilder builder, String cut, int weight, FontStyle style) {
    FSSupplier<InputStream> file =
        () ->
            Paper.class
                .getClassLoader()
                .getResourceAsStream("liberation/LiberationSans-" + cut + ".ttf");
    builder.useFont(file, "Paper", weight, style, true);
  }
}
