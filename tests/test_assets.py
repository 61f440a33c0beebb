"""Pictures kept by what is in them, and projects packed with all of theirs."""

from __future__ import annotations

import hashlib
import io
import json
import os
import unittest
import zipfile
from dataclasses import replace
from pathlib import Path
from unittest import mock

from PIL import Image

from mingei.cli import main
from mingei.core.covering.art import Art, Fill
from mingei.core.document.project import Project, new_brief
from mingei.core.errors import MingeiError, ProjectError
from mingei.formats import assets, project_file
from tests.support import InFolder

SVG = (b"<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 40 20'>"
       b"<path d='M0 0h40v20H0z' fill='#345'/></svg>")


class Packs(InFolder):
    def setUp(self) -> None:
        super().setUp()
        self.enterContext(mock.patch.dict(os.environ, {"XDG_DATA_HOME": str(self.folder / "data")}))
        self.png, self.svg = self.folder / "tern.png", self.folder / "wave.svg"
        Image.new("RGB", (60, 40), "#c07030").save(self.png)
        self.svg.write_bytes(SVG)
        brief = replace(new_brief("carton"), arts=(
            Art("tern", "carton", "top", source=str(self.png)),
            Art("wave", "carton", "front", source=str(self.svg), fill=Fill.REPEAT, width=10.0)))
        self.project = Project("Packed", (brief,))
        self.pack = self.folder / "box.mingei.zip"

    def test_a_project_comes_back_from_its_pack_without_the_files_it_was_made_of(self) -> None:
        project_file.save(self.project, self.pack)
        whole = {p.name: p.read_bytes() for p in (self.png, self.svg)}
        self.png.unlink()
        self.svg.unlink()
        back = project_file.load(self.pack)
        for art, name in zip(back.briefs[0].arts, ("tern.png", "wave.svg"), strict=True):
            self.assertEqual(Path(art.source).read_bytes(), whole[name])
            self.assertEqual(Path(art.source).stem, hashlib.sha256(whole[name]).hexdigest())
        again, third = self.folder / "again.mingei.zip", self.folder / "third.mingei.zip"
        project_file.save(back, again)
        project_file.save(project_file.load(again), third)
        self.assertEqual(again.read_bytes(), third.read_bytes())  # the same bytes each time, no clock

    def test_any_zip_tool_reads_a_pack_and_nothing_of_this_machine_is_in_it(self) -> None:
        project_file.save(self.project, self.pack)
        with zipfile.ZipFile(self.pack) as pack:
            self.assertIsNone(pack.testzip())
            names = pack.namelist()
            data = json.loads(pack.read("project.mingei"))
        self.assertEqual(len(names), 3)
        self.assertNotIn(str(self.folder), json.dumps(data))

    def test_a_missing_picture_is_named_and_nothing_is_written(self) -> None:
        self.png.unlink()
        with self.assertRaisesRegex(ProjectError, "missing") as caught:
            project_file.save(self.project, self.pack)
        self.assertIn("tern.png", caught.exception.place)
        self.assertFalse(self.pack.exists())

    def test_a_picture_is_kept_once_and_stays_what_it_was(self) -> None:
        first, second = assets.keep(self.png), assets.keep(self.png)
        self.assertEqual(first, second)
        Image.new("RGB", (60, 40), "#000000").save(self.png)
        self.assertNotEqual(assets.digest_of(str(self.png)), first.stem)
        self.assertEqual(assets.digest_of(str(first)), first.stem)

    def test_every_hostile_pack_is_refused_in_one_sentence(self) -> None:
        project_file.save(self.project, self.pack)
        good = self.pack.read_bytes()
        with zipfile.ZipFile(io.BytesIO(good)) as pack:
            members = {n: pack.read(n) for n in pack.namelist()}

        def made(**other: bytes) -> bytes:
            out = io.BytesIO()
            with zipfile.ZipFile(out, "w") as pack:
                for name, data in {**members, **other}.items():
                    pack.writestr(name, data)
            return out.getvalue()

        picture = next(n for n in members if n.endswith(".svg"))
        outside = members["project.mingei"].replace(picture.encode(), b"../../../tmp/wave.svg")
        broken = {
            "cut short": good[:len(good) // 2],
            "changed": made(**{picture: SVG + b" "}),
            "outside": made(**{"project.mingei": outside, "../../../tmp/wave.svg": SVG}),
            "without project": b"PK\x05\x06" + bytes(18),
            "no json": made(**{"project.mingei": b"{"}),
            "flipped": bytes(b ^ 0x55 if 200 < i < 240 else b for i, b in enumerate(good)),
        }
        for words, data in broken.items():
            with self.subTest(words):
                self.pack.write_bytes(data)
                with self.assertRaises(MingeiError):
                    project_file.load(self.pack)
        self.assertFalse(Path("/tmp/wave.svg").exists())

    def test_commands_read_and_write_packs_and_say_what_was_changed(self) -> None:
        plain = self.folder / "box.mingei"
        arts = tuple(a._replace(digest=assets.digest_of(a.source)) for a in self.project.briefs[0].arts)
        project_file.save(replace(self.project, briefs=(replace(self.project.briefs[0], arts=arts),)), plain)
        self.assertEqual(main(["edit", str(plain), "--set", "length=150", "-o", str(self.pack)]), 0)
        self.assertEqual(main(["pack", str(self.pack), "-o", str(self.folder / "other.mingei.zip")]), 0)
        self.assertEqual(main(["pack", str(plain), "-o", str(self.folder / "other.mingei")]), 2)
        out = self.folder / "box.pdf"
        self.assertEqual(main(["export", str(self.pack), "--to", str(out)]), 0)
        self.assertTrue(out.exists())
        self.svg.write_bytes(SVG.replace(b"#345", b"#543"))
        said = io.StringIO()
        with mock.patch("sys.stdout", said):
            main(["check", str(plain), "--json"])
        self.assertIn("art-changed", [f["code"] for f in json.loads(said.getvalue())])


if __name__ == "__main__":
    unittest.main()
