"""What holds a thing together: the adhesive of every seam, lap and overlay, strips of tape cut to length,
grams of glue, and how long each is held and dries."""

from __future__ import annotations

import math
from collections.abc import Iterable, Mapping, Sequence
from typing import NamedTuple

from mingei.core.draft.joint import Adhesive, Joint
from mingei.core.flat.pattern import Pattern
from mingei.core.folded.fold import finished, place
from mingei.core.plan.making import USUAL, Making
from mingei.core.plan.operation import layers_of
from mingei.core.plane.area import area_of
from mingei.core.stock import Stock
from mingei.core.words import say

#: A strip of tape stays so far (mm) from each end of its seam, so that nothing sticky stands out.
TAPE_SHORT_MM = 1.0
#: So wide is tape that closes an edge from outside, and that fixes a patch, where a person names no other,
#: mm.
OUTER_TAPE_MM, PATCH_TAPE_MM = 12.0, 6.0
#: Grams of glue a square metre of joint takes, from a thin even coat to a generous one (from experience).
GLUE_GSM: Mapping[Adhesive, tuple[float, float]] = {
    Adhesive.WET: (40.0, 120.0), Adhesive.HOT: (150.0, 400.0), Adhesive.STICK: (20.0, 50.0)}
#: Paper no thicker than this is glued with a stick, since wet glue wrinkles it, mm (common practice).
_THIN_MM = 0.13
#: A roll of tape is so long, mm.
ROLL_MM = 10_000.0
#: How much longer than card other kinds of stock are held and dry (from experience).
_LONGER = {"paper": 0.7, "board": 2.0, "corrugated": 2.0}


class Held(NamedTuple):
    """What holds one seam, row of teeth, lap or overlay of one thing.

    name; piece; adhesive; why: it is this one, without a stop; seam_mm: length along its edges together;
    strips_mm: the lengths of its tape; width_mm: of the tape; area_mm2: to be coated with glue; hold_s: it is
    held so long; dry_min: and left alone so long; pairs: of what lies on a panel, what it is and
    the panel, each by the name of its curved face where it is a facet of one; of what has a step of its own,
    its name and the step's words.
    """

    name: str
    piece: str
    adhesive: Adhesive
    why: str
    seam_mm: float
    strips_mm: tuple[float, ...]
    width_mm: float
    area_mm2: float
    hold_s: float
    dry_min: float
    pairs: tuple[tuple[str, str], ...] = ()


class Total(NamedTuple):
    """Of one width of tape: so many strips, all together and the longest, mm, and rolls."""

    width_mm: float
    many: int
    length_mm: float
    longest_mm: float
    rolls: int


def held(patterns: Sequence[Pattern], tape_mm: float = 0.0, chosen: Mapping[str, Adhesive] | None = None,
         windows: Iterable[tuple[str, str, float, float]] = (), making: Making = USUAL,
         steps: Iterable[tuple[str, str, float, str]] = (),
         taped: Iterable[tuple[str, str, float, str]] = ()) -> tuple[Held, ...]:
    """What holds each joint of one thing, in the order of the pieces.  tape_mm: the thing is taped with so
    wide a tape, 0: glued; chosen: what a person chose, by name; windows: name, panel, width and height of
    each patch, mm; steps: name, panel and area of what is glued in steps of its own, mm2, and
    the words of its step; taped: the same of what is taped, with its length, mm."""
    chosen = chosen or {}
    found: list[Held] = []
    lines: dict[tuple[str, str], tuple[Pattern, Joint, list[float]]] = {}
    for p in patterns:
        for mate in p.mates:
            _, _, some = lines.setdefault((p.name, mate.row or mate.seam), (p, mate.joint, []))
            some.append(math.dist(*mate.carrier_line))
    for (_, name), (p, joint, lengths) in lines.items():
        if not joint.takes:
            continue
        row = any(s.row == name for s in p.seams)
        adhesive, why = _adhesive(joint, p.stock, tape_mm, row, chosen.get(name))
        area = sum(s.depth_mm * math.dist(*m.carrier_line) for m in p.mates for s in p.seams
                   if s.name == m.seam and name in (m.row, m.seam)) * joint.hinges
        found.append(_held(name, p, adhesive, why, lengths * joint.hinges, area, tape_mm, making))
    for p in (p for p in patterns if p.stock.layers > 1):
        name = layers_of(p.name)
        adhesive, why = _adhesive(None, p.stock, 0.0, False, chosen.get(name))
        found.append(_held(name, p, adhesive, why, [math.sqrt(p.area)] * (p.stock.layers - 1),
                           p.area * (p.stock.layers - 1), 0.0, making))
    found += _laps(patterns, tape_mm, chosen, making)
    for p in (p for p in patterns if p.covers):
        adhesive, why = _adhesive(None, p.stock, 0.0, False, chosen.get(p.name))
        across = math.sqrt(p.area)
        found.append(_held(p.name, p, adhesive, why, [across, across], p.area, tape_mm, making)._replace(
            pairs=((p.name, p.rides.panel),) if p.rides else ()))
    for name, panel, width, height in windows:
        owner = next((p for p in patterns if p.panels_of(panel)), patterns[0])
        adhesive = chosen.get(name, Adhesive.TAPE)
        why = say("hot glue may soften the film") if name not in chosen else say("it was chosen")
        found.append(_held(name, owner, adhesive, why, [width, width, height, height],
                           2 * (width + height) * PATCH_TAPE_MM, PATCH_TAPE_MM, making)._replace(
                               pairs=((name, panel),)))
    for name, panel, area, words in steps:
        owner = next((p for p in patterns if p.panels_of(panel)), patterns[0])
        adhesive, why = _adhesive(None, owner.stock, tape_mm, False, chosen.get(name))
        found.append(_held(name, owner, adhesive, why, [math.sqrt(area)], area, tape_mm, making)._replace(
            pairs=((name, words),)))
    for name, panel, length, words in taped:
        owner = next((p for p in patterns if p.panels_of(panel)), patterns[0])
        found.append(_held(name, owner, Adhesive.OUTER_TAPE, say("it is covered, or stays inside"), [length],
                           0.0, 0.0, making)._replace(pairs=((name, words),)))
    return tuple(found)


def _laps(patterns: Sequence[Pattern], tape_mm: float, chosen: Mapping[str, Adhesive],
          making: Making) -> list[Held]:
    """Panels glued face on face, two by two; facets of one curved face together."""
    stands = {panel.name: (p, panel, finished(p)[panel.name]) for p in patterns if p.rides is None
              for panel in p.panels}
    areas: dict[tuple[str, str, str], tuple[Pattern, float, float]] = {}
    for p in patterns:
        for lap in p.laps:
            if not lap.glued or lap.upper not in stands or lap.lower not in stands:
                continue
            owner, upper, at = stands[lap.upper]
            _, lower, there = stands[lap.lower]
            seen = (place(there, lower.polygon) - at[:3, 3]) @ at[:3, :2]
            shared = area_of(upper.polygon, upper.hole_polygons).intersection(area_of(seen))
            low_x, low_y, high_x, high_y = shared.bounds if not shared.is_empty else (0.0,) * 4
            key = (owner.name, upper.whole or upper.name, lower.whole or lower.name)
            _, area, long = areas.get(key, (owner, 0.0, 0.0))
            areas[key] = owner, area + float(shared.area), max(long, high_x - low_x, high_y - low_y)
    found = []
    for key, (p, area, long) in areas.items():
        adhesive, why = _adhesive(None, p.stock, tape_mm, False, chosen.get(key[1]))
        found.append(_held(key[1], p, adhesive, why, [long], area, tape_mm, making)._replace(
            pairs=(key[1:],)))
    return found


def together(some: Iterable[tuple[Held, object]]) -> list[tuple[Held, object]]:
    """Laps of one panel that have the same key, as one: those that are glued in the same step, say."""
    found: dict[tuple[str, str, object], Held] = {}
    keys: list[tuple[Held, tuple[str, str, object]]] = []
    for held_, key in some:
        mine = (held_.piece, held_.name, key) if held_.pairs else (held_.piece, held_.name, id(held_))
        had = found.get(mine)
        found[mine] = held_ if had is None else had._replace(
            seam_mm=max(had.seam_mm, held_.seam_mm), strips_mm=max(had.strips_mm, held_.strips_mm),
            area_mm2=had.area_mm2 + held_.area_mm2, pairs=(*had.pairs, *held_.pairs))
        if had is None:
            keys.append((held_, (mine[0], mine[1], key)))
    return [(found.get(mine, first), mine[2]) for first, mine in keys]


def _adhesive(joint: Joint | None, stock: Stock, tape_mm: float, row: bool,
              chosen: Adhesive | None) -> tuple[Adhesive, str]:
    """What holds a joint, and why."""
    if joint is not None and joint.outer_tape:
        return Adhesive.OUTER_TAPE, say("nothing lies beneath it that could be glued")
    takes = joint.takes if joint is not None else tuple(Adhesive)
    if chosen is not None and chosen in takes:
        return chosen, say("it was chosen")
    if row:
        return Adhesive.WET, say("tape does not follow a curve")
    if tape_mm and Adhesive.TAPE in takes:
        return Adhesive.TAPE, say("the whole thing is taped")
    if stock.kind == "paper" and stock.caliper_mm <= _THIN_MM and Adhesive.STICK in takes:
        return Adhesive.STICK, say("wet glue wrinkles thin paper")
    return takes[0] if Adhesive.WET not in takes else Adhesive.WET, say("it can be slid into place")


def _held(name: str, p: Pattern, adhesive: Adhesive, why: str, lengths: Sequence[float], area: float,
          tape_mm: float, making: Making) -> Held:
    taped = adhesive in (Adhesive.TAPE, Adhesive.OUTER_TAPE)
    width = 0.0 if not taped else tape_mm or (OUTER_TAPE_MM if adhesive is Adhesive.OUTER_TAPE
                                              else PATCH_TAPE_MM)
    strips = tuple(length - 2 * TAPE_SHORT_MM for length in lengths if length > 3 * TAPE_SHORT_MM)
    seconds = {Adhesive.WET: making.wet_s, Adhesive.HOT: making.hot_s, Adhesive.STICK: making.stick_s,
               Adhesive.TAPE: making.tape_s, Adhesive.OUTER_TAPE: making.tape_s}[adhesive]
    longer = 1.0 if taped else _LONGER.get(p.stock.kind, 1.0)
    return Held(name, p.name, adhesive, why, sum(lengths), strips if taped else (), width,
                0.0 if taped else area, seconds * longer,
                making.wet_min * longer if adhesive is Adhesive.WET else 0.0)


def tape_list(some: Iterable[Held], times: int = 1) -> tuple[Total, ...]:
    """How much tape of each width all of it takes, each cut so often."""
    by_width: dict[float, list[float]] = {}
    for each in some:
        if each.strips_mm:
            by_width.setdefault(each.width_mm, []).extend(each.strips_mm * times)
    return tuple(Total(width, len(strips), sum(strips), max(strips), math.ceil(sum(strips) / ROLL_MM))
                 for width, strips in sorted(by_width.items()))


def grams(some: Iterable[Held]) -> dict[Adhesive, tuple[float, float]]:
    """Grams of each glue, from a thin coat to a generous one."""
    found: dict[Adhesive, tuple[float, float]] = {}
    for each in some:
        if each.adhesive in GLUE_GSM and each.area_mm2:
            low, high = GLUE_GSM[each.adhesive]
            had = found.get(each.adhesive, (0.0, 0.0))
            found[each.adhesive] = (had[0] + low * each.area_mm2 * 1e-6, had[1] + high * each.area_mm2 * 1e-6)
    return found
