package roadbreeze.server.book;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.sql.SQLException;
import java.util.List;
import java.util.UUID;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.springframework.stereotype.Component;
import roadbreeze.server.bay.BayEvent;
import roadbreeze.server.bay.BayOrder;
import roadbreeze.server.bay.BayPhotos;
import roadbreeze.server.bay.BayService;
import roadbreeze.server.bay.BayState;
import roadbreeze.server.followup.FollowUps;
import roadbreeze.server.job.Job;
import roadbreeze.server.job.JobFile;
import roadbreeze.server.job.JobService;
import roadbreeze.server.job.format.JobFormat;
import roadbreeze.server.message.Units;
import roadbreeze.server.photo.PhotoSent;
import roadbreeze.server.photo.PhotoService;
import roadbreeze.server.run.Run;
import roadbreeze.server.run.RunFile;
import roadbreeze.server.run.RunRecordings;
import roadbreeze.server.run.Track;
import roadbreeze.server.signed.SignedPaper;
import roadbreeze.server.signed.SignedPapers;
import tools.jackson.databind.json.JsonMapper;

/** All that is known of a customer, as files in a ZIP: nothing is left out. */
@Component
class CustomerFile {
  private static final JsonMapper JSON = JsonMapper.shared();

  private final Book book;
  private final JobService jobs;
  private final SignedPapers papers;
  private final BayService orders;
  private final BayPhotos bayPhotos;
  private final PhotoService photos;
  private final RunRecordings runs;
  private final RunFile runFiles;
  private final FollowUps followUps;

  CustomerFile(
      Book book,
      JobService jobs,
      SignedPapers papers,
      BayService orders,
      BayPhotos bayPhotos,
      PhotoService photos,
      RunRecordings runs,
      RunFile runFiles,
      FollowUps followUps) {
    this.book = book;
    this.jobs = jobs;
    this.papers = papers;
    this.orders = orders;
    this.bayPhotos = bayPhotos;
    this.photos = photos;
    this.runs = runs;
    this.runFiles = runFiles;
    this.followUps = followUps;
  }

  void write(UUID customer, OutputStream to) throws IOException, SQLException {
    List<BookEntry> entries = book.of(customer);
    try (ZipOutputStream zip = new ZipOutputStream(to)) {
      put(zip, "customer.json", JSON.writerWithDefaultPrettyPrinter().writeValueAsBytes(entries));
      int number = 0;
      for (UUID id : book.jobsOf(entries.stream().map(BookEntry::id).toList())) {
        Job job = jobs.get(id);
        number++;
        job(zip, number + "-" + safe(job.about().body().name()) + "/", job);
      }
    }
  }

  private static String safe(String name) {
    String safe = name.replaceAll("[^A-Za-z0-9]+", "-");
    return safe.substring(0, Math.min(40, safe.length()));
  }

  private static void put(ZipOutputStream zip, String name, byte[] content) throws IOException {
    zip.putNextEntry(new ZipEntry(name));
    zip.write(content);
    zip.closeEntry();
  }

  private void job(ZipOutputStream zip, String folder, Job job) throws IOException, SQLException {
    UUID id = job.id();
    put(
        zip,
        folder + "job.json",
        JSON.writeValueAsBytes(new JobFile(JobFormat.NAME, JobFormat.CURRENT, job.content())));
    put(zip, folder + "follow-ups.json", JSON.writeValueAsBytes(followUps.kept(id)));
    for (SignedPaper paper : papers.of(id)) {
      String name = folder + "papers/" + safe(paper.title()) + "-" + paper.id();
      put(zip, name + ".pdf", papers.pages(paper.id()));
      put(zip, name + ".json", papers.snapshot(paper.id()).getBytes(StandardCharsets.UTF_8));
    }
    for (PhotoSent photo : photos.of(id)) {
      put(zip, folder + "photos/" + photo.id() + photo.extension(), photos.content(photo.id()));
    }
    for (BayOrder order : orders.of(id)) {
      work(zip, folder + "bay/" + order.id() + "/", order);
    }
    int number = 0;
    for (Run run : runs.all(id)) {
      number++;
      String name = folder + "drives/" + number + "-" + safe(run.data().name());
      put(zip, name + ".json", JSON.writeValueAsBytes(run));
      for (Track track : run.tracks()) {
        zip.putNextEntry(new ZipEntry(name + "-" + track.number() + ".csv"));
        runFiles.csv(run, track, Units.World.METRIC, zip);
        zip.closeEntry();
      }
    }
  }

  private void work(ZipOutputStream zip, String folder, BayOrder order) throws IOException {
    put(zip, folder + "events.json", JSON.writeValueAsBytes(orders.after(order.id(), 0)));
    for (BayEvent photo : BayState.of(orders.after(order.id(), 0)).photos()) {
      UUID id = UUID.fromString(photo.item());
      byte[] content = bayPhotos.find(order.id(), id).orElse(new byte[0]);
      put(zip, folder + "photos/" + id + ".jpg", content);
    }
  }
}
