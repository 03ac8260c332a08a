# Makes a bare Debian 12 in a folder, clones this project into it, and runs both commands there. Mounts
# and processes end with it; the folder is kept to be looked at.
fresh() { # fresh [FOLDER] [root|user]
  [ "$(id -u)" = 0 ] || fail "fresh makes a system in a folder: run it as root"
  local place=${1:-/var/tmp/road-breeze-fresh} who=${2:-root} home include=ca-certificates
  case "$who" in
    root) home=/root ;;
    user) home=/home/mechanic include=ca-certificates,sudo ;;
    *) fail "usage: ./road-breeze fresh [FOLDER] [root|user]" ;;
  esac
  command -v debootstrap >/dev/null || install_packages debootstrap
  command -v git >/dev/null || install_packages git
  rm -rf "$place"
  say "making a bare Debian 12 in $place …"
  debootstrap --variant=minbase --include=$include bookworm "$place" >"$place.log" 2>&1 || { tail -5 "$place.log" >&2; fail "debootstrap failed"; }
  cp /etc/resolv.conf /etc/hosts "$place/etc/"
  # A gateway's certificate that this machine trusts.
  if compgen -G '/usr/local/share/ca-certificates/*.crt' >/dev/null; then
    cp /usr/local/share/ca-certificates/*.crt "$place/usr/local/share/ca-certificates/"
    chroot "$place" update-ca-certificates >/dev/null 2>&1
  fi
  if [ "$who" = user ]; then
    chroot "$place" useradd -m mechanic
    echo 'mechanic ALL=(ALL) NOPASSWD: ALL' >"$place/etc/sudoers.d/mechanic"
  fi
  git clone -q "$HERE" "$place$home/road-breeze"
  [ "$who" = root ] || chroot "$place" chown -R mechanic "$home/road-breeze"
  cat >"$place/try" <<'TRY'
#!/bin/bash
set -u
cd ~/road-breeze
started=$SECONDS
./road-breeze demo >~/demo.log 2>&1 &
demo=$!
while ! grep -q 'is ready:' ~/demo.log; do
  kill -0 $demo 2>/dev/null || { echo "demo stopped after $((SECONDS - started)) s:"; tail -20 ~/demo.log; exit 1; }
  sleep 1
done
echo "from nothing to the printed address: $((SECONDS - started)) s"
address=$(sed -n 's/.*is ready:  //p' ~/demo.log)
curl -fsS "$address/api/jobs" | grep -q 'Hive utility' || { echo "the demo yard is empty"; exit 1; }
kill -TERM $demo
wait $demo
started=$SECONDS
./road-breeze test >~/test.log 2>&1 || { echo "test failed after $((SECONDS - started)) s:"; tail -40 ~/test.log; exit 1; }
grep -hE 'Tests run: [0-9]+, .*[0-9]$' ~/test.log
echo "test: $((SECONDS - started)) s"
TRY
  chmod 755 "$place/try"
  # shellcheck disable=SC2016
  env -i PATH=/usr/sbin:/usr/bin:/sbin:/bin HOME="$home" TERM=dumb unshare --mount --pid --fork --kill-child bash -ec '
    mount -t proc proc "$1/proc"; mount --rbind /sys "$1/sys"; mount --rbind /dev "$1/dev"
    mount -t tmpfs tmpfs "$1/dev/shm" 2>/dev/null || true
    if [ "$2" = root ]; then exec chroot "$1" /try; else exec chroot --userspec=mechanic:mechanic "$1" /try; fi' \
    fresh "$place" "$who"
}
