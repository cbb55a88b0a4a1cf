#!/usr/bin/env bash
# Installs, uses, upgrades and removes the Debian package in a bare Debian, in a folder of its own
# without Java, Maven and Node. Needs root and Debian's package debootstrap: ./bemble try-package
set -euo pipefail
cd "$(dirname "$0")/../.."
DEB="$(ls target/package/bemble_*_amd64.deb 2>/dev/null | head -1)"
[ -n "$DEB" ] || { echo "Make the package first: ./bemble package" >&2; exit 1; }
[ "$(id -u)" = 0 ] || { echo "A bare Debian can only be made by root." >&2; exit 1; }
command -v debootstrap >/dev/null || { echo "Install debootstrap first." >&2; exit 1; }

WORK="$(mktemp -d)"
ROOT="$WORK/root"
finish() {
  pkill -f '^/opt/bemble/bin/bemble' || true
  umount "$ROOT/proc" 2>/dev/null || true
  rm -rf "$WORK"
}
trap finish EXIT

# From where this machine has its own packages.
site="$(apt-get indextargets --format '$(SITE)' | head -1)"
debootstrap --variant=minbase "$(. /etc/os-release && echo "$VERSION_CODENAME")" "$ROOT" "$site" >/dev/null
mount -t proc proc "$ROOT/proc"
cp -r /etc/apt/. "$ROOT/etc/apt/"

step=0
tell() {
  step=$((step + 1))
  echo "$step. $1"
}
fail() {
  echo "FAILED: $1" >&2
  exit 1
}
in_root() { chroot "$ROOT" "$@"; }
as_teacher() { chroot --userspec=teacher "$ROOT" env HOME=/home/teacher PATH=/usr/bin:/bin "$@"; }
# What the browser was asked to open, a line each.
opened() { cat "$ROOT/home/teacher/opened" 2>/dev/null || true; }
within() {
  local seconds="$1"
  shift
  for _ in $(seq $((seconds * 10))); do
    if "$@" >/dev/null 2>&1; then return 0; fi
    sleep 0.1
  done
  return 1
}
opened_times() { [ "$(opened | wc -l)" = "$1" ]; }
nobody_runs() { ! grep -lz '^/opt/bemble/bin/bemble' /proc/[0-9]*/cmdline 2>/dev/null | grep -q .; }
address() { opened | tail -1; }
ask() { curl -sf --max-time 5 "$(address)$1" "${@:2}"; }

tell "There is no Java, Maven or Node."
for tool in java mvn node; do
  ! in_root sh -c "command -v $tool" >/dev/null || fail "$tool is there"
done

tell "The package is installed, with what Debian itself has for it."
in_root apt-get update -qq 2>/dev/null
cp "$DEB" "$ROOT/bemble.deb"
DEBIAN_FRONTEND=noninteractive in_root apt-get install -y -qq --no-install-recommends /bemble.deb >"$WORK/install" 2>&1 ||
  fail "it cannot be installed: $(tail -15 "$WORK/install")"
in_root sh -c 'test -s /opt/bemble/lib/app/bemble.jsa' || fail "the classes were not noted"
in_root sh -c 'grep -rql "Name=Bemble" /usr/share/applications' || fail "there is no menu entry"
in_root useradd -m teacher
# A browser that only notes what it is to open.
printf '#!/bin/sh\necho "$1" >> /home/teacher/opened\n' >"$ROOT/usr/bin/xdg-open"
chmod +x "$ROOT/usr/bin/xdg-open"

tell "It starts from the menu and opens one window."
began="$(date +%s%N)"
as_teacher /opt/bemble/bin/bemble >"$WORK/first" 2>&1 &
within 20 opened_times 1 || fail "no window was opened: $(cat "$WORK/first")"
echo "   after $((($(date +%s%N) - began) / 1000000)) ms"
ask / | grep -q "<title>Bemble" || fail "the window is empty: $(address) $(cat "$WORK/first")"
ask /api/about | grep -q '"version"' || fail "it does not say which one it is"

tell "A sum is worked and kept."
ask /api/pages -H 'Content-Type: application/json' \
  -d '{"sum":{"plain":"348 + 97"},"title":"Seed trays"}' | grep -q "Seed trays" || fail "nothing was kept"

tell "A sheet is drawn and printed."
ask /api/sets/sheets/preview -H 'Content-Type: application/json' \
  -d '{"title":"Beds","sums":[{"plain":"402 − 87"}],"kind":"ANSWERS"}' | grep -q '"picture"' ||
  fail "no sheet is drawn"
ask /api/exports/pdf -H 'Content-Type: application/json' \
  -d '{"sum":{"plain":"348 + 97"},"kind":"STRIP","per":"COLUMN","frames":6}' >"$WORK/strip.pdf" || fail "nothing is printed"
head -c 4 "$WORK/strip.pdf" | grep -q '%PDF' || fail "what is printed is no PDF"

tell "Every view has what it asks for, and nothing fails."
for path in about classes guide handouts ladder pages plan plan/log plan/today plan/year register roll \
  runs sets settings; do
  ask "/api/$path" >/dev/null || fail "/api/$path does not answer"
done
! grep -q ERROR "$WORK/first" || fail "$(grep -m 1 -A 3 ERROR "$WORK/first")"

tell "A second start finds the first and opens its window again."
as_teacher /opt/bemble/bin/bemble >"$WORK/second" 2>&1 || fail "$(cat "$WORK/second")"
opened_times 2 || fail "there is no second window"
[ "$(opened | sort -u | wc -l)" = 1 ] || fail "the second has an address of its own"

tell "It is quit from the menu, and the file is sealed."
as_teacher /opt/bemble/bin/bemble --quit || fail "it cannot be quit"
within 20 nobody_runs || fail "it still runs"
grep -Eq '^[0-9]+ [0-9a-f]{64}$' "$ROOT/home/teacher/.bemble/bemble.seal" || fail "the file is not sealed"

tell "A data file with something to be run in it is refused, and nothing of it is run."
cp "$ROOT/home/teacher/.bemble/bemble.mv.db" "$ROOT/home/teacher/crafted.mv.db"
java -cp "$(ls "$ROOT"/opt/bemble/lib/app/lib/h2-*.jar)" org.h2.tools.Shell \
  -url "jdbc:h2:$ROOT/home/teacher/crafted" -user sa -password "" -sql \
  "create view more as select file_write('aa', '/home/teacher/mark') as written from page" >/dev/null
chown "$(stat -c %u:%g "$ROOT/home/teacher/.bemble/bemble.mv.db")" "$ROOT/home/teacher/crafted.mv.db"
! as_teacher /opt/bemble/bin/bemble --accept --bemble.data=/home/teacher/crafted >"$WORK/crafted" 2>&1 ||
  fail "it was accepted"
grep -q "not Bemble’s own" "$WORK/crafted" || fail "it was refused otherwise: $(cat "$WORK/crafted")"
[ ! -e "$ROOT/home/teacher/mark" ] || fail "something was run"

tell "A newer version is installed over it while it runs: it ends cleanly, and the data are copied."
as_teacher /opt/bemble/bin/bemble >"$WORK/third" 2>&1 &
within 20 opened_times 3 || fail "it did not start again"
dpkg-deb -R "$DEB" "$WORK/newer"
sed -i 's/^Version: .*/Version: 99.0.0-1/' "$WORK/newer/DEBIAN/control"
(cd "$WORK/newer/opt/bemble/lib/app" && unzip -q bemble.jar META-INF/build-info.properties &&
  sed -i 's/^build.version=.*/build.version=99.0.0/' META-INF/build-info.properties &&
  jar uf bemble.jar META-INF/build-info.properties && rm -r META-INF)
dpkg-deb --root-owner-group -b "$WORK/newer" "$ROOT/newer.deb" >/dev/null
in_root dpkg -i /newer.deb >/dev/null || fail "it cannot be upgraded"
nobody_runs || fail "the older one still runs"
as_teacher /opt/bemble/bin/bemble >"$WORK/fourth" 2>&1 &
within 20 opened_times 4 || fail "the newer one did not start: $(cat "$WORK/fourth")"
ask /api/about | grep -q '"99.0.0"' || fail "it is not the newer one"
ask /api/pages | grep -q "Seed trays" || fail "what was kept is gone"
ls "$ROOT"/home/teacher/.bemble/bemble-copies/before-*.zip >/dev/null || fail "nothing was copied"

tell "It is removed while it runs: it ends cleanly, and the data stay."
in_root dpkg -P bemble >/dev/null 2>&1 || fail "it cannot be removed"
nobody_runs || fail "it still runs"
[ ! -e "$ROOT/opt/bemble" ] || fail "something stays behind: $(find "$ROOT/opt/bemble" | head -3)"
[ -s "$ROOT/home/teacher/.bemble/bemble.mv.db" ] || fail "the data are gone"
grep -Eq '^[0-9]+ [0-9a-f]{64}$' "$ROOT/home/teacher/.bemble/bemble.seal" || fail "the file is not sealed"
echo "All $step steps went as they should."
