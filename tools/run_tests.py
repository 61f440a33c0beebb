"""Run all tests in two processes at once, each with a virtual display of its own; where there is a real
display, in one after the other, since windows take the focus from each other."""

from __future__ import annotations

import os
import subprocess
import sys
import tempfile
import time
from pathlib import Path

ROOT = Path(__file__).parent.parent
#: So long (s) the second waits, so that both do not look for a free display at once.
_APART_S = 3.0


def shares(count: int) -> list[list[str]]:
    """The test modules in so many shares, about alike in size."""
    found: list[list[str]] = [[] for _ in range(count)]
    sizes = [0] * count
    for path in sorted((ROOT / "tests").glob("test_*.py"), key=lambda p: (-p.stat().st_size, p.name)):
        least = sizes.index(min(sizes))
        sizes[least] += path.stat().st_size
        found[least].append(f"tests.{path.stem}")
    return found


def main() -> int:
    """Run them; 0 where all pass."""
    alone = os.environ.get("DISPLAY") or os.environ.get("WAYLAND_DISPLAY") or (os.cpu_count() or 1) < 2
    running = []
    for modules in shares(1 if alone else 2):
        out = tempfile.TemporaryFile("w+")  # noqa: SIM115 - closed with the process that writes it
        words = ["sh", str(ROOT / "tools" / "with_display.sh"), sys.executable, "-m", "unittest",
                 *sorted(modules)]
        running.append((subprocess.Popen(words, cwd=ROOT, stdout=out, stderr=subprocess.STDOUT), out))
        if not alone:
            time.sleep(_APART_S)
    failed = 0
    for process, out in running:
        failed |= process.wait() != 0
        out.seek(0)
        sys.stdout.write(out.read())
        out.close()
    return int(failed)


if __name__ == "__main__":
    sys.exit(main())
