"""Collecting in the pauses."""

from __future__ import annotations

import gc
import weakref

from PySide6.QtCore import Qt

from mingei.app.main import application
from tests.windows import WindowTest, settle


class Ring:
    """What only a search for cycles frees."""

    def __init__(self) -> None:
        self.me = self


class InThePauses(WindowTest):
    def test_what_the_last_changes_threw_away_is_collected_when_work_rests(self) -> None:
        ring = weakref.ref(Ring())
        self.assertIsNotNone(ring())
        self.window.document.set_measure("length", 101.0)
        settle(1800)
        self.assertIsNone(ring())

    def test_what_a_drag_passed_through_is_not_kept(self) -> None:
        document = self.window.document
        passed = []
        for mm in range(101, 111):
            document.set_measure("length", float(mm))
            passed.append(weakref.ref(document.project))
        document.undo.undo()
        gc.collect()
        self.assertEqual([ref() is not None for ref in passed], [False] * 9 + [True])

    def test_when_nobody_is_here_everything_is_looked_through(self) -> None:
        held = Ring()
        ring = weakref.ref(held)
        self.window.document.set_measure("length", 101.0)
        settle(1800)  # it has been put aside as lasting
        del held
        gc.collect()
        self.assertIsNotNone(ring())
        application(self.window.settings).applicationStateChanged.emit(
            Qt.ApplicationState.ApplicationInactive)
        self.assertIsNone(ring())
