"""Amendments: what a person changed by hand, kept by name and applied again to every new draft.

A *seam change* says how a seam is held (glued tab, tuck, or no tab and tape outside) and which of its two
panels carries the tab. Moving a tab makes its old carrier the host, and a host lies one layer outside the
tab; glued, the host closes last, pressing on the tab; tucked, the carrier closes last, since its tab must
slide in.  What covers what is reckoned over all pieces of the draft, since a tab may land on a panel of
another piece.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace
from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.draft import Draft, EdgeRef, Panel, Piece, Seam
from mingei.core.errors import MeasureError
from mingei.core.joints import find_joint
from mingei.core.offset import Measured
from mingei.core.words import joined, say


class SeamChange(NamedTuple):
    """seam: its name; joint: how it is held, by its joint's word; moved: the other panel carries the tab;
    extra: what a file says of it besides."""

    seam: str
    joint: str
    moved: bool = False
    extra: Extra = ()


def seams(draft: Draft) -> dict[str, Seam]:
    """Every seam a person may hold another way, by name: not the teeth of a row, which stand where their
    curve needs them, nor a fin that joins two edges in one plane, where no tab finds a corner, nor a board
    that stands on another's face, nor one whose depth no tab was ever meant to have."""
    return {s.name: s for piece in draft.pieces for s in piece.seams if _may_change(s)}


def _may_change(seam: Seam) -> bool:
    return not seam.row and seam.angle_deg != 0.0 and seam.joint.chosen and seam.depth_mm > 0.0


def amend(draft: Draft, changes: Iterable[SeamChange]) -> Draft:
    """The draft with a person's changes; a change to a seam this draft does not have is passed over (another
    choice may bring it back).

    Raises MeasureError when a seam cannot be held so, with the reason.
    """
    wanted = {c.seam: c for c in changes}
    pieces = list(draft.pieces)
    for piece in draft.pieces if wanted else ():
        for seam in piece.seams:
            change = wanted.get(seam.name)
            if change is None or not _may_change(seam) or (
                    not change.moved and change.joint == seam.joint.word):
                continue
            _accept(draft, seam, change)
            pieces = _held(pieces, seam, change)
    return relayered(draft, replace(draft, pieces=tuple(pieces))) if wanted else draft


def _accept(draft: Draft, seam: Seam, change: SeamChange) -> None:
    """Raises MeasureError with the reason when a seam cannot be held so."""
    place = say("seam {seam}", seam=seam.name)
    joint = find_joint(change.joint, place)
    if reason := joint.why_not(draft, seam.name, change.moved):
        raise MeasureError(say("it cannot be held by: {joint}", joint=joint.word), place, reason)
    if change.moved and (reason := why_fixed(draft, seam.name)):
        raise MeasureError("its tab cannot be moved", place, reason)


def why_fixed(draft: Draft, seam: str) -> str:
    """Why the tab of a seam cannot be moved to its other panel, or "" when it can."""
    found = next((s for piece in draft.pieces for s in piece.seams if s.name == seam), None)
    if found is None or found.fixed:
        return found.fixed if found else ""
    # what is turned in on a panel's inner face is in the way of no tab there
    host, laps = found.carrier.panel, [lap for piece in draft.pieces for lap in piece.laps if not lap.facing]
    beneath = [lap.lower for lap in laps if lap.upper == host]
    if beneath:
        return say("the {names} already lie under the {host}", names=joined(beneath, " and the "),
                   host=host) if len(beneath) > 1 else say(
            "the {names} already lies under the {host}", names=beneath[0], host=host)
    if any(lap.lower == host for lap in laps):
        return say("another panel lies over the {host}", host=host)
    return ""


def _held(pieces: list[Piece], seam: Seam, change: SeamChange) -> list[Piece]:
    """The pieces with a seam held another way; it belongs to the piece whose panel carries its tab."""
    fresh = seam._replace(joint=find_joint(change.joint))
    if change.moved:
        assert isinstance(seam.host, EdgeRef)  # only sides bear tabs
        fresh = fresh._replace(carrier=seam.host, host=seam.carrier)
    held = []
    for piece in pieces:
        own = {p.name for p in piece.panels}
        if fresh.carrier.panel in own:
            known = any(s.name == seam.name for s in piece.seams)
            seams_of = (tuple(fresh if s.name == seam.name else s for s in piece.seams) if known
                        else (*piece.seams, fresh))
        else:
            seams_of = tuple(s for s in piece.seams if s.name != seam.name)
        piece = replace(piece, seams=seams_of) if seams_of != piece.seams else piece
        if {fresh.carrier.panel, fresh.host.panel} <= own:
            late, early = ((fresh.carrier, fresh.host) if fresh.joint.carrier_last
                           else (fresh.host, fresh.carrier))
            piece = _close_after(piece, late.panel, early.panel)
        held.append(piece)
    return held


def _covering(pieces: Iterable[Piece]) -> set[str]:
    """The panels that lie over a tab or over another panel, those of whichever piece."""
    return {
        name for p in pieces for name in (*(s.host.panel for s in p.seams if s.joint.has_tab),
                                          *(lap.upper for lap in p.laps))
    }


def relayered(usual: Draft, changed: Draft) -> Draft:
    """A changed draft, its layers as what lies over what asks for.

    Where the brief measures the inside, a panel that now covers something steps one layer out, and one that
    covers nothing any more steps one in, but where all lie alike on a crowded piece and leave no room to
    step; both sides of a pre-crease are one face.  What slides over a panel steps with it.
    """
    if changed.measured is not Measured.INSIDE:
        return changed
    before, now = _covering(usual.pieces), _covering(changed.pieces)
    crowded = {p.name for piece in changed.pieces if piece.crowded for p in piece.panels}
    steps = {name: by for name, by in (dict.fromkeys(now - before, 1)
                                       | dict.fromkeys(before - now, -1)).items() if name not in crowded}
    level = [(f.a.panel, f.b.panel) for piece in changed.pieces for f in piece.folds if f.angle_deg == 0.0]
    for _ in level:
        for one, other in level:
            for name, beside in ((one, other), (other, one)):
                if name in steps and beside not in steps:
                    steps[beside] = steps[name]
    layers = {p.name: p.layer for piece in changed.pieces for p in piece.panels}
    moved = {name: max(0, layers[name] + by) - layers[name] for name, by in steps.items() if name in layers}
    if not any(moved.values()):
        return changed
    pieces = tuple(replace(piece, panels=tuple(_stepped(p, moved.get(p.name, 0) + moved.get(p.over, 0))
                                               for p in piece.panels))
                   for piece in changed.pieces)
    return replace(changed, pieces=pieces)


def _stepped(panel: Panel, by: float) -> Panel:
    return replace(panel, layer=panel.layer + by) if by else panel


def closing_step(piece: Piece, panel: str) -> int:
    """The step in which a panel reaches its place: the latest of the folds between it and the root; 0 for the
    root."""
    above = {f.b.panel: f for f in piece.folds}
    last = 0
    while panel in above:
        last = max(last, above[panel].step)
        panel = above[panel].a.panel
    return last


def closing_steps(piece: Piece) -> dict[str, int]:
    """The same of all panels of a piece, each worked out once."""
    above = {f.b.panel: f for f in piece.folds if not f.closing}
    found: dict[str, int] = {}
    for panel in piece.panels:
        way = []
        name = panel.name
        while name in above and name not in found:
            way.append(name)
            name = above[name].a.panel
        last = found.get(name, 0)
        found.setdefault(name, last)
        for each in reversed(way):
            last = found[each] = max(last, above[each].step)
    return found


def _close_after(piece: Piece, late: str, early: str) -> Piece:
    """Make ``late`` reach its place after ``early``, giving it a step of its own where it came before."""
    after = closing_step(piece, early)
    if closing_step(piece, late) > after:
        return piece
    moved = next((f for f in piece.folds if f.b.panel == late), None)
    if moved is None:  # the root closes by the other panel's coming
        return piece
    folds = tuple(f._replace(step=after + 1) if f is moved else f._replace(step=f.step + (f.step > after))
                  for f in piece.folds)
    seams = tuple(s._replace(step=s.step + (s.step > after)) for s in piece.seams)
    return replace(piece, folds=folds, seams=seams)
