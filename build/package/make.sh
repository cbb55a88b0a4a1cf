#!/usr/bin/env bash
# Makes the folder and the Debian package that need nothing installed: ./bemble package
# Takes the folder of the unpacked app, and its version.
set -euo pipefail
RUN="$(realpath "$1")"
VERSION="$2"
HERE="$(cd "$(dirname "$0")" && pwd)"
OUT="$HERE/../../target/package"
rm -rf "$OUT"
mkdir -p "$OUT/app/lib"

# The options of ./bemble itself.
source "$HERE/options.sh"

cp "$RUN/bemble.jar" "$OUT/app"
cp "$RUN"/lib/*.jar "$OUT/app/lib"
WORDS="$HERE/../../words/src/main/resources/bemble/words"
java "$HERE/Slim.java" "$OUT"/app/lib/icu4j-*.jar $(ls "$WORDS")

# No screen, sound or printer of its own: the screens are the browser's.
jlink --output "$OUT/runtime" --strip-debug --no-header-files --no-man-pages --compress=2 \
  --include-locales en --add-modules java.base,java.desktop,java.instrument,java.logging,\
java.management,java.naming,java.security.jgss,java.sql,java.xml,jdk.localedata,jdk.unsupported,jdk.zipfs
rm -f "$OUT"/runtime/lib/{libawt_xawt,libjawt,libsplashscreen,libjsound}.so
# For tools that read another Java's classes, and for pictures that are changed.
rm -f "$OUT"/runtime/lib/{jrt-fs.jar,libmlib_image.so}
# The debugger's names in the machine itself.
! command -v strip >/dev/null || strip "$OUT/runtime/lib/server/libjvm.so"

java_options=()
for option in "${OPTIONS[@]}" '-XX:SharedArchiveFile=$APPDIR/bemble.jsa' -Djava.awt.headless=true; do
  java_options+=(--java-options "$option")
done
jpackage --type app-image --dest "$OUT" --name bemble --app-version "$VERSION" \
  --input "$OUT/app" --main-jar bemble.jar --main-class bemble.app.Bemble \
  --runtime-image "$OUT/runtime" --icon "$HERE/bemble.png" --arguments --window \
  "${java_options[@]}"

# What the launcher will say, for the classes that are noted when it is installed.
sed -n 's/^app.classpath=\$APPDIR/\/opt\/bemble\/lib\/app/p' "$OUT/bemble/lib/app/bemble.cfg" |
  paste -sd: >"$OUT/bemble/lib/app/classpath"

jpackage --type deb --dest "$OUT" --name bemble --app-image "$OUT/bemble" --app-version "$VERSION" \
  --install-dir /opt --linux-package-name bemble --linux-shortcut --linux-menu-group Education \
  --linux-app-category education --linux-deb-maintainer bemble@localhost --vendor Bemble \
  --description "A bench for column arithmetic" --license-file "$HERE/../../LICENSE" \
  --resource-dir "$HERE" --icon "$HERE/bemble.png"
rm -rf "$OUT/app" "$OUT/runtime"
du -sh "$OUT/bemble" "$OUT"/*.deb
