"""Packing: twelve mixed jobs on A4, and twelve kits drawn from the demo, against three simple packers and the
area bound."""

from __future__ import annotations

import math
import random
import time
from collections.abc import Iterator, Sequence
from typing import TypeAlias

from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import new_brief
from mingei.core.layout.nest import Nest, Part, fewest
from mingei.core.layout.pack import pack
from mingei.core.layout.place import outline
from mingei.core.plane.shape import Polygon, bounds
from mingei.core.stock import find_stock

_Size: TypeAlias = tuple[float, float]
#: What an A4 sheet leaves inside margins of 8 mm; card between pieces; seconds for each job.
_WIDE, _HIGH, _GAP, _SECONDS = 194.0, 281.0, 3.0, 5.0


def _made(count: int, recipe: str, **values: float | str) -> list[Polygon]:
    stock = find_stock("card-220")
    patterns = build(new_brief(recipe, values, stock), stock).patterns
    return [outline(p) for p in patterns] * count


def _box(w: float, h: float) -> Polygon:
    return (0.0, 0.0), (w, 0.0), (w, h), (0.0, h)


def _mixed(count: int, sheets: float, seed: int) -> list[Polygon]:
    """Nets, diamonds, sectors, gores, strips and panels whose areas fill so many sheets."""
    chance = random.Random(seed)
    found: list[Polygon] = []
    for i in range(count):
        a, b = chance.uniform(30, 70), chance.uniform(20, 50)
        kind = i % 6
        if kind == 0:  # a cross, as of a tray
            found.append(((b, 0), (b + a, 0), (b + a, b), (a + 2 * b, b), (a + 2 * b, 2 * b), (b + a, 2 * b),
                          (b + a, 3 * b), (b, 3 * b),
                          (b, 2 * b), (0, 2 * b), (0, b), (b, b)))
        elif kind == 1:
            found.append(((a, 0), (2 * a, b), (a, 2 * b), (0, b)))
        elif kind == 2:
            turn = chance.uniform(1.2, 3.0)
            found.append(((0.0, 0.0), *((a * math.cos(turn * k / 16), a * math.sin(turn * k / 16))
                                        for k in range(17))))
        elif kind == 3:
            side = [(b / 2 * math.sin(math.pi * k / 14), 3 * a * k / 14) for k in range(15)]
            found.append((*side, *((-x, y) for x, y in reversed(side[1:-1]))))
        elif kind == 4:
            found.append(_box(2.5 * a, b / 2))
        else:
            found.append(_box(a, 1.5 * b))
    from shapely.geometry import Polygon as Area

    whole = sum(Area(p).area for p in found)
    factor = math.sqrt(sheets * _WIDE * _HIGH / whole)
    return [tuple((x * factor, y * factor) for x, y in p) for p in found]


def _jobs() -> Iterator[tuple[str, list[Polygon]]]:
    chance = random.Random(5)
    yield "20 mixed", _mixed(20, 1.7, 1)
    yield "60 mixed", _mixed(60, 3.6, 2)
    yield "150 mixed", _mixed(150, 6.4, 3)
    yield "36 tags", _made(36, "tag", width=40.0, height=70.0)
    yield "120 labels", [_box(round(chance.uniform(18, 60)), round(chance.uniform(12, 40)))
                         for _ in range(120)]
    yield "40 mats", [_box(chance.uniform(40, 120), chance.uniform(30, 90)) for _ in range(40)]
    yield "14 pyramids", _made(14, "pyramid", sides=3.0, across=40.0, height=45.0)
    yield "20 cones", _made(20, "cone", foot=40.0, height=45.0)
    yield "10 trays", _made(10, "tray", length=70.0, width=40.0, height=15.0)
    yield "12 cartons", _made(12, "carton", length=25.0, width=12.0, height=55.0)
    yield "trays, cones, tags", [*_made(5, "tray", length=60.0, width=40.0, height=12.0),
                                 *_made(6, "cone", foot=30.0, height=40.0),
                                 *_made(12, "tag", width=35.0, height=60.0)]
    yield "bowls, strips", [*_made(4, "frustum-box", across=30.0, rim=50.0, height=25.0),
                            *[_box(180.0, 9.0)] * 20]


def _kits() -> Iterator[tuple[str, list[Polygon]]]:
    """Two to five things of the demo, one to four of each, drawn by lot."""
    from mingei.assets import demo_file
    from mingei.formats import project_file
    from mingei.formats.export import builds_of

    things = [[outline(p) for p in made.cut_pieces for _ in range(p.copies)]
              for made in builds_of(project_file.load(demo_file()))]
    things = [t for t in things if all(min(b.width, b.height) <= _WIDE and max(b.width, b.height) <= _HIGH
                                       for b in map(bounds, t))]
    for seed in range(1, 13):
        chance = random.Random(seed)
        yield f"kit {seed}", [o for thing in chance.sample(things, chance.randint(2, 5))
                              for o in thing * chance.randint(1, 4)]


def _shelves(sizes: Sequence[_Size], first_fit: bool) -> int:
    """Rows of falling height; a piece goes into the last row only, or into the first that takes it."""
    rows: list[list[float]] = []  # sheet, bottom, height, used
    tops: list[float] = []
    for w, h in sorted(((min(s), max(s)) if max(s) <= _WIDE else (max(s), min(s)) for s in sizes),
                       key=lambda s: -s[1]):
        w, h = (h, w) if w > _WIDE else (w, h)
        open_rows = rows if first_fit else rows[-1:]
        row = next((r for r in open_rows if r[3] + w <= _WIDE and h <= r[2]), None)
        if row is None:
            sheet = next((i for i, top in enumerate(tops) if top + h <= _HIGH
                          and (first_fit or i == len(tops) - 1)), None)
            if sheet is None:
                tops.append(0.0)
                sheet = len(tops) - 1
            row = [sheet, tops[sheet], h, 0.0]
            tops[sheet] += h + _GAP
            rows.append(row)
        row[3] += w + _GAP
    return len(tops)


def packing() -> None:
    """Sheets for each job."""
    for jobs in (_jobs(), _kits()):
        _compared(jobs)


def _compared(jobs: Iterator[tuple[str, list[Polygon]]]) -> None:
    print("a layout begins with the rectangles and is kept until the outlines do better")
    print(
        f"{'job':20} pieces  bound  shelf  first-fit  rectangles  outlines: first, ms   after {_SECONDS:.0f} "
        f"s   grain kept")
    total = [0, 0, 0]
    for name, outlines in jobs:
        sizes = tuple((b.width, b.height) for b in map(bounds, outlines))
        least = fewest([Part((o,)) for o in outlines], _WIDE, _HIGH, _GAP)
        simple = [_shelves(sizes, False), _shelves(sizes, True), len(pack(sizes, _WIDE, _HIGH, _GAP))]
        first, took, best = _nested(outlines, None, least)
        best = min(best, simple[2])
        upright, _, kept = _nested(outlines, (0.0, 180.0), least)
        total = [total[0] + (best <= min(simple)), total[1] + (best == least), total[2] + 1]
        print(
            f"{name:20} {len(outlines):6} {least:6} {simple[0]:6} {simple[1]:10} {simple[2]:11} {first:15} "
            f"{took:6.0f} {best:11} "
              f"{min(kept, upright):12}")
    print(
        f"no more than the best simple packer in {total[0]} of {total[2]}, the area bound itself in "
        f"{total[1]}")


def _nested(outlines: Sequence[Polygon], turns: tuple[float, ...] | None,
            least: int) -> tuple[int, float, int]:
    """Sheets of the first layout, ms it took, and sheets after the time allowed."""
    start = time.perf_counter()
    parts = [Part((o,)) if turns is None else Part((o,), turns) for o in outlines]
    if turns is not None:  # those that are too long upright lie down
        parts = [p if max(bounds(p.outlines[0]).width, 0) <= _WIDE else p._replace(turns=(90.0, 270.0))
                 for p in parts]
    search = Nest(parts, _WIDE, _HIGH, _GAP).search()
    first = best = len(next(search))
    took = 1000 * (time.perf_counter() - start)
    while best > least and time.perf_counter() - start < _SECONDS:
        best = min(best, len(next(search)))
    return first, took, best


def kits() -> None:
    """A thousand kits of the demo counted, beside laying out one."""
    from mingei.assets import demo_file
    from mingei.core.layout.material import material
    from mingei.core.layout.place import arrange, piles_for
    from mingei.formats import project_file
    from mingei.formats.export import builds_of

    project = project_file.load(demo_file())
    loads = loads_of_all(builds_of(project))
    arrange(loads, project.paper)
    start = time.perf_counter()
    one = arrange(loads, project.paper)
    bare = time.perf_counter() - start
    for many in (10, 100, 1000):
        start = time.perf_counter()
        piles = piles_for(many, loads, project.paper)
        material(piles)
        took = time.perf_counter() - start
        print(f"{many:5} kits: {took * 1000:6.0f} ms, {took / bare:6.1f} times laying out one; "
              f"{sum(p.times for p in piles)} sheets instead of {many * len(one.pages)}")
