package roadbreeze.server;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import roadbreeze.server.parts.PartKind;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** The catalogue and its CSV, over real PostgreSQL. */
@SpringBootTest
@AutoConfigureMockMvc
class CatalogueTest {
  private static final String CAPS = "code,name,cap_kpa,price\n";

  @Autowired private MockMvc mvc;
  @Autowired private JsonMapper mapper;

  @DynamicPropertySource
  static void database(DynamicPropertyRegistry registry) {
    String url = TestDatabase.create("catalogue_test");
    registry.add("spring.datasource.url", () -> url);
    registry.add("spring.datasource.username", () -> TestDatabase.USER);
    registry.add("spring.datasource.password", () -> "");
  }

  private JsonNode take(String shelf, byte[] file) throws Exception {
    MockHttpServletResponse response =
        mvc.perform(post("/api/parts/" + shelf + "/csv").contentType("text/csv").content(file))
            .andReturn()
            .getResponse();
    assertThat(response.getStatus()).isEqualTo(200);
    return mapper.readTree(response.getContentAsString(StandardCharsets.UTF_8));
  }

  private JsonNode take(String shelf, String file) throws Exception {
    return take(shelf, file.getBytes(StandardCharsets.UTF_8));
  }

  private JsonNode catalogue() throws Exception {
    return mapper.readTree(
        mvc.perform(get("/api/parts"))
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8));
  }

  private JsonNode shelf(String slug) throws Exception {
    return mapper.readTree(
        mvc.perform(get("/api/parts/" + slug))
            .andReturn()
            .getResponse()
            .getContentAsString(StandardCharsets.UTF_8));
  }

  private MockHttpServletResponse send(MockHttpServletRequestBuilder request, ObjectNode part)
      throws Exception {
    return mvc.perform(
            request
                .contentType(MediaType.APPLICATION_JSON)
                .content(part == null ? "" : mapper.writeValueAsString(part)))
        .andReturn()
        .getResponse();
  }

  @ParameterizedTest
  @EnumSource(PartKind.class)
  void aPartIsPutOnItsShelfAndTakenOff(PartKind kind) throws Exception {
    String path = "/api/parts/" + kind.slug();
    JsonNode before = shelf(kind.slug());
    ObjectNode part = (ObjectNode) before.get(0).deepCopy();
    part.put("code", "A new/one");
    part.put("price", 7.0);
    assertThat(send(put(path), part).getStatus()).isEqualTo(200);
    assertThat(shelf(kind.slug())).hasSize(before.size() + 1).contains(part);

    part.put("price", 8.0);
    assertThat(send(put(path), part).getStatus()).isEqualTo(200);
    assertThat(shelf(kind.slug())).hasSize(before.size() + 1).contains(part);

    MockHttpServletResponse refused = send(put(path), part.deepCopy().put("price", -1.0));
    assertThat(refused.getStatus()).isEqualTo(400);
    assertThat(mapper.readTree(refused.getContentAsString()).at("/errors/0/field").asString())
        .isEqualTo("price");
    MockHttpServletResponse without = send(put(path), part.deepCopy().putNull("price"));
    assertThat(without.getStatus()).isEqualTo(400);
    assertThat(mapper.readTree(without.getContentAsString()).at("/errors/0/field").asString())
        .isEqualTo("price");

    assertThat(send(delete(path).queryParam("code", "A new/one"), null).getStatus()).isEqualTo(204);
    assertThat(send(delete(path).queryParam("code", "A new/one"), null).getStatus()).isEqualTo(404);
    assertThat(shelf(kind.slug())).isEqualTo(before);
  }

  @Test
  void everyShelfIsDescribedByItsColumns() throws Exception {
    JsonNode shelves = shelf("shelves");
    assertThat(shelves).hasSize(PartKind.values().length);
    for (JsonNode shelf : shelves) {
      JsonNode parts = shelf(shelf.get("slug").asString());
      assertThat(parts.size()).isGreaterThanOrEqualTo(8);
      for (JsonNode column : shelf.get("columns")) {
        assertThat(parts.get(0).has(column.get("name").asString())).isTrue();
      }
    }
  }

  @Test
  void everyShelfShipsFilled() throws Exception {
    JsonNode all = catalogue();
    assertThat(all.get("oilCoolers").size()).isGreaterThanOrEqualTo(40);
    assertThat(all.get("radiators").size()).isGreaterThanOrEqualTo(16);
    assertThat(all.get("fans").size()).isGreaterThanOrEqualTo(16);
    for (String shelf : new String[] {"thermostats", "caps", "controllers"}) {
      assertThat(all.get(shelf).size()).isGreaterThanOrEqualTo(8);
    }
    assertThat(all.get("oilCoolers").toString())
        .contains("TUBE_AND_FIN", "PLATE_FIN", "STACKED_PLATE");
  }

  @ParameterizedTest
  @EnumSource
  void whatGoesOutComesInUnchanged(PartKind kind) throws Exception {
    String shelf = kind.slug();
    JsonNode before = shelf(shelf);
    byte[] file =
        mvc.perform(get("/api/parts/" + shelf + "/csv"))
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    JsonNode done = take(shelf, file);
    assertThat(done.get("problems")).isEmpty();
    assertThat(done.get("added").asInt()).isZero();
    assertThat(done.get("changed").asInt()).isPositive();
    assertThat(shelf(shelf)).isEqualTo(before);
  }

  @Test
  void otherUnitsSeparatorsAndEncodingsAreRead() throws Exception {
    assertThat(take("caps", "code,name,cap_psi,price\nX-1,cap,13,9\n").get("added").asInt())
        .isOne();
    assertThat(take("caps", "code;name;cap_kpa;price\nX-2;Deckel;89,6;9\n").get("added").asInt())
        .isOne();
    assertThat(take("caps", CAPS + "X-3,cap,13 psi,9\n").get("added").asInt()).isOne();
    assertThat(
            take(
                    "caps",
                    (CAPS + "X-4,Kühlerdeckel,90,9\n").getBytes(Charset.forName("windows-1252")))
                .get("added")
                .asInt())
        .isOne();
    assertThat(
            take(
                    "caps",
                    ("\uFEFF" + CAPS + "X-5,Kühlerdeckel,90,9\n")
                        .getBytes(StandardCharsets.UTF_16LE))
                .get("added")
                .asInt())
        .isOne();
    String caps = catalogue().get("caps").toString();
    assertThat(caps).contains("\"capKpa\":89.63", "\"capKpa\":89.6,");
    assertThat(caps.split("Kühlerdeckel")).hasSize(3);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
      code,name,cap_furlongs,price/A,cap,90,9 | 1 | cap_furlongs | csvFault.noSuchColumn
      code,name,price/A,cap,9                 | 1 | cap_kpa      | csvFault.columnMissing
      code,name,cap_kpa,price/A,cap,hot,9     | 2 | cap_kpa      | csvFault.notANumber
      code,name,cap_kpa,price/A,cap,9000,9    | 2 | cap_kpa      | refusal.outOfSpan
      code,name,cap_kpa,price/A,cap,90 in,9   | 2 | cap_kpa      | csvFault.unitNotHere
      code,name,cap_kpa,price/A,,90,9         | 2 | name         | csvFault.emptyCell
      code,name,cap_kpa,price/A,a,90,9/A,b,90,9 | 3 | code       | csvFault.codeTwice
      code,name,cap_kpa,price/A,"open,90,9    | 1 |              | csvFault.notCsv
      """)
  void aBadFileIsNamedCellByCellAndNothingIsTaken(
      String file, long row, String column, String message) throws Exception {
    JsonNode before = catalogue();
    JsonNode done = take("caps", file.replace('/', '\n'));
    JsonNode problem = done.at("/problems/0");
    assertThat(problem.get("row").asLong()).isEqualTo(row);
    assertThat(problem.path("column").asString("")).isEqualTo(column == null ? "" : column);
    assertThat(problem.at("/said/code").asString()).isEqualTo(message);
    assertThat(catalogue()).isEqualTo(before);
  }

  @Test
  void fiftyThousandRowsGoInAndAnEmptyFileDoesNot() throws Exception {
    StringBuilder file = new StringBuilder("code,name,start_c,full_c,price\n");
    for (int i = 0; i < 50_000; i++) {
      file.append("BULK-").append(i).append(",thermostat,").append(70 + i % 40).append(",115,20\n");
    }
    assertThat(take("thermostats", file.toString()).get("added").asInt()).isEqualTo(50_000);
    assertThat(take("caps", "").at("/problems/0/said/code").asString())
        .isEqualTo("csvFault.emptyFile");
    assertThat(
            mvc.perform(post("/api/parts/horns/csv").contentType("text/csv").content("x"))
                .andReturn()
                .getResponse()
                .getStatus())
        .isEqualTo(404);
  }
}
