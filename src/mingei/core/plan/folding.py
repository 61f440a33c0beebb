"""The folds of a piece as operations: what is raised, brought over, folded in and out, rolled."""

from __future__ import annotations

from collections.abc import Iterator, Sequence

from mingei.core.draft import Crease, Draft, Fold, Piece, Role, Seam, fellow, strap_name
from mingei.core.offset import FLAT_DEG
from mingei.core.plan.operation import Does, Motion, Operation, listed
from mingei.core.words import say


def folds_of(piece: Piece, draft: Draft) -> list[Operation]:
    """The motions of each of the steps of a draft's piece."""
    found: list[Operation] = []
    flaps = _flaps(piece, draft)
    numbers = sorted({f.step for f in piece.folds} | {s.step for s in piece.seams if s.joint.has_tab}
                     | {s.step for s, _ in flaps}
                     | ({piece.last_step + 1} if any(s.joint.has_strap for s in piece.seams) else set()))
    for number in numbers:
        moved: dict[Motion, list[str]] = {}
        for motion, name in _moved(piece, number, flaps):
            moved.setdefault(motion, []).append(name)
        for motion in Motion:
            if motion in moved:
                names = tuple(dict.fromkeys(moved[motion]))
                moves = tuple(flap for seam, flap in flaps if seam.name in names
                              ) if motion in (Motion.BACK, Motion.FLAP) else names
                found.append(Operation(f"{piece.name}/{number}/{motion.name.lower()}", Does.FOLD, piece.name,
                                       number, say(motion.value, names=listed(names)), names, moves, motion))
    return found


def _flaps(piece: Piece, draft: Draft) -> list[tuple[Seam, str]]:
    """The flaps of fins that hang on its panels, with their seams."""
    own = {p.name for p in piece.panels}
    return [(seam, name) for other in draft.pieces for seam in other.seams if seam.joint.has_flaps
            for site, name in ((seam.carrier, seam.name), (seam.host, fellow(seam.name)))
            if site.panel in own]


def _moved(piece: Piece, number: int, flaps: Sequence[tuple[Seam, str]]) -> Iterator[tuple[Motion, str]]:
    """What moves in a step: walls on the root are raised, further walls brought over, all else folded in."""
    # a strip of wall: its panels are turned, not raised
    upright = abs(piece.placement.u[2]) + abs(piece.placement.v[2]) > 0.5
    for fold in piece.folds:
        if fold.step == number and fold.angle_deg > 1e-6 and not fold.closing:
            yield _motion(piece, fold, upright)
    for seam in piece.seams:
        if seam.step == number and seam.joint.has_tab:
            yield Motion.IN, seam.row or seam.name
        if seam.joint.has_strap and number == piece.last_step + 1:
            yield Motion.STRAP, strap_name(seam.name)
    some = [seam.name for seam, _ in flaps if seam.step == number]
    for name in dict.fromkeys(some):
        yield Motion.BACK if some.count(name) > 1 else Motion.FLAP, name


def _motion(piece: Piece, fold: Fold, upright: bool) -> tuple[Motion, str]:
    panel = piece.panel(fold.b.panel)
    if fold.angle_deg == FLAT_DEG:
        return Motion.OVER, panel.name
    if fold.bend:
        return Motion.ROLL, panel.whole
    if panel.role is Role.WALL and (panel.whole or upright):
        return Motion.ROUND, panel.whole or panel.name
    if panel.whole:
        return (Motion.IN if fold.crease is Crease.MOUNTAIN else Motion.OUT), panel.whole
    if panel.role is not Role.WALL:
        return Motion.IN, panel.name
    return (Motion.RAISE if fold.a.panel == piece.root else Motion.BRING), panel.name
