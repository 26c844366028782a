#!/usr/bin/env bash
# A Debian package of an application folder: it is unpacked to /opt/honeylamp, with a command, a menu entry and a file type.
#   deb.sh IMAGE OUT.deb
set -euo pipefail
image=$1 out=$2
here=$(cd "$(dirname "${BASH_SOURCE[0]}")" && pwd)
root=$(mktemp -d)
trap 'rm -rf "$root"' EXIT
version=$(sed -n 's/.*jpackage.app-version=//p' "$image/lib/app/HoneyLamp.cfg")
arch=$(dpkg --print-architecture)

mkdir -p "$root/DEBIAN" "$root/opt" "$root/usr/bin" "$root/usr/share/applications" "$root/usr/share/mime/packages" \
  "$root/usr/share/icons/hicolor/256x256/apps" "$root/usr/share/icons/hicolor/scalable/apps" "$root/usr/share/doc/honeylamp"
cp -a "$image" "$root/opt/honeylamp"
ln -s /opt/honeylamp/bin/honeylamp "$root/usr/bin/honeylamp"
cp "$here/honeylamp.desktop" "$root/usr/share/applications/"
cp "$here/honeylamp-mime.xml" "$root/usr/share/mime/packages/honeylamp.xml"
cp "$image/share/honeylamp.png" "$root/usr/share/icons/hicolor/256x256/apps/"
cp "$here/honeylamp.svg" "$root/usr/share/icons/hicolor/scalable/apps/"
cp "$image/share/licences/licences.md" "$root/usr/share/doc/honeylamp/copyright"
cat >"$root/DEBIAN/control" <<CONTROL
Package: honeylamp
Version: $version
Architecture: $arch
Maintainer: Honey Lamp <hello@honeylamp.example>
Section: graphics
Priority: optional
Installed-Size: $(du -sk "$root/opt" | cut -f1)
Depends: libc6, zlib1g
Recommends: libgtk-3-0 | libgtk-3-0t64, libxtst6, fontconfig, xdg-utils
Description: presentation plans from traced or measured layouts
 Turns a traced or measured layout into a coloured, textured, furnished and
 shaded plan with clean dimensions and room labels, for homeowners, clients
 and property listings. Works without a network and brings its own runtime.
CONTROL
chmod -R u=rwX,go=rX "$root"
mkdir -p "$(dirname "$out")"
dpkg-deb --root-owner-group -Z"${HONEYLAMP_DEB_COMPRESSION:-xz}" --build "$root" "$out" >/dev/null
