"""Many pages: those of one stock, one thing or with something to mend; one by its number; all at a glance."""

from __future__ import annotations

import unittest
from dataclasses import replace

from PySide6.QtCore import Qt
from PySide6.QtTest import QTest

from mingei.core.document.build import build, loads_of_all
from mingei.core.document.project import Project, new_brief
from mingei.core.layout.finding import ALL, Sought, found, in_trouble
from mingei.core.layout.place import arrange, spots_of
from mingei.core.layout.sheets import find_sheet
from mingei.core.stock import find_stock
from tests.windows import WindowTest, wait_for


def kit(count: int = 6) -> Project:
    """Cartons by turns of two stocks, a page each."""
    made = tuple(replace(new_brief("carton", {"length": 160.0, "width": 60.0 + i}), name=f"carton {i}",
                         id=f"c{i}", stock="card-300" if i % 2 else "card-220") for i in range(count))
    return Project("Many", made, stocks=(find_stock("card-300"), find_stock("card-220")))


class Finding(unittest.TestCase):
    def setUp(self) -> None:
        self.loads = loads_of_all(build(b, find_stock(b.stock)) for b in kit().briefs)
        self.pages = arrange(self.loads, find_sheet("A4")).pages

    def test_pages_of_one_stock_and_of_one_thing(self) -> None:
        heavy = found(self.pages, Sought("stock", "card-300"))
        light = found(self.pages, Sought("stock", "card-220"))
        self.assertEqual({p.stock.id for p in heavy}, {"card-300"})
        self.assertEqual(sorted(p.number for p in (*heavy, *light)), [p.number for p in self.pages])
        (one,) = found(self.pages, Sought("thing", "c3"))
        self.assertIn("c3", {i.load.owner for i in one.items})
        self.assertEqual(found(self.pages, ALL), self.pages)

    def test_pages_where_pieces_lie_on_each_other(self) -> None:
        self.assertEqual(found(self.pages, Sought("trouble", "")), ())
        lying = {spot.owner: spot._replace(locked=True) for spot in spots_of(self.pages)}
        spots = (lying["c0"], lying["c2"]._replace(page=lying["c0"].page))
        struck = arrange(self.loads, find_sheet("A4"), spots).pages
        (page,) = found(struck, Sought("trouble", ""))
        self.assertTrue(in_trouble(page))


class Finder(WindowTest):
    def test_pages_are_found_by_stock_and_number_and_seen_at_a_glance(self) -> None:
        self.window.document.open(kit(8))
        self.window.go("sheets")
        sheets = self.window.station_of("sheets")
        wait_for(lambda: len(sheets.pages) == 8)
        finder = sheets.finder
        self.assertTrue(finder.isVisible())
        rows = [finder.which.itemText(i) for i in range(finder.which.count())]
        self.assertIn("carton 5", rows)
        finder.which.setCurrentIndex(1)
        finder.which.activated.emit(1)
        self.assertEqual(len(sheets.view.pages), 4)
        self.assertEqual(sheets.card.heading.text(), "Pages: 4 of 8")
        left_out = next(p.number for p in sheets.pages if p.number not in
                        {s.page.number for s in sheets.view.pages})
        self.window.actions_["to-page"].trigger()
        wait_for(lambda: finder.page.hasFocus())
        QTest.keyClicks(finder.page, str(left_out))
        QTest.keyClick(finder.page, Qt.Key.Key_Return)
        self.assertEqual(len(sheets.view.pages), 8)  # all are shown again, since it was left out
        assert sheets.view.pointed is not None
        self.assertEqual(sheets.view.pointed.page.number, left_out)
        whole = sheets.view.scale
        QTest.mouseClick(finder.overview, Qt.MouseButton.LeftButton)
        self.assertLess(sheets.view.scale, whole)
        seen = sheets.area.viewport().height()
        self.assertTrue(all(place.bottom() < seen for place in sheets.view.places()))

    def test_a_page_keeps_its_picture_until_it_changes(self) -> None:
        self.window.document.open(kit(4))
        self.window.go("sheets")
        sheets = self.window.station_of("sheets")
        wait_for(lambda: len(sheets.pages) == 4)
        wait_for(lambda: all(s.pictured(sheets.view.scale) is not None for s in sheets.view.pages))
        pictures = [s.pictured(sheets.view.scale) for s in sheets.view.pages]
        self.assertTrue(all(p is not None for p in pictures))
        sheets.view.grab()
        self.assertEqual([id(s.pictured(sheets.view.scale)) for s in sheets.view.pages],
                         [id(p) for p in pictures])
        sheets.zoom(1.25)
        self.assertTrue(all(s.pictured(sheets.view.scale) is None or s.pictured(sheets.view.scale) is not p
                            for s, p in zip(sheets.view.pages, pictures, strict=True)))


if __name__ == "__main__":
    unittest.main()
