#!/bin/sh
# Build a package for Debian and its kin: all that Mingei runs on below /opt/mingei, beside the system's Python.
# usage: deb.sh PYTHON OUTDIR
set -eu
python=$1
out=$2
version=$("$python" -c 'import mingei; print(mingei.__version__)')
series=$("$python" -c 'import sys; print("%d.%d" % sys.version_info[:2])')
next=$("$python" -c 'import sys; print("%d.%d" % (sys.version_info[0], sys.version_info[1] + 1))')
architecture=$(dpkg --print-architecture)
SOURCE_DATE_EPOCH=$(git log -1 --format=%ct 2>/dev/null || stat -c %Y pyproject.toml)
export SOURCE_DATE_EPOCH
root=$(mktemp -d)
trap 'rm -rf "$root"' EXIT
site=$root/opt/mingei/site
mkdir -p "$site" "$root/DEBIAN" "$root/usr/bin" "$out"

"$python" -m pip install --quiet --disable-pip-version-check --no-compile --target "$site" -r requirements.txt
rm -rf "$site/bin"
"$python" -m pip install --quiet --disable-pip-version-check --no-compile --no-deps --no-build-isolation --target "$site" .
rm -rf "$site/bin"
# what no one runs there: the tests of packages, and what was compiled for the machine that built it
find "$site" -type d \( -name tests -o -name test -o -name __pycache__ \) -prune -exec rm -rf {} +

install -d "$root/opt/mingei/bin"
cat > "$root/opt/mingei/bin/mingei" <<'START'
#!/usr/bin/python3 -sE
import sys

sys.path.insert(0, "/opt/mingei/site")
from mingei.cli import main

sys.exit(main())
START
chmod 755 "$root/opt/mingei/bin/mingei"
ln -s ../../opt/mingei/bin/mingei "$root/usr/bin/mingei"

id=org.mingei.Mingei
share=$root/usr/share
install -D -m 644 desktop/$id.desktop "$share/applications/$id.desktop"
install -D -m 644 desktop/$id.svg "$share/icons/hicolor/scalable/apps/$id.svg"
install -D -m 644 desktop/$id.xml "$share/mime/packages/$id.xml"
install -D -m 644 desktop/$id.metainfo.xml "$share/metainfo/$id.metainfo.xml"
install -d "$share/man/man1" "$share/doc/mingei"
gzip -9n < desktop/mingei.1 > "$share/man/man1/mingei.1.gz"
gzip -9n < CHANGELOG.md > "$share/doc/mingei/changelog.gz"
{
    cat LICENSE
    printf '\nThe packages below /opt/mingei/site are under the licences told in their .dist-info folders.\n'
} > "$share/doc/mingei/copyright"

cat > "$root/DEBIAN/control" <<CONTROL
Package: mingei
Version: $version
Section: graphics
Priority: optional
Architecture: $architecture
Depends: python3 (>= $series), python3 (<< $next), libegl1, libgl1, libglib2.0-0 | libglib2.0-0t64, libdbus-1-3, libfontconfig1, libxkbcommon-x11-0, libxcb-cursor0, libxcb-icccm4, libxcb-keysyms1, libxcb-shape0
Recommends: shared-mime-info, desktop-file-utils
Installed-Size: $(du -sk "$root" | cut -f1)
Maintainer: the makers of Mingei <mingei@example.org>
Description: draft, scale and build things of card
 Works out glue tabs, score lines and fold offsets for the thickness of the
 board before anything is printed or cut, lays out sheets, prints and exports
 them. All it runs on lies below /opt/mingei, beside the system's Python.
CONTROL
cat > "$root/DEBIAN/postinst" <<'POST'
#!/bin/sh
set -e
python3 -m compileall -q /opt/mingei/site/mingei >/dev/null 2>&1 || true
POST
cat > "$root/DEBIAN/prerm" <<'PRE'
#!/bin/sh
set -e
find /opt/mingei -type d -name __pycache__ -prune -exec rm -rf {} + 2>/dev/null || true
PRE
chmod 755 "$root/DEBIAN/postinst" "$root/DEBIAN/prerm"
find "$root" -exec touch -h -d "@$SOURCE_DATE_EPOCH" {} +
dpkg-deb --root-owner-group --build "$root" "$out/mingei_${version}_$architecture.deb"
