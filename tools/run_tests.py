"""Run all tests in two processes at once, each with a virtual display of its own; where there is a real
display, in one, since windows take the focus from each other. Each process takes the next module when it
has done with one, so that both end at about the same time."""

from __future__ import annotations

import os
import subprocess
import sys
import tempfile
import time
import unittest
from collections.abc import Iterator
from pathlib import Path

ROOT = Path(__file__).parent.parent
#: So long (s) the second waits, so that both do not look for a free display at once.
_APART_S = 3.0
#: So many modules that took longest are named.
_SLOWEST = 12
#: A module's name in the pipe is so many bytes: what is written and read whole goes to one reader only.
_NAME = 128


class _Taken(unittest.TestSuite):
    """The tests of the modules that are taken one by one from the pipe, whoever else takes from it."""

    _cleanup = False

    def __init__(self, pipe: int) -> None:
        super().__init__()
        self._pipe = pipe
        self.took: dict[str, float] = {}

    def __iter__(self) -> Iterator[unittest.TestSuite]:
        while name := os.read(self._pipe, _NAME):
            module, begun = name.decode().strip(), time.monotonic()
            yield unittest.defaultTestLoader.loadTestsFromName(module)
            self.took[module] = time.monotonic() - begun


def _modules() -> list[str]:
    """The test modules, large ones first, so that none of them is left for the end."""
    paths = sorted((ROOT / "tests").glob("test_*.py"), key=lambda p: (-p.stat().st_size, p.name))
    return [f"tests.{path.stem}" for path in paths]


def main() -> int:
    """Run them; 0 where all pass."""
    alone = os.environ.get("DISPLAY") or os.environ.get("WAYLAND_DISPLAY") or (os.cpu_count() or 1) < 2
    reading, writing = os.pipe()
    os.write(writing, b"".join(name.encode().ljust(_NAME) for name in _modules()))
    os.close(writing)
    running = []
    for _ in range(1 if alone else 2):
        out = tempfile.TemporaryFile("w+")  # noqa: SIM115 - closed with the process that writes it
        words = ["sh", str(ROOT / "tools" / "with_display.sh"), sys.executable, __file__, str(reading)]
        running.append((subprocess.Popen(words, cwd=ROOT, stdout=out, stderr=subprocess.STDOUT,
                                         pass_fds=[reading]), out))
        if not alone:
            time.sleep(_APART_S)
    os.close(reading)
    failed = 0
    for process, out in running:
        failed |= process.wait() != 0
        out.seek(0)
        sys.stdout.write(out.read())
        out.close()
    return int(failed)


def _take(pipe: int) -> int:
    """Run what this process takes from the pipe; 0 where all pass."""
    sys.path.insert(0, str(ROOT))
    tests = _Taken(pipe)
    passed = unittest.TextTestRunner().run(tests).wasSuccessful()
    slowest = sorted(tests.took.items(), key=lambda each: -each[1])[:_SLOWEST]
    print("slowest:", ", ".join(f"{name} {seconds:.0f} s" for name, seconds in slowest))
    return int(not passed)


if __name__ == "__main__":
    sys.exit(_take(int(sys.argv[1])) if len(sys.argv) > 1 else main())
