"""Commands for paper and machines: export, material, nesting, the rehearsal of a print."""

from __future__ import annotations

import argparse
import io
import json
import sys
from collections.abc import Iterable
from dataclasses import replace
from pathlib import Path

from mingei.command_line import FINDINGS, OK, UsageError
from mingei.commands.common import accept_output, length
from mingei.core.document.build import loads_of_all
from mingei.core.document.project import Project
from mingei.core.errors import MeasureError
from mingei.core.layout.closer import closer
from mingei.core.layout.footer import bars
from mingei.core.layout.laying import MOST_MARGIN_MM
from mingei.core.layout.material import material
from mingei.core.layout.place import Load, lay_out, piles_for
from mingei.core.layout.sheets import find_sheet
from mingei.core.layout.tile import LEAST_MM, MOST_MM
from mingei.core.whole.joined import builds_of
from mingei.core.words import counted, say
from mingei.core.work.lining import line_up
from mingei.devices.cutter import rehearse as rehearse_cut
from mingei.devices.job_reader import read_job
from mingei.formats import atomic, project_file, reading
from mingei.formats.device_file import find_device
from mingei.formats.export import Wanted, export, export_all, machine_pages, pdf_of, read_numbers
from mingei.formats.rehearsal import Faults, rehearse

#: No job is larger than this, bytes.
MOST_JOB_BYTES = 200 * 1024 * 1024


def write(options: argparse.Namespace) -> int:
    if not options.to.strip():
        raise UsageError("an empty name is no file", "--to",
                         "write a file's name, or a folder's with / at its end")
    overlap = None if options.tile is None else _overlap(options.tile)
    project = project_file.load(options.file)
    sheets = [word.strip() for word in options.sheet.split(",")] or [""]
    wanted = Wanted(sheets[0], options.piece, options.layout, tile_mm=overlap,
                    cutting_list=options.cutting_list, plans=options.plans,
                    pages=read_numbers(options.sheet_no, "--sheet-no"), device=options.device,
                    attempt=options.attempt)
    to = Path(options.to)
    said: list[str] = []
    if options.device and (options.kind or to.is_dir() or options.to.endswith("/")):
        return _jobs(project, to, options.kind, wanted)
    if options.kind or to.is_dir() or options.to.endswith("/"):
        kinds = [kind.strip().lower() for kind in (options.kind or "svg,dxf,pdf").split(",")]
        for sheet in sheets:
            written, remarks = export_all(project, to / sheet if len(sheets) > 1 else to, kinds,
                                          wanted._replace(sheet=sheet))
            for path in written:
                print(path)
            said += remarks
        return _remarked(said)
    for sheet in sheets:
        path = to if len(sheets) == 1 else to.with_stem(f"{to.stem} {sheet}")
        said += export(project, path, wanted._replace(sheet=sheet))
        print(path)
    return _remarked(said)


def _jobs(project: Project, to: Path, kind: str, wanted: Wanted) -> int:
    """A job for every sheet, each in a file of its own."""
    from mingei.formats.device_file import find_device

    ending = f".{kind.strip().lower()}" if kind else find_device(wanted.device).output[-1]
    fresh = not to.exists()
    to.mkdir(parents=True, exist_ok=True)
    refused: list[str] = []
    for page in machine_pages(project, wanted):
        path = to / f"sheet {page.number:02}{ending}"
        try:
            export(project, path, wanted._replace(pages=(page.number,)))
        except MeasureError as error:  # the other sheets may still be for this machine
            refused.append(say("sheet {number}: {why}", number=page.number, why=str(error.words).rstrip(".")))
            continue
        print(path)
    if fresh and not any(to.iterdir()):
        to.rmdir()  # nothing was for this machine
    return _remarked(refused)


def _overlap(text: str) -> float:
    """How far tiles overlap, mm.  Raises LengthError, UsageError."""
    mm = length(text, "--tile")
    if mm and not LEAST_MM <= mm <= MOST_MM:
        raise UsageError(say("{mm:g} mm is no overlap to join sheets by", mm=mm), "--tile",
                         say("write 0 for none, or {least:g} to {most:g} mm", least=LEAST_MM, most=MOST_MM))
    return mm


def _remarked(remarks: Iterable[str]) -> int:
    """What is to be said of files that were written; a file that is not all it should be is a finding."""
    said = list(dict.fromkeys(remarks))
    for words in said:
        print(f"mingei: {words}.", file=sys.stderr)
    return FINDINGS if said else OK


def takes(options: argparse.Namespace) -> int:
    project = project_file.load(options.file)
    if options.sheet:
        project = replace(project, sheet=find_sheet(options.sheet).name)
    if not 1 <= options.copies <= 1000:
        raise UsageError(say("{n} kits are too few or too many", n=options.copies), "--copies",
                         "write 1 to 1000")
    sheet, loads = project.paper, loads_of_all(builds_of(project))
    lay_out(loads, sheet, project.spots)  # refuses what is too large
    found = material(piles_for(options.copies, loads, sheet, project.spots))
    if options.json:
        print(json.dumps([{"stock": m.stock.id, "sheet": sheet.name, "sheets": m.sheets,
                           "money": round(m.money, 2),
                           "card_mm2": round(m.card_mm2, 1), "waste": round(m.waste, 4)} for m in found],
                         indent=1))
    else:
        for m in found:
            money = f"{m.money:8.2f}" if m.money else "       -"
            print(f"{m.sheets:4} x {sheet.name:8} {m.stock.name:32} {money}  {100 * m.waste:3.0f} % waste")
        print(f"{sum(m.sheets for m in found):4} in all")
    return OK


def rehearsed(options: argparse.Namespace) -> int:
    """What would come of a print or of a machine's job."""
    return _cut_rehearsed(options) if options.what == "cut" else _print_rehearsed(options)


def _cut_rehearsed(options: argparse.Namespace) -> int:
    if not options.device:
        raise UsageError("no machine is named", "--device", "write an id that `mingei devices` lists")
    device = find_device(options.device)
    strokes = read_job(reading.read(options.file, MOST_JOB_BYTES), options.file.suffix)
    page = None
    if options.against is not None:
        project = project_file.load(options.against)
        pages = lay_out(loads_of_all(builds_of(project)), project.paper, project.spots)
        if not 1 <= options.sheet_no <= len(pages):
            raise UsageError(say("there is no sheet {number}", number=options.sheet_no), "--sheet-no",
                             say("write 1 to {count}", count=len(pages)))
        page = pages[options.sheet_no - 1]
    found = rehearse_cut(strokes, device, page)
    if options.json:
        print(json.dumps({
            "faults": [{"code": f.code, "sentence": str(f.sentence), "at_mm": [round(v, 3) for v in f.at]}
                       for f in found.faults],
            "worst_mm": round(found.worst_mm, 4) if page is not None else None,
            "area_difference_mm2": round(found.area_difference_mm2, 3) if page is not None else None,
            "pieces": [{"piece": c.piece, "worst_mm": round(c.worst_mm, 4),
                        "at_mm": [round(v, 3) for v in c.at], "area_difference_mm2": round(c.area_mm2, 3)}
                       for c in found.compared],
            "minutes": round(found.minutes, 2), "travel_mm": round(found.travel_mm, 1)}, indent=1))
    else:
        for fault in found.faults:
            print(f"{fault.at[0]:.1f}, {fault.at[1]:.1f} mm: {fault.sentence}.")
        if page is not None:
            print(f"what is cut lies within {found.worst_mm:.3f} mm of the drawing, "
                  f"{found.area_difference_mm2:.2f} mm2 of card more or less")
        print(f"{found.minutes:.1f} minutes, {found.travel_mm:.0f} mm of it travelled with nothing made")
    return FINDINGS if found.faults else OK


def _print_rehearsed(options: argparse.Namespace) -> int:
    for word, percent in (("--scale", options.scale), ("--along", options.along or options.scale)):
        if not 50.0 <= percent <= 150.0:
            raise UsageError(say("{percent:g} % is no printer's fault", percent=percent), word,
                             "write 50 to 150")
    if not abs(options.skew) <= 3.0:
        raise UsageError(say("{skew:g} degrees is no skew a printer has", skew=options.skew), "--skew",
                         "write up to 3")
    margin = length(options.margin, "--margin")
    if not 0.0 <= margin <= MOST_MARGIN_MM:
        raise UsageError(say("{margin:g} mm is no margin", margin=margin), "--margin",
                         say("write 0 to {most:g}", most=MOST_MARGIN_MM))
    faults = Faults(options.scale / 100, (options.along or options.scale) / 100, margin, options.skew)
    project = project_file.load(options.file)
    found = rehearse(pdf_of(project), options.page, faults, bars(project.paper))
    if options.to is not None:
        out = io.BytesIO()
        found.image.save(out, "PNG")
        atomic.write(options.to, out.getvalue())
    if options.json:
        print(json.dumps({"page": options.page, "across_mm": round(found.across, 3),
                          "along_mm": round(found.along, 3),
                          "skew_deg": round(found.skew_deg, 2), "clipped": found.clipped,
                          "verdict": list(found.verdict)}, indent=1))
    else:
        print(f"level bar {found.across:.2f} mm, upright bar {found.along:.2f} mm")
        for words in found.verdict:
            print(f"{words}.")
    return OK


def _lined_up(options: argparse.Namespace, project: Project, loads: list[Load]) -> int:
    for found in line_up(loads, project.paper, project.spots, project.working, options.seed):
        best = found
    better = best.now < best.before
    if better or options.output:
        project_file.save(project.with_spots(best.spots) if better else project, options.output
                          or options.file)
    print(f"{best.now} placings of the rule instead of {best.before}")
    return OK


def nested(options: argparse.Namespace) -> int:
    accept_output(options.output or options.file)
    project = project_file.load(options.file)
    loads = loads_of_all(builds_of(project))
    if options.by == "scores":
        return _lined_up(options, project, loads)
    for found in closer(loads, project.paper, project.spots, seed=options.seed):
        best = found
    better = best.sheets < best.before
    if better or options.output:
        project_file.save(project.with_spots(best.spots) if better else project, options.output
                          or options.file)
    print(
        counted(
            "{count} sheet instead of {before}; no fewer than {least} by their area",
            "{count} sheets instead of {before}; no fewer than {least} by their area",
            best.sheets,
            before=best.before,
            least=best.least,
        )
    )
    return OK
