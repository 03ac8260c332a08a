package roadbreeze.server.parts;

import org.springframework.data.jpa.repository.JpaRepository;

interface OilCoolerRepository extends JpaRepository<OilCoolerEntity, Integer> {}
