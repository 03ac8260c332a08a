package roadbreeze.server.job;

import java.time.Instant;
import java.util.List;
import java.util.UUID;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

interface SectionRepository extends JpaRepository<SectionRow, SectionRow.Key> {
  List<SectionRow> findByKeyJobIdOrderByPosition(UUID jobId);

  @Query(
      """
      select new roadbreeze.server.job.JobEdition$Stamp(s.key.name, s.version, s.savedAt)
      from SectionRow s where s.key.jobId = :job order by s.key.name""")
  List<JobEdition.Stamp> stamps(UUID job);

  /** A section, of whose body only what a card shows is read. */
  interface OfCard {
    UUID getJobId();

    String getName();

    long getVersion();

    Instant getSavedAt();

    String getBody();
  }

  @Query(
      nativeQuery = true,
      value =
          """
          select job_id as jobId, name, version, saved_at as savedAt, cast(
            case name
              when 'about' then body
              when 'rig' then jsonb_build_object(
                'truck', body #> '{vehicle,name}', 'trailer', body #> '{trailer,name}')
              when 'haul' then jsonb_build_object(
                'road', body -> 'road', 'gradePercent', body -> 'gradePercent',
                'speedKmh', body -> 'speedKmh', 'ambientC', body -> 'ambientC',
                'way', case when jsonb_typeof(body -> 'journey') = 'object'
                  then jsonb_build_object(
                    'name', body #> '{journey,name}',
                    'fromKm', body #> '{journey,points,0,distanceKm}',
                    'toKm', body #> '{journey,points,-1,distanceKm}',
                    'coldestC', body #> '{journey,coldestC}',
                    'hottestC', body #> '{journey,hottestC}') end)
              else jsonb_build_object(
                'id', body -> 'id', 'kind', body -> 'kind', 'name', body -> 'name')
            end as text) as body
          from job_section where name not in ('checks', 'nose') order by position""")
  List<OfCard> cards();

  void deleteByKeyJobId(UUID jobId);
}
