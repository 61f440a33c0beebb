"""A whole kit exported: into a folder, by kind, by sheet; what the window offers; faults said like refusals;
unknown words kept."""

from __future__ import annotations

import json
from dataclasses import replace
from pathlib import Path
from unittest import mock

import pypdfium2

from mingei.app import exporting
from mingei.core.document.build import loads_of_all
from mingei.core.document.project import Project, new_brief, new_project
from mingei.core.layout.place import lay_out
from mingei.core.whole.joined import builds_of
from mingei.formats import project_file
from tests.support import InFolder
from tests.test_cli import run
from tests.windows import WindowTest, settle


def kit() -> Project:
    """A tray, a box of two pieces and two cartons, on A4."""
    briefs = (new_brief("tray", name="Tray / small"), new_brief("lid-base", name="Box"),
              replace(new_brief("carton", name="Carton"), copies=2))
    return replace(new_project(briefs[0], "Kit"), briefs=briefs)


def sheets_of(project: Project) -> int:
    return len(lay_out(loads_of_all(builds_of(project)), project.paper, project.spots))


class Whole(InFolder):
    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "kit.mingei"
        self.kit = kit()
        project_file.save(self.kit, self.path)

    def test_a_folder_takes_every_piece_and_every_sheet(self) -> None:
        code, out, err = run("export", self.path, "--to", f"{self.folder}/out/")
        self.assertEqual((code, err), (0, ""))
        found = sorted(p.name for p in (self.folder / "out").iterdir())
        pieces = sum(len(b.patterns) for b in builds_of(self.kit))
        self.assertEqual(len(found), 3 * (pieces + sheets_of(self.kit)))
        self.assertEqual({Path(n).suffix for n in found}, {".svg", ".dxf", ".pdf"})
        for name in found:
            self.assertNotRegex(name, r'[/\\:*?"<>|]')
            self.assertGreater((self.folder / "out" / name).stat().st_size, 100)
        self.assertEqual(sorted(Path(line).name for line in out.splitlines()), found)

    def test_only_the_kinds_asked_for_are_written(self) -> None:
        self.assertEqual(run("export", self.path, "--to", f"{self.folder}/out/", "--kind", "dxf",
                             "--layout")[0], 0)
        self.assertEqual(len(list((self.folder / "out").glob("*.dxf"))), sheets_of(self.kit))
        self.assertEqual(len(list((self.folder / "out").iterdir())), sheets_of(self.kit))
        code, _, err = run("export", self.path, "--to", f"{self.folder}/out/", "--kind", "png")
        self.assertEqual(code, 2)
        self.assertIn("svg", err)

    def test_only_the_sheets_asked_for_are_printed(self) -> None:
        self.assertEqual(run("export", self.path, "--to", self.folder / "two.pdf", "--sheet-no", "2")[0], 0)
        with pypdfium2.PdfDocument(self.folder / "two.pdf") as paper:
            self.assertEqual(len(paper), 1)
        code, _, err = run("export", self.path, "--to", self.folder / "none.pdf", "--sheet-no", "99")
        self.assertEqual(code, 2)
        self.assertIn(str(sheets_of(self.kit)), err)
        self.assertFalse((self.folder / "none.pdf").exists())

    def test_several_sheets_give_a_file_each(self) -> None:
        self.assertEqual(run("export", self.path, "--to", self.folder / "kit.pdf", "--sheet", "A4,Letter")[0],
                         0)
        self.assertEqual(len(list(self.folder.glob("kit*.pdf"))), 2)

    def test_several_sheets_into_a_folder_give_a_folder_each(self) -> None:
        self.assertEqual(run("export", self.path, "--to", f"{self.folder}/out/", "--sheet", "A4,A3",
                             "--kind", "dxf", "--layout")[0], 0)
        a4, a3 = (len(list((self.folder / "out" / name).glob("*.dxf"))) for name in ("A4", "A3"))
        self.assertEqual(a4, sheets_of(self.kit))
        self.assertTrue(0 < a3 < a4)

    def test_more_sheets_than_are_written_at_once_are_refused_and_some_of_them_are_written(self) -> None:
        with mock.patch("mingei.formats.export.MOST_PAGES", 1):
            code, _, err = run("export", self.path, "--to", self.folder / "all.pdf")
            self.assertEqual((code, len(err.splitlines())), (2, 1))
            self.assertFalse((self.folder / "all.pdf").exists())
            two = self.folder / "two.pdf"
            self.assertEqual(run("export", self.path, "--to", two, "--sheet-no", "2")[0], 0)

    def test_a_name_that_is_none_is_refused(self) -> None:
        for to in ("", "  "):
            code, out, err = run("export", self.path, "--to", to)
            self.assertEqual((code, out), (2, ""))
            self.assertIn("--to", err)

    def test_a_fault_of_mingei_itself_is_one_sentence_and_is_kept(self) -> None:
        with mock.patch("mingei.commands.sheets.export", side_effect=ZeroDivisionError("x")), \
                mock.patch("platformdirs.user_state_path", return_value=self.folder / "state"):
            code, out, err = run("export", self.path, "--to", self.folder / "x.pdf")
        self.assertEqual((code, out), (2, ""))
        self.assertEqual(len(err.splitlines()), 1)
        self.assertIn("ZeroDivisionError", err)
        self.assertTrue(any("ZeroDivisionError" in p.read_text() for p in (self.folder / "state").rglob("*")
                            if p.is_file()))

    def test_what_a_file_says_besides_is_kept_wherever_it_stands(self) -> None:
        data = json.loads(project_file.dumps(self.kit))
        data["briefs"][0]["amendments"] = [
            {"kind": "opening", "name": "w", "panel": "front", "shape": "round", "width": 5, "later": 1},
            {"kind": "trim", "panel": "front", "round_mm": 2, "later": [2]},
            {"kind": "overlay", "name": "mat", "panel": "base", "later": {"x": 3}},
            {"kind": "seam", "seam": "front left tab", "joint": "tape", "later": "4"},
            {"kind": "splice", "piece": "tray", "turn_deg": 90, "share": 0.5, "later": None},
        ]
        data["briefs"][0]["artwork"] = [{"name": "a", "piece": "tray", "words": "x", "later": True}]
        data["stocks"][0]["later"] = 7
        names = {s["seam"] for s in data["briefs"][0]["amendments"] if s["kind"] == "seam"}
        seams = [seam.name for piece in builds_of(self.kit)[0].draft.pieces for seam in piece.seams]
        data["briefs"][0]["amendments"][3]["seam"] = seams[0]
        self.assertEqual(len(names), 1)
        again = json.loads(project_file.dumps(project_file.loads(json.dumps(data).encode())))
        first = again["briefs"][0]
        self.assertEqual({a["kind"]: a["later"] for a in first["amendments"]},
                         {"opening": 1, "trim": [2], "overlay": {"x": 3}, "seam": "4", "splice": None})
        self.assertIs(first["artwork"][0]["later"], True)
        self.assertEqual(again["stocks"][0]["later"], 7)


class Offered(WindowTest):
    def test_a_format_of_one_drawing_asks_what_shall_be_written(self) -> None:
        project = kit()
        found = exporting.choices(project, ".dxf")
        pieces = sum(len(b.patterns) for b in builds_of(project))
        self.assertEqual(len(found), 3 + pieces + sheets_of(project))
        self.assertEqual([c.folder for c in found[:4]], [True, True, True, False])
        self.assertEqual(len(exporting.choices(project, ".pdf")), 1)
        alike = project.with_briefs((*project.briefs, new_brief("tray", name="Tray / small")))
        words = [c.words for c in exporting.choices(alike, ".dxf")]
        self.assertEqual(len(words), len(set(words)))
        self.assertEqual(len(exporting.choices(new_project(new_brief("tray")), ".svg")), 1)

    def test_every_piece_is_written_into_a_folder_and_it_is_said(self) -> None:
        document, desk = self.window.document, self.window.desk
        document.change(kit(), "a kit", current=0)
        out = self.folder / "pieces.svg"
        with mock.patch("PySide6.QtWidgets.QFileDialog.getSaveFileName",
                        return_value=(str(out), "SVG (*.svg)")), \
                mock.patch("mingei.app.exporting.pick", return_value=1):
            desk.export()
            for _ in range(200):
                settle(50)
                if ((self.folder / "pieces").is_dir() and len(list((self.folder / "pieces").glob("*.svg")))
                    == 4):
                    break
        self.assertEqual(len(list((self.folder / "pieces").glob("*.svg"))),
                         sum(len(b.patterns) for b in builds_of(kit())))
