"""DXF R2010 in millimetres: a layer for each ink; each outline one closed polyline with arcs as bulges,
circles as CIRCLE, scores as LINE.

The same drawing always gives the same bytes.
"""

from __future__ import annotations

import io
import math
from collections.abc import Iterator
from contextlib import contextmanager
from typing import TYPE_CHECKING

from mingei.core.layout.drawing import LOOKS, Drawing, Ink, Stroke, in_order
from mingei.core.plane.shape import Arc, Line, Path, bounds, flat_points

if TYPE_CHECKING:
    from ezdxf.document import Drawing as Document
    from ezdxf.layouts.layout import Modelspace

#: Colour numbers of the format, so that inks can also be told apart where line patterns are not shown.
_COLOUR = {Ink.CUT: 7, Ink.MOUNTAIN: 5, Ink.VALLEY: 3, Ink.BEND: 4, Ink.PERFORATE: 6, Ink.DRAW: 8,
           Ink.GUIDE: 9}
#: The layer of what belongs to the page and to no piece, and its colour number.
MARKS, _MARKS_COLOUR = "marks", 252
#: Ends so near each other are one point, mm.
_SAME = 1e-6


@contextmanager
def steady() -> Iterator[None]:
    """While a document is made: no date and no name made up anew, so that it is the same bytes each time."""
    from ezdxf._options import options

    fixed = options.write_fixed_meta_data_for_testing
    options.write_fixed_meta_data_for_testing = True
    try:
        yield
    finally:
        options.write_fixed_meta_data_for_testing = fixed


def written(document: Document) -> bytes:
    """A document's bytes; its classes in one order, else in whatever order a set has."""
    for name in sorted(document.entitydb.dxf_types_in_use()):
        document.classes.add_class(name)
    out = io.StringIO()
    document.write(out)
    return out.getvalue().encode("utf-8")


def dxf(drawing: Drawing) -> bytes:
    """The drawing's strokes as a DXF document, in working order."""
    from ezdxf import units
    from ezdxf.filemanagement import new

    with steady():
        document = new("R2010", units=units.MM)
        for ink in Ink:
            look = LOOKS[ink]
            name = "CONTINUOUS"
            if look.dashes:
                name = f"MINGEI_{ink.name}"
                pattern = [sum(look.dashes), *(d if i % 2 == 0 else -d for i, d in enumerate(look.dashes))]
                document.linetypes.add(name, pattern, description=look.words)
            document.layers.add(str(ink), color=_COLOUR[ink], linetype=name,
                                lineweight=round(look.width * 100))
        document.layers.add(MARKS, color=_MARKS_COLOUR)
        space = document.modelspace()
        strokes = [s for s in drawing.strokes if s.mark]
        for ink in (Ink.DRAW, Ink.GUIDE, Ink.PERFORATE, Ink.VALLEY, Ink.MOUNTAIN, Ink.BEND, Ink.CUT):
            strokes += in_order([s for s in drawing.strokes if s.ink is ink and not s.mark])
        for stroke in strokes:
            _add(space, stroke)
        points = [p for s in strokes for p in flat_points(s.path)]
        if points:
            box = bounds(points)
            document.header["$EXTMIN"], document.header["$EXTMAX"] = (
                ((box.left, box.bottom, 0.0), (box.right, box.top, 0.0)))
            space.reset_extents((box.left, box.bottom, 0.0), (box.right, box.top, 0.0))
        return written(document)


def _add(space: Modelspace, stroke: Stroke) -> None:
    path = stroke.path
    on = {"layer": MARKS, "linetype": "CONTINUOUS"} if stroke.mark else {"layer": str(stroke.ink)}
    circle = _circle(path)
    if circle is not None:
        space.add_circle(circle.centre, circle.radius, dxfattribs=on)
    elif len(path) == 1 and isinstance(path[0], Line):
        space.add_line(*path[0], dxfattribs=on)
    elif len(path) == 1 and isinstance(path[0], Arc):
        start, end = path[0].start_deg, path[0].start_deg + path[0].sweep_deg
        low, high = (start, end) if path[0].sweep_deg > 0 else (end, start)
        space.add_arc(path[0].centre, path[0].radius, low % 360, high % 360, dxfattribs=on)
    else:
        closed = math.dist(path[-1].end, path[0].start) < _SAME
        # the tangent of a quarter of the angle an arc turns through, positive counter-clockwise
        corners = [(*s.start, math.tan(math.radians(s.sweep_deg) / 4) if isinstance(s, Arc) else 0.0)
                   for s in path]
        if not closed:
            corners.append((*path[-1].end, 0.0))
        space.add_lwpolyline(corners, format="xyb", close=closed, dxfattribs=on)


def _circle(path: Path) -> Arc | None:
    """The first arc of a path that is one whole circle."""
    first = path[0]
    if not isinstance(first, Arc) or abs(sum(s.sweep_deg for s in path if isinstance(s, Arc))) < 360.0 - 1e-6:
        return None
    alike = all(isinstance(s, Arc) and abs(s.radius - first.radius) < _SAME
                and math.dist(s.centre, first.centre) < _SAME for s in path)
    return first if alike else None
