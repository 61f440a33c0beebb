"""The command line, as a person or a script meets it."""

from __future__ import annotations

import contextlib
import io
import json
import os
import subprocess
import sys
import tempfile
from dataclasses import replace
from pathlib import Path
from unittest import mock

from mingei.cli import main
from mingei.core.cabinet.stocks import Cabinet
from mingei.core.stock import Stock
from mingei.formats import project_file, stock_file
from tests.support import InFolder


def run(*words: str | Path) -> tuple[int, str, str]:
    """Exit code, stdout, stderr."""
    out, err = io.StringIO(), io.StringIO()
    with contextlib.redirect_stdout(out), contextlib.redirect_stderr(err):
        code = main([str(w) for w in words])
    return code, out.getvalue(), err.getvalue()


class Working(InFolder):
    def new(self, *words: str) -> Path:
        path = self.folder / "x.mingei"
        code, _, err = run("new", "carton", *words, "-o", path)
        self.assertEqual((code, err), (0, ""))
        return path

    def test_from_measures_to_every_format(self) -> None:
        path = self.new(
            "--set", "length=140mm", "--set", "width=1 1/4 in", "--set", "height=18", "--stock", "card-300"
        )
        self.assertEqual(project_file.load(path).briefs[0].values["width"], 31.75)
        for ending, head in ((".pdf", b"%PDF"), (".svg", b"<?xml"), (".dxf", b"  0"), (".fold", b"{")):
            out = self.folder / f"x{ending}"
            self.assertEqual(run("export", path, "--to", out), (0, f"{out}\n", ""))
            self.assertTrue(out.read_bytes().startswith(head))

    def test_sums_over_measures_given_before(self) -> None:
        path = self.new("--set", "length=200", "--set", "width= =length/5 + 2")
        self.assertEqual(project_file.load(path).briefs[0].values["width"], 42.0)

    def test_sheet_and_form_can_be_chosen(self) -> None:
        path = self.new()
        for words in (("--sheet", "Letter"), ("--layout",), ("--flat",), ("--piece", "carton")):
            self.assertEqual(run("export", path, "--to", self.folder / "y.svg", *words)[0], 0)

    def test_check_tells_errors_by_its_exit_code(self) -> None:
        self.assertEqual(run("check", self.new())[0], 0)
        code, out, _ = run("check", self.new("--set", "length=300"), "--json")
        self.assertEqual(code, 1)
        self.assertEqual(json.loads(out)[0]["severity"], "error")
        self.assertTrue(json.loads(out)[0]["remedy"])

    def test_recipes_as_json(self) -> None:
        code, out, _ = run("recipes", "--json")
        (carton,) = [r for r in json.loads(out) if r["id"] == "carton"]
        self.assertEqual(code, 0)
        self.assertEqual(carton["inside"], [140, 32, 18])
        for got, want in zip(carton["outside"], (141.6, 32.8, 19.2), strict=True):
            self.assertAlmostEqual(got, want)
        length = next(m for m in carton["measures"] if m["name"] == "length")
        self.assertEqual(
            length | {"doc": ""},
            {
                "name": "length",
                "kind": "length",
                "default": 140,
                "min": 20,
                "max": 600,
                "choices": [],
                "unit": "mm",
                "doc": "",
            },
        )
        self.assertEqual(
            next(m for m in carton["measures"] if m["name"] == "opening")["choices"], ["end", "side"]
        )

    def test_stock_as_json(self) -> None:
        listed = json.loads(run("stock", "--json")[1])
        self.assertGreaterEqual(len(listed), 40)
        for key in ("id", "name", "grammage_gsm", "caliper_mm", "crease_gain_mm", "sheets"):
            self.assertIn(key, listed[0])

    def test_lists_for_people(self) -> None:
        self.assertIn("carton: Slim carton", run("recipes")[1])
        self.assertIn("card-300", run("stock")[1])

    def test_as_a_module(self) -> None:
        result = subprocess.run(
            [sys.executable, "-m", "mingei", "--version"], capture_output=True, text=True, check=True
        )
        self.assertTrue(result.stdout.startswith("mingei "))


class Refusing(InFolder):
    def test_bad_input_is_one_sentence_and_nothing_is_written(self) -> None:
        good = self.folder / "good.mingei"
        run("new", "carton", "-o", good)
        broken = self.folder / "broken.mingei"
        broken.write_bytes(good.read_bytes()[:100])
        out = self.folder / "out.mingei"
        for words in (
            ("new", "carton", "--set", "length=0", "-o", out),
            ("new", "carton", "--set", "length=-5", "-o", out),
            ("new", "carton", "--set", "length=ten", "-o", out),
            ("new", "carton", "--set", "length=10 km", "-o", out),
            ("new", "carton", "--set", "length", "-o", out),
            ("new", "carton", "--set", "girth=3", "-o", out),
            ("new", "cartoon", "-o", out),
            ("new", "carton", "--stock", "gold", "-o", out),
            ("new", "carton", "--stock", "corrugated-b", "-o", out),
            ("new", "carton", "--sheet", "B9", "-o", out),
            ("new", "carton", "-o", self.folder / "out.txt"),
            ("new", "carton", "-o", self.folder / "no" / "out.mingei"),
            ("new", "carton"),
            ("export", good, "--to", self.folder / "out.doc"),
            ("export", good, "--to", self.folder / "out"),
            ("export", good, "--to", self.folder / "no" / "out.pdf"),
            ("export", good, "--to", self.folder / "out.pdf", "--sheet", "A6"),
            ("export", good, "--to", self.folder / "out.pdf", "--piece", "lid"),
            ("export", good, "--to", self.folder / "out.fold", "--piece", "lid"),
            ("export", broken, "--to", self.folder / "out.pdf"),
            ("export", self.folder / "none.mingei", "--to", self.folder / "out.pdf"),
            ("check", broken),
            ("check", self.folder),
            ("check",),
            ("window", "--what"),
            ("window", broken),
            ("nothing.mingei",),
        ):
            with self.subTest(words[:4]):
                code, printed, err = run(*words)
                self.assertEqual((code, printed), (2, ""), err)
                self.assertEqual(err.count("\n"), 1, err)
                self.assertTrue(err.startswith("mingei: ") and err.endswith(".\n"), err)
        self.assertEqual(sorted(p.name for p in self.folder.iterdir()), ["broken.mingei", "good.mingei"])

    def test_a_format_for_one_drawing_names_the_pieces_there_are(self) -> None:
        box = self.folder / "box.mingei"
        run("new", "lid-base", "-o", box)
        code, _, err = run("export", box, "--to", self.folder / "box.svg")
        self.assertEqual(code, 2)
        for name in ("base tray", "lid"):
            self.assertIn(name, err)

    def test_a_place_that_cannot_be_written_even_by_root(self) -> None:
        code, _, err = run("new", "carton", "-o", "/proc/x.mingei")
        self.assertEqual(code, 2)
        self.assertIn("/proc/x.mingei", err)


class OwnStocks(InFolder):
    def test_a_stock_of_ones_own_is_listed_found_and_used(self) -> None:
        own = Stock("cereal", "Cereal box", 320, 0.47)
        stock_file.save(Cabinet((own,)), self.folder / "mingei" / stock_file.NAME)
        with mock.patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder)}):
            _, out, _ = run("stock", "cereal", "--json")
            self.assertEqual([s["id"] for s in json.loads(out)], ["cereal"])
            path = self.folder / "a.mingei"
            self.assertEqual(run("new", "tray", "--stock", "cereal", "-o", path)[0], 0)
        self.assertEqual(project_file.load(path).stocks, (own,))

    def test_the_catalogue_is_found_by_the_words_people_use(self) -> None:
        with mock.patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder)}):
            _, out, _ = run("stock", "corrugated", "3mm", "--json")
        self.assertEqual([s["id"] for s in json.loads(out)], ["corrugated-b"])

    def test_a_broken_file_of_stocks_is_refused_by_name(self) -> None:
        (self.folder / "mingei").mkdir()
        (self.folder / "mingei" / stock_file.NAME).write_text("{", encoding="utf-8")
        with mock.patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder)}):
            code, out, said = run("stock")
        self.assertEqual((code, out), (2, ""))
        self.assertIn("stocks.json", said)


class Editing(InFolder):
    """What the window changes of a thing, written instead."""

    def setUp(self) -> None:
        super().setUp()
        self.path = self.folder / "t.mingei"
        self.assertEqual(run("new", "tray", "-o", self.path)[0], 0)

    def edit(self, *words: str) -> str:
        """The refusal, "" where there was none."""
        code, _, err = run("edit", self.path, *words, "--in-place")
        self.assertEqual(code, 2 if err else 0, err)
        return err

    def test_every_kind_of_amendment_is_put_changed_and_dropped(self) -> None:
        for put, change, field, value, drop in (
            (
                "opening name='window 1' panel=front width='1 in' height=8",
                "opening name='window 1' window=yes",
                "width",
                25.4,
                "opening window 1",
            ),
            ("trim panel=back round_mm=3", "trim panel=back notch_mm=15", "round_mm", 3.0, "trim back"),
            (
                "seam seam='front left tab' joint=tuck",
                "seam seam='front left tab' moved=yes",
                "joint",
                "tuck",
                "seam front left tab",
            ),
            ("split panel=front", "split panel=front", "panel", "front", "split front"),
            (
                "overlay name=mat panel=base border=4",
                "overlay name=mat inside=yes",
                "border",
                4.0,
                "overlay mat",
            ),
            (
                "splice piece=tray turn_deg=0 share=0.4",
                "splice piece=tray turn_deg=90 share=0.6",
                "share",
                0.4,
                "splice 1",
            ),
        ):
            with self.subTest(put):
                self.assertEqual(self.edit("--amend", put), "")
                self.assertEqual(self.edit("--amend", change), "")
                first = project_file.load(self.path).briefs[0].amendments[0]
                self.assertEqual(getattr(first, field), value)
                self.assertEqual(self.edit("--drop", drop), "")
                if drop == "splice 1":
                    self.assertEqual(self.edit("--drop", "splice 1"), "")
                self.assertEqual(project_file.load(self.path).briefs[0].amendments, ())

    def test_the_thing_itself_is_changed(self) -> None:
        self.assertEqual(
            self.edit(
                "--set",
                "length=150",
                "--set",
                "width= =length/2",
                "--copies",
                "3",
                "--name",
                "Box",
                "--notes",
                "for shells",
                "--stock",
                "card-220",
            ),
            "",
        )
        (brief,) = project_file.load(self.path).briefs
        self.assertEqual(
            (
                brief.values["length"],
                brief.values["width"],
                brief.copies,
                brief.name,
                brief.notes,
                brief.stock,
            ),
            (150.0, 75.0, 3, "Box", "for shells", "card-220"),
        )

    def test_what_cannot_be_is_refused_and_nothing_is_written(self) -> None:
        before = self.path.read_bytes()
        for words, named in (
            (("--amend", "opening name=a panel=fron"), "front"),
            (("--amend", "openin name=a"), "opening"),
            (("--amend", "opening widht=3"), "width"),
            (("--amend", "opening name='a"), "quotes"),
            (("--amend", ""), "quotes"),
            (("--amend", "opening name=a panel=front width=3 km"), "width"),
            (("--amend", "trim panel=front round_mm=x"), "round_mm"),
            (("--amend", "opening name=a panel=front window=maybe"), "yes"),
            (("--amend", "seam seam=zz joint=tab"), "front left tab"),
            (("--amend", "seam seam='front left tab' joint=nail"), "tape"),
            (("--drop", "opening a"), "opening"),
            (("--drop", "nail a"), "opening"),
            (("--thing", "Box"), "Tray"),
            (("--copies", "0"), "999"),
            (("--model", "0.5"), "1 to 1000"),
            (("--set", "length=9999"), "600"),
            (("--stock", "gold"), "stock"),
            (("--amend", "overlay name=mat panel=bse"), "choose one of: base,"),
            (("--amend", "splice piece=tary"), "tray"),
        ):
            with self.subTest(words):
                self.assertIn(named, self.edit(*words))
                self.assertEqual(self.path.read_bytes(), before)

    def test_a_scale_is_stated_and_a_real_length_read_at_it(self) -> None:
        self.assertEqual(self.edit("--model", "12", "--set", "length=1.8 m 1:12"), "")
        (brief,) = project_file.load(self.path).briefs
        self.assertEqual((brief.model, brief.values["length"]), (12.0, 150.0))
        self.assertEqual(self.edit("--model", "1"), "")
        self.assertEqual(project_file.load(self.path).briefs[0].model, 1.0)
        self.assertEqual(run("new", "cabinet", "--model", "43.5", "-o", self.path)[0], 0)
        self.assertEqual(project_file.load(self.path).briefs[0].model, 43.5)

    def test_of_two_things_of_one_name_its_id_says_which(self) -> None:
        project = project_file.load(self.path)
        (brief,) = project.briefs
        project_file.save(replace(project, briefs=(brief, replace(brief, id="other"))), self.path)
        refused = self.edit("--thing", brief.name, "--copies", "2")
        self.assertIn("there are 2 things of that name", refused)
        self.assertIn(f"{brief.id}, other", refused)
        self.assertEqual(self.edit("--thing", "other", "--copies", "2"), "")
        self.assertEqual([b.copies for b in project_file.load(self.path).briefs], [1, 2])


class Finding(InFolder):
    def test_constructions_are_found_by_what_people_call_them(self) -> None:
        code, out, _ = run("recipes", "lampshade")
        self.assertEqual(
            [line.split(":")[0] for line in out.splitlines() if not line.startswith(" ")], ["cone", "dome"]
        )
        code, out, err = run("recipes", "xylophone", "qwertz")
        self.assertEqual((code, out, len(err.splitlines())), (2, "", 1))


class System(InFolder):
    """What the system refuses, tried in processes of their own."""

    def ended(self, command: str, **environment: str) -> tuple[int, str]:
        """Exit code and stderr of a shell command, ``mingei`` in it being ours."""
        program = f'mingei() {{ "{sys.executable}" -m mingei "$@"; }}\n{command}'
        done = subprocess.run(
            ["bash", "-c", program],
            capture_output=True,
            text=True,
            cwd=self.folder,
            timeout=60,
            env=os.environ | environment,
            check=False,
        )
        return done.returncode, done.stderr

    def test_a_full_disk_is_one_sentence_and_a_closed_pipe_is_quiet(self) -> None:
        code, said = self.ended("mingei recipes > /dev/full")
        self.assertEqual((code, len(said.splitlines())), (2, 1), said)
        self.assertIn("No space left", said)
        closed = "mingei recipes --json | head -1 > /dev/null; exit ${PIPESTATUS[0]}"
        self.assertEqual(self.ended(closed), (0, ""))

    def test_a_terminal_that_knows_few_letters_is_shown_the_others_by_number(self) -> None:
        code, said = self.ended("mingei stock", PYTHONIOENCODING="ascii")
        self.assertEqual((code, said), (0, ""))

    def test_no_display_and_no_such_platform_are_one_sentence(self) -> None:
        for platform, display in (("", ":93"), ("nonsense", ":93")):
            code, said = self.ended("mingei", QT_QPA_PLATFORM=platform, DISPLAY=display, WAYLAND_DISPLAY="",
                                    XDG_RUNTIME_DIR=tempfile.gettempdir())
            self.assertEqual((code, len(said.splitlines())), (2, 1), said)
            self.assertIn("no window can be opened here", said)

    def test_names_that_are_none_and_places_for_no_pictures(self) -> None:
        (self.folder / "file").write_text("")
        for command in (
            f"mingei check {'a' * 300}.mingei",
            f"mingei new tray -o {'a' * 300}.mingei",
            "mingei --demo --shots file",
            "mingei new tray --title $'\\xff' -o x.mingei",
        ):
            code, said = self.ended(command, QT_QPA_PLATFORM="offscreen")
            self.assertEqual((code, len(said.splitlines())), (2, 1), said)

    def test_an_empty_factor_is_no_number(self) -> None:
        self.assertEqual(run("new", "tray", "-o", self.folder / "t.mingei")[0], 0)
        for way in ("--by", "--ratio", "--fit", "--to"):
            code, _, err = run("scale", self.folder / "t.mingei", way, "", "--in-place")
            self.assertEqual((code, len(err.splitlines())), (2, 1), err)
