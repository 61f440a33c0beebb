"""Amendments: what a person changed by hand, kept by name and applied again to every new draft.

A *seam change* says how a seam is held (glued tab, tuck, or no tab and tape outside) and which of its two panels carries the tab.
Moving a tab makes its old carrier the host, and a host lies one layer outside the tab; glued, the host closes last, pressing on the
tab; tucked, the carrier closes last, since its tab must slide in.
"""

from __future__ import annotations

from collections.abc import Iterable
from dataclasses import replace
from typing import NamedTuple

from mingei.core.draft import Draft, Joint, Piece, Seam
from mingei.core.errors import MeasureError
from mingei.core.offset import Measured
from mingei.core.words import joined, say

#: The joints a person may choose for a seam.
CHOICES = (Joint.GLUE_TAB, Joint.DOUBLE, Joint.TUCK, Joint.TAPE, Joint.FIN)
#: The joints without a tab that lies beneath a host.
_UNCOVERED = (Joint.TAPE, Joint.FIN)


class SeamChange(NamedTuple):
    """seam: its name; joint: how it is held; moved: the other panel carries the tab."""

    seam: str
    joint: Joint
    moved: bool = False


def seams(draft: Draft) -> dict[str, Seam]:
    """Every seam a person may hold another way, by name: not the teeth of a row, which stand where their curve needs them, nor a fin that
    joins two edges in one plane, where no tab finds a corner."""
    return {s.name: s for piece in draft.pieces for s in piece.seams if not s.row and s.angle_deg != 0.0}


def amend(draft: Draft, changes: Iterable[SeamChange]) -> Draft:
    """The draft with a person's changes; a change to a seam this draft does not have is passed over (another choice may bring it back).

    Raises MeasureError when a tab cannot be moved, with the reason.
    """
    wanted = {c.seam: c for c in changes}
    if not wanted:
        return draft
    _may_be_doubled(draft, wanted)
    pieces = tuple(_amend_piece(p, draft.measured, wanted) for p in draft.pieces)
    return replace(draft, pieces=_outside_each_other(pieces, draft.pieces))


def _may_be_doubled(draft: Draft, wanted: dict[str, SeamChange]) -> None:
    """Raises MeasureError, with the reason, where a seam wanted doubled has no room for its strap."""
    for piece in draft.pieces:
        for seam in piece.seams:
            change = wanted.get(seam.name)
            if change is not None and change.joint is Joint.DOUBLE and not seam.row:
                reason = why_single(draft, seam.name, change.moved)
                if reason:
                    raise MeasureError("it cannot have a second tab", say("seam {seam}", seam=seam.name), reason)


def why_single(draft: Draft, name: str, moved: bool = False) -> str:
    """Why a seam cannot be doubled, its tab moved to the other panel or not, or "" when it can."""
    piece, seam = next((p, s) for p in draft.pieces for s in p.seams if s.name == name)
    carrier, host = (seam.host.panel, seam.carrier.panel) if moved else (seam.carrier.panel, seam.host.panel)
    if {carrier, host} - {p.name for p in piece.panels}:
        return say("it joins two pieces")
    if seam.fixed:
        return seam.fixed
    if any(lap.lower == carrier for p in draft.pieces for lap in p.laps):
        return say("another panel lies over the {host}", host=carrier)
    around = next((q.name for p in draft.pieces for q in p.panels if q.over == carrier), "")
    if around:
        return say("the {outer} slides over the {host}", outer=around, host=carrier)
    return ""


def _outside_each_other(pieces: tuple[Piece, ...], usual: tuple[Piece, ...]) -> tuple[Piece, ...]:
    """What slides over a panel that stepped out or in steps with it."""
    before = {p.name: p.layer for piece in usual for p in piece.panels}
    steps = {p.name: p.layer - before[p.name] for piece in pieces for p in piece.panels}
    return tuple(replace(piece, panels=tuple(replace(p, layer=p.layer + steps.get(p.over, 0)) for p in piece.panels)) for piece in pieces)


def why_fixed(draft: Draft, seam: str) -> str:
    """Why the tab of a seam cannot be moved to its other panel, or "" when it can."""
    for piece in draft.pieces:
        for s in piece.seams:
            if s.name == seam:
                return _why_fixed(piece, s)
    return ""


def _why_fixed(piece: Piece, seam: Seam) -> str:
    if seam.fixed:
        return seam.fixed
    host = seam.carrier.panel
    beneath = [lap.lower for lap in piece.laps if lap.upper == host]
    if beneath:
        return say("the {names} already lie under the {host}", names=joined(beneath, " and the "), host=host)
    if any(lap.lower == host for lap in piece.laps):
        return say("another panel lies over the {host}", host=host)
    return ""


def _amend_piece(piece: Piece, measured: Measured, wanted: dict[str, SeamChange]) -> Piece:
    usual = piece
    for number, seam in enumerate(piece.seams):
        change = wanted.get(seam.name)
        if change is None or seam.row or (not change.moved and change.joint is seam.joint):
            continue
        if change.joint is Joint.FIN and seam.host.panel not in {p.name for p in piece.panels}:
            raise MeasureError("a fin joins two panels of one piece", say("seam {seam}", seam=seam.name),
                               "glue or tuck a tab there, or tape it")
        fresh = seam._replace(joint=change.joint)
        if change.moved:
            reason = _why_fixed(piece, seam)
            if reason:
                raise MeasureError("its tab cannot be moved", say("seam {seam}", seam=seam.name), reason)
            fresh = fresh._replace(carrier=seam.host, host=seam.carrier)
        piece = replace(piece, seams=(*piece.seams[:number], fresh, *piece.seams[number + 1:]))
        tucked = fresh.joint is Joint.TUCK
        late, early = (fresh.carrier, fresh.host) if tucked else (fresh.host, fresh.carrier)
        piece = _close_after(piece, late.panel, early.panel)
    return _relayered(piece, usual) if measured is Measured.INSIDE else piece


def _covering(piece: Piece) -> set[str]:
    """The panels that lie over a tab or over another panel."""
    return {s.host.panel for s in piece.seams if s.joint not in _UNCOVERED} | {lap.upper for lap in piece.laps}


def _relayered(piece: Piece, usual: Piece) -> Piece:
    """A panel that now covers something steps one layer out; one that covers nothing any more steps one layer in, but where all lie alike
    on a crowded piece and leave no room to step."""
    if piece.crowded:
        return piece
    before, now = _covering(usual), _covering(piece)
    steps = dict.fromkeys(now - before, 1) | dict.fromkeys(before - now, -1)
    level = [(f.a.panel, f.b.panel) for f in piece.folds if f.angle_deg == 0.0]  # both sides of a pre-crease are one face
    for _ in level:
        for one, other in level:
            for name, beside in ((one, other), (other, one)):
                if name in steps and beside not in steps:
                    steps[beside] = steps[name]
    return replace(piece, panels=tuple(replace(p, layer=max(0, p.layer + steps[p.name])) if p.name in steps else p for p in piece.panels))


def closing_step(piece: Piece, panel: str) -> int:
    """The step in which a panel reaches its place: the latest of the folds between it and the root; 0 for the root."""
    above = {f.b.panel: f for f in piece.folds}
    last = 0
    while panel in above:
        last = max(last, above[panel].step)
        panel = above[panel].a.panel
    return last


def _close_after(piece: Piece, late: str, early: str) -> Piece:
    """Make ``late`` reach its place after ``early``, giving it a step of its own where it came before."""
    after = closing_step(piece, early)
    if closing_step(piece, late) > after:
        return piece
    moved = next((f for f in piece.folds if f.b.panel == late), None)
    if moved is None:  # the root closes by the other panel's coming
        return piece
    folds = tuple(f._replace(step=after + 1) if f is moved else f._replace(step=f.step + (f.step > after)) for f in piece.folds)
    seams = tuple(s._replace(step=s.step + (s.step > after)) for s in piece.seams)
    return replace(piece, folds=folds, seams=seams)
