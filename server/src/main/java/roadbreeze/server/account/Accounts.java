package roadbreeze.server.account;

import jakarta.annotation.Nullable;
import jakarta.persistence.EntityManager;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.boot.context.event.ApplicationReadyEvent;
import org.springframework.context.event.EventListener;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.file.Sha256;
import roadbreeze.server.problem.Refusal;
import roadbreeze.server.problem.UnknownThingException;

/** Keeps accounts and paired tablets. */
@Service
public class Accounts {
  /** Of a code that makes the first owner, and of one that pairs a tablet. */
  private static final int LONG = 12;

  private static final int SHORT = 8;
  private static final Duration PAIRING = Duration.ofMinutes(10);

  private final EntityManager database;
  private final Lock lock;
  private final PasswordEncoder passwords = new BCryptPasswordEncoder(11);

  /** So that a name that is not there takes as long as one that is; null until it is needed. */
  private volatile String nobody;

  private volatile String firstCode;

  Accounts(EntityManager database, Lock lock) {
    this.database = database;
    this.lock = lock;
  }

  /** Before there is anybody, whoever reads the console is the owner. */
  @EventListener(ApplicationReadyEvent.class)
  public void firstRun() {
    if (lock.locked() && isEmpty()) {
      firstCode = Secrets.drawn(LONG);
      // Not into the log, which others may read and which is kept.
      System.out.println("Road Breeze: the owner's first code, good once: " + firstCode);
    }
  }

  /** The code that makes the first owner; empty where there is somebody. */
  public Optional<String> firstCode() {
    return Optional.ofNullable(firstCode);
  }

  @Transactional(readOnly = true)
  public boolean isEmpty() {
    return database.createQuery("select count(a) from AccountRow a", Long.class).getSingleResult()
        == 0;
  }

  /**
   * Makes the first owner.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if the code is wrong, or used
   */
  @Transactional
  SignedIn first(String code, String name, String password) {
    String known = firstCode;
    if (known == null || !Secrets.same(known, Secrets.read(code)) || !isEmpty()) {
      throw Refusal.WRONG_CODE.refuse();
    }
    firstCode = null;
    return signed(made(name, Role.OWNER, password), null);
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if there is one of that name
   */
  @Transactional
  Account make(String name, Role role, String password) {
    return made(name, role, password).account();
  }

  private AccountRow made(String name, Role role, String password) {
    if (named(name).isPresent()) {
      throw Refusal.SAME_NAME.refuse(name.strip());
    }
    AccountRow row = new AccountRow(name.strip(), role, passwords.encode(password), now());
    database.persist(row);
    return row;
  }

  private Optional<AccountRow> named(String name) {
    return database
        .createQuery(
            "select a from AccountRow a where lower(a.name) = lower(:name) and a.closedAt is null",
            AccountRow.class)
        .setParameter("name", name.strip())
        .getResultStream()
        .findFirst();
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if name and password do not belong
   *     together
   */
  @Transactional(readOnly = true)
  SignedIn signIn(String name, String password) {
    Optional<AccountRow> row = named(name);
    boolean right =
        passwords.matches(password, row.map(AccountRow::password).orElseGet(this::nobodys));
    if (row.isEmpty() || !right) {
      throw Refusal.WRONG_PASSWORD.refuse();
    }
    return signed(row.get(), null);
  }

  private String nobodys() {
    if (nobody == null) {
      nobody = passwords.encode(Secrets.drawn(LONG));
    }
    return nobody;
  }

  private static SignedIn signed(AccountRow row, @Nullable UUID device) {
    return new SignedIn(row.id(), row.name(), device);
  }

  /** A code that pairs one tablet within some minutes, for an account. */
  @Transactional
  String pairing(UUID account) {
    database
        .createQuery("delete from PairingRow p where p.until < :now")
        .setParameter("now", now())
        .executeUpdate();
    String code = Secrets.drawn(SHORT);
    database.persist(new PairingRow(Sha256.of(code), account, now().plus(PAIRING)));
    return code;
  }

  /**
   * Pairs a tablet.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if the code is wrong, used or old
   */
  @Transactional
  SignedIn pair(String code, String name) {
    PairingRow pairing =
        database.find(
            PairingRow.class,
            Sha256.of(Secrets.read(code)),
            jakarta.persistence.LockModeType.PESSIMISTIC_WRITE);
    if (pairing == null || pairing.until().isBefore(now())) {
      throw Refusal.WRONG_CODE.refuse();
    }
    database.remove(pairing);
    AccountRow account = database.find(AccountRow.class, pairing.accountId());
    DeviceRow device = new DeviceRow(account.id(), name.strip(), now());
    database.persist(device);
    return signed(account, device.id());
  }

  /** What somebody may do now; empty where the account is closed or the tablet taken out. */
  @Transactional(readOnly = true)
  public Optional<Role> role(SignedIn who) {
    AccountRow account = database.find(AccountRow.class, who.account());
    DeviceRow device = who.device() == null ? null : database.find(DeviceRow.class, who.device());
    boolean in = account != null && account.open();
    boolean on = who.device() == null || device != null && device.open();
    return in && on ? Optional.of(account.role()) : Optional.empty();
  }

  /** Name of the tablet that somebody is on; empty where it is none that was paired. */
  @Transactional(readOnly = true)
  public Optional<String> deviceOf(SignedIn who) {
    return Optional.ofNullable(who.device())
        .map(id -> database.find(DeviceRow.class, id))
        .map(DeviceRow::name);
  }

  @Transactional(readOnly = true)
  List<Account> all() {
    return database
        .createQuery(
            "select a from AccountRow a where a.closedAt is null order by a.name", AccountRow.class)
        .getResultStream()
        .map(AccountRow::account)
        .toList();
  }

  @Transactional(readOnly = true)
  List<PairedDevice> devices() {
    return database
        .createQuery("select d from DeviceRow d order by d.pairedAt desc", DeviceRow.class)
        .getResultStream()
        .map(d -> d.device(database.find(AccountRow.class, d.accountId()).name()))
        .toList();
  }

  /**
   * Closes an account for good.
   *
   * @throws roadbreeze.server.problem.RefusedRequestException if it is the last owner's
   */
  @Transactional
  void close(UUID id) {
    AccountRow row = account(id);
    refuseLastOwner(row);
    row.close(now());
  }

  /**
   * @throws roadbreeze.server.problem.RefusedRequestException if it is the last owner's
   */
  @Transactional
  Account change(UUID id, Role role) {
    AccountRow row = account(id);
    if (role != Role.OWNER) {
      refuseLastOwner(row);
    }
    row.change(role);
    return row.account();
  }

  private AccountRow account(UUID id) {
    AccountRow row = database.find(AccountRow.class, id);
    if (row == null) {
      throw new UnknownThingException("account " + id);
    }
    return row;
  }

  private void refuseLastOwner(AccountRow row) {
    long owners = all().stream().filter(a -> a.role() == Role.OWNER).count();
    if (row.role() == Role.OWNER && owners < 2) {
      throw Refusal.LAST_OWNER.refuse();
    }
  }

  /** A tablet comes in no more. */
  @Transactional
  void revoke(UUID device) {
    DeviceRow row = database.find(DeviceRow.class, device);
    if (row == null) {
      throw new UnknownThingException("device " + device);
    }
    row.revoke(now());
  }

  /** Writes down that somebody changed something. */
  @Transactional
  public void changed(String who, @Nullable String device, String method, String path) {
    database.persist(new ChangeRow(now(), who, device, method, path));
  }

  /** The newest first. */
  @Transactional(readOnly = true)
  List<ChangeMade> changes() {
    return database
        .createQuery("select c from ChangeRow c order by c.id desc", ChangeRow.class)
        .setMaxResults(200)
        .getResultStream()
        .map(ChangeRow::change)
        .toList();
  }

  private static Instant now() {
    return Instant.now().truncatedTo(ChronoUnit.MICROS);
  }
}
