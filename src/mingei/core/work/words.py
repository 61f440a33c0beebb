"""What is said of each step of scoring and cutting: one sentence, in mm and inches, with what not to
score."""

from __future__ import annotations

from mingei.core.length import write_both, write_mm
from mingei.core.plane.shape import Box
from mingei.core.words import Words, joined, say
from mingei.core.work.cutting import HandCut
from mingei.core.work.job import Stage
from mingei.core.work.lines import Face
from mingei.core.work.placements import Placement
from mingei.core.work.plan import Work, distances
from mingei.core.work.tools import HOLE_TOOLS, Tool

FACES = {Face.PRINTED: "printed face", Face.BACK: "back"}
#: The edges of a sheet with its printed face up, and where the same edges lie once it is turned over
#: sideways.
EDGES = {"left": "left edge", "lower": "lower edge", "right": "right edge"}
TOOLS = {Tool.TRIMMER: "trimmer", Tool.KNIFE: "knife", Tool.SMALL_KNIFE: "knife with a small blade",
         Tool.SCISSORS: "scissors", Tool.NEEDLE: "needle", Tool.AWL: "awl", Tool.PUNCH: "hole punch"}
#: What makes a hole in one go.
HOLES = tuple(tool for tool, _ in HOLE_TOOLS)
#: What a machine's strokes are called, one by one.
STAGES = {Stage.DRAW: "drawn line", Stage.CREASE: "crease", Stage.HALF: "half cut",
          Stage.PERFORATE: "perforation", Stage.INNER: "inner cut", Stage.OUTLINE: "outline"}


def where_words(work: Work, placement: Placement) -> Words:
    """Where the rule lies, from the datum edges of what is in hand, both ends where it is slanted."""
    found = distances(placement, work.box)
    turned = placement.face is Face.BACK

    def edge(name: str) -> Words:
        return say("right edge, the same edge as before") if turned and name == "left" else say(EDGES[name])

    if len(found) == 1:
        words = say("{mm} from the {edge}", mm=write_both(found[0].at_mm), edge=edge(found[0].edge))
    else:
        words = say("from {ax} off the {edge} and {ay} up to {bx} off it and {by} up",
                    ax=write_both(found[0].at_mm), ay=write_both(found[1].at_mm),
                    bx=write_both(found[2].at_mm), by=write_both(found[3].at_mm), edge=edge("left"))
    return say("on the {piece}, {where}", piece=placement.of, where=words) if placement.of else words


def short_where(placement: Placement, sheet: Box) -> Words:
    """The same in few words, for a list."""
    found = distances(placement, sheet)
    if len(found) > 1:
        return say("slanted {deg:.0f}°", deg=placement.turn_deg)
    if found[0].edge == "left":
        return say("{mm} from the left", mm=write_mm(found[0].at_mm, 1))
    return say("{mm} up", mm=write_mm(found[0].at_mm, 1))


def strokes_words(placement: Placement, sheet: Box) -> Words:
    """What is scored along the rule, from the edge it runs up to."""
    hand = placement.hand or sheet
    first = (placement.start[1] - hand.bottom if placement.upright else
             placement.start[0] - hand.left if placement.level else 0.0)
    spans = [say("{a} to {b}", a=write_mm(first + a, 1).removesuffix(" mm"),
                 b=write_mm(first + b, 1)) for a, b in placement.strokes]
    if len(spans) == 1:
        return say("stroke {spans}", spans=spans[0])
    return say("strokes {spans} and {last}", spans=joined(spans[:-1], ", "), last=spans[-1])


def placement_words(work: Work, placement: Placement) -> Words:
    """``Placement 4 of 9: 62.4 mm from the left edge, printed face, strokes 10 to 84 and 120 to 164``."""
    return say("Placement {number} of {count}: {where}, {face}, {strokes}", number=placement.number,
               count=len(work.placements), where=where_words(work, placement),
               face=say(FACES[placement.face]),
               strokes=strokes_words(placement, work.box))


def cut_words(cut: HandCut) -> Words:
    """``Cut 4: trimmer, the base and the lid: 151.2 mm from the left edge, straight through``, the edge one
    of what is in hand."""
    tool = say(TOOLS[cut.tool]) if cut.layers == 1 else say("{tool}, {count} layers one by one",
                                                           tool=say(TOOLS[cut.tool]), count=cut.layers)
    if cut.distance is not None:
        at, edge = write_both(cut.distance.at_mm), say(EDGES[cut.distance.edge])
        if cut.holds:
            return say("Cut {number}: {tool}, the part with {holds}: {mm} from its {edge}, {why}",
                       number=cut.number, tool=tool, holds=cut.holds, mm=at, edge=edge, why=cut.why)
        return say("Cut {number}: {tool}, {mm} from the {edge}, {why}", number=cut.number, tool=tool, mm=at,
                   edge=edge, why=cut.why)
    if cut.tool in HOLES:
        return say("Cut {number}: {tool}: {why}", number=cut.number, tool=tool, why=cut.why)
    if cut.passes > 1:
        return say("Cut {number}: {tool}, {length}, {passes} passes: {why}", number=cut.number,
                   tool=tool, length=write_both(cut.length), passes=cut.passes, why=cut.why)
    return say("Cut {number}: {tool}, {length}: {why}", number=cut.number, tool=tool,
               length=write_both(cut.length), why=cut.why)


def short_cut(cut: HandCut) -> Words:
    """A cut in few words, for a list: where a trimmer's is, what any other makes."""
    if cut.distance is None:
        return cut.why
    at = write_mm(cut.distance.at_mm, 1)
    return (say("{mm} from the left", mm=at) if cut.distance.edge == "left" else say("{mm} up", mm=at))
