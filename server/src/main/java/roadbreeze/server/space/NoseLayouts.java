package roadbreeze.server.space;

import jakarta.validation.ConstraintViolation;
import jakarta.validation.ConstraintViolationException;
import jakarta.validation.Validator;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.Locale;
import java.util.Set;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import roadbreeze.core.nose.Nose;
import roadbreeze.core.nose.NoseFrame;
import roadbreeze.core.nose.NoseLines;
import roadbreeze.core.nose.Starter;
import roadbreeze.core.rig.Setup;
import roadbreeze.core.space.Pack;
import roadbreeze.core.stack.Rectangle;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.nose.NoseMapper;
import roadbreeze.server.nose.NoseSection;
import roadbreeze.server.nose.RadiatorSeatData;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.rig.Mark;
import roadbreeze.server.rig.TruckMapper;
import roadbreeze.server.rig.Vehicle;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Layouts of noses: those that ship with the program, one for each kind of truck, and files. */
@Component
class NoseLayouts {
  private static final JsonMapper STRICT =
      JsonMapper.builder().enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES).build();

  /** Measures of the opening, which count as taken unless they are marked as assumed. */
  private static final String[] OF_OPENING = {
    "openingWidthMm", "openingHeightMm", "openingDepthMm"
  };

  private final Validator validator;

  NoseLayouts(Validator validator) {
    this.validator = validator;
  }

  /**
   * The nose in a file.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if it is no layout, or a newer one
   * @throws ConstraintViolationException if a value cannot be
   */
  NoseSection read(JsonNode file) {
    if (!file.path("format").asString("").equals(NoseLayout.NAME)
        || !file.path("formatVersion").isInt()) {
      throw Refusal.NOT_A_LAYOUT.refuse();
    }
    if (file.get("formatVersion").asInt() > NoseLayout.CURRENT) {
      throw Refusal.NEWER_FORMAT.refuse(file.get("formatVersion").asInt());
    }
    NoseLayout layout = STRICT.treeToValue(current(file), NoseLayout.class);
    Set<ConstraintViolation<NoseLayout>> broken = validator.validate(layout);
    if (!broken.isEmpty()) {
      throw new ConstraintViolationException(broken);
    }
    NoseMapper.nose(layout.nose());
    return layout.nose();
  }

  /** Layouts of the first version had no ports. */
  private static JsonNode current(JsonNode file) {
    JsonNode now = file.deepCopy();
    if (now.get("formatVersion").asInt() < 2
        && now instanceof ObjectNode layout
        && layout.get("nose") instanceof ObjectNode nose) {
      nose.putArray("ports");
      layout.put("formatVersion", NoseLayout.CURRENT);
    }
    // Photographs stay with their job.
    if (now.get("nose") instanceof ObjectNode nose && !nose.has("photos")) {
      nose.putArray("photos");
    }
    // Earlier layouts knew nothing of what is round a radiator, nor away from the pack.
    if (now.get("nose") instanceof ObjectNode nose && !nose.has("radiator")) {
      nose.set("radiator", STRICT.valueToTree(RadiatorSeatData.UNKNOWN));
    }
    if (now.get("nose") instanceof ObjectNode nose && !nose.has("remotePlaces")) {
      nose.putArray("remotePlaces");
    }
    return now;
  }

  /** A job's nose as a file; its frame is the truck's as it came. */
  NoseLayout file(JobContent job) {
    Setup setup = job.setup(job.found());
    Rectangle opening = setup.truck().front().opening();
    Pack pack = Pack.of(setup);
    return new NoseLayout(
        NoseLayout.NAME,
        NoseLayout.CURRENT,
        job.about().name(),
        new NoseLayout.Frame(
            opening.x() * 1000,
            opening.y() * 1000,
            opening.width() * 1000,
            opening.height() * 1000,
            pack.front() * 1000,
            pack.back() * 1000),
        job.nose().withoutPhotos());
  }

  /**
   * What a truck of this kind usually has in its nose, drawn after what is known of this one. What
   * nobody has measured keeps the starter's own measure.
   *
   * @throws roadbreeze.core.problem.BadInputException if a value cannot be
   */
  NoseSection start(JobContent job) {
    NoseLayout usual = shipped(job.rig().vehicle().kind());
    Nose nose = NoseMapper.nose(usual.nose());
    NoseFrame own = frame(usual, nose.lines());
    NoseLines lines = NoseMapper.nose(job.nose()).lines();
    Nose drawn = new Starter(own, nose).drawn(frame(job, lines, own), lines, measured(job, lines));
    return new NoseSection(
        job.nose().measures(),
        job.nose().absent(),
        NoseMapper.solids(drawn),
        NoseMapper.holes(drawn),
        NoseMapper.ports(drawn),
        job.nose().photos(),
        job.nose().radiator(),
        job.nose().remotePlaces());
  }

  private static int measured(JobContent job, NoseLines lines) {
    int measured = lines.known();
    for (String field : OF_OPENING) {
      measured += job.rig().marks().get("vehicle.cooling." + field) == Mark.DEFAULT ? 0 : 1;
    }
    return measured;
  }

  private static NoseFrame frame(NoseLayout usual, NoseLines lines) {
    NoseLayout.Frame f = usual.frame();
    return new NoseFrame(
        TruckMapper.rectangle(f.leftMm(), f.bottomMm(), f.widthMm(), f.heightMm()),
        f.packFrontMm() / 1000,
        f.packBackMm() / 1000,
        lines.bonnet().orElseThrow(),
        lines.bumperTop().orElseThrow(),
        lines.bumperAhead().orElseThrow());
  }

  /** Where a line of a truck is not known it lies as far from the opening as on the usual one. */
  private static NoseFrame frame(JobContent job, NoseLines lines, NoseFrame usual) {
    Setup setup = job.setup(job.found());
    Rectangle opening = setup.truck().front().opening();
    Pack pack = Pack.of(setup);
    return new NoseFrame(
        opening,
        pack.front(),
        pack.back(),
        lines.bonnet().orElse(opening.top() + usual.bonnet() - usual.opening().top()),
        lines.bumperTop().orElse(opening.y() + usual.bumperTop() - usual.opening().y()),
        lines.bumperAhead().orElse(usual.bumperAhead()));
  }

  /** The layout that ships for a kind of truck. */
  static NoseLayout shipped(Vehicle.Type kind) {
    String file = kind.name().toLowerCase(Locale.ROOT).replace('_', '-');
    return STRICT.treeToValue(current(json("nose/" + file + ".json")), NoseLayout.class);
  }

  /** What a layout file may hold. */
  static JsonNode schema() {
    return json("nose/nose-layout.schema.json");
  }

  private static JsonNode json(String resource) {
    try (InputStream in = new ClassPathResource(resource).getInputStream()) {
      return STRICT.readTree(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
