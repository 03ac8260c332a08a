package roadbreeze.server.book;

import jakarta.annotation.Nullable;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.UUID;
import java.util.stream.Collectors;
import org.springframework.stereotype.Component;
import roadbreeze.core.explain.Code;
import roadbreeze.core.sizing.Fluid;
import roadbreeze.core.sizing.Margins;
import roadbreeze.server.bay.BayEntry;
import roadbreeze.server.bay.BayEvent;
import roadbreeze.server.bay.BayOrder;
import roadbreeze.server.bay.BayService;
import roadbreeze.server.bay.BayState;
import roadbreeze.server.followup.FollowUps;
import roadbreeze.server.job.Job;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.photo.PhotoSent;
import roadbreeze.server.photo.PhotoService;
import roadbreeze.server.rig.CalibrationData;
import roadbreeze.server.run.Run;
import roadbreeze.server.run.RunRecordings;
import roadbreeze.server.signed.SignedPaper;
import roadbreeze.server.signed.SignedPapers;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/**
 * A truck's life on one line: what was photographed, signed, done, driven, tuned and looked at
 * again.
 */
@Component
class TruckLife {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final Book book;
  private final JobService jobs;
  private final SignedPapers papers;
  private final BayService orders;
  private final RunRecordings runs;
  private final PhotoService photos;
  private final FollowUps followUps;

  TruckLife(
      Book book,
      JobService jobs,
      SignedPapers papers,
      BayService orders,
      RunRecordings runs,
      PhotoService photos,
      FollowUps followUps) {
    this.book = book;
    this.jobs = jobs;
    this.papers = papers;
    this.orders = orders;
    this.runs = runs;
    this.photos = photos;
    this.followUps = followUps;
  }

  /** What happened. */
  enum Happened implements Code {
    PHOTOGRAPHED,
    ESTIMATE,
    WORK_BEGUN,
    WORK_SIGNED,
    DRIVEN,
    TUNED,
    LOOKED_AGAIN
  }

  /**
   * A moment of it.
   *
   * @param said in a person's own words, or a name
   * @param worst fluid of the verdict that was signed, with its room to the limit, K; null where
   *     nothing was
   * @param readings that were taken
   * @param photos addresses of photographs
   * @param paper id of the paper that was signed
   */
  record LifeMoment(
      Instant at,
      Happened what,
      UUID job,
      String jobName,
      String said,
      @Nullable Fluid worst,
      @Nullable Double headroomK,
      int readings,
      List<String> photos,
      @Nullable UUID paper) {}

  /** The oldest first. */
  List<LifeMoment> of(UUID truck) {
    List<LifeMoment> life = new ArrayList<>();
    for (UUID job : book.jobsOf(List.of(truck))) {
      add(jobs.get(job), life);
    }
    life.sort(Comparator.comparing(LifeMoment::at));
    return life;
  }

  private void add(Job job, List<LifeMoment> life) {
    String name = job.about().body().name();
    UUID id = job.id();
    for (SignedPaper paper : papers.of(id)) {
      Optional<Margins> verdict = verdict(paper);
      Fluid worst = verdict.map(Margins::binding).orElse(null);
      Happened what =
          paper.kind() == SignedPaper.Kind.ESTIMATE ? Happened.ESTIMATE : Happened.WORK_SIGNED;
      life.add(
          new LifeMoment(
              paper.signedAt(),
              what,
              id,
              name,
              paper.title() + ", " + paper.signedBy(),
              worst,
              verdict.map(m -> m.of(worst).headroom()).orElse(null),
              0,
              List.of(),
              paper.id()));
    }
    life.addAll(photographed(id, name));
    for (BayOrder order : orders.of(id)) {
      life.add(begun(id, name, order));
    }
    for (Run run : runs.all(id)) {
      Instant at = run.beganAt() == null ? run.madeAt() : run.beganAt();
      life.add(plain(at, Happened.DRIVEN, id, name, run.data().name()));
    }
    for (CalibrationData c : job.content().rig().calibrations()) {
      life.add(plain(c.at(), Happened.TUNED, id, name, String.join(", ", c.runs())));
    }
    followUps
        .done(id)
        .forEach(
            d ->
                life.add(
                    new LifeMoment(
                        noon(d.day()),
                        Happened.LOOKED_AGAIN,
                        id,
                        name,
                        d.title() + (d.note().isEmpty() ? "" : ": " + d.note()),
                        null,
                        null,
                        d.readings(),
                        List.of(),
                        null)));
  }

  /** What was sent of a day is one moment, the first of it. */
  private List<LifeMoment> photographed(UUID job, String name) {
    Map<LocalDate, List<PhotoSent>> days =
        photos.of(job).stream()
            .collect(
                Collectors.groupingBy(
                    p -> LocalDate.ofInstant(p.sentAt(), ZoneOffset.UTC),
                    TreeMap::new,
                    Collectors.toList()));
    return days.values().stream()
        .map(
            sent ->
                new LifeMoment(
                    sent.get(0).sentAt(),
                    Happened.PHOTOGRAPHED,
                    job,
                    name,
                    "",
                    null,
                    null,
                    0,
                    sent.stream().map(p -> "/api/photos/" + p.id()).toList(),
                    null))
        .toList();
  }

  private static Instant noon(LocalDate day) {
    return day.atTime(12, 0).toInstant(ZoneOffset.UTC);
  }

  private LifeMoment begun(UUID job, String name, BayOrder order) {
    List<BayEntry> entries = orders.after(order.id(), 0);
    BayState state = BayState.of(entries);
    List<String> photos =
        state.photos().stream()
            .map(BayEvent::item)
            .map(photo -> "/api/bay/" + order.id() + "/photos/" + photo)
            .toList();
    return new LifeMoment(
        order.begunAt(),
        Happened.WORK_BEGUN,
        job,
        name,
        order.title() + ", " + order.begunBy(),
        null,
        null,
        state.readings().size(),
        photos,
        null);
  }

  private static LifeMoment plain(Instant at, Happened what, UUID job, String name, String said) {
    return new LifeMoment(at, what, job, name, said, null, null, 0, List.of(), null);
  }

  /** As it was when it was signed; empty of a paper whose job was shaped otherwise. */
  private Optional<Margins> verdict(SignedPaper paper) {
    try {
      JobContent then =
          JSON.treeToValue(
              JSON.readTree(papers.snapshot(paper.id())).path("job"), JobContent.class);
      return then.builds().stream()
          .filter(b -> b.id().equals(paper.build()))
          .findFirst()
          .flatMap(then::marginsIfAny);
    } catch (JacksonException e) {
      return Optional.empty();
    }
  }
}
