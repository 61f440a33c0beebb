"""One door for every export: the ending of the file's name decides the format."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from dataclasses import replace
from pathlib import Path
from typing import NamedTuple

from mingei.core.art import Printed, printed
from mingei.core.build import Build, build
from mingei.core.drawing import Drawing, flat_drawing
from mingei.core.errors import ExportError
from mingei.core.layout.marks import page_drawings
from mingei.core.layout.place import Load, lay_out, loads_of_all
from mingei.core.layout.sheets import find_sheet
from mingei.core.pattern import Pattern
from mingei.core.project import Project
from mingei.core.stock import Stock
from mingei.core.words import say
from mingei.formats import atomic


class Wanted(NamedTuple):
    """What to export: sheet by name ("" for the project's), one piece by name ("" for all), laid out on sheets or bare flat (None:
    as usual for the format), with words passed through speak (from the core's English to the language of the print); tile_mm:
    how far tiles of larger pieces overlap, None as the project has it; cutting_list: the PDF is the cutting list, not the sheets."""

    sheet: str = ""
    piece: str = ""
    layout: bool | None = None
    speak: Callable[[str], str] = str
    tile_mm: float | None = None
    cutting_list: bool = False


def _pdf(project: Project, wanted: Wanted) -> bytes:
    from mingei.formats.pdf import pdf

    if wanted.cutting_list:
        from mingei.core.layout.cutting_page import cutting_pages

        return pdf(cutting_pages(_loads(project, wanted.piece), project.paper, project.title, wanted.speak))
    return pdf(_drawings(project, wanted, usual_layout=True))


def _one_drawing(project: Project, wanted: Wanted) -> Drawing:
    drawings = _drawings(project, wanted, usual_layout=False)
    if len(drawings) > 1:
        raise ExportError(say("this format holds one drawing and there are {drawings}", drawings=len(drawings)), "",
                          say("name one with --piece ({names}), or export a PDF",
                              names=", ".join(dict.fromkeys(d.title for d in drawings))))
    return drawings[0]


def _svg(project: Project, wanted: Wanted) -> bytes:
    from mingei.formats.svg import svg

    return svg(_one_drawing(project, wanted))


def _dxf(project: Project, wanted: Wanted) -> bytes:
    from mingei.formats.dxf import dxf

    return dxf(_one_drawing(project, wanted))


def _fold(project: Project, wanted: Wanted) -> bytes:
    from mingei.formats.fold_json import fold_file

    every = builds_of(project)
    builds = [b for b in every if not wanted.piece or wanted.piece == b.brief.name or any(p.name == wanted.piece for p in b.patterns)]
    if len(builds) != 1:
        raise ExportError("a FOLD file holds the pieces of one thing", say("piece {piece!r}", piece=wanted.piece),
                          say("name one with --piece: {names}", names=", ".join(b.brief.name for b in every)))
    return fold_file(builds[0], "" if wanted.piece == builds[0].brief.name else wanted.piece)


def _csv(project: Project, wanted: Wanted) -> bytes:
    from mingei.core.layout.cutting_list import as_csv, cutting_list

    return as_csv(cutting_list(_loads(project, wanted.piece))).encode("utf-8")


class Format(NamedTuple):
    """A format: its name in words and its writer."""

    words: str
    write: Callable[[Project, Wanted], bytes]


FORMATS: Mapping[str, Format] = {
    ".pdf": Format("PDF, sheets to print at actual size", _pdf),
    ".svg": Format("SVG drawing", _svg),
    ".dxf": Format("DXF drawing for cutting machines", _dxf),
    ".fold": Format("FOLD, flat and folded form", _fold),
    ".csv": Format("CSV, the cutting list", _csv),
}


def builds_of(project: Project) -> tuple[Build, ...]:
    """Every brief worked out.  Raises MeasureError, StockError."""
    return tuple(build(b, project.stock_of(b), project.parts_of(b)) for b in project.briefs)


def printed_on(made: Build) -> Mapping[Pattern, tuple[Printed, ...]]:
    """The artwork of a thing, by piece."""
    if not made.brief.arts:
        return {}
    from mingei.formats import artwork

    return printed(made.brief.arts, made.patterns, artwork.gather(made.brief.arts)[0])


def _loads(project: Project, piece: str) -> list[Load]:
    """The pieces of the project, or those of a name: a piece's own, or its thing's."""
    loads = loads_of_all(builds_of(project), printed_on)
    chosen = [load for load in loads if not piece or piece in (load.pattern.name, load.thing, load.words)]
    if not chosen:
        raise ExportError("no piece has that name", say("piece {piece!r}", piece=piece),
                          say("choose one of: {names}", names=", ".join(load.words for load in loads)))
    return chosen


def _drawings(project: Project, wanted: Wanted, usual_layout: bool) -> list[Drawing]:
    loads = _loads(project, wanted.piece)
    if not (usual_layout if wanted.layout is None else wanted.layout):
        return [flat_drawing(load.pattern, load.printed) for load in loads]
    other = replace(project, sheet=find_sheet(wanted.sheet).name) if wanted.sheet else project
    sheet = replace(other.paper, tile_mm=project.tile_mm if wanted.tile_mm is None else wanted.tile_mm)
    spots = () if wanted.piece else project.spots
    return [drawing for page in lay_out(loads, sheet, spots) for drawing in page_drawings(page, project.title, wanted.speak)]


def pdf_of(project: Project, speak: Callable[[str], str] = str) -> bytes:
    """The PDF of all sheets, in memory.  Raises MingeiError."""
    return _pdf(project, Wanted(speak=speak))


def strip_pdf(stock: Stock, path: Path) -> None:
    """Write the test strip of a stock as PDF.  Raises ExportError."""
    from mingei.core.strip import strip_drawing
    from mingei.formats.pdf import pdf

    atomic.write(path, pdf([strip_drawing(stock)]))


EVERYTHING = Wanted()


def export(project: Project, path: Path, wanted: Wanted = EVERYTHING) -> None:
    """Write the project to path, in the format of its ending, whole or not at all.

    Raises ExportError, SheetError, MeasureError, StockError.
    """
    chosen = FORMATS.get(path.suffix.lower())
    if chosen is None:
        raise ExportError(say("{suffix} is not a format Mingei writes", suffix=path.suffix or "a name without an ending"), str(path),
                          say("end the name in {names}", names=", ".join(FORMATS)))
    atomic.write(path, chosen.write(project, wanted))
