package roadbreeze.server.followup;

import jakarta.persistence.EntityManager;
import java.security.SecureRandom;
import java.util.Base64;
import java.util.List;
import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import roadbreeze.server.file.Sha256;
import roadbreeze.server.problem.UnknownThingException;

/** Secret addresses at which calendars fetch what is due; of each only the hash is kept. */
@Service
class CalendarFeeds {
  /** Nobody guesses so many. */
  private static final int SECRET_BYTES = 24;

  private final EntityManager database;
  private final SecureRandom random = new SecureRandom();

  CalendarFeeds(EntityManager database) {
    this.database = database;
  }

  /**
   * One that was made now.
   *
   * @param secret which nobody is told again
   */
  record Made(CalendarFeed feed, String secret) {}

  @Transactional(readOnly = true)
  List<CalendarFeed> all() {
    return database
        .createQuery("from CalendarFeed order by madeAt", CalendarFeed.class)
        .getResultList();
  }

  @Transactional
  Made make(String name) {
    byte[] drawn = new byte[SECRET_BYTES];
    random.nextBytes(drawn);
    String secret = Base64.getUrlEncoder().withoutPadding().encodeToString(drawn);
    CalendarFeed feed = new CalendarFeed(name, Sha256.of(secret));
    database.persist(feed);
    return new Made(feed, secret);
  }

  /**
   * @throws UnknownThingException if there is none of this id
   */
  @Transactional
  void remove(UUID id) {
    CalendarFeed feed = database.find(CalendarFeed.class, id);
    if (feed == null) {
      throw new UnknownThingException("there is no calendar " + id);
    }
    database.remove(feed);
  }

  @Transactional(readOnly = true)
  boolean knows(String secret) {
    return !database
        .createQuery("from CalendarFeed where secret = :hash", CalendarFeed.class)
        .setParameter("hash", Sha256.of(secret))
        .getResultList()
        .isEmpty();
  }
}
