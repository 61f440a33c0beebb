"""What it costs: each figure beside a bare one measured in the same run, so that the ratio means something on
any machine.

    make bench            all
    python -m bench NAME  one: start, change, space, pan, pages, files, loop, pictures, developing, tabs,
                          packing, kits, large, lining, jobs, plans, logbook
    --strict              exits 1 where a budget is not met
"""

from __future__ import annotations

import sys

from bench import SHORT, files, flat, sheets, slowness, table, window, work

ALL = {"start": window.start, "change": window.change, "space": window.space, "pan": window.pan,
       "pages": window.pages, "large": window.large, "developing": flat.developing,
       "files": files.files, "loop": window.loop,
       "pictures": window.pictures, "tabs": flat.tabs, "packing": sheets.packing,
       "kits": sheets.kits, "lining": work.lining, "jobs": work.jobs,
       "plans": table.plans, "logbook": table.logbook}


def main() -> int:
    strict = "--strict" in sys.argv[1:]
    for name in [a for a in sys.argv[1:] if a != "--strict"] or ALL:
        print(f"-- {name} (machine {slowness():.1f} x as slow as at its best)", flush=True)
        ALL[name]()
    print(f"-- short of their budgets: {len(SHORT)}")
    for words in SHORT:
        print(f"   {words}")
    return 1 if strict and SHORT else 0


if __name__ == "__main__":
    sys.exit(main())
