#!/bin/sh
# Say which system libraries are missing; install them when this user may, else print the exact command.
# usage: system_libs.sh PYTHON
set -eu
python=${1:-python3}

if ! "$python" -c 'import sys; sys.exit(sys.version_info < (3, 11))' 2>/dev/null; then
    echo "Mingei needs Python 3.11 or later; '$python' is not one. Name another with: make PYTHON=python3.11" >&2
    exit 1
fi

missing=$("$python" - <<'PY'
import ctypes, importlib.util, shutil
wanted = {
    "libEGL.so.1": "libegl1", "libGL.so.1": "libgl1", "libglib-2.0.so.0": "libglib2.0-0", "libdbus-1.so.3": "libdbus-1-3",
    "libfontconfig.so.1": "libfontconfig1", "libxkbcommon-x11.so.0": "libxkbcommon-x11-0", "libxcb-cursor.so.0": "libxcb-cursor0",
    "libxcb-icccm.so.4": "libxcb-icccm4", "libxcb-keysyms.so.1": "libxcb-keysyms1", "libxcb-shape.so.0": "libxcb-shape0",
}
packages = []
for library, package in wanted.items():
    try:
        ctypes.CDLL(library)
    except OSError:
        packages.append(package)
packages += [package for command, package in (("Xvfb", "xvfb"), ("xauth", "xauth")) if not shutil.which(command)]
if importlib.util.find_spec("ensurepip") is None:
    packages.append("python3-venv")
print(" ".join(packages))
PY
)
[ -n "$missing" ] || exit 0

echo "missing system packages: $missing"
install="apt-get install -y --no-install-recommends $missing"
if ! command -v apt-get >/dev/null; then
    echo "install the libraries behind these Debian package names with your system's own package manager, then run make again" >&2
    exit 1
elif [ "$(id -u)" = 0 ]; then
    sudo=
elif sudo -n true 2>/dev/null; then
    sudo="sudo"
else
    echo "run this, then make again:" >&2
    echo "    sudo apt-get update && sudo $install" >&2
    exit 1
fi
echo "installing them"
$sudo apt-get update -qq && $sudo env DEBIAN_FRONTEND=noninteractive $install -qq >/dev/null
