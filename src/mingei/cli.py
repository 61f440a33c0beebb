"""The same work without a window.

Everything heavy is imported where it is used, so that the window's first paint waits for nothing.
"""

from __future__ import annotations

import argparse
import errno
import io
import json
import os
import sys
from collections.abc import Iterable, Sequence
from pathlib import Path
from typing import TYPE_CHECKING, Any

from mingei.command_line import COMMANDS, UsageError, parser
from mingei.core.errors import LengthError, MingeiError
from mingei.core.words import counted, quoted, say, some_of

if TYPE_CHECKING:
    from mingei.core.build import Build
    from mingei.core.cabinet import Cabinet
    from mingei.core.project import Brief
    from mingei.core.recipes import Recipe, Value, Values
    from mingei.core.stock import Stock

OK, FINDINGS, REFUSED, INTERRUPTED = 0, 1, 2, 130


def main(arguments: Sequence[str] | None = None) -> int:
    """Run one command; returns the exit code.  Refusals are one sentence on stderr."""
    words = list(sys.argv[1:] if arguments is None else arguments)
    if not words or (words[0] not in COMMANDS and words[0] not in ("-h", "--help", "--version")):
        words.insert(0, "window")
    for stream in (sys.stdout, sys.stderr):  # a terminal that knows few letters is shown the others by number
        if isinstance(stream, io.TextIOWrapper):
            stream.reconfigure(errors="backslashreplace")
    try:
        options = parser().parse_args(words)
        code = _RUN[options.command](options)
        sys.stdout.flush()
        return code
    except MingeiError as error:
        print(f"mingei: {' '.join(str(error).split())}", file=sys.stderr)
        return REFUSED
    except BrokenPipeError:  # the reader left, as `| head` does
        _say_no_more()
        return OK
    except OSError as error:
        _say_no_more()
        print(f"mingei: {' '.join(str(_unusable(error)).split())}", file=sys.stderr)
        return REFUSED
    except KeyboardInterrupt:
        return INTERRUPTED
    except Exception as error:  # noqa: BLE001 - the last door: our own fault is said like all else, and kept
        print(f"mingei: {' '.join(str(_fault(error)).split())}", file=sys.stderr)
        return REFUSED


def _say_no_more() -> None:
    """What was still to be printed goes nowhere, so that leaving does not fail on it once more."""
    if isinstance(sys.stdout, io.TextIOWrapper):
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())


def _unusable(error: OSError) -> MingeiError:
    """A file, a name or a pipe that the system refuses."""
    place = quoted(str(error.filename)) if error.filename else ""
    if error.errno == errno.ENAMETOOLONG:
        return MingeiError("the name is longer than a file's can be", place, "write a shorter one")
    return MingeiError(say("it cannot be used ({reason})", reason=error.strerror or type(error).__name__),
                       place, "write to where there is room, and name files that are there")


def _fault(error: Exception) -> MingeiError:
    """A fault of Mingei itself, written to the log of faults."""
    from platformdirs import user_state_path

    from mingei.app import faults

    log = faults.begin(user_state_path("mingei", appauthor=False))
    faults.LOG.error("fault", exc_info=error)
    kept = say("the reason is in {log}", log=log) if log else f"{type(error).__name__}: {error}"
    return MingeiError(say("something went wrong in Mingei itself ({kind}), and nothing was written",
                           kind=type(error).__name__), "", kept)


def _window(options: argparse.Namespace) -> int:
    from mingei.app.main import run

    return run(options.file, demo=options.demo, shots=options.shots)


def _recipes(options: argparse.Namespace) -> int:
    from mingei.core.recipes import found, recipes

    matching = found(" ".join(options.find))
    if not matching:
        raise UsageError("no construction is known by these words", " ".join(options.find)[:200],
                         say("write fewer or other words, or one of: {names}",
                             names=some_of((r.title for r in recipes().values()), " ".join(options.find))))
    if options.json:
        print(json.dumps([_recipe_data(r) for r in matching], indent=1, ensure_ascii=False))
        return OK
    for recipe in matching:
        print(f"{recipe.id}: {recipe.title}, {recipe.purpose}")
        for m in recipe.measures:
            extent = " | ".join(c for c, _ in m.choices) or f"{m.write(m.minimum)} to {m.write(m.maximum)}"
            default = m.write(float(m.default)) if isinstance(m.default, float) else m.default or "none"
            print(f"  {m.name} = {default}  [{extent}]  {m.doc}")
    return OK


def _recipe_data(recipe: Recipe) -> dict[str, Any]:
    from mingei.core.build import build
    from mingei.core.project import new_brief
    from mingei.core.recipes import Kind
    from mingei.core.stock import find_stock

    brief = new_brief(recipe.id)
    default = build(brief, find_stock(brief.stock))
    measures = []
    for m in recipe.measures:
        bounded = m.kind in (Kind.LENGTH, Kind.ANGLE, Kind.COUNT)
        measures.append({
            "name": m.name, "kind": str(m.kind), "default": m.default, "min": m.minimum if bounded else None,
            "max": m.maximum if bounded else None, "choices": [c for c, _ in m.choices],
            "unit": {Kind.LENGTH: "mm", Kind.ANGLE: "deg"}.get(m.kind, ""), "doc": m.doc})
    return {
        "id": recipe.id, "title": recipe.title, "family": recipe.family, "purpose": recipe.purpose,
        "also": list(recipe.also), "measures": measures,
        "stock": brief.stock, "caliper_mm": [recipe.thinnest, recipe.thickest],
        "inside": list(default.draft.inside_mm) if default.draft.inside_mm else None,
        "outside": [round(v, 6) for v in default.outside],
        "flat": [round(default.blank.width, 6), round(default.blank.height, 6)],
    }


def _stock(options: argparse.Namespace) -> int:
    from mingei.core.cabinet import matching
    from mingei.core.project_data import stock_data

    stocks = matching(_cabinet().stocks, " ".join(options.find))
    if options.json:
        print(json.dumps([stock_data(s) for s in stocks], indent=1, ensure_ascii=False))
        return OK
    for s in stocks:
        print(f"{s.id:14} {s.name:28} {s.grammage_gsm:5g} g/m²  {s.caliper_mm:4g} mm")
    return OK


def _offers(options: argparse.Namespace) -> int:
    from mingei.core.layout.sheets import find_sheet
    from mingei.core.offer import offers
    from mingei.core.project import Need, new_brief
    from mingei.core.stock import DEFAULT_STOCK_ID, find_stock

    need = Need(*(_length(getattr(options, word), place) for word, place in
                  (("long", "LENGTH"), ("wide", "WIDTH"), ("thick", "THICKNESS"))))
    new_brief("carton").with_need(need)  # refuses what is no thing
    if not need.is_some:
        raise UsageError("a thing has some length and some width", "LENGTH, WIDTH",
                         "write both larger than 0")
    sheet = find_sheet(options.sheet)
    found = offers(need, find_stock(options.stock or DEFAULT_STOCK_ID, _cabinet().own), sheet)
    if options.json:
        print(json.dumps([{
            "recipe": o.recipe.id, "measures": dict(o.build.brief.measures), "stock": o.build.stock.id,
            "fits": o.fits,
            "sheets": o.sheets, "folds": o.folds, "seams": o.seams, "area_mm2": round(o.build.area_mm2, 2),
            "outside_mm": [round(v, 3) for v in o.build.outside], "cost": round(o.cost, 4)} for o in found],
                         indent=1, ensure_ascii=False))
    elif found:
        for o in found:
            room = (say("{count} of {sheet}", count=o.sheets, sheet=sheet.name) if o.fits
                    else say("larger than {sheet}", sheet=sheet.name))
            print(
                f"{o.recipe.id:18} {room:16} {o.folds:3} folds {o.seams:3} seams "
                f"{o.build.area_mm2 / 100:6.0f} cm2  {o.build.stock.name}")
    else:
        print(
            "no construction takes it: write its sizes as length, width and thickness, or draft one by its "
            "own measures")
    return OK


def _fits(options: argparse.Namespace) -> int:
    from mingei.core.length import parse, write_both
    from mingei.core.sizes import ENVELOPES, THINGS, envelopes_for, largest_for

    thick = parse(options.thick, "mm")
    if thick < 0:
        raise UsageError("a thing is not thinner than nothing", "--thick", "write 0 or more")
    wanted = " ".join(options.thing.lower().split())
    envelope = next((e for e in ENVELOPES if wanted in (e.name.lower(),
                                                        e.name.lower().removesuffix(" envelope"))), None)
    if envelope is not None:
        try:
            long, short = largest_for(envelope, thick)
        except ValueError:
            raise UsageError(say("nothing {thick} thick goes into it", thick=write_both(thick)),
                             envelope.name, "take a box") from None
        if options.json:
            print(json.dumps({"envelope": envelope.name, "long_mm": round(long, 3),
                              "short_mm": round(short, 3), "thick_mm": thick}))
        else:
            print(f"{envelope.name}: up to {write_both(long)} by {write_both(short)}")
        return OK
    thing = next((s for s in THINGS if wanted == s.name.lower()), None)
    if thing is not None:
        width, height = thing.long, thing.short
    else:
        sides = wanted.replace("×", "x").split("x")
        if len(sides) != 2:
            raise UsageError(say("{thing!r} is no size known by name, nor two lengths", thing=options.thing),
                             "THING",
                             'write such as "148 x 105", or a name such as "A6 sheet", "photo 6 × 4 in" or '
                             '"C6 envelope"')
        width, height = (parse(side, "mm") for side in sides)
    if min(width, height) <= 0:
        raise UsageError("a thing has some length and some width", "THING", "write both larger than 0")
    found = envelopes_for(width, height, thick)
    if options.json:
        print(json.dumps([{"envelope": e.name, "long_mm": e.long, "short_mm": e.short} for e in found],
                         indent=1, ensure_ascii=False))
    elif found:
        for e in found:
            print(f"{e.name:20} {write_both(e.long)} by {write_both(e.short)}")
    else:
        print("no envelope that is sold takes it: draft one")
    return OK


def _cabinet() -> Cabinet:
    """The catalogue and the person's own stocks.  Raises ProjectError when their file cannot be read."""
    from platformdirs import user_data_path

    from mingei.formats import stock_file

    return stock_file.load(user_data_path("mingei", appauthor=False) / stock_file.NAME)


def _sets(words: Sequence[str], recipe: Recipe, values: Values) -> dict[str, Value]:
    """The measures as they were, and as they were written since; sums may name those before."""
    found = dict(values)
    for word in words:
        name, equals, text = word.partition("=")
        if not equals:
            raise UsageError(say("{word!r} is not NAME=VALUE", word=word), "--set",
                             "write one such as length=140mm")
        names = {k: v for k, v in found.items() if isinstance(v, float)}
        found[name.strip()] = recipe.measure(name.strip()).read(text, "mm", names)
    return found


def _new(options: argparse.Namespace) -> int:
    from mingei.core.build import build
    from mingei.core.length import write_both
    from mingei.core.project import new_brief, new_project
    from mingei.core.recipes import Kind, find_recipe
    from mingei.core.stock import find_stock
    from mingei.formats import project_file

    recipe = find_recipe(options.recipe)
    values = _sets(options.sets, recipe, {m.name: m.default for m in recipe.measures})
    stock = find_stock(options.stock, _cabinet().own) if options.stock else None
    brief = new_brief(recipe.id, values, stock)
    if options.tape:
        wanted = brief.values.get("tab")
        brief = brief.with_tape(options.tape)
        if any(word.partition("=")[0].strip() == "tab" for word in options.sets) and wanted is not None:
            brief = brief.with_measure("tab", wanted)
    for panel in options.splits:
        brief = brief.with_split(panel, True)
    for line in options.splices:
        brief = _with_splice(brief, find_stock(brief.stock, (stock,) if stock else ()), line)
    if options.mats:
        brief = _with_mats(brief, find_stock(brief.stock, (stock,) if stock else ()), options.mats)
    own = [stock] if stock else []
    for word in options.parts:
        part, equals, stock_id = word.partition("=")
        if not equals:
            raise UsageError(say("{word!r} is not PART=ID", word=word), "--part",
                             "write one such as liner=wrapping-60")
        own.append(find_stock(stock_id.strip(), _cabinet().own))
        brief = brief.with_part(part.strip(), own[-1])
    project = new_project(brief, options.title, sheet=options.sheet, own=tuple(own))
    _known_parts(build(brief, project.stock_of(brief), project.parts_of(brief)), brief)
    _accept_output(options.output)
    project_file.save(project, options.output)
    sizes = ", ".join(f"{m.name} {write_both(v) if m.kind is Kind.LENGTH else m.write(v)}"
                      for m, v in zip(recipe.measures, brief.values.values(), strict=True)
                      if isinstance(v, float))
    print(f"{options.output}: {recipe.title}, {sizes}")
    return OK


def _with_splice(brief: Brief, stock: Stock, line: str) -> Brief:
    """The brief with a line across a piece, as written on the command line.  Raises UsageError,
    MeasureError."""
    from mingei.core.build import build
    from mingei.core.layout.splice import Splice

    pieces = [p.name for p in build(brief, stock).patterns]
    piece, slash, where = line.rpartition("/")
    piece = piece if slash else pieces[0]
    if piece not in pieces:
        raise UsageError(say("no piece is called {piece!r}", piece=piece), "--splice",
                         say("choose one of: {names}", names=some_of(pieces, piece)))
    way, _, share = where.partition(":")
    try:
        turn = {"upright": 90.0, "level": 0.0}.get(way.strip())
        return brief.with_splice(Splice(piece, float(way) if turn is None else turn,
                                        float(share.strip().rstrip("%")) / 100))
    except ValueError:
        raise UsageError(say("{line!r} is no line across a piece", line=line), "--splice",
                         "write one such as upright:40%") from None


def _with_mats(brief: Brief, stock: Stock, border: str) -> Brief:
    """The brief with a mat on every panel that is seen.  Raises LengthError, MeasureError."""
    from mingei.core.build import build
    from mingei.core.covering.overlay import Overlay, visible

    mm = _length(border, "--mats")
    for panel in visible(build(brief, stock).patterns):
        brief = brief.with_overlay(Overlay(f"{panel} mat", panel, mm))
    left_out = build(brief, stock).left_out
    for overlay in left_out:
        brief = brief.without_overlay(overlay.name)
    if not brief.overlays:
        raise UsageError("no panel has room for a mat so far inside its edges", "--mats",
                         "write a narrower border, such as 3mm")
    return brief


def _known_parts(made: Build, brief: Brief) -> None:
    """Raises UsageError when a stock is given to a part the thing does not have."""
    for part, _ in brief.parts:
        if part not in made.part_names:
            raise UsageError(say("it has no part named {part!r}", part=part), "--part",
                             say("its parts are: {names}", names=some_of(made.part_names)
                                 or "none but its body"))


def _length(text: str, place: str) -> float:
    """A length as written, mm.  Raises LengthError naming the place."""
    from mingei.core.length import parse

    try:
        return parse(text, "mm")
    except LengthError as error:
        raise error.at(place) from None


def _overlap(text: str) -> float:
    """How far tiles overlap, mm.  Raises LengthError, UsageError."""
    from mingei.core.layout.tile import LEAST_MM, MOST_MM

    mm = _length(text, "--tile")
    if mm and not LEAST_MM <= mm <= MOST_MM:
        raise UsageError(say("{mm:g} mm is no overlap to join sheets by", mm=mm), "--tile",
                         say("write 0 for none, or {least:g} to {most:g} mm", least=LEAST_MM, most=MOST_MM))
    return mm


def _accept_output(path: Path) -> None:
    from mingei.formats import project_file

    if path.suffix != project_file.SUFFIX:
        raise UsageError(say("{name!r} does not end in {ending}", name=path.name, ending=project_file.SUFFIX),
                         "-o", "name the project so")


def _edit(options: argparse.Namespace) -> int:
    import shlex
    from dataclasses import replace

    from mingei.core import kinds
    from mingei.core.build import build
    from mingei.core.project import MOST_COPIES
    from mingei.core.recipes import find_recipe
    from mingei.core.stock import find_stock
    from mingei.formats import project_file

    output = options.output or options.file
    _accept_output(output)
    project = project_file.load(options.file)
    names = [b.name for b in project.briefs]
    if options.thing not in names and (options.thing or len(names) > 1):
        raise UsageError(say("no thing is called {name!r}", name=options.thing) if options.thing
                         else say("there are {count} things", count=len(names)), "--thing",
                         say("name one of: {names}", names=some_of(names, options.thing)))
    number = names.index(options.thing) if options.thing else 0
    brief = project.briefs[number]
    if options.sets:
        brief = brief.with_measures(_sets(options.sets, find_recipe(brief.recipe), brief.values))
    if options.copies is not None:
        if not 1 <= options.copies <= MOST_COPIES:
            raise UsageError(say("{n} copies are too few or too many", n=options.copies), "--copies",
                             say("write 1 to {most}", most=MOST_COPIES))
        brief = replace(brief, copies=options.copies)
    brief = replace(brief, name=options.name or brief.name,
                    notes=brief.notes if options.notes is None else options.notes)
    for drop in options.drops:
        word, _, which = drop.strip().partition(" ")
        brief = brief.without_named(word, which.strip(), "--drop")
    for amend in options.amends:
        try:
            word, *pairs = shlex.split(amend)
        except ValueError:
            raise UsageError("its quotes are not closed, or it is empty", "--amend",
                             "write a kind and FIELD=VALUE, such as trim panel=front round_mm=3") from None
        wanted = dict(pair.partition("=")[::2] for pair in pairs)
        brief = brief.amended(kinds.from_words(word, wanted, brief.amendments, f"--amend {word}"))
    project = project.with_brief(number, brief)
    if options.stock:
        project = project.with_stock(number, find_stock(options.stock, _cabinet().own))
    brief = project.briefs[number]
    build(brief, project.stock_of(brief), project.parts_of(brief))  # refuses what cannot be made
    project_file.save(project, output)
    print(output)
    return OK


def _export(options: argparse.Namespace) -> int:
    from mingei.formats import project_file
    from mingei.formats.export import Wanted, export, export_all, read_numbers

    if not options.to.strip():
        raise UsageError("an empty name is no file", "--to",
                         "write a file's name, or a folder's with / at its end")
    overlap = None if options.tile is None else _overlap(options.tile)
    project = project_file.load(options.file)
    sheets = [word.strip() for word in options.sheet.split(",")] or [""]
    wanted = Wanted(sheets[0], options.piece, options.layout, tile_mm=overlap,
                    cutting_list=options.cutting_list,
                    pages=read_numbers(options.sheet_no, "--sheet-no"))
    to = Path(options.to)
    said: list[str] = []
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


def _remarked(remarks: Iterable[str]) -> int:
    """What is to be said of files that were written; a file that is not all it should be is a finding."""
    said = list(dict.fromkeys(remarks))
    for words in said:
        print(f"mingei: {words}.", file=sys.stderr)
    return FINDINGS if said else OK


def _material(options: argparse.Namespace) -> int:
    from dataclasses import replace

    from mingei.core.layout.material import material
    from mingei.core.layout.place import lay_out, loads_of_all, piles_for
    from mingei.core.layout.sheets import find_sheet
    from mingei.formats import project_file
    from mingei.formats.export import builds_of

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


def _rehearse(options: argparse.Namespace) -> int:
    import io

    from mingei.core.layout.footer import bars
    from mingei.core.layout.laying import MOST_MARGIN_MM
    from mingei.formats import atomic, project_file
    from mingei.formats.export import pdf_of
    from mingei.formats.rehearsal import Faults, rehearse

    for word, percent in (("--scale", options.scale), ("--along", options.along or options.scale)):
        if not 50.0 <= percent <= 150.0:
            raise UsageError(say("{percent:g} % is no printer's fault", percent=percent), word,
                             "write 50 to 150")
    if not abs(options.skew) <= 3.0:
        raise UsageError(say("{skew:g} degrees is no skew a printer has", skew=options.skew), "--skew",
                         "write up to 3")
    margin = _length(options.margin, "--margin")
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


def _nest(options: argparse.Namespace) -> int:
    from mingei.core.layout.closer import closer
    from mingei.core.layout.place import loads_of_all
    from mingei.formats import project_file
    from mingei.formats.export import builds_of

    _accept_output(options.output or options.file)
    project = project_file.load(options.file)
    loads = loads_of_all(builds_of(project))
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


def _check(options: argparse.Namespace) -> int:
    from mingei.core import check
    from mingei.core.check.printing import found_about
    from mingei.core.covering.art import printed
    from mingei.formats import project_file
    from mingei.formats.artwork import gather
    from mingei.formats.export import builds_of

    project = project_file.load(options.file)
    sheet = project.paper
    found = []
    for b in builds_of(project):
        pictures, refused = gather(b.brief.arts, whole=True)
        prints = [each for on in printed(b.brief.arts, b.patterns, pictures).values() for each in on]
        found += [(b.brief.name, f) for f in (*check.run(b, sheet, thorough=True),
                                              *found_about(refused, prints))]
    if options.json:
        print(json.dumps([{"brief": name, "code": f.code, "severity": f.severity.name.lower(),
                           "sentence": f.sentence, "place": f.place,
                           "remedy": f.remedy} for name, f in found], indent=1, ensure_ascii=False))
    else:
        for name, f in found:
            print(f"{f.severity.name.lower()}: {name}: {f}")
        if not found:
            print("nothing found")
    return FINDINGS if any(f.severity is check.Severity.ERROR for _, f in found) else OK


def _scale(options: argparse.Namespace) -> int:
    from dataclasses import replace

    from mingei.core import scale
    from mingei.core.build import build
    from mingei.core.errors import MeasureError
    from mingei.core.length import parse
    from mingei.formats import project_file

    output = options.output or options.file
    _accept_output(output)
    project = project_file.load(options.file)
    step = parse(options.round) if options.round else 0.0
    if options.piece and options.piece not in [b.name for b in project.briefs]:
        raise MeasureError("nothing in the project has that name",
                           say("piece {piece!r}", piece=options.piece),
                           say("choose one of: {names}",
                               names=some_of((b.name for b in project.briefs), options.piece)))
    said = []
    for number, brief in enumerate(project.briefs):
        if options.piece and brief.name != options.piece:
            continue
        stock = project.stock_of(brief)
        factor = _factor(options, brief, stock)
        drafted = scale.scaled(brief, factor, step)
        before, after = build(brief, stock), build(drafted, stock)
        wrong = scale.consequence(before, after, factor)
        project = project.with_brief(number, replace(brief, enlarged=brief.enlarged * factor)
                                     if options.enlarge else drafted)
        said.append((brief.name, factor, scale.table(before, after), wrong,
                     scale.mismatches(before, after, factor)))
    project_file.save(project, output)
    if options.json:
        print(json.dumps([{
            "brief": name, "factor": factor, "enlarged": options.enlarge, "consequence": wrong,
            "rows": [{"name": r.name, "before_mm": r.before, "after_mm": r.after, "fate": str(r.fate),
                      "too_small": r.small} for r in rows],
            "enlarging_mm": [{"piece": m.piece, "panel": m.panel, "wrong_mm": m.wrong_mm} for m in worst],
        } for name, factor, rows, wrong, worst in said], indent=1, ensure_ascii=False))
        return OK
    for name, factor, rows, wrong, _ in said:
        print(f"{name}: {factor:.4g} times the size")
        for row in rows:
            print(
                f"  {row.name:26} {row.before:9.2f} -> {row.after:9.2f} mm  "
                f"{row.fate}{'  ' + row.small if row.small else ''}")
        if wrong:
            print(f"  {wrong}.")
    return OK


def _factor(options: argparse.Namespace, brief: Brief, stock: Stock) -> float:
    """How many times the size, by whichever way was given."""
    from mingei.core import scale
    from mingei.core.layout.sheets import find_sheet
    from mingei.core.length import parse

    if options.ratio is not None:
        new, colon, old = options.ratio.partition(":")
        if not colon:
            raise UsageError(say("{ratio!r} is not A:B", ratio=options.ratio), "--ratio",
                             "write one such as 2:1 or 80:60")
        return scale.ratio(_number(new, "--ratio"), _number(old, "--ratio"))
    if options.by is not None:
        return _number(options.by, "--by")
    if options.fit is not None:
        return scale.to_sheet(brief, stock, find_sheet(options.fit))
    name, equals, text = options.to.partition("=")
    if not equals:
        raise UsageError(say("{word!r} is not NAME=VALUE", word=options.to), "--to",
                         "write one such as length=140mm")
    try:
        return scale.to_measure(brief, stock, name.strip(), parse(text))
    except LengthError as error:
        raise error.at("--to") from None


def _number(text: str, place: str) -> float:
    try:
        return float(text.strip().replace(",", "."))
    except ValueError:
        raise UsageError(say("{text!r} is not a number", text=text), place, "write one such as 1.5") from None


_RUN = {"window": _window, "recipes": _recipes, "stock": _stock, "fits": _fits, "offers": _offers,
        "new": _new, "edit": _edit,
        "export": _export, "material": _material, "rehearse": _rehearse, "nest": _nest, "check": _check,
        "scale": _scale}
