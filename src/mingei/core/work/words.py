"""What is said of each step of scoring and cutting: one sentence, in mm and inches, with what not to
score."""

from __future__ import annotations

from mingei.core.length import write_both, write_exact, write_mm
from mingei.core.words import Words, joined, say
from mingei.core.work.cutting import HandCut, Tool
from mingei.core.work.job import Stage
from mingei.core.work.lines import Face
from mingei.core.work.placements import Placement
from mingei.core.work.plan import Work, distances

FACES = {Face.PRINTED: "printed face", Face.BACK: "back"}
#: The edges of a sheet with its printed face up, and where the same edges lie once it is turned over
#: sideways.
EDGES = {"left": "left edge", "lower": "lower edge", "right": "right edge"}
TOOLS = {Tool.TRIMMER: "trimmer", Tool.KNIFE: "knife", Tool.SMALL_KNIFE: "knife with a small blade",
         Tool.SCISSORS: "scissors"}
#: What a machine's strokes are called, one by one.
STAGES = {Stage.DRAW: "drawn line", Stage.CREASE: "crease", Stage.HALF: "half cut",
          Stage.PERFORATE: "perforation", Stage.INNER: "inner cut", Stage.OUTLINE: "outline"}


def where_words(work: Work, placement: Placement) -> Words:
    """Where the rule lies, from the datum edges, both ends where it is slanted."""
    found = distances(placement, work.box)
    turned = placement.face is Face.BACK

    def edge(name: str) -> Words:
        return say("right edge, the same edge as before") if turned and name == "left" else say(EDGES[name])

    if len(found) == 1:
        return say("{mm} from the {edge}", mm=write_exact(found[0].at_mm), edge=edge(found[0].edge))
    return say("from {ax} off the {edge} and {ay} up to {bx} off it and {by} up",
               ax=write_exact(found[0].at_mm),
               ay=write_exact(found[1].at_mm), bx=write_exact(found[2].at_mm), by=write_exact(found[3].at_mm),
               edge=edge("left"))


def strokes_words(placement: Placement) -> Words:
    """What is scored along the rule."""
    first = placement.start[1] if placement.upright else placement.start[0] if placement.level else 0.0
    spans = [say("{a} to {b}", a=write_mm(first + a, 1).removesuffix(" mm"),
                 b=write_mm(first + b, 1).removesuffix(" mm")) for a, b in placement.strokes]
    if len(spans) == 1:
        return say("stroke {spans}", spans=spans[0])
    return say("strokes {spans} and {last}", spans=joined(spans[:-1], ", "), last=spans[-1])


def placement_words(work: Work, placement: Placement) -> Words:
    """``Placement 4 of 9: 62.4 mm from the left edge, printed face, strokes 10 to 84 and 120 to 164``."""
    return say("Placement {number} of {count}: {where}, {face}, {strokes}", number=placement.number,
               count=len(work.placements), where=where_words(work, placement),
               face=say(FACES[placement.face]),
               strokes=strokes_words(placement))


def cut_words(cut: HandCut) -> Words:
    """``Cut 3: knife, 120.5 mm, 2 passes: an opening of the lid, while the sheet still holds it``."""
    if cut.tool is Tool.TRIMMER:
        (ax, ay), (bx, _) = cut.path[0].start, cut.path[0].end
        edge, at = ("left", ax) if abs(ax - bx) < 1e-6 else ("lower", ay)
        return say("Cut {number}: {tool}, {mm} from the {edge}, {why}", number=cut.number,
                   tool=say(TOOLS[cut.tool]), mm=write_exact(at), edge=say(EDGES[edge]), why=cut.why)
    if cut.passes > 1:
        return say("Cut {number}: {tool}, {length}, {passes} passes: {why}", number=cut.number,
                   tool=say(TOOLS[cut.tool]), length=write_both(cut.length), passes=cut.passes, why=cut.why)
    return say("Cut {number}: {tool}, {length}: {why}", number=cut.number, tool=say(TOOLS[cut.tool]),
               length=write_both(cut.length), why=cut.why)
