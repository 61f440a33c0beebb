"""What it costs: each figure beside a bare one measured in the same run, so that the ratio means something on
any machine.

    make bench            all
    python -m bench NAME  one: start, change, space, pan, files, loop, pictures, tabs, packing, kits
"""

from __future__ import annotations

import sys

from bench import files, sheets, slowness, window

ALL = {"start": window.start, "change": window.change, "space": window.space, "pan": window.pan,
       "files": files.files, "loop": window.loop,
       "pictures": window.pictures, "tabs": window.tabs, "packing": sheets.packing,
       "kits": sheets.kits}


def main() -> int:
    for name in sys.argv[1:] or ALL:
        print(f"-- {name} (machine {slowness():.1f} x as slow as at its best)", flush=True)
        ALL[name]()
    return 0


if __name__ == "__main__":
    sys.exit(main())
