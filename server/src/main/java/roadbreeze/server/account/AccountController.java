package roadbreeze.server.account;

import com.google.zxing.BarcodeFormat;
import com.google.zxing.WriterException;
import com.google.zxing.common.BitMatrix;
import com.google.zxing.qrcode.QRCodeWriter;
import io.swagger.v3.oas.annotations.Operation;
import jakarta.annotation.Nullable;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Coming in and going out, and who may. */
@RestController
@RequestMapping("/api")
class AccountController {
  /** A tablet stays paired while it is used once in so long. */
  private static final Duration OF_A_DEVICE = Duration.ofDays(90);

  private static final Duration OF_A_PERSON = Duration.ofHours(12);

  private final Accounts accounts;
  private final Tries tries;
  private final Lock lock;
  private final Who who;
  private final HttpSessionSecurityContextRepository sessions =
      new HttpSessionSecurityContextRepository();

  AccountController(Accounts accounts, Tries tries, Lock lock, Who who) {
    this.accounts = accounts;
    this.tries = tries;
    this.lock = lock;
    this.who = who;
  }

  /**
   * Who one is.
   *
   * @param locked there is a sign-in
   * @param nobodyYet there is no account, so the first code makes the owner
   * @param name null where nobody is signed in
   * @param device name of the paired tablet, null where it is none
   */
  record WhoIAm(
      boolean locked,
      boolean nobodyYet,
      @Nullable String name,
      @Nullable Role role,
      @Nullable String device) {}

  record SignInTyped(
      @NotBlank @Size(max = 60) String name, @NotBlank @Size(max = 200) String password) {}

  record FirstTyped(
      @NotBlank @Size(max = 40) String code,
      @NotBlank @Size(max = 60) String name,
      @NotBlank @Size(min = 10, max = 70) String password) {}

  record PairTyped(
      @NotBlank @Size(max = 40) String code, @NotBlank @Size(max = 60) String device) {}

  record AccountMade(
      @NotBlank @Size(max = 60) String name,
      @NotNull Role role,
      @NotBlank @Size(min = 10, max = 70) String password) {}

  record RoleGiven(@NotNull Role role) {}

  record AddressSeen(@NotBlank @Size(max = 200) String origin) {}

  /**
   * A code that pairs a tablet.
   *
   * @param qr the address with it, as rows of dark and bright
   */
  record PairingCode(String code, String address, List<String> qr) {}

  @Operation(summary = "Who one is, and whether there is a sign-in at all")
  @GetMapping("/account")
  WhoIAm me() {
    Optional<SignedIn> me = who.signedIn().filter(m -> accounts.role(m).isPresent());
    return new WhoIAm(
        lock.locked(),
        lock.locked() && accounts.firstCode().isPresent(),
        me.map(SignedIn::getName).orElse(null),
        me.flatMap(accounts::role).orElse(null),
        me.flatMap(accounts::deviceOf).orElse(null));
  }

  @Operation(summary = "Signs in")
  @PostMapping("/account/sign-in")
  WhoIAm signIn(
      @Valid @RequestBody SignInTyped typed,
      HttpServletRequest request,
      HttpServletResponse response) {
    tries.one(typed.name(), request.getRemoteAddr());
    return enter(accounts.signIn(typed.name(), typed.password()), request, response);
  }

  @Operation(summary = "Makes the owner by the code that the console shows, and signs in")
  @PostMapping("/account/first")
  WhoIAm first(
      @Valid @RequestBody FirstTyped typed,
      HttpServletRequest request,
      HttpServletResponse response) {
    tries.one("first code", request.getRemoteAddr());
    SignedIn owner = accounts.first(typed.code(), typed.name(), typed.password());
    return enter(owner, request, response);
  }

  @Operation(summary = "Pairs a tablet by a code that somebody who is signed in has drawn")
  @PostMapping("/account/pair")
  WhoIAm pair(
      @Valid @RequestBody PairTyped typed,
      HttpServletRequest request,
      HttpServletResponse response) {
    tries.one("pairing", request.getRemoteAddr());
    return enter(accounts.pair(typed.code(), typed.device()), request, response);
  }

  private WhoIAm enter(SignedIn in, HttpServletRequest request, HttpServletResponse response) {
    HttpSession before = request.getSession(false);
    if (before != null) {
      before.invalidate(); // nobody comes in by a session that he was given
    }
    HttpSession session = request.getSession(true);
    Duration lasts = in.device() == null ? OF_A_PERSON : OF_A_DEVICE;
    session.setMaxInactiveInterval((int) lasts.toSeconds());
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(in, null, List.of()));
    SecurityContextHolder.setContext(context);
    sessions.saveContext(context, request, response);
    return me();
  }

  @Operation(summary = "Signs out")
  @PostMapping("/account/sign-out")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void signOut(HttpServletRequest request) {
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
  }

  @Operation(summary = "Draws a code that pairs one tablet within ten minutes")
  @PostMapping("/account/pairings")
  PairingCode pairing(@Valid @RequestBody AddressSeen seen) throws WriterException {
    String code = accounts.pairing(who.signedIn().orElseThrow().account());
    String address = seen.origin() + "/pair?code=" + code;
    BitMatrix qr = new QRCodeWriter().encode(address, BarcodeFormat.QR_CODE, 0, 0);
    List<String> rows = new java.util.ArrayList<>();
    for (int y = 0; y < qr.getHeight(); y++) {
      StringBuilder row = new StringBuilder();
      for (int x = 0; x < qr.getWidth(); x++) {
        row.append(qr.get(x, y) ? '1' : '0');
      }
      rows.add(row.toString());
    }
    return new PairingCode(code, address, rows);
  }

  @Operation(summary = "Who may come in")
  @GetMapping("/accounts")
  List<Account> all() {
    return accounts.all();
  }

  @Operation(summary = "Makes an account")
  @PostMapping("/accounts")
  @ResponseStatus(HttpStatus.CREATED)
  Account make(@Valid @RequestBody AccountMade made) {
    return accounts.make(made.name(), made.role(), made.password());
  }

  @Operation(summary = "Lets somebody do more or less")
  @PutMapping("/accounts/{id}")
  Account change(@PathVariable UUID id, @Valid @RequestBody RoleGiven given) {
    return accounts.change(id, given.role());
  }

  @Operation(summary = "Closes an account for good")
  @DeleteMapping("/accounts/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void close(@PathVariable UUID id) {
    accounts.close(id);
  }

  @Operation(summary = "Tablets that were paired, the newest first")
  @GetMapping("/accounts/devices")
  List<PairedDevice> devices() {
    return accounts.devices();
  }

  @Operation(summary = "A tablet comes in no more")
  @DeleteMapping("/accounts/devices/{id}")
  @ResponseStatus(HttpStatus.NO_CONTENT)
  void revoke(@PathVariable UUID id) {
    accounts.revoke(id);
  }

  @Operation(summary = "Who changed what, the newest first")
  @GetMapping("/accounts/changes")
  List<ChangeMade> changes() {
    return accounts.changes();
  }
}
