#!/bin/sh
# Install the package into a fresh, minimal Debian and run it there: the demo exported, every view drawn.
# usage: deb_trial.sh PACKAGE [SUITE]; as root, since a fresh system is made; needs debootstrap.
set -eu
package=$1
suite=${2:-$(. /etc/os-release && echo "$VERSION_CODENAME")}
mirror=${MIRROR:-$(apt-get indextargets --format '$(SITE)' "Codename: $suite" | head -n 1)}
root=$(mktemp -d)
trap 'umount "$root/proc" 2>/dev/null || true; rm -rf "$root"' EXIT
chmod 755 "$root"
debootstrap --variant=minbase "$suite" "$root" "$mirror" >/dev/null
cp "$package" "$root/tmp/mingei.deb"
mount -t proc proc "$root/proc"
cp /etc/resolv.conf "$root/etc/resolv.conf" 2>/dev/null || true
chroot "$root" sh -eu <<'TRIAL'
export DEBIAN_FRONTEND=noninteractive HOME=/tmp/home LC_ALL=C.UTF-8
mkdir -p "$HOME"
apt-get install -y -qq --no-install-recommends xvfb xauth >/tmp/install.log 2>&1
apt-get install -y -qq --no-install-recommends /tmp/mingei.deb >/tmp/install.log 2>&1 || { tail -n 20 /tmp/install.log; exit 1; }
mingei --version
mingei new tray -o /tmp/tray.mingei
mingei check /tmp/tray.mingei
mingei export /tmp/tray.mingei --to /tmp/tray.pdf
mingei export /tmp/tray.mingei --to /tmp/tray.dxf
xvfb-run -a mingei --demo --shots /tmp/shots
ls /tmp/shots | wc -l
test -s /usr/share/man/man1/mingei.1.gz -a -s /usr/share/applications/org.mingei.Mingei.desktop
apt-get remove -y -qq mingei >/dev/null 2>&1
test ! -e /opt/mingei -a ! -e /usr/bin/mingei
echo "installed, ran and was removed again"
TRIAL
