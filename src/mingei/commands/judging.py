"""Commands that look for mistakes, and draft at another size."""

from __future__ import annotations

import argparse
import json
from dataclasses import replace

from mingei.command_line import FINDINGS, OK, UsageError
from mingei.commands.common import accept_output
from mingei.core import check
from mingei.core.check.printing import found_about
from mingei.core.covering.art import nowhere, printed
from mingei.core.document.build import build
from mingei.core.document.project import Brief
from mingei.core.errors import LengthError, MeasureError
from mingei.core.layout.sheets import find_sheet
from mingei.core.length import parse
from mingei.core.sizing import scale
from mingei.core.stock import Stock
from mingei.core.whole.joined import builds_of
from mingei.core.words import say, some_of
from mingei.formats import project_file
from mingei.formats.artwork import gather
from mingei.formats.assets import digest_of


def checked(options: argparse.Namespace) -> int:
    project = project_file.load(options.file)
    found = []
    for number, b in enumerate(builds_of(project)):
        pictures, refused = gather(b.brief.arts, whole=True)
        prints = [each for on in printed(b.brief.arts, b.patterns, pictures).values() for each in on]
        missing = {art for art, _ in refused}
        changed = [art for art in b.brief.arts if art.source and art.digest and art not in missing
                   and digest_of(art.source) != art.digest]
        found += [(b.brief.name, f) for f in (*check.run_joined(project, number, b, thorough=True),
                                              *found_about(refused, prints, changed,
                                                           nowhere(b.brief.arts, b.patterns)))]
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


def rescaled(options: argparse.Namespace) -> int:
    output = options.output or options.file
    accept_output(output)
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
