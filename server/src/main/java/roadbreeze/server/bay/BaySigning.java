package roadbreeze.server.bay;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import org.springframework.stereotype.Component;
import roadbreeze.server.document.Paper;
import roadbreeze.server.file.Sha256;
import roadbreeze.server.job.JobContent;
import roadbreeze.server.job.JobService;
import roadbreeze.server.message.Units;
import roadbreeze.server.order.OrderResult.OrderedStep;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.signed.SignedPaper;
import roadbreeze.server.signed.SignedPapers;
import roadbreeze.server.yard.YardService;
import tools.jackson.databind.json.JsonMapper;

/** The paper of an order, and its signature once all of it is done. */
@Component
class BaySigning {
  private static final JsonMapper JSON = JsonMapper.shared();

  /** Of what is open, the first few say enough. */
  private static final int MOST_TOLD = 5;

  private final BayService orders;
  private final BayPhotos photos;
  private final JobService jobs;
  private final YardService yard;
  private final SignedPapers papers;

  BaySigning(
      BayService orders, BayPhotos photos, JobService jobs, YardService yard, SignedPapers papers) {
    this.orders = orders;
    this.photos = photos;
    this.jobs = jobs;
    this.yard = yard;
    this.papers = papers;
  }

  /**
   * How a paper is laid out.
   *
   * @param day that stands on it
   */
  record Layout(LocalDate day, Units.World world, Paper.Size size) {}

  /**
   * All that a signed order was made of.
   *
   * @param photos SHA-256 of each photograph, by its id
   */
  record BaySnapshot(
      String format,
      JobContent job,
      BayOrder order,
      BayPlan plan,
      List<BayEntry> entries,
      Map<String, String> photos) {}

  private BayPaper.Finished finished(BayOrder order, List<BayEntry> entries, LocalDate day) {
    return new BayPaper.Finished(
        jobs.get(order.job()).content(),
        order,
        orders.plan(order.id()),
        BayState.of(entries),
        yard.yard(),
        day);
  }

  /** As it stands now. */
  byte[] pages(UUID id, Layout layout) {
    BayOrder order = orders.order(id);
    BayPaper.Finished done = finished(order, orders.after(id, 0), layout.day());
    return BayPaper.of(done, p -> photos.find(id, p), layout.world(), layout.size(), null);
  }

  /**
   * @param by name as it is typed
   * @param on account and device
   * @throws roadbreeze.server.problem.RefusedRequestException if something is open yet
   */
  SignedPaper sign(UUID id, String by, String on, Layout layout) {
    BayOrder order = orders.order(id);
    if (order.signedAt() != null) {
      throw Refusal.ORDER_IS_SIGNED.refuse();
    }
    List<BayEntry> entries = orders.after(id, 0);
    BayPaper.Finished done = finished(order, entries, layout.day());
    refuseOpen(done);
    Map<String, String> hashes = new TreeMap<>();
    done.state()
        .photos()
        .forEach(
            p ->
                photos
                    .find(id, UUID.fromString(p.item()))
                    .ifPresent(picture -> hashes.put(p.item(), Sha256.of(picture))));
    String snapshot =
        JSON.writeValueAsString(
            new BaySnapshot(
                "road-breeze-signed-work-order", done.job(), order, done.plan(), entries, hashes));
    SignedPaper paper =
        papers.sign(
            new SignedPapers.Signing(
                SignedPaper.Kind.WORK_ORDER, order.build(), order.title(), by, on),
            snapshot);
    byte[] pages = BayPaper.of(done, p -> photos.find(id, p), layout.world(), layout.size(), paper);
    orders.signed(id, paper, snapshot, pages, entries.size());
    return paper;
  }

  private static void refuseOpen(BayPaper.Finished done) {
    List<String> open = new ArrayList<>();
    for (OrderedStep s : done.plan().steps()) {
      if (!done.state().done().containsKey(s.id())) {
        open.add(s.title());
      }
    }
    done.state().open().forEach(p -> open.add(p.text()));
    if (!open.isEmpty()) {
      List<String> told = open.subList(0, Math.min(open.size(), MOST_TOLD));
      throw Refusal.WORK_IS_OPEN.refuse(String.join("; ", told));
    }
  }
}
