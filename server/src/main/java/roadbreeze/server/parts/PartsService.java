package roadbreeze.server.parts;

import java.util.List;
import org.springframework.data.domain.Sort;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.rig.CoolerPart;

/** The catalogue as it stands. */
@Service
public class PartsService {
  private final OilCoolerRepository oilCoolers;

  PartsService(OilCoolerRepository oilCoolers) {
    this.oilCoolers = oilCoolers;
  }

  /** Smallest first. */
  @Transactional(readOnly = true)
  public List<CoolerPart> oilCoolers() {
    return oilCoolers.findAll(Sort.by("id")).stream().map(OilCoolerEntity::part).toList();
  }
}
