"""Tabs drawn all at once: what they are one by one."""

from __future__ import annotations

import math
import unittest

from hypothesis import given
from hypothesis import strategies as st

from mingei.core.check.making import _divided_small
from mingei.core.draft import Panel
from mingei.core.errors import GeometryError, StockError
from mingei.core.flat.joint import Corner, Host, Tooth, tab_shape
from mingei.core.flat.teeth import tooth_shapes
from mingei.core.plane.shape import Polygon, divided, flat_points, mapping, outset


@st.composite
def hosts(draw: st.DrawFn) -> Polygon:
    """Round or star-shaped outlines of some sides."""
    count = draw(st.integers(5, 24))
    radii = draw(st.lists(st.floats(30.0, 60.0), min_size=count, max_size=count))
    return tuple((r * math.cos(2 * math.pi * i / count), r * math.sin(2 * math.pi * i / count))
                 for i, r in enumerate(radii))


def drawn_alone(outline: Polygon, moved: Polygon, bearing: set[int],
                tooth: Tooth) -> list[tuple[float, float]] | None:
    """The points of one tab, or None where there is no room for it."""
    panel, edge, count = Panel("host", outline), tooth.edge, len(outline)
    length = panel.ways[edge][2]
    to_tab = mapping(outline[edge], outline[(edge + 1) % count], (0.0, 0.0), (length, 0.0))
    opposite = {(e - edge) % count for e in bearing} - {0, 1, count - 1}
    found = [Host.of(to_tab.apply_all((*outline[edge:], *outline[:edge])), opposite),
             Host.of(to_tab.apply_all((*moved[edge:], *moved[:edge])))]
    try:
        shape = tab_shape(found, length, tooth.start, tooth.end, tooth.depth, tooth.setback,
                          relief=tooth.relief, side=tooth.side)
    except GeometryError:
        return None
    return flat_points(shape.path)


class Teeth(unittest.TestCase):
    @given(hosts(), st.data())
    def test_many_at_once_are_what_each_is_alone(self, outline: Polygon, data: st.DataObject) -> None:
        try:
            moved = outset(outline, tuple(data.draw(st.floats(-0.5, 0.8)) for _ in outline))
        except (GeometryError, StockError):
            return
        panel, count = Panel("host", outline), len(outline)
        bearing = data.draw(st.sets(st.integers(0, count - 1), min_size=1))
        asked = []
        for edge in sorted(bearing):
            length = panel.ways[edge][2]
            ends = [Corner(panel.corners_deg[at % count], data.draw(st.booleans()),
                           *data.draw(
                               st.sampled_from([(180.0, 0.0), (70.0, 0.4), (25.0, -1.0), (90.0, 0.1)])))
                    for at in (edge, edge + 1)]
            asked.append(Tooth(edge, *ends, data.draw(st.floats(1.0, 30.0)),
                               data.draw(st.sampled_from([-0.6, 0.0, 0.3, 1.2])),
                               data.draw(st.sampled_from([0.2, 1.0])),
                               (-0.5, length + data.draw(st.floats(-1.0, 0.5)))))
        for tooth, shape in zip(asked, tooth_shapes((outline, moved), bearing, asked), strict=True):
            alone = drawn_alone(outline, moved, bearing, tooth)
            self.assertEqual(shape is None, alone is None)
            if shape is not None and alone is not None:
                together = flat_points(shape.path)
                self.assertEqual(len(together), len(alone))
                for p, q in zip(together, alone, strict=True):
                    self.assertAlmostEqual(p[0], q[0], 6)
                    self.assertAlmostEqual(p[1], q[1], 6)

    @given(st.lists(st.tuples(hosts().map(lambda h: h[:8]), hosts().map(lambda h: h[:8])), min_size=1,
                    max_size=8), st.floats(0.0, 130.0))
    def test_outlines_compared_at_once_are_divided_as_they_are_alone(self,
                                                                     pairs: list[tuple[Polygon, Polygon]],
                                                                     apart: float) -> None:
        shifted = [(p, tuple((x + apart, y) for x, y in q)) for p, q in pairs]
        self.assertEqual(_divided_small(shifted), [divided(p, q, 1e-4) for p, q in shifted])

    def test_two_that_face_each_other_keep_to_their_halves(self) -> None:
        narrow = ((0.0, 0.0), (60.0, 0.0), (60.0, 12.0), (0.0, 12.0))
        square = Corner(90.0, False)
        asked = [Tooth(edge, square, square, 10.0, 0.2, 0.2, (0.0, 60.0)) for edge in (0, 2)]
        for shape in tooth_shapes((narrow, narrow), {0, 2}, asked):
            assert shape is not None
            self.assertAlmostEqual(shape.depth_mm, 5.8)
