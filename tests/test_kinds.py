"""Kinds of amendment: all that is done with one comes from its module."""

from __future__ import annotations

import contextlib
import json
import unittest
from collections.abc import Sequence
from dataclasses import replace
from typing import NamedTuple
from unittest import mock

from hypothesis import given

from mingei.core import kinds
from mingei.core.amendments.amend import SeamChange
from mingei.core.amendments.opening import Opening, Trim
from mingei.core.amendments.split import Split
from mingei.core.check import run
from mingei.core.covering.overlay import Overlay
from mingei.core.data import forms
from mingei.core.data.extra import Extra
from mingei.core.document.build import build
from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import Project, differences, new_brief, new_project
from mingei.core.draft import Draft
from mingei.core.errors import MeasureError, MingeiError, ProjectError
from mingei.core.kinds import Amendment, Kind, some
from mingei.core.kinds.tongue import Tongue
from mingei.core.kinds.trace import Trace
from mingei.core.kinds.work import Work
from mingei.core.layout.sheets import find_sheet
from mingei.core.sizing.scale import scaled
from mingei.core.stock import find_stock
from tests.strategies import documents

CARD = find_stock("card-220")


class Rename(NamedTuple):
    """A piece called otherwise by so many letters: a kind of amendment as a newcomer would add it."""

    piece: str
    letters: float = 3.0
    extra: Extra = ()


def _check(rename: Rename) -> None:
    if not 1 <= rename.letters <= 20:
        raise MeasureError("so many letters are no name", rename.piece, "use 1 to 20")


def _shapes(draft: Draft, amendments: Sequence[Amendment]) -> Draft:
    wanted = {r.piece: "x" * round(r.letters) for r in some(amendments, Rename)}
    return replace(draft, pieces=tuple(replace(p, name=wanted.get(p.name, p.name)) for p in draft.pieces))


KIND = Kind(word="rename", record=Rename, of="piece", always=("piece",), differ="names",
            check=_check, grown=lambda r, factor: r._replace(letters=r.letters * factor), shapes=_shapes,
            order=60)


class Kinds(unittest.TestCase):
    def setUp(self) -> None:
        every = {**kinds.kinds(), "rename": KIND}
        for place in ("mingei.core.kinds.kinds", "mingei.core.document.project.kinds"):
            known = mock.patch(place, return_value=every)
            known.start()
            self.addCleanup(known.stop)

    def test_a_kind_of_ones_own_is_put_undone_built_saved_scaled_and_told(self) -> None:
        plain = new_brief("tray", stock=CARD)
        brief = plain.amended(Rename("tray", 4.0))
        self.assertEqual(brief.amended(Rename("tray", 5.0)).amendments, (Rename("tray", 5.0),))
        self.assertEqual(brief.without(Rename, "tray"), plain)
        self.assertEqual([p.name for p in build(brief, CARD).patterns], ["xxxx"])
        project = new_project(brief)
        self.assertEqual(to_data(project)["briefs"][0]["amendments"],
                         [{"kind": "rename", "piece": "tray", "letters": 4.0}])
        self.assertEqual(from_data(json.loads(json.dumps(to_data(project)))), project)
        self.assertEqual(scaled(brief, 2.0).amendments, (Rename("tray", 8.0),))
        self.assertIn("Tray: names differ", differences(new_project(plain), project))

    def test_what_it_refuses_is_refused_everywhere(self) -> None:
        brief = new_brief("tray", stock=CARD)
        self.assertRaises(MeasureError, brief.amended, Rename("tray", 50.0))
        self.assertRaises(MeasureError, scaled, brief.amended(Rename("tray", 4.0)), 10.0)
        data = to_data(new_project(brief.amended(Rename("tray", 4.0))))
        for key, value in (("letters", 50), ("letters", "x"), ("letters", True), ("piece", 3)):
            broken = json.loads(json.dumps(data))
            broken["briefs"][0]["amendments"][0][key] = value
            with self.assertRaises(ProjectError) as caught:
                from_data(broken)
            self.assertIn("briefs[0].amendments[0]", str(caught.exception))


class Order(unittest.TestCase):
    def test_the_order_in_which_things_were_done_is_kept(self) -> None:
        data = to_data(new_project(new_brief("tray", stock=CARD)))
        mixed = [{"kind": "overlay", "name": "o", "panel": "base", "part": "mats"},
                 {"kind": "trim", "panel": "front", "round_mm": 2.0, "notch_mm": 0.0, "later": 1},
                 {"kind": "seam", "seam": "front left tab", "joint": "tuck", "moved": False},
                 {"kind": "opening", "name": "a", "panel": "base", "shape": "round", "width": 5.0}]
        data["briefs"][0]["amendments"] = mixed
        self.assertEqual(to_data(from_data(data))["briefs"][0]["amendments"], mixed)

    @given(documents())
    def test_every_record_is_read_back_from_its_form(self, project: Project) -> None:
        for brief in project.briefs:
            for each in brief.amendments:
                self.assertEqual(kinds.from_data(json.loads(json.dumps(kinds.as_data(each))), "here"), each)
            for art in brief.arts:
                self.assertEqual(forms.read(type(art), forms.written(art, ("name", "piece")), "here"), art)

    def test_a_record_that_lacks_what_it_needs_says_what(self) -> None:
        with self.assertRaises(ProjectError) as caught:
            kinds.from_data({"kind": "opening", "name": "a"}, "briefs[0].amendments[2]")
        self.assertIn("briefs[0].amendments[2]", str(caught.exception))
        self.assertIn("panel", str(caught.exception))


class SetAside(unittest.TestCase):
    def test_what_has_no_place_any_more_is_left_out_told_and_comes_back_with_its_place(self) -> None:
        brief = new_brief("flat-figure", {"shape": "polygon", "sides": 8.0})
        panel = next(p for piece in brief.drafted.pieces for p in piece.panels if len(p.outline) == 8)
        on = brief.amended(Tongue(panel.name, 7, 2.0, 8.0, 5.0))
        for change in ({"sides": 4.0}, {"sides": 8.0}):
            made = on.with_measures(change).sound()
            found = [f for f in run(build(made, find_stock(made.stock)), find_sheet("A3"))
                     if f.code == "set-aside"]
            self.assertEqual(len(found), int(change["sides"] == 4.0))
            self.assertEqual(made.amendments, on.amendments)
            self.assertIsNotNone(build(made, find_stock(made.stock)).plan)
        gone = on.with_measures({"sides": 4.0})
        (finding,) = [f for f in run(build(gone, find_stock(gone.stock)), find_sheet("A3"))
                      if f.code == "set-aside"]
        self.assertEqual(finding.fix.brief.amendments, ())

    def test_every_kind_put_on_a_panel_that_is_not_there_is_told_or_refused_and_never_a_fault(self) -> None:
        for amendment in (Tongue("nowhere", 0, 1.0, 9.0, 5.0), Trace("t", "nowhere", "0,0 9,0 9,9"),
                          Trim("nowhere", 3.0), Work("w", "Do it.", "nowhere"), Opening("o", "nowhere"),
                          Overlay("m", "nowhere"), Split("nowhere"), SeamChange("nowhere", "tape")):
            brief = replace(new_brief("tray"), amendments=(amendment,))
            with contextlib.suppress(MingeiError):
                made = build(brief.sound(), find_stock(brief.stock))
                self.assertTrue(made.plan.steps)
                self.assertTrue(run(made, find_sheet("A3")))

