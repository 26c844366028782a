#!/usr/bin/env bash
# The application folder: everything Honey Lamp needs, its own runtime too.
#   image.sh JDK JARS DEMO-FOLDER OUT     OUT is made anew
set -euo pipefail
jdk=$1 jars=$2 demo=$3 out=$4
here=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
icon=$here/../desktop/src/main/resources/honeylamp/desktop/honeylamp.png
work=$(mktemp -d)
trap 'rm -rf "$work"' EXIT

# the toolkit's modules are linked into the runtime; all else lies on the class path
mkdir -p "$work/toolkit" "$work/app"
for jar in "$jars"/*.jar; do
  case ${jar##*/} in
    javafx-*-linux.jar) cp "$jar" "$work/toolkit/" ;;
    javafx-*|jspecify-*) ;; # empty, or for the compiler only
    *) cp "$jar" "$work/app/" ;;
  esac
done
"$jdk/bin/jlink" --module-path "$work/toolkit" \
  --add-modules java.base,java.desktop,java.naming,java.sql,jdk.unsupported,javafx.controls \
  --strip-debug --no-header-files --no-man-pages --compress zip-6 --generate-cds-archive \
  --output "$work/runtime" >/dev/null
main=$(cd "$work/app" && ls desktop-*.jar)
version=${main#desktop-}
version=${version%.jar}
rm -rf "$out"
"$jdk/bin/jpackage" --type app-image --name HoneyLamp --app-version "$version" --vendor "Honey Lamp" \
  --runtime-image "$work/runtime" --input "$work/app" --main-jar "$main" \
  --main-class honeylamp.desktop.Main --icon "$icon" \
  --java-options -Xmx1g --java-options --enable-native-access=ALL-UNNAMED,javafx.graphics \
  --java-options '-XX:AOTCache=$APPDIR/honeylamp.aot' --java-options -Xlog:aot=off --java-options -Xlog:cds=off \
  --dest "$work/made"
mkdir -p "$(dirname "$out")"
mv "$work/made/HoneyLamp" "$out"

# both launchers use one class path, or the start-up cache would serve one of them only
sed -n 's|^app.classpath=$APPDIR/||p' "$out/lib/app/HoneyLamp.cfg" >"$out/lib/app/honeylamp.classpath"
cp "$here/honeylamp.sh" "$out/bin/honeylamp"
chmod 755 "$out/bin/honeylamp"
mkdir -p "$out/share/demo" "$out/share/licences"
cp "$demo"/*.honeylamp "$demo/boat-shed.csv" "$out/share/demo/"
cp "$icon" "$here/honeylamp.svg" "$out/share/"
cp "$here/../LICENSE" "$here/../docs/licences.md" "$here/../core/src/main/resources/honeylamp/fonts"/*.txt "$out/share/licences/"

# what the window loads and compiles first is kept, as the jars lie here now
JDK_JAVA_OPTIONS="-XX:AOTCacheOutput=\"$out/lib/app/honeylamp.aot\" -Xlog:disable -Xlog:all=off -Dglass.platform=Headless -Dprism.order=sw -Dhoneylamp.home=$work/home" \
  "$out/bin/honeylamp" run --demo="$demo/sailcloth-yard.honeylamp" --train="$demo/sailcloth-yard-survey.jpg" >"$work/training.log" 2>&1 || true
[ -f "$out/lib/app/honeylamp.aot" ] || { tail -5 "$work/training.log" >&2; echo "image.sh: no start-up cache came of the training" >&2; exit 1; }
