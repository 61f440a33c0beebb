"""The pack a designer hands out: sheets on A4 and Letter, pieces and sheets as drawings, the make sheet,
preview pictures, a text with terms; the same bytes each time, and nothing in it of the machine it was made
on."""

from __future__ import annotations

import io
import zipfile
from collections.abc import Callable, Iterator
from dataclasses import replace
from pathlib import Path

from mingei.core.document.make_sheet import MakeSheet, make_sheet
from mingei.core.document.project import Project
from mingei.core.document.publishing import text
from mingei.core.errors import ExportError, MingeiError
from mingei.core.layout.sheets import find_sheet
from mingei.core.plan.picture import Picture
from mingei.core.whole.pictures import drawn_of, in_order
from mingei.core.words import say
from mingei.formats import atomic, project_file
from mingei.formats.assets import packed, sources
from mingei.formats.export import Wanted, export_members, file_name, pdf_of
from mingei.formats.make_html import make_html
from mingei.formats.make_pdf import make_pdf
from mingei.formats.step_svg import EDGE, HEAVY, groups

#: The papers a pack is printed on.
PAPERS = ("A4", "Letter")
#: A preview picture is so high, px, and drawn so many times finer first.
_HIGH_PX, _FINER = 600, 3


def members(project: Project, speak: Callable[[str], str] = str, language: str = "en",
            progress: Callable[[float], None] = lambda share: None) -> dict[str, bytes]:
    """The files of a pack by their names.  Raises ExportError, SheetError where it cannot be laid out."""
    said = project.publishing
    title = file_name(project.title) or "mingei"
    found: dict[str, bytes] = {}
    what: list[tuple[str, str]] = []
    for paper in PAPERS:
        on = project if project.sheet == paper else replace(project, sheet=paper, spots=())
        try:
            found[f"{title} sheets {paper}.pdf"] = pdf_of(on, speak)
        except MingeiError as error:
            if paper == project.sheet:
                raise
            what.append((paper, say("does not fit there ({why})", why=error.sentence)))
            continue
        what.append((f"{title} sheets {paper}.pdf", say("sheets to print at actual size")))
    progress(0.2)
    sheet = make_sheet(project, in_order(project), drawn_of(project))
    progress(0.6)
    for paper in PAPERS:
        found[f"{title} make sheet {paper}.pdf"] = make_pdf(sheet, find_sheet(paper), speak)
        what.append((f"{title} make sheet {paper}.pdf",
                     say("what you need, and every step with its picture")))
    found[f"{title} make sheet.html"] = make_html(sheet, speak, language)
    what.append((f"{title} make sheet.html", say("the same for a browser")))
    progress(0.75)
    for name, data in export_members(project, ("svg", "dxf"), Wanted(speak=speak)):
        found[f"drawings/{name}"] = bytes(data)
    what.append(("drawings/", say("each piece and each sheet as SVG and DXF")))
    for name, data in _previews(sheet):
        found[f"pictures/{name}"] = data
    what.append(("pictures/", say("what it becomes")))
    if said.project:
        # with its pictures, and by no path of this machine
        name, data = ((f"{title}.mingei.zip", packed(project, project_file.dumps)) if sources([project])
                      else (f"{title}.mingei", project_file.dumps(project)))
        found[name] = data
        what.append((name, say("the project itself, to change it")))
    found["README.txt"] = text(project.title, said, [(x.name, x.sizes) for x in sheet.things],
                               [m.stock.name for m in sheet.material], what, speak).encode()
    progress(1.0)
    return dict(sorted(found.items()))


def publish(project: Project, path: Path, speak: Callable[[str], str] = str, language: str = "en",
            progress: Callable[[float], None] = lambda share: None) -> int:
    """Write the pack into a folder, or as one file where the name ends in .zip; returns how many files it
    holds.

    Raises ExportError where it cannot be written, or the folder holds something else already.
    """
    found = members(project, speak, language, progress)
    if path.suffix.lower() == ".zip":
        atomic.write(path, _zipped(found))
        return len(found)
    if path.exists() and (not path.is_dir() or any(p.name not in _roots(found) for p in path.iterdir())):
        raise ExportError("there is something else there already", str(path),
                          "name an empty folder or a new one")
    atomic.write_folder(path, found.items())
    return len(found)


def _roots(found: dict[str, bytes]) -> set[str]:
    return {name.split("/", 1)[0] for name in found}


def _zipped(found: dict[str, bytes]) -> bytes:
    """One file; its members bear one date, so that it is the same each time."""
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w") as pack:
        for name, data in found.items():
            info = zipfile.ZipInfo(name, (1980, 1, 1, 0, 0, 0))
            info.compress_type = zipfile.ZIP_DEFLATED
            info.external_attr = 0o644 << 16
            pack.writestr(info, data)
    return out.getvalue()


def _previews(sheet: MakeSheet) -> Iterator[tuple[str, bytes]]:
    taken: set[str] = set()
    for number, thing in enumerate(sheet.things, 1):
        name = file_name(thing.name) or str(number)
        name = name if name not in taken else f"{name} {number}"
        taken.add(name)
        yield f"{name}.png", png(thing.finished)


def png(picture: Picture, high: int = _HIGH_PX) -> bytes:
    """A picture of a step as pixels, so many high, on white."""
    from PIL import Image, ImageDraw

    k = high * _FINER
    image = Image.new("RGB", (round(picture.width * k), k), "white")
    draw = ImageDraw.Draw(image)

    def at(p: tuple[float, float]) -> tuple[float, float]:
        return p[0] * k, (1 - p[1]) * k

    for group in groups(picture):
        fill = tuple(round(v * 255) for v in group.fill)
        for outline in group.outlines:
            draw.polygon([at(p) for p in outline], fill=fill, outline=fill)
        width = max(1, round((HEAVY if group.heavy else EDGE) * k / 100))
        for a, b in group.edges:
            draw.line([at(a), at(b)], fill=(51, 48, 43), width=width)
    out = io.BytesIO()
    image.resize((round(picture.width * high), high), Image.Resampling.LANCZOS).save(out, "PNG")
    return out.getvalue()
