# The private PostgreSQL of start, demo and the tests. Its owner comes in by the socket, whose folder
# is closed to others; the application comes in by the loopback with a password of its own and may do
# what it likes with its database, and with nothing else.

ADMIN=roadbreeze
APP=roadbreeze_app

db_user() { if [ "$(id -u)" = 0 ]; then echo postgres; else id -un; fi; }

as_db_user() {
  if [ "$(id -u)" = 0 ]; then (cd / && runuser -u postgres -- "$@"); else "$@"; fi
}

cluster_running() { as_db_user "$(pg_bin)/pg_ctl" -D "$1" status >/dev/null 2>&1; }

cluster_line() { as_db_user sed -n "$2p" "$1/postmaster.pid" 2>/dev/null || true; } # of postmaster.pid

# as_admin NAME [psql options]; what it is to do comes from standard input
as_admin() {
  local dir="$DATA/$1/pg"
  as_db_user "$(pg_bin)/psql" -h "$(cluster_line "$dir" 5)" -p "$(cluster_line "$dir" 4)" -U $ADMIN -qAtX \
    -v ON_ERROR_STOP=1 "${@:2}"
}

for_tests() { [ "${1#test-}" != "$1" ]; } # for_tests NAME

write_as_db_user() { as_db_user sh -c 'umask 077 && cat >"$1"' sh "$1"; }

init_cluster() { # init_cluster NAME
  local dir="$DATA/$1/pg"
  rm -rf "$dir"; mkdir -p "$dir"
  if [ "$(id -u)" = 0 ]; then
    chown postgres "$dir"
    as_db_user test -w "$dir" || fail "the database user cannot reach $dir: a folder above it is closed to others. Set ROADBREEZE_DATA to a folder it may enter."
  fi
  chmod 700 "$dir"
  as_db_user "$(pg_bin)/initdb" -D "$dir" -U $ADMIN --locale=C.UTF-8 --auth=peer >"$DATA/$1/initdb.log" 2>&1 \
    || { cat "$DATA/$1/initdb.log" >&2; fail "could not make the database cluster"; }
}

# Who may come in: the tests make and drop databases as they need them, and trust their own machine.
let_in() { # let_in NAME
  local dir="$DATA/$1/pg"
  echo "owner $(db_user) $ADMIN" | write_as_db_user "$dir/pg_ident.conf"
  {
    echo "local all $ADMIN peer map=owner"
    if for_tests "$1"; then echo "host all all 127.0.0.1/32 trust"
    else echo "host roadbreeze $APP 127.0.0.1/32 scram-sha-256"
    fi
  } | write_as_db_user "$dir/pg_hba.conf"
}

start_cluster() { # start_cluster NAME [PORT]; sets DB_PORT
  local dir="$DATA/$1/pg" bin socket; bin=$(pg_bin)
  [ -f "$dir/PG_VERSION" ] || init_cluster "$1"
  if cluster_running "$dir" && ! for_tests "$1" && [ ! -s "$DATA/$1/password" ]; then
    fail "$1 of an earlier release still runs in $DATA/$1: end that one first."
  fi
  let_in "$1"
  if cluster_running "$dir"; then
    DB_PORT=$(cluster_line "$dir" 4)
    as_db_user "$bin/pg_ctl" -D "$dir" reload >/dev/null
  else
    DB_PORT=${2:-$(free_port 54320)}
    # A killed run leaves its pid file and its socket's folder; pg_ctl says not running, so both are stale.
    remove_socket "$(cluster_line "$dir" 5)"
    as_db_user rm -f "$dir/postmaster.pid"
    # The socket's path may be no longer than a hundred letters, and the data folder's may be.
    socket=$(as_db_user mktemp -d /tmp/road-breeze.XXXXXX)
    # Its log starts anew each day of the week.
    as_db_user "$bin/pg_ctl" -D "$dir" -w -t 60 -l "$dir/start.log" -o "-p $DB_PORT -c listen_addresses=127.0.0.1 \
-c unix_socket_directories=$socket -c password_encryption=scram-sha-256 -c logging_collector=on -c log_directory=log \
-c log_filename=postgresql-%a.log -c log_truncate_on_rotation=on" start >/dev/null \
      || { as_db_user tail -20 "$dir/start.log" >&2; fail "PostgreSQL did not start; its log is above"; }
  fi
  for_tests "$1" || own_database "$1"
}

remove_socket() { case "$1" in /tmp/road-breeze.*) rm -rf "$1" ;; esac; }

# The application's role, its password and its database. Clusters of earlier releases let it in as
# their owner: there everything is handed over.
own_database() { # own_database NAME; sets APP_PASSWORD
  local secret="$DATA/$1/password"
  if [ ! -s "$secret" ]; then
    (umask 077 && od -An -N24 -tx1 /dev/urandom | tr -d ' \n' >"$secret")
  fi
  APP_PASSWORD=$(cat "$secret")
  as_admin "$1" -d postgres <<SQL
select 'create role $APP' where not exists (select from pg_roles where rolname = '$APP') \\gexec
alter role $APP login nosuperuser nocreatedb nocreaterole password '$APP_PASSWORD';
select 'create database roadbreeze owner $APP' where not exists (select from pg_database where datname = 'roadbreeze') \\gexec
alter database roadbreeze owner to $APP;
SQL
  as_admin "$1" -d roadbreeze <<SQL
select format('alter table %I.%I owner to $APP', schemaname, tablename) from pg_tables
  where schemaname = 'public' and tableowner <> '$APP' \\gexec
select format('alter sequence %I.%I owner to $APP', schemaname, sequencename) from pg_sequences
  where schemaname = 'public' and sequenceowner <> '$APP' \\gexec
SQL
}

stop_cluster() { # stop_cluster NAME
  local dir="$DATA/$1/pg" socket
  if [ -f "$dir/PG_VERSION" ] && cluster_running "$dir"; then
    socket=$(cluster_line "$dir" 5)
    as_db_user "$(pg_bin)/pg_ctl" -D "$dir" -m fast -w stop >/dev/null || true
    remove_socket "$socket"
  fi
}

end_test_database() { stop_cluster "$1" || true; rm -rf "${DATA:?}/$1"; }

with_test_database() { # with_test_database COMMAND…: a cluster of its own, gone afterwards
  TEST_CLUSTER=test-$$
  local left
  need_space
  for left in "$DATA"/test-*; do # of a run that was killed
    [ -d "$left" ] && ! kill -0 "${left##*-}" 2>/dev/null && end_test_database "$(basename "$left")"
  done
  trap 'end_test_database "$TEST_CLUSTER"' EXIT
  start_cluster "$TEST_CLUSTER"
  export ROADBREEZE_TEST_DB="jdbc:postgresql://127.0.0.1:$DB_PORT"
  "$@"
}

database_of_start() { # sets DB_URI, and the user and password for PostgreSQL's own programs
  if [ -n "${ROADBREEZE_DB_URL:-}" ]; then
    DB_URI=${ROADBREEZE_DB_URL#jdbc:}
    export PGUSER=${ROADBREEZE_DB_USER:-roadbreeze} PGPASSWORD=${ROADBREEZE_DB_PASSWORD:-}
  else
    start_cluster start
    DB_URI="postgresql://127.0.0.1:$DB_PORT/roadbreeze"
    export PGUSER=$APP PGPASSWORD=$APP_PASSWORD
  fi
}

backup() {
  [ $# = 1 ] || fail "usage: ./road-breeze backup FILE"
  need_to_run
  local running=no
  if [ -z "${ROADBREEZE_DB_URL:-}" ]; then
    [ -f "$DATA/start/pg/PG_VERSION" ] || fail "there is nothing to save yet: start has never run"
    cluster_running "$DATA/start/pg" && running=yes
  fi
  database_of_start
  "$(pg_bin)/pg_dump" -Fc -d "$DB_URI" >"$1.part" && mv "$1.part" "$1" || { rm -f "$1.part"; fail "the backup failed; $1 was not written"; }
  [ -n "${ROADBREEZE_DB_URL:-}" ] || [ $running = yes ] || stop_cluster start
  say "saved to $1"
}

restore() {
  [ $# = 1 ] || fail "usage: ./road-breeze restore FILE"
  [ -r "$1" ] || fail "cannot read $1"
  need_to_run; need_space
  "$(pg_bin)/pg_restore" -l "$1" >/dev/null 2>&1 || fail "$1 is not a Road Breeze backup"
  ! runs start || fail "start is running; ./road-breeze stop first, so that nothing is edited meanwhile"
  database_of_start
  local jobs
  jobs=$("$(pg_bin)/psql" -d "$DB_URI" -Atc "select count(*) from job" 2>/dev/null || echo 0)
  if [ "$jobs" != 0 ] && [ "${ROADBREEZE_RESTORE:-}" != replace ]; then
    [ -n "${ROADBREEZE_DB_URL:-}" ] || stop_cluster start
    fail "there are $jobs jobs already. Run again with ROADBREEZE_RESTORE=replace to replace them."
  fi
  "$(pg_bin)/pg_restore" --clean --if-exists --no-owner --single-transaction -d "$DB_URI" "$1" || fail "the restore failed; nothing was changed"
  [ -n "${ROADBREEZE_DB_URL:-}" ] || stop_cluster start
  say "restored from $1"
}
