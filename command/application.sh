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

wait_healthy() { # wait_healthy NAME PORT
  for _ in $(seq 1 600); do
    curl -fsS "http://127.0.0.1:$2/actuator/health" >/dev/null 2>&1 && return 0
    [ -n "$(server_of "$1")" ] || return 1
    sleep 0.2
  done
  return 1
}

end_run() { # nothing here may fail, or what follows is left running
  trap - EXIT
  trap '' INT TERM
  stop_server "$RUN" || true
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
  start_server "$name" "$port" "$profile"
  if ! wait_healthy "$name" "$port"; then
    tail -30 "$DATA/$name/server.log" "$DATA/$name/machine.log" >&2
    fail "the application did not come up; the end of its logs is above"
  fi
  say ""
  say "  Road Breeze is ready:  http://127.0.0.1:$port"
  say "  Ctrl-C stops it."
  watch_over "$name" "$port" "$profile"
}
