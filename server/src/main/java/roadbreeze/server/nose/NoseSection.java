package roadbreeze.server.nose;

import jakarta.annotation.Nullable;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import roadbreeze.core.nose.Solid;
import roadbreeze.server.row.DistinctIds;

/**
 * The truck's nose: a section of a job. Places in mm: across from the left edge of the radiator's
 * core as seen from the front, up from its lower edge, back from the grille line.
 *
 * @param measures that the rest hangs on
 * @param absent what was looked for and is not there
 * @param photos that places were clicked on
 * @param radiator what is round the radiator
 * @param remotePlaces where a cooler may hang away from the pack
 */
public record NoseSection(
    @NotNull @Valid NoseMeasures measures,
    @NotNull @Size(max = 40) List<Solid.@NotNull What> absent,
    @NotNull @Size(max = 200) @DistinctIds List<@NotNull @Valid NoseSolid> solids,
    @NotNull @Size(max = 60) @DistinctIds List<@NotNull @Valid NoseHole> holes,
    @NotNull @Size(max = 12) @DistinctIds List<@NotNull @Valid NosePort> ports,
    @NotNull @Size(max = 6) @DistinctIds List<@NotNull @Valid NosePhoto> photos,
    @NotNull @Valid RadiatorSeatData radiator,
    @NotNull @Size(max = 8) @DistinctIds List<@NotNull @Valid NoseRemotePlace> remotePlaces) {

  /** As it goes to another truck. */
  public NoseSection withoutPhotos() {
    return new NoseSection(
        measures, absent, solids, holes, ports, List.of(), radiator, remotePlaces);
  }

  /** A place away from the pack; empty where none of that id is measured. */
  public Optional<NoseRemotePlace> remote(@Nullable String id) {
    return remotePlaces.stream().filter(p -> p.id().equals(id)).findFirst();
  }
}
