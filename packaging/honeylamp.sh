#!/bin/sh
# Honey Lamp: the window with "honeylamp run [PLAN]" or without words, else the command line ("honeylamp help").
here=$(dirname "$(dirname "$(readlink -f "$0")")")
app=$here/lib/app
classes=$(sed "s|^|$app/|" "$app/honeylamp.classpath" | tr '\n' ':')
case ${1-run} in
  run)
    [ $# -gt 0 ] && shift
    set -- honeylamp.desktop.Main "$@" ;;
  *) set -- honeylamp.cli.Main "$@" ;;
esac
if [ -f "$app/honeylamp.aot" ]; then
  set -- "-XX:AOTCache=$app/honeylamp.aot" -Xlog:aot=off -Xlog:cds=off -cp "${classes%:}" "$@"
else
  set -- -cp "${classes%:}" "$@"
fi
exec "$here/lib/runtime/bin/java" -Xmx1g --enable-native-access=ALL-UNNAMED,javafx.graphics \
  -Dstdout.encoding=UTF-8 -Dstderr.encoding=UTF-8 "$@"
