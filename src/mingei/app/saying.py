"""What is said of a part in hand and of what was measured, in the line beneath the window."""

from __future__ import annotations

from typing import TYPE_CHECKING

from mingei.app.spans import measured_words
from mingei.app.words import t
from mingei.core.document.build import Build, Part, whole_name
from mingei.core.length import write_both
from mingei.core.plane.shape import bounds

if TYPE_CHECKING:  # measuring loads when something is measured
    from mingei.core.folded.measuring import Gap, Span


def part_words(build: Build, part: Part) -> str:
    """A panel with the rectangle it fills on the flat, or a seam with its two panels."""
    pattern = build.pattern_of(part)
    mate = next((m for p in build.patterns for m in p.mates if part.panel in (m.seam, m.row)), None)
    words = ""
    if pattern is not None:
        found = pattern.panels_of(part.panel)
        box = bounds(found[0].polygon if len(found) == 1 else [q for p in found for q in p.flat_polygon])
        words = t("{panel}: {width} × {height} flat", panel=t(part.panel).capitalize(),
                  width=write_both(box.width), height=write_both(box.height))
    if mate is not None:
        seam = t("seam {number} joins the {a} to the {b}", number=mate.key,
                 a=t(whole_name(build, mate.carrier)), b=t(whole_name(build, mate.host)))
        words = f"{words}; {seam}" if words else seam.capitalize()
    return words


def span_words(found: Span) -> str:
    """What lies between two points of the flat."""
    return t("{length} between the points: {across} across, {up} up", length=measured_words(found),
             across=write_both(found.across), up=write_both(found.up))


def gap_words(found: Gap) -> str:
    """What lies between two faces of the folded thing."""
    if found.apart_mm is not None:
        return t("{apart} between the faces", apart=write_both(found.apart_mm))
    return t("The faces stand at {angle}°; the points are {length} apart", angle=f"{found.angle_deg:.1f}",
             length=write_both(found.points_mm))
