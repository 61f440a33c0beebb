"""The steps of folding, in a maker's words, worked out from the folds and seams themselves.

A seam is *joined* in the step that brings the later of its two panels to its place.  The last step of a thing
that holds something is said to come after filling.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import NamedTuple

from mingei.core.amendments.amend import closing_step
from mingei.core.draft import Crease, Draft, Piece, Role, fellow, strap_name
from mingei.core.draft.joint import Adds
from mingei.core.offset import FLAT_DEG
from mingei.core.words import Words, joined, say


class Step(NamedTuple):
    """number: from 1; words: what to do, full sentences; panels: those that move in it."""

    number: int
    words: str
    panels: tuple[str, ...]


def steps(draft: Draft) -> tuple[Step, ...]:
    """The steps of every piece, one after another."""
    result: list[Step] = []
    for piece in draft.pieces:
        straps = {piece.last_step + 1 for s in piece.seams if s.joint.has_strap}
        usual = sorted({f.step for f in piece.folds}
                       | {s.step for s in piece.seams if s.joint.adds is not Adds.NOTHING})
        numbers = sorted({*usual, *straps})
        meeting = _joined(piece)
        for number in numbers:
            moving, sentences = _motions(piece, number)
            sentences += meeting.get(number, [])
            if draft.inside_mm and draft.closes and piece is draft.pieces[-1] and number == usual[-1]:
                sentences.insert(0, "Fill it first.")
            result.append(Step(len(result) + 1, joined(sentences), moving))
    return tuple(result)


def _motions(piece: Piece, number: int) -> tuple[tuple[str, ...], list[str]]:
    """What moves in a step: walls on the root are raised, further walls brought over, all else folded in."""
    raised: list[str] = []
    brought: list[str] = []
    folded: list[str] = []
    rolled: list[str] = []
    out: list[str] = []
    turned: list[str] = []
    over: list[str] = []
    # a strip of wall: its panels are turned, not raised
    upright = abs(piece.placement.u[2]) + abs(piece.placement.v[2]) > 0.5
    for fold in piece.folds:
        if fold.step == number and fold.angle_deg > 1e-6 and not fold.closing:
            panel = piece.panel(fold.b.panel)
            if fold.angle_deg == FLAT_DEG:
                over.append(panel.name)
            elif fold.bend:
                rolled.append(panel.whole)
            elif panel.role is Role.WALL and (panel.whole or upright):
                turned.append(panel.whole or panel.name)
            elif panel.whole:
                (folded if fold.crease is Crease.MOUNTAIN else out).append(panel.whole)
            elif panel.role is not Role.WALL:
                folded.append(panel.name)
            elif fold.a.panel == piece.root:
                raised.append(panel.name)
            else:
                brought.append(panel.name)
    folded += [s.row or s.name for s in piece.seams if s.step == number and s.joint.has_tab]
    straps = [strap_name(s.name) for s in piece.seams if s.joint.has_strap and number == piece.last_step + 1]
    fins = [s.name for s in piece.seams if s.step == number and s.joint.has_flaps]
    sentences: list[str] = [
        say(template, names=listed(list(dict.fromkeys(names)))) for template, names in
        (("Draw {names} over a rounded edge until it curls, then roll it up.", rolled),
         ("Raise {names}.", raised),
         ("Bring {names} over.", brought), ("Fold {names} in.", folded), ("Fold {names} out.", out),
         ("Fold the two flaps of {names} back.", fins), ("Turn {names} round the corner.", turned),
         ("Fold {names} over flat.", over), ("Fold {names} over the outside, and glue down.", straps))
         if names]
    flaps = [flap for name in fins for flap in (name, fellow(name))]
    return (*rolled, *raised, *brought, *folded, *out, *turned, *over, *straps, *flaps), sentences


def _joined(piece: Piece) -> dict[int, list[str]]:
    """By step, the sentences that join what then meets."""
    result: dict[int, list[str]] = {}
    on: dict[tuple[int, str], list[str]] = {}
    for lap in piece.laps:
        if lap.glued:
            step = max(closing_step(piece, lap.upper), closing_step(piece, lap.lower))
            own = {p.name: p.whole for p in piece.panels}
            upper, lower = (own.get(name) or name for name in (lap.upper, lap.lower))
            on.setdefault((step, upper), []).append(lower)
    for (step, upper), lowers in on.items():
        if lowers[0] == upper:
            result.setdefault(step,
                              []).append(say("Glue the {upper} down where it laps over itself.", upper=upper))
        else:
            beneath = listed(list(dict.fromkeys(lowers)))
            result.setdefault(step,
                              []).append(say("Glue the {upper} on {lowers}.", upper=upper, lowers=beneath))
    glued: dict[tuple[int, str], list[str]] = {}
    for seam in piece.seams:
        step = max(closing_step(piece, seam.carrier.panel), closing_step(piece, seam.host.panel))
        if seam.joint.done:
            result.setdefault(step, []).append(say(seam.joint.done, seam=seam.name,
                                                   carrier=seam.carrier.panel, host=seam.host.panel))
        else:
            glued.setdefault((step, seam.host.panel), []).append(seam.row or seam.name)
    for (step, host), tabs in glued.items():
        result.setdefault(step, []).append(say("Glue the {upper} on {lowers}.", upper=host,
                                               lowers=listed(list(dict.fromkeys(tabs)))))
    return result


def listed(names: Sequence[str]) -> Words:
    """``the a``, ``the a and the b``, ``the a, the b and the c``."""
    said = [say("the {name}", name=n) for n in names]
    return (said[0] if len(said) == 1 else say("{names} and {last}", names=joined(said[:-1], ", "),
                                               last=said[-1]))
