"""DXF R2010 in millimetres: a layer for each ink, runs of lines as polylines, arcs as ARC."""

from __future__ import annotations

import io
from itertools import groupby

from mingei.core.drawing import LOOKS, Drawing, Ink
from mingei.core.shape import Arc, Path

#: AutoCAD colour numbers, so that inks can also be told apart where line patterns are not shown.
_COLOUR = {Ink.CUT: 7, Ink.MOUNTAIN: 5, Ink.VALLEY: 3, Ink.BEND: 4, Ink.PERFORATE: 6, Ink.DRAW: 8, Ink.GUIDE: 9}


def dxf(drawing: Drawing) -> bytes:
    """The drawing's strokes as a DXF document."""
    from ezdxf import units
    from ezdxf.filemanagement import new

    document = new("R2010", units=units.MM)
    for ink in Ink:
        look = LOOKS[ink]
        name = "CONTINUOUS"
        if look.dashes:
            name = f"MINGEI_{ink.name}"
            pattern = [sum(look.dashes), *(d if i % 2 == 0 else -d for i, d in enumerate(look.dashes))]
            document.linetypes.add(name, pattern, description=look.words)
        document.layers.add(str(ink), color=_COLOUR[ink], linetype=name, lineweight=round(look.width * 100))
    space = document.modelspace()
    for stroke in drawing.strokes:
        on = {"layer": str(stroke.ink)}
        for is_arc, run in groupby(stroke.path, key=lambda s: isinstance(s, Arc)):
            segments: Path = tuple(run)
            if not is_arc:
                space.add_lwpolyline([segments[0].start, *(s.end for s in segments)], dxfattribs=on)
                continue
            for arc in segments:
                assert isinstance(arc, Arc)
                start, end = arc.start_deg, arc.start_deg + arc.sweep_deg
                low, high = (start, end) if arc.sweep_deg > 0 else (end, start)
                space.add_arc(arc.centre, arc.radius, low % 360, high % 360, dxfattribs=on)
    out = io.StringIO()
    document.write(out)
    return out.getvalue().encode("utf-8")
