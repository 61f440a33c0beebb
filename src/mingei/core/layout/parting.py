"""Parting a sheet: straight cuts from edge to edge, in an order that frees every blank and keeps what is left
over whole.

A trimmer or a long rule cuts right across what lies before it.  So a cut may cross neither the rectangle
round a piece nor the offcut that is to be kept; the first cuts are those that free the offcut, while it is
large.
"""

from __future__ import annotations

from collections.abc import Sequence
from typing import NamedTuple

from mingei.core.layout.place import Page
from mingei.core.plane.shape import Box

_SAME_MM = 1e-6


class Cut(NamedTuple):
    """One straight cut right across what is left: upright, or level; where, mm from the sheet's left or lower
    edge; from, to: its ends."""

    upright: bool
    at: float
    begin: float
    end: float


def parting(page: Page, keep: Box | None = None) -> tuple[Cut, ...] | None:
    """The cuts in order; None where no straight cuts from edge to edge free every piece.  keep: the offcut
    that must stay whole."""
    if page.tile is not None:
        return None
    return part(Box(0.0, 0.0, page.sheet.width, page.sheet.height), [item.box for item in page.items], keep)


def part(sheet: Box, boxes: Sequence[Box], keep: Box | None = None) -> tuple[Cut, ...] | None:
    """The cuts that part a sheet into rectangles each of which holds one box, or the one to be kept; None
    where there are none such."""
    things = [*boxes, *([keep] if keep is not None else [])]
    if len(things) < 2 and keep is None:
        return ()
    if len(things) == 1:
        return ()
    for cut in _cuts(sheet, things, keep):
        if cut.upright:
            near, far = sheet._replace(right=cut.at), sheet._replace(left=cut.at)
            here = [b for b in boxes if b.right <= cut.at + _SAME_MM]
        else:
            near, far = sheet._replace(top=cut.at), sheet._replace(bottom=cut.at)
            here = [b for b in boxes if b.top <= cut.at + _SAME_MM]
        there = [b for b in boxes if b not in here]
        kept_near = (keep is not None and (keep.right <= cut.at + _SAME_MM if cut.upright else keep.top
                                           <= cut.at + _SAME_MM))
        first = part(near, here, keep if kept_near else None)
        second = part(far, there, None if kept_near else keep)
        if first is not None and second is not None:
            return (cut, *first, *second)
        # any cut that is free may be made first: if the rest cannot be parted, no other order can part it
        # either
        return None
    return None


def _cuts(sheet: Box, things: Sequence[Box], keep: Box | None) -> list[Cut]:
    """The cuts that cross nothing and have something on either side, those first that free what is kept, then
    the most even."""
    found = []
    for upright in (True, False):
        spans = sorted((b.left, b.right) if upright else (b.bottom, b.top) for b in things)
        reach = spans[0][1]
        for low, high in spans[1:]:
            if low >= reach - _SAME_MM:
                at = (low + reach) / 2
                ends = (sheet.bottom, sheet.top) if upright else (sheet.left, sheet.right)
                found.append(Cut(upright, at, *ends))
            reach = max(reach, high)

    def rank(cut: Cut) -> tuple[bool, float]:
        low, high = (sheet.left, sheet.right) if cut.upright else (sheet.bottom, sheet.top)
        beside = keep is not None and any(abs(cut.at - edge) < 12.0 for edge in
                                          ((keep.left, keep.right) if cut.upright
                                           else (keep.bottom, keep.top)))
        return not beside, abs(cut.at - (low + high) / 2)

    return sorted(found, key=rank)
