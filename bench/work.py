"""Lining up: how many placings of the rule fewer, over the demo and twelve kits by lot, and the time it
takes; files for machines of 20,000 segments beside writing as many lines of text."""

from __future__ import annotations

import random
import time
from collections.abc import Iterator
from dataclasses import replace

from mingei.assets import demo_file
from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import Brief, new_brief
from mingei.core.layout.place import Load, arrange
from mingei.core.layout.sheets import Sheet, find_sheet
from mingei.core.plane.shape import Line
from mingei.core.stock import find_stock
from mingei.core.work.job import job_for
from mingei.core.work.lining import line_up
from mingei.formats import project_file
from mingei.formats.device_file import devices
from mingei.formats.export import builds_of
from mingei.formats.machine import machine_file


def _kit(seed: int) -> tuple[Brief, ...]:
    """Six small scored things by lot, one to three of each; every third kit eight of one."""
    dice = random.Random(seed)

    def carton(number: int, copies: int) -> Brief:
        sizes = {"length": dice.choice((40.0, 50.0, 60.0, 75.0, 90.0)),
                 "width": dice.choice((25.0, 30.0, 35.0)), "height": dice.choice((15.0, 20.0, 25.0))}
        return replace(new_brief("carton", sizes), id=f"c{number}", stock="card-200", copies=copies)

    if seed % 3 == 0:
        return (carton(0, 8),)
    return tuple(carton(i, dice.choice((1, 2, 3))) for i in range(6))


def _kits() -> Iterator[tuple[str, list[Load], Sheet]]:
    demo = project_file.load(demo_file())
    yield "demo", loads_of_all(builds_of(demo)), demo.paper
    for seed in range(12):
        yield f"kit {seed}", loads_of_all(build(b, find_stock(b.stock)) for b in _kit(seed)), find_sheet("A4")


def lining() -> None:
    """Placings before and after, sheet for sheet."""
    before = after = 0
    for name, loads, paper in _kits():
        begin = time.perf_counter()
        last = list(line_up(loads, paper))[-1]
        seconds = time.perf_counter() - begin
        sheets = len(arrange(loads, paper).pages), len(arrange(loads, paper, last.spots).pages)
        before, after = before + last.before, after + last.now
        fewer = 100 * (1 - last.now / last.before)
        print(f"{name:8} {last.before:4} placings, lined up {last.now:4} ({fewer:4.1f} % fewer), {sheets[0]} "
              f"sheets, then {sheets[1]}, {seconds:.1f} s")
    fewer = 100 * (1 - after / before)
    print(f"in all   {before:4} placings, lined up {after:4} ({fewer:.1f} % fewer; budget 12)")


def jobs() -> None:
    """20,000 segments to each kind of machine file, beside as many lines of plain text."""
    demo = project_file.load(demo_file())
    pages = arrange(loads_of_all(builds_of(demo)), demo.paper).pages
    way = tuple(Line((k % 200 * 1.0, k // 200 * 1.0), ((k + 1) % 200 * 1.0, (k + 1) // 200 * 1.0))
                for k in range(20_000))
    begin = time.perf_counter()
    "\n".join(f"{s.end[0]:.4f} {s.end[1]:.4f}" for s in way)
    bare = time.perf_counter() - begin
    for device in devices():
        job = job_for(pages[8], device)
        stroke = job.strokes[-1]._replace(times=1)
        many = replace(job, strokes=tuple(stroke._replace(axis=way[i:i + 10]) for i in range(0, 20_000, 10)))
        for ending in device.output:
            begin = time.perf_counter()
            machine_file(many, ending)
            seconds = time.perf_counter() - begin
            print(f"{device.id:12} {ending:6} {seconds:5.2f} s (budget 2), {seconds / bare:4.0f} x bare text")
