"""Work at the table: the plan of each thing of the demo, building it in cells of space, its pictures; the
logbook of ten thousand builds."""

from __future__ import annotations

import tempfile
import time
from pathlib import Path

from mingei.assets import demo_file
from mingei.core.check.simulating import simulate
from mingei.core.logbook.entry import Entry
from mingei.core.plan.picture import step_picture
from mingei.formats import project_file
from mingei.formats.export import builds_of
from mingei.formats.logbook import Logbook


def plans() -> None:
    """Plan, simulation and pictures of the demo."""
    builds = builds_of(project_file.load(demo_file()))
    spent = {"plan": 0.0, "built in cells": 0.0, "pictures": 0.0}
    longest = dict.fromkeys(spent, (0.0, ""))
    steps = 0
    for b in builds:
        for name, work in (("plan", lambda b=b: b.plan), ("built in cells", lambda b=b: simulate(b)),
                           ("pictures", lambda b=b: [step_picture(b.plan, s, b.patterns) for s in b.steps])):
            begun = time.perf_counter()
            work()
            took = time.perf_counter() - begun
            spent[name] += took
            longest[name] = max(longest[name], (took, b.brief.name))
        steps += len(b.steps)
    for name, seconds in spent.items():
        most, thing = longest[name]
        print(f"{name}: {1000 * seconds / len(builds):.1f} ms a thing, most {1000 * most:.0f}: {thing}")
    print(f"pictures: {1000 * spent['pictures'] / steps:.0f} ms a step, {steps} steps")


def logbook() -> None:
    """Ten thousand builds: search, and reading all of them."""
    with tempfile.TemporaryDirectory() as folder:
        book = Logbook(Path(folder))
        with book._writing():
            for n in range(10_000):
                book._put(Entry(
                    f"b{n}", f"2026-{n % 12 + 1:02d}-01", f"Shop {n}", "Carton", "carton", "card-300",
                    asked=(140.0, 32.0, 18.0), measured=(139.8, 31.9, 17.9), snapshot="x" * 20_000,
                    change="lantern" if n % 500 == 0 else "", photos=("a", "b", "c")))
        for name, work in (("a rare word", lambda: book.search("lantern shop")),
                           ("a common word", lambda: book.search("shop")),
                           ("all, for what they teach", book.every)):
            begun = time.perf_counter()
            found = work()
            print(f"{name}: {len(found)} in {1000 * (time.perf_counter() - begun):.1f} ms")
        book.close()
