"""Commands about the work itself: what is scored, cut, folded and glued, in which order, and how long it
takes."""

from __future__ import annotations

import argparse
import json
import math
from collections.abc import Sequence
from typing import Any

from mingei.command_line import OK
from mingei.core.check.gluing import taped_seams
from mingei.core.document.build import Build, loads_of_all
from mingei.core.layout.cutting_list import cutting_list
from mingei.core.layout.material import material
from mingei.core.layout.place import lay_out, piles_of
from mingei.core.length import write_both
from mingei.core.work.plan import Work, pressure, work_on
from mingei.core.work.words import cut_words, placement_words
from mingei.formats import project_file
from mingei.formats.device_file import devices
from mingei.formats.export import builds_of

#: Grams of glue a square metre of joint takes, from a thin even coat to a generous one (from experience).
_GLUE_GSM = (40.0, 120.0)


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
    for b in builds:
        print(f"{b.brief.name}:")
        for step in b.steps:
            print(f"  {step.number}. {step.words}")
    total = sum(w.score_minutes + w.cut_minutes for w in works)
    print(f"about {math.ceil(total)} minutes to score and cut")
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


def _data(project: Any, builds: Sequence[Build], works: Sequence[Work]) -> dict[str, Any]:
    tape, area = [], 0.0
    for b in builds:
        held = {s.name: s for _, s in taped_seams(b)}
        for pattern in b.patterns:
            for mate in pattern.mates:
                seam = held.get(mate.seam)
                length = math.dist(*mate.carrier_line)
                if seam is not None and b.brief.tape_mm:
                    tape += [{"width_mm": b.brief.tape_mm, "length_mm": round(length, 3), "seam": mate.seam,
                              "thing": b.brief.name}] * (mate.joint.hinges * b.brief.copies)
                elif mate.joint.outer_tape:
                    tape.append({"width_mm": 0.0, "length_mm": round(length, 3), "seam": mate.seam,
                                 "thing": b.brief.name})
            if not b.brief.tape_mm:
                glued = {s.name: s.depth_mm for s in pattern.seams if s.joint.between}
                area += sum(glued[m.seam] * math.dist(*m.carrier_line) for m in pattern.mates
                            if m.seam in glued) * pattern.copies
    found = material(piles_of(tuple(w.page for w in works)))
    score, cut = sum(w.score_minutes for w in works), sum(w.cut_minutes for w in works)
    return {
        "title": project.title,
        "sheets": [_sheet(w) for w in works],
        "steps": [{"thing": b.brief.name, "number": s.number, "words": str(s.words),
                   "because": [str(why) for why in s.because],
                   "operations": [{"key": op.key, "does": str(op.does), "words": str(op.words),
                                   "reasons": [{"before": r.before, "why": str(r.why)} for r in op.reasons]}
                                  for op in s.operations]}
                  for b in builds for s in b.steps],
        "adhesive": {"tape": tape, "glue_g": [round(area * 1e-6 * gsm, 3) for gsm in _GLUE_GSM]},
        "minutes": {"score": round(score, 2), "cut": round(cut, 2), "total": round(score + cut, 2)},
        "money": {"total": round(sum(m.money for m in found), 2),
                  "stocks": [{"stock": m.stock.id, "sheets": m.sheets, "money": round(m.money, 2)}
                             for m in found]},
        "cutting_list": [{"letter": row.letter, "thing": row.thing, "piece": row.piece, "stock": row.stock,
                          "count": row.copies, "size": f"{write_both(row.width)} x {write_both(row.height)}",
                          "width_mm": round(row.width, 3), "height_mm": round(row.height, 3)}
                         for row in cutting_list(loads_of_all(builds))],
    }


def _point(p: tuple[float, float]) -> list[float]:
    return [round(p[0], 4), round(p[1], 4)]


def _sheet(work: Work) -> dict[str, Any]:
    """A sheet's plan, in coordinates of the sheet, mm, its lower left corner the origin, printed face up."""
    return {
        "number": work.page.number, "stock": work.stock.id,
        "sheet_mm": [round(work.box.width, 3), round(work.box.height, 3)],
        "placements": [{"number": p.number, "face": str(p.face), "from_mm": _point(p.start),
                        "to_mm": _point(p.end),
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
                  "words": str(cut_words(c))} for c in work.cuts],
        "minutes": {"score": round(work.score_minutes, 2), "cut": round(work.cut_minutes, 2)},
        "pressure": str(pressure(work.stock)),
    }
