"""The window: starting, following a changed measure, turning the model, panning, and never standing still."""

from __future__ import annotations

import gc
import os
import subprocess
import sys
import tempfile
import time
from collections.abc import Callable
from pathlib import Path

from bench import median, p95, slowness, timed


def start() -> None:
    """Painted and ready, against a bare window."""
    bare, painted, ready, everything, memory = [], [], [], [], 0.0
    _run("bench.ours")  # the first run compiles
    for _ in range(5):
        bare.append(float(_run("bench.bare").split()[0]))
        a, b, _, whole, mb = (float(v) for v in _run("bench.ours").split())
        everything.append(whole)
        painted.append(a)
        ready.append(b)
        memory = max(memory, mb)
    base = median(bare)
    print(
        f"bare window painted {base:.0f} ms; ours painted {median(painted):.0f} ms = "
        f"{median(painted) / base:.2f} x (budget 1.5)")
    print(f"demo ready to edit {median(ready):.0f} ms = {median(ready) / base:.2f} x (budget 3), "
          f"folded view and facts shown {median(everything):.0f} ms = {median(everything) / base:.2f} x; "
          f"resident {memory:.0f} MB (budget 220)")


def _run(module: str) -> str:
    # as on a person's machine, where modules stay compiled
    usual = {k: v for k, v in os.environ.items() if k != "PYTHONDONTWRITEBYTECODE"}
    result = subprocess.run([sys.executable, "-m", module, str(time.time())], capture_output=True, text=True,
                            check=True, env=usual)
    return result.stdout.strip().splitlines()[-1]


def _window() -> object:
    from mingei.app.main import application, open_on
    from mingei.app.settings import Settings
    from mingei.app.window import Window

    folder = Path(tempfile.mkdtemp())
    settings = Settings(folder / "mingei.ini")
    settings.put("light", "day")
    app = application(settings)
    window = Window(settings, folder)
    window.show()
    open_on(window, None, True)
    app.processEvents()
    return app, window


def change() -> None:
    """A measure changed until flat, folded, facts and checks are redrawn."""
    app, window = _window()
    document, draft = window.document, window.draft()
    for name, stock in (("card 0.4 mm", "card-300"), ("greyboard 1.5 mm", "greyboard-15")):
        document.set_stock(next(s for s in draft.stock._stocks if s.id == stock))
        values = iter([100 + 0.5 * i for i in range(400)])

        def once(values: object = values) -> None:
            document.set_measure("length", next(values))
            app.processEvents()  # paints what has changed, once

        for _ in range(20):
            once()
        times, even = _paced(once, 150)
        print(
            f"measure to redrawn views, {name}: median {median(times):.1f} ms, p95 {p95(times):.1f} ms; at "
            f"an even pace "
              f"{median(even):.1f} ms (budget 16), {p95(even):.1f} ms (budget 33)")
    from PySide6.QtTest import QTest

    from mingei.core.document.project import new_brief
    from mingei.core.recipes import recipes

    for recipe in recipes().values():
        document.change_brief(new_brief(recipe.id), recipe.title)
        QTest.qWait(50)  # what the last recipe leaves behind is cleared away
        name, start = next((m.name, float(m.default)) for m in recipe.measures if m.kind == "length")
        # another one each time, and none far from the usual
        values = iter([start + 0.02 * i for i in range(100)])

        def step(values: object = values, name: str = name) -> None:
            document.set_measure(name, next(values))
            app.processEvents()

        step()
        few, even = _paced(step, 50)
        patterns = document.build.patterns
        print(
            f"  {recipe.id:12} {len(patterns)} pieces, {sum(len(p.panels) for p in patterns):3} panels: "
            f"median {median(few):5.1f} ms, "
              f"p95 {p95(few):5.1f} ms; at an even pace {median(even):5.1f} and {p95(even):5.1f} (16 and 33; "
              f"many pieces 50)")
    window.document.undo.setClean()


def _paced(work: Callable[[], object], times: int) -> tuple[list[float], list[float]]:
    """Milliseconds of each run, and the same at an even pace: the machine's own is taken beside each few."""
    taken, even = [], []
    for _ in range(times // 5):
        slow = slowness()
        few = timed(work, 5)
        taken += few
        even += [ms / slow for ms in few]
    return taken, even


def tabs() -> None:
    """A piece of 300 seams drafted to a flat with its tabs: the same again and again, each time at another
    size."""
    from mingei.core.draft import Draft, Joint, Piece, Seam
    from mingei.core.drafting.roll import Wall, disc, roll, stands, teeth
    from mingei.core.drafting.star import ON_THE_TABLE, lid_at
    from mingei.core.flat.develop import _Developer, develop
    from mingei.core.recipes.polyhedron import draft_polyhedron
    from mingei.core.stock import find_stock

    stock = find_stock("card-220")

    def ring(size: float) -> Draft:
        wall = Wall(size, size, 40.0, 150)
        rolled = roll("wall", wall, 8.0, 2)
        seams: tuple[Seam, ...] = (*teeth("base teeth", "wall", wall, "base", 6.0, 1, foot=True),
                                   *teeth("top teeth", "wall", wall, "top", 6.0, 1, foot=False))
        faces = [Piece(n, n, at, (disc(n, size, 150),), ())
                 for n, at in (("base", ON_THE_TABLE), ("top", lid_at(40.0)))]
        return Draft((Piece("ring", "wall 1", stands(wall), rolled.panels, rolled.folds, seams, rolled.laps),
                      *faces), closes=False)

    spent = [0.0]

    def timed_too(name: str) -> None:
        whole = getattr(_Developer, name)

        def within(*given: object) -> object:
            start = time.perf_counter()
            try:
                return whole(*given)
            finally:
                spent[0] += time.perf_counter() - start

        setattr(_Developer, name, within)

    for name in ("_rows", "_tab"):  # where tabs are drawn: shaped, and given depth and crease
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
    _, even = _paced(lambda: develop(ring(next(sizes)), stock), 20)
    print(
        f"300 tabs round a ring drawn: {median([ms / s for ms, s in zip(drawn, slow, strict=False)]):.1f} ms "
        f"at an even pace "
          f"(a frame is 16); with all else the ring developed: {median(even):.0f} ms")
    edges = iter(30.0 + 0.5 * i for i in range(200))
    values = {"solid": "truncated-icosahedron", "sides": 6.0, "tab": 6.0, "pieces": 1.0, "hang": "none"}
    solid = draft_polyhedron({**values, "edge": 30.0})
    count = sum(s.joint is not Joint.TAPE for s in solid.pieces[0].seams)
    _, even = _paced(lambda: develop(draft_polyhedron({**values, "edge": next(edges)}), stock), 20)
    print(
        f"a crowded net of {count} seams developed: {median(even):.0f} ms at an even pace; a seam "
        f"{1000 * median(even) / count:.0f} us")


def space() -> None:
    """The folded view at 800 x 600 while it folds."""
    app, window = _window()
    view = window.draft().space
    for count in (1, 8):
        from dataclasses import replace as with_

        build = window.document.build
        view.show_build(with_(build, patterns=tuple(with_(p) for _ in range(count) for p in build.patterns)))
        view.setFixedSize(800, 600)
        view.explode(1.0)
        app.processEvents()
        panels = sum(len(p.panels) for p in view.build.patterns)
        step = iter(range(10_000))

        def frame(step: object = step) -> None:
            view.show_fraction(0.2 + 0.6 * (next(step) % 100) / 100)
            view.picture(smooth=False)

        times = timed(frame, 60)
        print(
            f"{panels} panels folding at 800 x 600: {1000 / median(times):.0f} frames/s (budget 40 at 100 "
            f"panels)")


def pan() -> None:
    """Panning a flat of 20,000 strokes."""
    from PySide6.QtTest import QTest

    from bench.files import many
    from mingei.app.tiles import Tiles

    app, window = _window()
    flat = window.draft().flat
    flat.tiles = Tiles(many(20_000).strokes)
    flat._fit_to(__import__("mingei.core.plane.shape", fromlist=["Box"]).Box(0, 0, 280, 380))
    QTest.qWait(4000)  # what a window does first is no part of panning

    def move() -> None:
        flat.pan(9, 5)
        app.processEvents()

    times = timed(move, 40)
    print(f"20,000 strokes panned: median {median(times):.1f} ms (budget 20), p95 {p95(times):.1f} ms")


def loop() -> None:
    """The longest the event loop stands still through a round of work."""
    from PySide6.QtCore import QTimer
    from PySide6.QtTest import QTest

    _app, window = _window()
    gaps: list[tuple[float, float, str]] = []
    last, doing = (time.thread_time(), time.perf_counter()), ""
    timer = QTimer()
    timer.setInterval(0)

    def tick() -> None:
        nonlocal last
        now = (time.thread_time(), time.perf_counter())
        gaps.append((1000 * (now[0] - last[0]), 1000 * (now[1] - last[1]), doing))
        last = now

    timer.timeout.connect(tick)
    timer.start()
    QTest.qWait(3000)  # stations are made ahead in the pauses
    gaps.clear()
    folder = Path(tempfile.mkdtemp())
    steps = [
        *((f"to {key}", lambda key=key: window.go(key))
          for key in ("brief", "sheets", "score", "build", "log", "start", "draft")),
        *((f"again to {key}", lambda key=key: window.go(key))
          for key in ("brief", "sheets", "start", "draft")),
        *((f"length {mm}", lambda mm=mm: window.document.set_measure("length", float(mm)))
          for mm in range(120, 160, 4)),
        ("checks", lambda: window.actions_["checks"].setChecked(True)),
        *((f"fold {i}", lambda i=i: window.document.fold(i / 20)) for i in range(20)),
        ("tuck", lambda: window.document.set_seam(window.document.seam_in_force("front tab")._replace(
            joint="tuck"))),
        ("undo", lambda: window.document.undo.undo()),
        ("lamp", lambda: window.change_light("lamp")),
        ("day", lambda: window.change_light("day")),
        ("export", lambda: window.desk.export_to(folder / "x.pdf")),
        ("export dxf", lambda: (window.document.set_sheet("A3"), window.desk.export_to(folder / "x.svg"))),
        ("save", lambda: window.desk.save_to(folder / "x.mingei")),
    ]
    for name, act in steps:
        doing = name
        QTimer.singleShot(0, act)
        QTest.qWait(160)
    print("longest work between two turns of the event loop (budget 50 ms): "
          + ", ".join(f"{ms:.0f} ms ({name})" for ms, _, name in sorted(gaps, reverse=True)[:5]))
    print("longest by the clock, the machine's own pauses included: "
          + ", ".join(f"{ms:.0f} ms ({name})" for _, ms, name in sorted(gaps, key=lambda g: -g[1])[:3]))
    window.document.undo.setClean()


def pictures() -> None:
    """Small pictures without OpenGL."""
    from mingei.app import theme
    from mingei.app.pictures import picture

    _app, window = _window()
    build = window.document.build
    ms = timed(lambda: picture.__wrapped__(build, 650, 500, 1.0, theme.tokens()), 5)
    print(f"picture of a thing, 650 x 500: {median(ms):.0f} ms")
