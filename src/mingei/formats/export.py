"""One door for every export: the ending of the file's name decides the format."""

from __future__ import annotations

import re
from collections.abc import Callable, Iterable, Iterator, Mapping, Sequence
from dataclasses import replace
from itertools import chain, count
from pathlib import Path
from typing import NamedTuple, TypeAlias

from mingei.core.covering.art import Printed, printed
from mingei.core.document.build import Build, loads_of_all
from mingei.core.document.project import Project
from mingei.core.errors import ExportError
from mingei.core.flat.pattern import Pattern
from mingei.core.kinds.join import is_joined
from mingei.core.layout.drawing import Drawing, flat_drawing
from mingei.core.layout.marks import page_drawings
from mingei.core.layout.place import Load, Page, lay_out
from mingei.core.layout.sheets import find_sheet
from mingei.core.stock import Stock
from mingei.core.whole.assembly import stood
from mingei.core.whole.joined import builds_of, joined
from mingei.core.words import say, some_of
from mingei.formats import atomic


class Wanted(NamedTuple):
    """What to export: sheet by name ("" for the project's), one piece by name ("" for all), laid out on
    sheets or bare flat (None: as usual for the format), with words passed through speak (from the core's
    English to the language of the print); tile_mm: how far tiles of larger pieces overlap, None as the
    project has it; cutting_list: the PDF is the cutting list, not the sheets; pages: the numbers of the
    sheets wanted, () for all; plans: it is the score
    and cutting plans; device: the machine, by its id, that the file is a job for; attempt: only
    a square to try the settings on."""

    sheet: str = ""
    piece: str = ""
    layout: bool | None = None
    speak: Callable[[str], str] = str
    tile_mm: float | None = None
    cutting_list: bool = False
    pages: tuple[int, ...] = ()
    plans: bool = False
    device: str = ""
    attempt: bool = False


#: Plans on narrower paper than this (mm) would be too small to read.
_PLAN_MM = 150.0
#: So many sheets are written at once.
MOST_PAGES = 2000

#: What is to be said of a file that was written.
Remarks: TypeAlias = tuple[str, ...]


def _pdf(project: Project, wanted: Wanted) -> tuple[bytes, Remarks]:
    from mingei.formats.letters import unset
    from mingei.formats.pdf import pdf

    if wanted.cutting_list:
        from mingei.core.layout.cutting_page import cutting_pages

        listed = cutting_pages(_loads(project, wanted.piece), project.paper, project.title, wanted.speak)
        return pdf(listed, project.title), unset(t for page in listed for t in page.texts)
    if wanted.plans:
        from mingei.core.work.plan import work_on
        from mingei.core.work.plan_pages import plan_pages

        works = [work_on(page, project.working) for page in machine_pages(project, wanted)]
        drawn = plan_pages(works, project.paper if project.paper.width >= _PLAN_MM else find_sheet("A4"),
                           project.title, wanted.speak)
        return pdf(drawn, project.title), unset(t for page in drawn for t in page.texts)
    drawings = _drawings(project, wanted, usual_layout=True)
    return pdf(drawings, project.title), _remarks(drawings)


def _remarks(drawings: Iterable[Drawing]) -> Remarks:
    """What a person should know of drawings that are written: pictures that are missing, letters no font
    has."""
    from mingei.formats.letters import unset

    pages = list(drawings)
    missing = dict.fromkeys(p.name for page in pages for p in page.printed if p.picture is None)
    said = [
        say("artwork {name}: its picture cannot be read, and an empty frame is printed instead; bring it "
            "in again", name=name)
            for name in missing]
    return (*said, *unset(t for page in pages for t in page.texts))


class SeveralError(ExportError):
    """More drawings than a format holds."""


def _one_drawing(project: Project, wanted: Wanted) -> Drawing:
    drawings = _drawings(project, wanted, usual_layout=False)
    if len(drawings) > 1:
        raise SeveralError(say("this format holds one drawing and there are {drawings}",
                               drawings=len(drawings)), "",
                           say("name one with --piece ({names}) or --sheet-no, write all with --to FOLDER/ "
                               "--kind svg,dxf, or a PDF",
                               names=some_of(d.title for d in drawings)))
    return drawings[0]


def _svg(project: Project, wanted: Wanted) -> tuple[bytes | bytearray, Remarks]:
    from mingei.formats.svg import svg

    drawing = _one_drawing(project, wanted)
    return svg(drawing), _remarks([drawing])


def _dxf(project: Project, wanted: Wanted) -> tuple[bytes, Remarks]:
    from mingei.formats.dxf import dxf

    return dxf(_one_drawing(project, wanted)), ()


def _fold(project: Project, wanted: Wanted) -> tuple[bytes, Remarks]:
    from mingei.formats.fold_json import fold_file, whole_file

    every = builds_of(project)
    if not wanted.piece and len(every) > 1 and is_joined(project.briefs):
        found = joined(project)
        roots = {found.root(number) for number in range(len(every))}
        if len(roots) == 1:
            (root,) = roots
            return whole_file([(found.build_of(s.number), s.turn, s.pose) for s in stood(found, root)]), ()
    builds = [b for b in every if not wanted.piece or wanted.piece == b.brief.name
              or any(p.name == wanted.piece for p in b.patterns)]
    if len(builds) != 1:
        raise SeveralError("a FOLD file holds the pieces of one thing",
                           say("piece {piece!r}", piece=wanted.piece),
                           say("name one with --piece: {names}",
                               names=some_of((b.brief.name for b in every), wanted.piece)))
    return fold_file(builds[0], "" if wanted.piece == builds[0].brief.name else wanted.piece), ()


def _csv(project: Project, wanted: Wanted) -> tuple[bytes, Remarks]:
    from mingei.core.layout.cutting_list import as_csv, cutting_list

    return as_csv(cutting_list(_loads(project, wanted.piece))).encode("utf-8"), ()


class Format(NamedTuple):
    """A format: its name in words and its writer."""

    words: str
    write: Callable[[Project, Wanted], tuple[bytes | bytearray, Remarks]]


FORMATS: Mapping[str, Format] = {
    ".pdf": Format("PDF, sheets to print at actual size", _pdf),
    ".svg": Format("SVG drawing", _svg),
    ".dxf": Format("DXF drawing for cutting machines", _dxf),
    ".fold": Format("FOLD, flat and folded form", _fold),
    ".csv": Format("CSV, the cutting list", _csv),
}


def printed_on(made: Build) -> Mapping[Pattern, tuple[Printed, ...]]:
    """What is printed on a thing, by piece."""
    if not made.prints:
        return {}
    from mingei.formats import artwork

    return printed(made.brief.arts, made.patterns, artwork.gather(made.brief.arts, whole=True)[0])


def _loads(project: Project, piece: str) -> list[Load]:
    """The pieces of the project, or those of a name: a piece's own, or its thing's."""
    loads = loads_of_all(builds_of(project), printed_on)
    chosen = [load for load in loads if not piece
              or piece in (load.pattern.name, load.thing, load.words, file_name(load.words))]
    if not chosen:
        raise ExportError("no piece has that name", say("piece {piece!r}", piece=piece),
                          say("choose one of: {names}", names=some_of((load.words for load in loads), piece)))
    return chosen


def _drawings(project: Project, wanted: Wanted, usual_layout: bool) -> list[Drawing]:
    loads = _loads(project, wanted.piece)
    if not (usual_layout if wanted.layout is None else wanted.layout) and not wanted.pages:
        return [flat_drawing(load.pattern, load.printed, load.words) for load in loads]
    pages = _pages(project, wanted, loads)
    return [drawing for page in pages for drawing in page_drawings(page, project.title, wanted.speak)]


def _pages(project: Project, wanted: Wanted, loads: Sequence[Load]) -> list[Page]:
    """The sheets as laid out, those that are wanted."""
    other = replace(project, sheet=find_sheet(wanted.sheet).name) if wanted.sheet else project
    sheet = replace(other.paper, tile_mm=project.tile_mm if wanted.tile_mm is None else wanted.tile_mm)
    pages = lay_out(loads, sheet, () if wanted.piece else project.spots)
    if not wanted.pages and len(pages) > MOST_PAGES:
        raise ExportError(say("{count} sheets are more than are written at once", count=len(pages)), "",
                          say("write some of them, up to {most} at a time (--sheet-no 1-{most}), or count "
                              "kits instead of copies", most=MOST_PAGES))
    for number in wanted.pages:
        if not 1 <= number <= len(pages):
            raise ExportError(say("there is no sheet {number}", number=number), "",
                              say("choose 1 to {last}", last=len(pages)))
    return [page for page in pages if not wanted.pages or page.number in wanted.pages]


def pdf_of(project: Project, speak: Callable[[str], str] = str) -> bytes:
    """The PDF of all sheets, in memory.  Raises MingeiError."""
    return _pdf(project, Wanted(speak=speak))[0]


def read_numbers(text: str, place: str) -> tuple[int, ...]:
    """Numbers of sheets as a person writes them, such as 1,3-5.  Raises ExportError naming the place."""
    found: list[int] = []
    for word in filter(None, (w.strip() for w in text.split(","))):
        first, dash, last = word.partition("-")
        try:
            low, high = int(first), int(last if dash else first)
        except ValueError:
            low, high = 0, 0
        if not 1 <= low <= high <= _MOST_SHEETS:
            raise ExportError(say("{word!r} is no sheet's number", word=word[:40]), place,
                              "write such as 2 or 1,3-5")
        found += range(low, high + 1)
    return tuple(found)


#: No more sheets are asked for by number.
_MOST_SHEETS = 9999
#: What file systems and shells take amiss in a name.
_ODD = re.compile(r"[^\w .()+-]+")


def file_name(words: str) -> str:
    """The name of a file for a piece or sheet: its words, without what file systems take amiss, at most 80
    characters."""
    name = _ODD.sub(" ", words.replace(",", " -"))
    return re.sub(r"\s+", " ", name).strip(" .")[:80].strip(" .") or "piece"


#: What a folder can be filled with, and the writer of one drawing.
KINDS = ("svg", "dxf", "pdf")


def export_all(project: Project, folder: Path, kinds: Sequence[str], wanted: Wanted | None = None,
               progress: Callable[[float], None] = lambda _: None) -> tuple[list[Path], Remarks]:
    """Write every piece by itself, and every sheet as laid out, into a folder, made where it is missing;
    returns what was written.

    Pieces are named as they are called, sheets by number and stock.  Raises ExportError naming the kind,
    MingeiError.
    """
    every = _every(project, kinds, wanted or EVERYTHING)
    written = atomic.write_folder(folder, _members(project, kinds, every, progress))
    return written, _remarks(d for some in every.values() for d in some)


def export_members(project: Project, kinds: Sequence[str],
                   wanted: Wanted | None = None) -> Iterator[tuple[str, bytes | bytearray]]:
    """The same files by their names, in memory."""
    return _members(project, kinds, _every(project, kinds, wanted or EVERYTHING), lambda _: None)


def _every(project: Project, kinds: Sequence[str], wanted: Wanted) -> dict[str, list[Drawing]]:
    """Every piece and every sheet by the name of its file."""
    for kind in kinds:
        if kind not in KINDS:
            raise ExportError(say("{kind!r} is no kind of drawing written by itself", kind=kind), "--kind",
                              say("choose among: {names}", names=", ".join(KINDS)))
    loads = _loads(project, wanted.piece)
    every: dict[str, list[Drawing]] = {}
    for load in loads if wanted.layout is not True and not wanted.pages else []:
        every[_free(file_name(load.words), every)] = [flat_drawing(load.pattern, load.printed, load.words)]
    for page in _pages(project, wanted, loads) if wanted.layout is not False else []:
        name = file_name(f"sheet {page.number:02d} {page.stock.name}")
        every[_free(name, every)] = list(page_drawings(page, project.title, wanted.speak))
    return every


def _members(project: Project, kinds: Sequence[str], every: Mapping[str, list[Drawing]],
             progress: Callable[[float], None]) -> Iterator[tuple[str, bytes | bytearray]]:
    for number, (name, drawings) in enumerate(every.items()):
        for kind in kinds:
            for side, drawing in enumerate(drawings if kind != "pdf" else drawings[:1]):
                yield (f"{name}{' back' if side else ''}.{kind}",
                       _written(kind, drawings if kind == "pdf" else [drawing], project.title))
        progress((number + 1) / len(every))


def _free(name: str, taken: Mapping[str, object]) -> str:
    """The name, or the name with a number, whatever the case of letters."""
    lower = {t.lower() for t in taken}
    return next(n for n in chain([name], (f"{name} ({i})" for i in count(2))) if n.lower() not in lower)


def _written(kind: str, drawings: list[Drawing], title: str) -> bytes | bytearray:
    if kind == "svg":
        from mingei.formats.svg import svg

        return svg(drawings[0])
    if kind == "dxf":
        from mingei.formats.dxf import dxf

        return dxf(drawings[0])
    from mingei.formats.pdf import pdf

    return pdf(drawings, title)


def strip_pdf(stock: Stock, path: Path) -> None:
    """Write the test strip of a stock as PDF.  Raises ExportError."""
    from mingei.core.cabinet.strip import strip_drawing
    from mingei.formats.pdf import pdf

    atomic.write(path, pdf([strip_drawing(stock)]))


EVERYTHING = Wanted()


def machine_pages(project: Project, wanted: Wanted) -> tuple[Page, ...]:
    """The sheets a machine is to work on.  Raises ExportError where there is none of a number."""
    sheet = find_sheet(wanted.sheet) if wanted.sheet else None
    paper = project.paper if sheet is None else replace(project, sheet=sheet.name).paper
    pages = lay_out(_loads(project, wanted.piece), paper, () if wanted.piece else project.spots)
    missing = next((n for n in wanted.pages if not 1 <= n <= len(pages)), None)
    if missing is not None:
        raise ExportError(say("there is no sheet {number}", number=missing), "--sheet-no",
                          say("choose 1 to {last}", last=len(pages)))
    return tuple(p for p in pages if not wanted.pages or p.number in wanted.pages)


def machine(project: Project, ending: str, wanted: Wanted) -> bytes:
    """The job of one sheet for a machine.

    Raises ExportError, MeasureError naming the device and the remedy; SeveralError for more than one sheet.
    """
    from mingei.core.work.job import job_for, try_square
    from mingei.formats.device_file import devices, find_device
    from mingei.formats.machine import machine_file

    if not wanted.device:
        raise ExportError(say("{suffix} is a job for a machine", suffix=ending), "--device",
                          say("name one of: {names}", names=some_of([d.id for d in devices()
                                                                     if ending in d.output])))
    device = find_device(wanted.device)
    pages = machine_pages(project, wanted)
    if len(pages) != 1:
        raise SeveralError(say("a job is for one sheet and there are {count}", count=len(pages)),
                           "--sheet-no",
                           say("choose one of 1 to {last}, or write all with --to FOLDER/ --kind {kind}",
                               last=pages[-1].count, kind=ending[1:]))
    if wanted.attempt:
        return machine_file(try_square(pages[0], device), ending)
    return machine_file(job_for(pages[0], device, project.working.faces), ending)


def export(project: Project, path: Path, wanted: Wanted = EVERYTHING) -> Remarks:
    """Write the project to path, in the format of its ending, whole or not at all; returns what is to be said
    of it.

    Raises ExportError, SheetError, MeasureError, StockError.
    """
    chosen = FORMATS.get(path.suffix.lower())
    if wanted.device or path.suffix.lower() in (".hpgl", ".gcode"):
        atomic.write(path, machine(project, path.suffix.lower(), wanted))
        return ()
    if chosen is None:
        raise ExportError(say("{suffix} is not a format Mingei writes", suffix=path.suffix
                              or "a name without an ending"), str(path),
                          say("end the name in {names}, or in / for a folder",
                              names=", ".join((*FORMATS, ".hpgl", ".gcode"))))
    data, remarks = chosen.write(project, wanted)
    atomic.write(path, data)
    return remarks
