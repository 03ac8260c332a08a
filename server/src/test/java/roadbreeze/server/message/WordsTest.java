package roadbreeze.server.message;

import static org.assertj.core.api.Assertions.assertThat;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.core.type.filter.AssignableTypeFilter;
import roadbreeze.core.circuit.Warning;
import roadbreeze.core.explain.Argument;
import roadbreeze.core.explain.Code;
import roadbreeze.core.explain.Finding;
import roadbreeze.core.explain.Kind;
import roadbreeze.core.explain.Name;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.stack.Layer;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.parts.PartKind;
import tools.jackson.databind.JsonNode;

/** Everything that can be said has words, and the words ask for nothing that is not there. */
class WordsTest {
  private static final Pattern PLACEHOLDER = Pattern.compile("\\{(\\w+)");

  static List<Code> codes() throws ClassNotFoundException {
    var scanner = new ClassPathScanningCandidateComponentProvider(false);
    scanner.addIncludeFilter(new AssignableTypeFilter(Code.class));
    List<Code> codes = new ArrayList<>();
    for (var found : scanner.findCandidateComponents("roadbreeze")) {
      Class<?> type = Class.forName(found.getBeanClassName());
      if (type.isEnum()) {
        for (Object constant : type.getEnumConstants()) {
          codes.add((Code) constant);
        }
      }
    }
    return codes;
  }

  @Test
  void theCodesAreFound() throws Exception {
    assertThat(codes()).hasSizeGreaterThan(250).contains(Warning.SLOWED, Fluid.PAN);
  }

  @ParameterizedTest
  @MethodSource("codes")
  void eachHasWordsThatAskOnlyForItsArguments(Code code) {
    JsonNode entry = Words.entries().get(code.key());
    assertThat(entry).as(code.key()).isNotNull();
    Set<String> there = new HashSet<>();
    code.parameters().forEach(p -> there.add(p.name()));
    List<JsonNode> texts = entry.isString() ? List.of(entry) : entry.valueStream().toList();
    for (JsonNode text : texts) {
      Matcher placeholder = PLACEHOLDER.matcher(text.asString());
      while (placeholder.find()) {
        String name = placeholder.group(1).replaceFirst("_(0|1|2|signed|raw)$", "");
        assertThat(there).as("%s in %s", name, code.key()).contains(name);
      }
    }
    Finding finding = code.with(code.parameters().stream().map(p -> sample(p.kind())).toArray());
    for (Units.World world : Units.World.values()) {
      assertThat(Words.of(finding, world)).isNotBlank().doesNotContain("{", "}");
    }
  }

  private static Object sample(Kind kind) {
    return switch (kind) {
      case AMOUNT -> Argument.amount(Kind.TEMPERATURE, 90);
      case NAME -> Name.of(Name.Noun.RADIATOR);
      case WORD -> Fluid.COOLANT;
      case TEXT -> "ours";
      case FINDING -> Warning.BEYOND_LIQUID.with(250);
      case FINDINGS -> List.of(Warning.BEYOND_LIQUID.with(250));
      default -> 1.5;
    };
  }

  @ParameterizedTest
  @EnumSource(PartKind.class)
  void aShelfItsColumnsAndTheirChoicesHaveWords(PartKind kind) {
    assertThat(Words.entries()).containsKey("shelf." + kind.slug());
    for (PartKind.Column column : kind.columns()) {
      assertThat(Words.entries()).containsKey("field." + column.name());
      column.choices().forEach(c -> assertThat(Words.entries()).containsKey("choice." + c));
    }
  }

  @Test
  void nothingIsKeptThatNobodySays() throws Exception {
    Set<String> said = new TreeSet<>();
    codes().forEach(code -> said.add(code.key()));
    Set<String> kept = new TreeSet<>(Words.entries().keySet());
    kept.removeIf(key -> key.matches("(field|shelf|choice|vehicleKind|ui)\\..*"));
    assertThat(kept).isEqualTo(said);
  }

  @ParameterizedTest
  @EnumSource
  void everyQuantityHasItsUnits(Kind kind) {
    if (kind.isQuantity()) {
      Units.Row row = Units.of(kind);
      assertThat(row.units()).isNotEmpty();
      assertThat(row.metric().unit()).isLessThan(row.units().size());
      assertThat(row.imperial().unit()).isLessThan(row.units().size());
    }
  }

  @Test
  void everyFieldHasAName() {
    Set<String> properties = new TreeSet<>();
    collect(JobContent.class, properties);
    for (PartKind kind : PartKind.values()) {
      kind.columns().forEach(c -> properties.add(c.name()));
    }
    assertThat(properties).hasSizeGreaterThan(120);
    for (String property : properties) {
      assertThat(Words.entries()).containsKey("field." + property);
    }
  }

  private static void collect(Class<?> type, Set<String> properties) {
    if (type.isRecord() && type.getPackageName().startsWith("roadbreeze.server")) {
      for (RecordComponent component : type.getRecordComponents()) {
        properties.add(component.getName());
        collect(component.getType(), properties);
        if (component.getGenericType() instanceof java.lang.reflect.ParameterizedType generic
            && generic.getActualTypeArguments()[0] instanceof Class<?> row) {
          collect(row, properties);
        }
      }
    }
  }

  @Test
  void oneFindingReadsInBothWorlds() {
    Finding slowed = Warning.SLOWED.with(62 / 3.6, 90 / 3.6);
    assertThat(Words.of(slowed, Units.World.METRIC))
        .isEqualTo("the truck holds only 62\u00a0km/h of 90\u00a0km/h here");
    assertThat(Words.of(slowed, Units.World.IMPERIAL)).contains("39\u00a0mph of 56\u00a0mph");
    Finding below = Warning.OIL_EXTRAPOLATED.with(-30, 150);
    assertThat(Words.of(below, Units.World.METRIC)).contains("−30\u00a0°C to 150\u00a0°C");
    assertThat(Words.of(below, Units.World.IMPERIAL)).contains("−22\u00a0°F to 302\u00a0°F");
    Name second = Name.of("c2", Name.Noun.OIL_COOLER, 1);
    assertThat(Words.of(Warning.STRIPS_EXTRAPOLATED.with(second), Units.World.METRIC))
        .startsWith("oil in the oil cooler 2 runs");
    assertThat(Layer.OPEN_GAP.quantity().key()).isEqualTo("quantity.openGap");
  }
}
