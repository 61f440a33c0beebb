"""Hostile and broken input: whatever it is, one sentence, no trace, in time; nothing is written that cannot
be read again."""

from __future__ import annotations

import contextlib
import io
import os
import random
import signal
import time
import unittest
import xml.etree.ElementTree as ET
from dataclasses import replace
from itertools import count
from pathlib import Path
from tempfile import TemporaryDirectory

from mingei.cli import main
from mingei.core.check import run
from mingei.core.covering.art import Art, Fill, Raster
from mingei.core.document.project import Project, new_brief, new_project
from mingei.core.errors import MingeiError
from mingei.core.layout.place import arrange
from mingei.core.picture.tracing import Wanted
from mingei.core.plane import contour
from mingei.core.sizing.scale import scaled
from mingei.core.whole.joined import builds_of
from mingei.formats import artwork, mesh_file, picture_file, project_file, recovery, stock_file, svg_outline
from mingei.formats.export import _loads, export
from tests.hostile import (
    as_json,
    bent,
    mutated,
    one_sentence,
    some_drawing,
    some_mesh,
    some_picture,
    some_project,
    some_shapes,
    some_words,
    survey,
)

SOAK = bool(os.environ.get("MINGEI_SOAK"))


def seeds(quick: int, long: int) -> range:
    """So many, the same every time; in a long run more, from anywhere."""
    if not SOAK:
        return range(quick)
    start = random.randrange(1 << 40)
    return range(start, start + int(os.environ.get("MINGEI_SOAK_CASES", long)))


def used(project: Project, rng: random.Random, folder: Path) -> None:
    """A project taken through what a person would do with it."""
    again = project_file.loads(project_file.dumps(project))
    assert again == project
    builds = builds_of(project)
    for made in builds:
        for finding in run(made, project.paper):
            assert finding.sentence
    arrange(_loads(project, ""), project.paper, project.spots)
    try:
        larger = scaled(project.briefs[0], rng.choice((0.05, 0.5, 2.0, 30.0)))
        fresh = project.with_brief(0, larger)
        assert project_file.loads(project_file.dumps(fresh)) == fresh
    except MingeiError as error:
        assert one_sentence(error), error
    if rng.random() < 0.25:
        try:
            export(project, folder / f"x.{rng.choice(('pdf', 'svg', 'dxf', 'fold', 'csv'))}")
        except MingeiError as error:
            assert one_sentence(error), error


def hostile_project(seed: int) -> None:
    rng = random.Random(seed)
    data = some_project(rng)
    text = as_json(mutated(data, rng)) if rng.random() < 0.8 else bent(as_json(data), rng)
    try:
        project = project_file.loads(text)
    except MingeiError as error:
        assert one_sentence(error), error
        return
    with TemporaryDirectory() as name:
        used(project, rng, Path(name))


def hostile_stocks(seed: int) -> None:
    rng = random.Random(seed)
    data = {
        "mingei-stocks": 1,
        "stocks": some_project(rng)["stocks"],
        "printers": [{"name": "x", "margin": 5.0}],
        "offcuts": [{"stock": "card-220", "width": 50, "height": 9}],
    }
    with TemporaryDirectory() as name:
        path = Path(name) / "stocks.json"
        path.write_bytes(as_json(mutated(data, rng)) if rng.random() < 0.8 else bent(as_json(data), rng))
        try:
            cabinet = stock_file.load(path)
        except MingeiError as error:
            assert one_sentence(error), error
            return
        stock_file.save(cabinet, path)
        assert stock_file.load(path) == cabinet


def hostile_recovery(seed: int) -> None:
    rng = random.Random(seed)
    data = {"process": 0, "path": "/nowhere/x.mingei", "project": some_project(rng)}
    data["process"] = 2**22 + 1  # larger than any process of this system
    with TemporaryDirectory() as name:
        folder = Path(name)
        (folder / "good.json").write_bytes(as_json(data))
        (folder / "odd.json").write_bytes(
            as_json(mutated(data, rng)) if rng.random() < 0.8 else bent(as_json(data), rng)
        )
        left = recovery.left_behind(folder)
        assert any(o.kept_in.name == "good.json" for o in left.orphans)
        for orphan in left.orphans:
            orphan.on_disk()


def hostile_outline(seed: int) -> None:
    data = some_drawing(random.Random(seed))
    try:
        found = svg_outline.read(data)
    except MingeiError as error:
        assert one_sentence(error), error
        return
    brief = new_brief("card-outline")
    try:
        shape = contour.write_shape((found.outline, *found.inner))
        fresh = new_project(brief.with_measures({"shape": "own", "outline": shape}))
        assert project_file.loads(project_file.dumps(fresh)) == fresh
    except MingeiError as error:
        assert one_sentence(error), error


def hostile_picture(seed: int) -> None:
    rng = random.Random(seed)
    with TemporaryDirectory() as name:
        drawn = rng.random() < 0.4
        path = Path(name) / ("picture.svg" if drawn else rng.choice(("picture.png", "picture.jpg")))
        if drawn:
            path.write_bytes(some_drawing(rng))
        else:
            some_picture(rng, path)
        try:
            picture = artwork.load(path)
            artwork.read_through(picture)
            if isinstance(picture, Raster):
                artwork.preview(picture, 32)
        except MingeiError as error:
            assert one_sentence(error), error
        brief = new_brief("tray")
        fill = rng.choice(list(Fill))
        art = Art("picture", "tray", "", source=str(path), fill=fill, width=rng.choice((1.0, 20.0, 300.0)))
        project = new_project(brief.with_art(art))
        for ending in ("svg", "pdf"):
            export(project, Path(name) / f"out.{ending}")
        ET.parse(Path(name) / "out.svg")


def hostile_mesh(seed: int) -> None:
    rng = random.Random(seed)
    with TemporaryDirectory() as name:
        path = some_mesh(rng, Path(name))
        try:
            taken = mesh_file.load(path, rng.choice((20, 60, 300)), rng.choice("yz"),
                                   merge_deg=rng.choice((0.0, 0.5, 8.0)))
            brief = new_brief("mesh", {"mesh": taken.text, "height": rng.choice((20.0, 150.0, 900.0))})
            fresh = new_project(mesh_file.with_picture(brief, taken, folder=Path(name)))
            assert project_file.loads(project_file.dumps(fresh)) == fresh
            (made,) = builds_of(fresh)
            assert all(c.closes for c in made.closures), [str(c) for c in made.closures if not c.closes][:3]
        except MingeiError as error:
            assert one_sentence(error), error


def hostile_figure(seed: int) -> None:
    rng = random.Random(seed)
    with TemporaryDirectory() as name:
        path = Path(name) / rng.choice(("picture.png", "picture.jpg"))
        if rng.random() < 0.6:
            some_shapes(rng, path)
        else:
            some_picture(rng, path)
        wanted = Wanted(rng.choice((20.0, 300.0, 1800.0)), rng.choice((0.0, 40.0, 441.0)), (),
                        rng.random() < 0.5, rng.choice((0.0, 3.0, 40.0)), rng.choice((0.1, 0.5, 5.0)),
                        rng.choice((0.0, 3.0, 30.0)), rng.random() < 0.5, rng.choice((0.0, 20.0)),
                        rng.choice((0.0, 80.0)))
        try:
            seen = picture_file.look([path])
            made = picture_file.kept(seen, picture_file.cut_out(seen, wanted), Path(name))
            brief = picture_file.brief_of(made, "figure", picture_file.tall(made))
            fresh = new_project(brief.with_art(picture_file.art_of(made)))
            assert project_file.loads(project_file.dumps(fresh)) == fresh
            builds_of(fresh)
        except MingeiError as error:
            assert one_sentence(error), error


def hostile_arguments(seed: int) -> None:
    rng = random.Random(seed)
    with TemporaryDirectory() as name, contextlib.chdir(name):
        words = some_words(rng)
        out, err = io.StringIO(), io.StringIO()
        with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
            try:
                code = main(words)
            except SystemExit as leaving:  # --help and --version
                code = int(leaving.code or 0)
        said = err.getvalue()
        assert code in (0, 1, 2), (words, code)
        assert "something went wrong" not in said, (words, said)
        if code == 2:
            assert said.startswith("mingei: ") and len(said.splitlines()) == 1, (words, said)
            assert len(said) < 1000, (words, said)
        for path in Path(name).glob("*.mingei"):
            if path.name.startswith("out"):
                project_file.load(path)


class Hostile(unittest.TestCase):
    def all_is_well(self, wrong: list[str]) -> None:
        self.assertEqual(wrong, [], "\n".join(wrong[:10]))

    def test_any_project_is_read_or_refused(self) -> None:
        self.all_is_well(survey(hostile_project, seeds(150, 20_000)))

    def test_any_cabinet_is_read_or_refused(self) -> None:
        self.all_is_well(survey(hostile_stocks, seeds(100, 5_000)))

    def test_any_kept_work_is_read_or_set_aside_and_hides_no_other(self) -> None:
        self.all_is_well(survey(hostile_recovery, seeds(40, 3_000)))

    def test_any_drawing_gives_an_outline_or_is_refused(self) -> None:
        self.all_is_well(survey(hostile_outline, seeds(80, 3_000)))

    def test_any_picture_is_printed_or_is_missed_with_a_word(self) -> None:
        self.all_is_well(survey(hostile_picture, seeds(40, 1_000)))

    def test_any_mesh_becomes_a_model_that_closes_or_is_refused(self) -> None:
        self.all_is_well(survey(hostile_mesh, seeds(40, 1_000)))

    def test_any_picture_becomes_a_figure_or_is_refused(self) -> None:
        self.all_is_well(survey(hostile_figure, seeds(30, 500)))

    def test_any_command_line_does_something_or_is_refused_in_one_sentence(self) -> None:
        # to publish two things of eighty steps on two papers takes twenty seconds
        # a command may draw a whole house on the smallest paper
        self.all_is_well(survey(hostile_arguments, seeds(60, 3_000), seconds=120.0))

    def test_whenever_saving_is_killed_the_file_is_whole(self) -> None:
        rng = random.Random(5)
        with TemporaryDirectory() as name:
            path = Path(name) / "thing.mingei"
            briefs = [new_brief("tray", {"length": 60.0 + i}) for i in range(20)]
            projects = [new_project(replace(b, notes="x" * 20_000)) for b in briefs]
            project_file.save(projects[0], path)
            for _ in range(300 if SOAK else 25):
                child = os.fork()
                if not child:
                    try:
                        for i in count():
                            project_file.save(projects[i % 20], path)
                    finally:
                        os._exit(1)
                time.sleep(rng.uniform(0.0, 0.02))
                os.kill(child, signal.SIGKILL)
                os.waitpid(child, 0)
                for kept in (path, path.with_name("thing.mingei~")):
                    if kept.exists():
                        self.assertIn(project_file.load(kept), projects)
            project_file.save(projects[0], path)  # clears what the killed ones left
            self.assertEqual({p.name for p in Path(name).iterdir()}, {"thing.mingei", "thing.mingei~"})
