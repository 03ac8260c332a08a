package roadbreeze.server.signed;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.util.UUID;

/** A signed paper with its pages and all that they were made of; it never changes. */
@Entity
@Table(name = "signed_paper")
class SignedPaperRow {
  @Id private UUID id;
  private UUID jobId;

  @Enumerated(EnumType.STRING)
  private SignedPaper.Kind kind;

  private String build;
  private String title;
  private String signedBy;
  private String signedOn;
  private Instant signedAt;
  private String hash;
  private String snapshot;
  private byte[] pdf;

  protected SignedPaperRow() {}

  SignedPaperRow(UUID job, SignedPaper paper, String snapshot, byte[] pdf) {
    id = paper.id();
    jobId = job;
    kind = paper.kind();
    build = paper.build();
    title = paper.title();
    signedBy = paper.signedBy();
    signedOn = paper.signedOn();
    signedAt = paper.signedAt();
    hash = paper.hash();
    this.snapshot = snapshot;
    this.pdf = pdf.clone();
  }

  SignedPaper paper() {
    return new SignedPaper(id, kind, build, title, signedBy, signedOn, signedAt, hash);
  }

  String snapshot() {
    return snapshot;
  }

  byte[] pdf() {
    return pdf.clone();
  }
}
