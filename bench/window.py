"""The window: starting, following a changed measure, turning the model, panning, and never standing still."""

from __future__ import annotations

import os
import subprocess
import sys
import tempfile
import time
from pathlib import Path

from bench import median, p95, timed, within


def settle(ms: int) -> None:
    """Let the window work for so long, and what goes on in the background with it."""
    from PySide6.QtCore import QEventLoop, QTimer

    loop = QEventLoop()
    QTimer.singleShot(ms, loop.quit)
    loop.exec()


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
        f"bare window painted {base:.0f} ms; ours {median(painted):.0f} ms, ready to edit "
        f"{median(ready):.0f} ms,"
          f" folded view and facts shown {median(everything):.0f} ms = {median(everything) / base:.2f} x")
    print(within("painted", median(painted) / base, 1.5, "x"),
          within("ready", median(ready) / base, 3.0, "x"),
          within("resident", memory, 220.0, "MB"), sep="; ")


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
    """A measure changed: how long until the fields and the flat are drawn anew, and how long until the folded
    view, the facts and the checks are; beside a bare window of the same size redrawn."""
    app, window = _window()
    document, draft = window.document, window.draft()
    from PySide6.QtWidgets import QLabel

    from mingei.core.document.project import new_brief
    from mingei.core.recipes import recipes

    bare = QLabel("bare")
    bare.resize(window.size())
    bare.show()
    app.processEvents()

    def redraw() -> None:
        bare.repaint()

    redrawn = median(timed(redraw, 40))
    bare.close()
    print(f"a bare window redrawn: {redrawn:.1f} ms")
    few: list[float] = []
    for recipe in recipes().values():
        document.change_brief(new_brief(recipe.id), recipe.title)
        settle(50)  # what the last recipe leaves behind is cleared away
        name, start = next((m.name, float(m.default)) for m in recipe.measures if m.kind == "length")
        flat_ms, whole_ms = _changed(app, document, draft, name, start, 30)
        patterns = document.build.patterns
        one = len(patterns) == 1
        few += flat_ms if one else []
        print(f"  {recipe.id:17} {len(patterns)} pieces, {sum(len(p.panels) for p in patterns):3} panels: "
              + within(f"{recipe.id} flat and fields", median(flat_ms), 16.0 if one else 33.0) + "; "
              + within(f"{recipe.id} folded and checks", median(whole_ms), 33.0 if one else 66.0))
    print(within("flat and fields, one piece, over all", median(few), 16.0))
    window.document.undo.setClean()


def _changed(app: object, document: object, draft: object, name: str, start: float,
             times: int) -> tuple[list[float], list[float]]:
    """Milliseconds until fields and flat are painted, and until all is: what settles after a change does so
    once they are."""
    painted: list[float] = []
    document._settling.timeout.disconnect(document.settle)

    def settle() -> None:
        painted.append(time.perf_counter())
        document.settle()

    document._settling.timeout.connect(settle)
    flat_ms, whole_ms = [], []
    # another one each time, and none far from the usual
    for i in range(times + 5):
        painted.clear()
        begin = time.perf_counter()
        document.set_measure(name, start + 0.02 * (i + 1))
        app.processEvents()
        app.processEvents()
        end = time.perf_counter()
        if i >= 5:
            flat_ms.append(1000 * (painted[0] - begin))
            whole_ms.append(1000 * (end - begin))
    document._settling.timeout.disconnect(settle)
    document._settling.timeout.connect(document.settle)
    return flat_ms, whole_ms


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
        words = f"{panels} panels folding at 800 x 600"
        print(within(words, 1000 / median(times), 40.0, "frames/s", least=True) if panels <= 120
              else f"{words}: {1000 / median(times):.0f} frames/s")


def pan() -> None:
    """Panning a flat of 20,000 strokes."""

    from bench.files import many
    from mingei.app.tiles import Tiles

    app, window = _window()
    flat = window.draft().flat
    flat.tiles = Tiles(many(20_000).strokes)
    flat._fit_to(__import__("mingei.core.plane.shape", fromlist=["Box"]).Box(0, 0, 280, 380))
    settle(4000)  # what a window does first is no part of panning

    def move() -> None:
        flat.pan(9, 5)
        app.processEvents()

    times = timed(move, 40)
    print(within("20,000 strokes panned", median(times), 20.0), f"p95 {p95(times):.1f} ms", sep=", ")


def pages() -> None:
    """A hundred pages scrolled."""

    from mingei.core.document.project import new_brief

    app, window = _window()
    from dataclasses import replace

    many = tuple(replace(new_brief("carton", {"length": 160.0 + i / 10, "width": 60.0}), name=f"carton {i}")
                 for i in range(100))
    window.document.open(replace(window.document.project, briefs=many))
    window.go("sheets")
    settle(3000)
    view = window.stations["sheets"].view
    bar = view.parentWidget().parentWidget().verticalScrollBar()
    steps = iter(range(1, 10_000))

    def scroll() -> None:
        bar.setValue(min(bar.maximum(), 37 * next(steps)))
        app.processEvents()

    times = timed(scroll, 60)
    print(f"{len(view.pages)} pages; " + within("scrolled a step", median(times), 16.7),
          f"p95 {p95(times):.1f} ms",
          sep=", ")
    window.document.undo.setClean()


def large() -> None:
    """A kit of two hundred things opened, and edited."""
    from dataclasses import replace

    from mingei.app.desk import Desk
    from mingei.core.document.project import Project, new_brief
    from mingei.core.recipes import recipes

    app, window = _window()
    made = [new_brief(list(recipes())[i % 12]) for i in range(200)]
    project = Project("many", tuple(replace(b, name=f"{b.name} {i + 1}") for i, b in enumerate(made)))
    begin = time.perf_counter()
    window.document.open(project)
    app.processEvents()
    print(within("a kit of 200 things opened", time.perf_counter() - begin, 2.0, "s"))
    document, draft = window.document, window.draft()
    flat_ms, whole_ms = _changed(app, document, draft, "length", 120.0, 20)
    print(within("flat and fields in it", median(flat_ms), 16.0),
          within("folded and checks", median(whole_ms),
                                                                         33.0), sep="; ")
    assert Desk
    window.document.undo.setClean()


def loop() -> None:
    """The longest the event loop stands still through a round of work."""
    from PySide6.QtCore import QTimer

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
    settle(3000)  # stations are made ahead in the pauses
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
        settle(160)
    print(within("longest work between two turns of the event loop", max(gaps)[0], 50.0), "longest:",
          ", ".join(f"{ms:.0f} ms ({name})" for ms, _, name in sorted(gaps, reverse=True)[:5]))
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
