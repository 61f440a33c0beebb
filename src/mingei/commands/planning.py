"""Commands about the work itself: what is scored, cut, folded and glued, in which order, and how long it
takes."""

from __future__ import annotations

import argparse
import json
import math
from collections.abc import Sequence
from typing import Any

from mingei.command_line import OK
from mingei.core.document.build import Build, loads_of_all
from mingei.core.document.project import Project
from mingei.core.document.table import Reckoned, Table, all_tape, reckoned, table
from mingei.core.layout.cutting_list import cutting_list
from mingei.core.layout.material import material
from mingei.core.layout.place import lay_out, piles_of
from mingei.core.length import write_both
from mingei.core.plan.holding import TAPE_SHORT_MM, grams, tape_list
from mingei.core.plan.steps import Step
from mingei.core.whole.joined import builds_of
from mingei.core.work.cutting import HandCut
from mingei.core.work.plan import Work, distances, pressure, work_on
from mingei.core.work.words import cut_words, placement_words
from mingei.formats import project_file
from mingei.formats.device_file import devices

#: So many reasons are given of a step.
_REASONS = 2


def planned(options: argparse.Namespace) -> int:
    """The whole plan: sheets, steps, adhesive, minutes, money, cutting list."""
    project = project_file.load(options.file)
    builds = builds_of(project)
    pages = lay_out(loads_of_all(builds), project.paper, project.spots)
    works = [work_on(page, project.working) for page in pages]
    if options.json:
        print(json.dumps(_data(project, builds, works), indent=1, ensure_ascii=False))
        return OK
    for work in works:
        print(f"sheet {work.page.number} of {work.page.count}, {work.stock.name}: "
              f"{len(work.placements)} placings of the rule, {pressure(work.stock)}")
        for placement in work.placements:
            print(f"  {placement_words(work, placement)}")
        for cut in work.cuts:
            print(f"  {cut_words(cut)}")
    tables = [table(b, project.making) for b in builds]
    for t in tables:
        print(f"{t.build.brief.name}:")
        for step in t.steps:
            print(f"  {step.number}. {step.words}")
            for why in step.because[:_REASONS]:
                print(f"     ({why})")
            for why in step.broken:
                print(f"     ! {why}")
    for total in tape_list(all_tape(tables)):
        print(f"tape of {write_both(total.width_mm)}: {total.many} strips, {write_both(total.length_mm)} "
              f"together, the longest {write_both(total.longest_mm)}")
    for caution in dict.fromkeys(str(c) for t in tables for c in t.cautions):
        print(caution)
    whole = reckoned(tables, material(piles_of(tuple(pages))), works, project.making)
    said = ", ".join(f"{math.ceil(s.minutes)} to {s.word}" for s in whole.stages)
    print(f"about {math.ceil(whole.minutes)} minutes of your hands: {said}")
    return OK


def machines(options: argparse.Namespace) -> int:
    """The machines there are."""
    found = devices()
    if options.json:
        print(json.dumps([{"id": d.id, "name": d.name, "output": [e[1:] for e in d.output],
                           "bed_mm": list(d.bed_mm), "mat": d.mat, "origin": d.origin,
                           "tools": [{"id": t.id, "way": str(t.way), "does": [str(x) for x in t.does],
                                      "number": t.number, "offset_mm": t.offset_mm, "kerf_mm": t.kerf_mm,
                                      "overcut_mm": t.overcut_mm, "lead_mm": t.lead_mm,
                                      "thickest_mm": t.thickest_mm, "speed_mm_s": t.speed_mm_s}
                                     for t in d.tools]}
                          for d in found], indent=1, ensure_ascii=False))
        return OK
    for d in found:
        print(f"{d.id}: {d.name}, {d.bed_mm[0]:g} x {d.bed_mm[1]:g} mm, {' '.join(d.output)}")
        for x in d.tools:
            print(f"  {x.id}: {', '.join(str(does) for does in x.does)}, up to {x.thickest_mm:g} mm thick")
    return OK


def _data(project: Project, builds: Sequence[Build], works: Sequence[Work]) -> dict[str, Any]:
    found = material(piles_of(tuple(w.page for w in works)))
    tables = [table(b, project.making) for b in builds]
    whole = reckoned(tables, found, works, project.making)
    return {
        "title": project.title,
        "sheets": [_sheet(w) for w in works],
        "steps": [_step(t, s) for t in tables for s in t.steps],
        "adhesive": _adhesive(tables),
        "bought": [{"thing": t.build.brief.name, "name": b.name, "count": b.many * t.build.brief.copies,
                    "length_mm": round(b.length_mm, 1), "size": str(b.size)} for t in tables
                   for b in t.bought],
        "minutes": {**{s.word: round(s.minutes, 2) for s in whole.stages}, "total": round(whole.minutes, 2),
                    "drying": round(whole.dry_min, 1)},
        "money": {"total": round(whole.cost.money, 2),
                  "stocks": [{"stock": m.stock.id, "sheets": m.sheets, "money": round(m.money, 2)}
                             for m in found],
                  "other": _other(whole)},
        "cautions": list(dict.fromkeys(str(c) for t in tables for c in t.cautions)),
        "cutting_list": [{"letter": row.letter, "thing": row.thing, "piece": row.piece(), "stock": row.stock,
                          "count": row.copies, "layers": row.layers,
                          "size": f"{write_both(row.width)} x {write_both(row.height)}",
                          "width_mm": round(row.width, 3), "height_mm": round(row.height, 3)}
                         for row in cutting_list(loads_of_all(builds))],
    }


def _step(t: Table, s: Step) -> dict[str, Any]:
    needs = t.needs(s)
    return {"thing": t.build.brief.name, "number": s.number, "key": s.key, "words": str(s.words),
            "because": [str(why) for why in s.because], "broken": [str(why) for why in s.broken],
            "operations": [{"key": op.key, "does": str(op.does), "words": str(op.words),
                            "reasons": [{"before": r.before, "why": str(r.why)} for r in op.reasons]}
                           for op in s.operations],
            "held": [{"seam": h.name, "adhesive": str(h.adhesive), "why": str(h.why),
                      "strips_mm": [round(mm, 3) for mm in h.strips_mm]} for h in needs.held],
            "copies": list(t.turns[s.number - 1]), "hold_s": round(needs.hold_s, 1),
            "dry_min": round(needs.dry_min, 1), "cautions": [str(c) for c in needs.cautions]}


def _adhesive(tables: Sequence[Table]) -> dict[str, Any]:
    taped = all_tape(tables)
    glue: dict[str, list[float]] = {}
    for t in tables:
        for adhesive, (low, high) in grams(t.held).items():
            had = glue.setdefault(str(adhesive), [0.0, 0.0])
            had[0] += low * t.build.brief.copies
            had[1] += high * t.build.brief.copies
    low, high = (sum(v[i] for v in glue.values()) for i in (0, 1))
    return {"tape": [{"width_mm": h.width_mm, "length_mm": round(mm, 3), "seam": h.name,
                      "allowance_mm": 2 * TAPE_SHORT_MM} for h in taped for mm in h.strips_mm],
            "rolls": [{"width_mm": x.width_mm, "strips": x.many, "length_mm": round(x.length_mm, 1),
                       "longest_mm": round(x.longest_mm, 1), "rolls": x.rolls} for x in tape_list(taped)],
            "glue_g": [round(low, 3), round(high, 3)],
            "glues": {name: [round(v, 3) for v in both] for name, both in glue.items()}}


def _other(whole: Reckoned) -> dict[str, Any] | None:
    if whole.other is None:
        return None
    o = whole.other
    return {"money": round(o.other.money, 2), "minutes": round(o.other.minutes, 2),
            "cheaper_from": o.cheaper_from, "quicker_from": o.quicker_from}


def _point(p: tuple[float, float]) -> list[float]:
    return [round(p[0], 4), round(p[1], 4)]


def _from_edge(cut: HandCut) -> dict[str, Any]:
    """How far a trimmer's cut lies from which edge of what is in hand then, and what that is, mm on the
    sheet."""
    if cut.distance is None or cut.hand is None:
        return {}
    h = cut.hand
    return {"edge": cut.distance.edge, "from_edge_mm": round(cut.distance.at_mm, 4),
            "hand_mm": [round(v, 4) for v in (h.left, h.bottom, h.right, h.top)]}


def _sheet(work: Work) -> dict[str, Any]:
    """A sheet's plan, in coordinates of the sheet, mm, its lower left corner the origin, printed face up."""
    return {
        "number": work.page.number, "stock": work.stock.id,
        "sheet_mm": [round(work.box.width, 3), round(work.box.height, 3)],
        "placements": [{"number": p.number, "face": str(p.face), "from_mm": _point(p.start),
                        "to_mm": _point(p.end), "of": p.of,
                        "distances_mm": [[d.edge, round(d.at_mm, 4)] for d in distances(p, work.box)],
                        "strokes_mm": [[round(a, 4), round(b, 4)] for a, b in p.strokes],
                        "passes": p.passes, "words": str(placement_words(work, p))} for p in work.placements],
        "curved": [{"face": str(c.face), "passes": work.stock.score_passes, "kind": "curve",
                    "points_mm": [_point(q) for q in [c.path[0].start, *(s.end for s in c.path)]]}
                   for c in work.curves]
        + [{"face": str(p.face), "passes": p.passes, "kind": "short",
            "points_mm": [_point(s.start), _point(s.end)]} for p in work.short for s in p.scores],
        "cuts": [{"number": c.number, "tool": str(c.tool), "passes": c.passes,
                  "length_mm": round(c.length, 3),
                  "minutes": round(c.minutes, 3), "points_mm": [_point(q) for q in c.points],
                  "layers": c.layers, **_from_edge(c),
                  "words": str(cut_words(c))} for c in work.cuts],
        "minutes": {"score": round(work.score_minutes, 2), "cut": round(work.cut_minutes, 2)},
        "pressure": str(pressure(work.stock)),
    }
