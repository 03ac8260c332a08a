# The application: built, started, watched and stopped. Whoever runs a yard holds the lock of its
# folder, so that a number in a file is believed only while its process is there.

JAR="$HERE/server/target/server-0.1.0-exec.jar"
UNPACKED="$HERE/server/target/app"

build() {
  local newest
  if [ -f "$JAR" ]; then
    newest=$(find "$HERE/core/src/main" "$HERE/server/src/main" "$HERE/web/src" "$HERE/web/package.json" \
      "$HERE"/*/pom.xml "$HERE/pom.xml" -newer "$JAR" -print -quit)
    [ -z "$newest" ] && return 0
  fi
  need_tools
  say "building (the first time takes a few minutes) …"
  (cd "$HERE" && mvn -q -B -pl server -am -DskipTests package) || fail "the build failed; its messages are above"
}

quick_start_ready() { [ "$UNPACKED/classes.jsa" -nt "$JAR" ]; }

# Unpacked, and with its classes laid out for the machine once, it starts in half the time.
prepare_quick_start() {
  local archive="$UNPACKED/classes.jsa"
  ! quick_start_ready && [ -w "$HERE/server/target" ] || return 0
  say "preparing quicker starts (once after each build) …"
  rm -rf "$UNPACKED"
  java -Djarmode=tools -jar "$JAR" extract --destination "$UNPACKED" >/dev/null
  java "-Xmx$HEAP" -XX:+UseSerialGC "-XX:ArchiveClassesAtExit=$archive.$$" \
    -Dspring.aot.enabled=true -Dspring.context.exit=onRefresh \
    -jar "$UNPACKED/$(basename "$JAR")" --server.port=0 >/dev/null 2>&1 || return 0
  mv "$archive.$$" "$archive"
}

# --- who runs ------------------------------------------------------------------

runs() { # runs NAME: somebody holds its lock
  [ -f "$DATA/$1/lock" ] && ! (flock -n 9) 9<"$DATA/$1/lock"
}

server_of() { # server_of NAME: the number of its application, where that is alive and ours
  local pid; pid=$(cat "$DATA/$1/server.pid" 2>/dev/null || true)
  [ -n "$pid" ] && [ -r "/proc/$pid/stat" ] || return 0
  [ "$(sed 's/.*) //; s/ .*//' "/proc/$pid/stat" 2>/dev/null)" != Z ] || return 0
  tr '\0' '\n' <"/proc/$pid/cmdline" 2>/dev/null | grep -qxF -- "-Droadbreeze.data=$DATA/$1" || return 0
  echo "$pid"
}

stop_server() { # stop_server NAME
  local pid; pid=$(server_of "$1")
  if [ -n "$pid" ]; then
    kill "$pid" 2>/dev/null || true
    for _ in $(seq 1 100); do
      [ -n "$(server_of "$1")" ] || break
      sleep 0.1
    done
    pid=$(server_of "$1")
    [ -z "$pid" ] || kill -9 "$pid" 2>/dev/null || true
  fi
  rm -f "$DATA/$1/server.pid"
}

stop_all() {
  local name
  for name in demo start; do
    if runs "$name"; then
      kill "$(cat "$DATA/$name/lock")" 2>/dev/null || true
      flock -w 60 "$DATA/$name/lock" true || say "$name does not stop"
    fi
    stop_server "$name" # whose watcher was killed
    [ -z "$(pg_bin)" ] || stop_cluster "$name"
  done
  say "stopped"
}

# --- the yard's network ----------------------------------------------------------

beyond() { # beyond this machine
  case "${ROADBREEZE_ADDRESS:-127.0.0.1}" in 127.* | localhost | ::1) return 1 ;; esac
}

# Where its own health is asked: by a name that it answers to.
own_address() {
  case "${ROADBREEZE_ADDRESS:-127.0.0.1}" in 0.0.0.0 | ::) echo 127.0.0.1 ;; *) echo "${ROADBREEZE_ADDRESS:-127.0.0.1}" ;; esac
}

scheme() { if beyond; then echo https; else echo http; fi; }

# By the certificate that is named, or by one of its own, made once for the names it answers to.
secure() { # secure NAME
  beyond || return 0
  local tls=$DATA/$1/tls names host own
  own=$(own_address)
  [ "$own" = 127.0.0.1 ] || ROADBREEZE_HOSTS=${ROADBREEZE_HOSTS:+$ROADBREEZE_HOSTS,}$own
  [ -n "${ROADBREEZE_HOSTS:-}" ] || fail "ROADBREEZE_ADDRESS=$ROADBREEZE_ADDRESS opens it to the network: name what tablets call this machine, as in ROADBREEZE_HOSTS=yard.lan,192.168.1.5"
  export ROADBREEZE_HOSTS
  if [ -n "${ROADBREEZE_TLS_CERT:-}" ]; then
    [ -r "$ROADBREEZE_TLS_CERT" ] && [ -r "${ROADBREEZE_TLS_KEY:-}" ] || fail "ROADBREEZE_TLS_CERT and ROADBREEZE_TLS_KEY must name files that can be read"
    export SPRING_SSL_BUNDLE_PEM_YARD_KEYSTORE_CERTIFICATE="file:$ROADBREEZE_TLS_CERT" \
      SPRING_SSL_BUNDLE_PEM_YARD_KEYSTORE_PRIVATEKEY="file:$ROADBREEZE_TLS_KEY" SERVER_SSL_BUNDLE=yard
    return 0
  fi
  names=dns:localhost,ip:127.0.0.1
  for host in ${ROADBREEZE_HOSTS//,/ }; do
    case "$host" in *[!0-9.]*) names=$names,dns:$host ;; *) names=$names,ip:$host ;; esac
  done
  mkdir -p "$tls"; chmod 700 "$tls"
  if [ ! -f "$tls/yard.p12" ] || [ "$(cat "$tls/names" 2>/dev/null)" != "$names" ]; then
    rm -f "$tls/yard.p12"
    (umask 077; head -c 24 /dev/urandom | base64 >"$tls/password")
    (umask 077; keytool -genkeypair -alias yard -keyalg EC -groupname secp256r1 -validity 3650 -dname "CN=Road Breeze" \
      -ext "SAN=$names" -storetype PKCS12 -keystore "$tls/yard.p12" -storepass:file "$tls/password" >/dev/null 2>&1) ||
      fail "no certificate could be made in $tls"
    keytool -exportcert -rfc -alias yard -keystore "$tls/yard.p12" -storepass:file "$tls/password" >"$tls/yard.pem" 2>/dev/null
    echo "$names" >"$tls/names"
  fi
  export SERVER_SSL_KEYSTORE="file:$tls/yard.p12" SERVER_SSL_KEYSTORETYPE=PKCS12 SERVER_SSL_KEYALIAS=yard
  SERVER_SSL_KEYSTOREPASSWORD=$(cat "$tls/password"); export SERVER_SSL_KEYSTOREPASSWORD
}

# What whoever started it tells those who come in: the certificate's mark, and the first owner's code.
tell_the_yard() { # tell_the_yard NAME PORT
  beyond || return 0
  local host code
  for host in ${ROADBREEZE_HOSTS//,/ }; do say "  On the yard's network:  https://$host:$2"; done
  if [ -f "$DATA/$1/tls/yard.p12" ] && [ -z "${ROADBREEZE_TLS_CERT:-}" ]; then
    say "  Its certificate is its own; a browser that asks must show this SHA-256 mark:"
    say "  $(keytool -list -v -keystore "$DATA/$1/tls/yard.p12" -storepass:file "$DATA/$1/tls/password" 2>/dev/null | sed -n 's/^[[:space:]]*SHA256: //p')"
    say "  Tablets keep the pages of the bay only where they trust it: install $DATA/$1/tls/yard.pem on them."
  fi
  code=$(sed -n "s/^Road Breeze: the owner's first code, good once: //p" "$DATA/$1/machine.log" | tail -1)
  [ -z "$code" ] || say "  Nobody has an account yet. The owner's first code, good once: $code"
}

# --- one run -------------------------------------------------------------------

start_server() { # start_server NAME PORT [PROFILE]
  local jar=$JAR archive=
  ! quick_start_ready || { jar="$UNPACKED/$(basename "$JAR")"; archive="$UNPACKED/classes.jsa"; }
  # Its own log is turned over by size; what the machine itself says of it is kept beside.
  ROADBREEZE_PORT=$2 LOGGING_FILE_NAME="$DATA/$1/server.log" LOGGING_THRESHOLD_CONSOLE=OFF \
    java "-Xmx$HEAP" -XX:+ExitOnOutOfMemoryError -XX:+UseSerialGC -Dspring.aot.enabled=true ${archive:+-XX:SharedArchiveFile="$archive"} \
    "-Droadbreeze.data=$DATA/$1" -jar "$jar" ${3:+--spring.profiles.active=$3} >"$DATA/$1/machine.log" 2>&1 9<&- &
  echo $! >"$DATA/$1/server.pid"
  disown
}

# --- the simulated gauge ---------------------------------------------------------

GAUGE_PORT=${ROADBREEZE_GAUGE:-7077}

gauge() { # in the foreground; it needs the application's classes and nothing else of it
  if [ -f "$UNPACKED/$(basename "$JAR")" ] && [ "$UNPACKED" -nt "$JAR" ]; then
    exec java -Xmx128m -XX:+UseSerialGC -cp "$UNPACKED/$(basename "$JAR")" roadbreeze.gauge.Gauge "--port=$GAUGE_PORT"
  fi
  exec java -Xmx128m -XX:+UseSerialGC -Dloader.main=roadbreeze.gauge.Gauge -cp "$JAR" \
    org.springframework.boot.loader.launch.PropertiesLauncher "--port=$GAUGE_PORT"
}

# Beside a demo; one that is there already is as good.
start_gauge() { # start_gauge NAME
  ! port_taken "$GAUGE_PORT" || return 0
  (gauge) >"$DATA/$1/gauge.log" 2>&1 9<&- &
  GAUGE_PID=$!
  disown
}

wait_healthy() { # wait_healthy NAME PORT
  for _ in $(seq 1 600); do
    curl -fsSk "$(scheme)://$(own_address):$2/actuator/health" >/dev/null 2>&1 && return 0
    [ -n "$(server_of "$1")" ] || return 1
    sleep 0.2
  done
  return 1
}

end_run() { # nothing here may fail, or what follows is left running
  trap - EXIT
  trap '' INT TERM
  stop_server "$RUN" || true
  [ -z "${GAUGE_PID:-}" ] || kill "$GAUGE_PID" 2>/dev/null || true
  [ "$OWN_CLUSTER" = no ] || stop_cluster "$RUN" || true
  say ""
  say "stopped"
}

# Starts again what has died, until it dies too often.
watch_over() { # watch_over NAME PORT [PROFILE]
  local deaths=0 last=0
  while sleep 1; do
    if [ "$OWN_CLUSTER" = yes ] && ! cluster_running "$DATA/$1/pg"; then
      say "the database has stopped; starting it again"
      start_cluster "$1" "$DB_PORT" 9<&-
    fi
    [ -z "$(server_of "$1")" ] || continue
    [ $((SECONDS - last)) -lt 300 ] || deaths=0
    deaths=$((deaths + 1)); last=$SECONDS
    [ $deaths -le 5 ] || fail "the application has stopped $deaths times; see $DATA/$1/server.log and machine.log"
    say "the application has stopped; starting it again"
    start_server "$@"
    wait_healthy "$1" "$2" || true
  done
}

run() { # run NAME [PROFILE]
  local name=$1 profile=${2:-} port
  need_to_run
  need_space
  build
  mkdir -p "$DATA/$name"
  exec 9<>"$DATA/$name/lock"
  flock -w 3 9 || fail "$name already runs (process $(cat "$DATA/$name/lock")). Use ./road-breeze stop first."
  echo $$ >"$DATA/$name/lock"
  stop_server "$name" # left by a run that was killed
  if [ -n "${ROADBREEZE_PORT:-}" ]; then
    port=$ROADBREEZE_PORT
    ! port_taken "$port" || fail "port $port is taken. Set ROADBREEZE_PORT to a free one, or leave it unset."
  else
    port=$(free_port 8080)
  fi
  RUN=$name OWN_CLUSTER=yes
  trap end_run EXIT
  trap 'exit 0' INT TERM
  if [ "$name" = start ] && [ -n "${ROADBREEZE_DB_URL:-}" ]; then
    OWN_CLUSTER=no
  else
    start_cluster "$name" 9<&-
    export ROADBREEZE_DB_URL="jdbc:postgresql://127.0.0.1:$DB_PORT/roadbreeze" ROADBREEZE_DB_USER=$APP ROADBREEZE_DB_PASSWORD=$APP_PASSWORD
  fi
  prepare_quick_start 9<&-
  secure "$name"
  start_server "$name" "$port" "$profile"
  if ! wait_healthy "$name" "$port"; then
    tail -30 "$DATA/$name/server.log" "$DATA/$name/machine.log" >&2
    fail "the application did not come up; the end of its logs is above"
  fi
  [ "$name" != demo ] || start_gauge "$name"
  say ""
  say "  Road Breeze is ready:  $(scheme)://$(own_address):$port"
  tell_the_yard "$name" "$port"
  say "  Ctrl-C stops it."
  watch_over "$name" "$port" "$profile"
}
