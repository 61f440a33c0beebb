"""A draft given its thickness: many panels, many tabs."""

from __future__ import annotations

import gc
import math
import time

from bench import median, paced, slowness, timed, within


def developing() -> None:
    """A strip of triangles laid flat, bare and with a tab on every other free side."""
    from dataclasses import replace

    from mingei.core.draft import Draft, EdgeRef, Fold, Panel, Piece, Placement, Seam
    from mingei.core.flat.develop import develop
    from mingei.core.joints import GLUE_TAB
    from mingei.core.stock import find_stock

    stock, side = find_stock("card-160"), 10.0
    triangle = ((0.0, 0.0), (side, 0.0), (side / 2, side * math.sqrt(3) / 2))
    for count, most in ((1600, 0.4), (5000, 1.5)):
        folds = tuple(Fold(EdgeRef(f"t{i}", 1 + i % 2), EdgeRef(f"t{i + 1}", 0), 2.0 + i % 2, 1)
                      for i in range(count - 1))
        piece = Piece("strip", "t0", Placement((0.0, 0.0, 0.0), (1.0, 0.0, 0.0), (0.0, 1.0, 0.0)),
                      tuple(Panel(f"t{i}", triangle) for i in range(count)), folds=folds)
        used = {e for f in folds for e in (f.a, f.b)}
        free = [e for i in range(count)
                for e in (EdgeRef(f"t{i}", 0), EdgeRef(f"t{i}", 1), EdgeRef(f"t{i}", 2))
                if e not in used]
        seams = tuple(Seam(f"s{i}", GLUE_TAB, free[2 * i], free[2 * i + 1], 3.0, 1, 20.0)
                      for i in range(len(free) // 2))
        bare, tabbed = Draft((piece,)), Draft((replace(piece, seams=seams, crowded=True),))
        one, other = (median(timed(lambda draft=draft: develop.__wrapped__(draft, stock), 3)) / 1000
                      for draft in (bare, tabbed))
        print(within(f"a strip of {count} triangles developed", one, most, "s"),
              f"with {len(seams)} tabs kept clear {other:.2f} s", sep="; ")


def tabs() -> None:
    """A piece of 300 seams drafted to a flat with its tabs: the same again and again, each time at another
    size."""
    from mingei.core.draft import Draft, Piece, Seam
    from mingei.core.drafting.roll import Wall, disc, roll, stands, teeth
    from mingei.core.drafting.star import ON_THE_TABLE, lid_at
    from mingei.core.flat.develop import develop
    from mingei.core.flat.tabs import Tabs
    from mingei.core.recipes.polyhedron import draft_polyhedron
    from mingei.core.stock import find_stock

    stock = find_stock("card-220")

    def ring(size: float) -> Draft:
        wall = Wall(size, size, 40.0, 150)
        rolled = roll("wall", wall, 8.0, 2)
        seams: tuple[Seam, ...] = (*teeth("base teeth", "wall", wall, "base", 6.0, 1, foot=True),
                                   *teeth("top teeth", "wall", wall, "top", 6.0, 1, foot=False))
        faces = [Piece(n, n, at, (disc(n, size, 150),))
                 for n, at in (("base", ON_THE_TABLE), ("top", lid_at(40.0)))]
        return Draft((Piece("ring", "wall 1", stands(wall), rolled.panels,
                            folds=rolled.folds, seams=seams, laps=rolled.laps),
                      *faces), closes=False)

    spent = [0.0]

    def timed_too(name: str) -> None:
        whole = getattr(Tabs, name)

        def whole_time(*given: object) -> object:
            start = time.perf_counter()
            try:
                return whole(*given)
            finally:
                spent[0] += time.perf_counter() - start

        setattr(Tabs, name, whole_time)

    for name in ("rows", "tab"):  # where tabs are drawn: shaped, and given depth and crease
        timed_too(name)
    sizes = iter(400.0 + i for i in range(200))
    drawn: list[float] = []

    def once() -> None:
        spent[0] = 0.0
        develop(ring(next(sizes)), stock)
        drawn.append(1000 * spent[0])

    gc.disable()  # as in the window, which collects in pauses
    slow = [slowness() for _ in range(20) if once() is None]
    gc.enable()
    _, even = paced(lambda: develop(ring(next(sizes)), stock), 20)
    print(
        f"300 tabs round a ring drawn: {median([ms / s for ms, s in zip(drawn, slow, strict=False)]):.1f} ms "
        f"at an even pace "
          f"(a frame is 16); with all else the ring developed: {median(even):.0f} ms")
    edges = iter(30.0 + 0.5 * i for i in range(200))
    values = {"solid": "truncated-icosahedron", "sides": 6.0, "tab": 6.0, "pieces": 1.0, "hang": "none"}
    solid = draft_polyhedron({**values, "edge": 30.0})
    count = sum(s.joint.has_tab for s in solid.pieces[0].seams)
    _, even = paced(lambda: develop(draft_polyhedron({**values, "edge": next(edges)}), stock), 20)
    print(
        f"a crowded net of {count} seams developed: {median(even):.0f} ms at an even pace; a seam "
        f"{1000 * median(even) / count:.0f} us")
