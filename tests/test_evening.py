"""A long evening: dialogs are let go, work in the background outlives its window, and somebody presses
anything."""

from __future__ import annotations

import gc
import json
import os
import random
import subprocess
import sys
import unittest
from pathlib import Path

from PySide6.QtCore import QCoreApplication, QEvent, QObject, QThreadPool
from PySide6.QtWidgets import QApplication, QDialog
from shiboken6 import delete

from mingei.app.scaling import ScaleDialog
from mingei.app.workers import Job
from tests.monkey import held_mb
from tests.windows import WindowTest, reading_ends, settle, wait_for

#: Commands that open a dialog of ours.
_DIALOGS = ("find", "scale", "cabinet", "history", "keys", "about", "density")
_ROOT = Path(__file__).resolve().parent.parent


class Evening(WindowTest):
    def open_and_close(self, name: str) -> None:
        self.window.actions_[name].trigger()
        settle(10)
        dialog = QApplication.activeModalWidget()
        assert isinstance(dialog, QDialog), name
        dialog.reject()
        settle(10)
        QCoreApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)

    def test_dialogs_are_let_go_when_they_close(self) -> None:
        for name in (*_DIALOGS, *_DIALOGS):  # what a dialog needs is made with the first of it
            self.open_and_close(name)
        settle(500)
        reading_ends()  # what the window still makes in pauses is there
        for name in _DIALOGS:
            # what the window makes once, in a pause, may come between; what is not let go comes every time
            self.assertTrue(any(self.grown_by(name) <= 0 for _ in range(3)), name)

    def grown_by(self, name: str) -> int:
        """How many more widgets there are when a dialog was opened and closed four times."""
        gc.collect()
        before = len(QApplication.allWidgets())
        for _ in range(4):
            self.open_and_close(name)
        gc.collect()
        return len(QApplication.allWidgets()) - before

    def test_an_evening_of_the_same_work_holds_no_more_than_its_beginning(self) -> None:
        rounds = 50 if os.environ.get("MINGEI_SOAK") else 3
        document, held = self.window.document, list[float]()
        for number in range(rounds + 2):
            for name in _DIALOGS:
                self.open_and_close(name)
            for station in ("brief", "draft", "sheets"):
                self.window.go(station)
                document.look_at(number % len(document.project.briefs))
                settle(60)
            self.window.go("draft")
            document.look_at(0)
            document.set_measure("length", 80.0 + number)
            for moment in (0.0, 0.4, 1.0):
                document.fold(moment)
                settle(10)
            document.undo.undo()
            gc.collect()
            held.append(held_mb())
        if rounds > 3:  # after every thing of the demo was looked at once
            self.assertLess(held[-1], 1.3 * held[len(held) // 5], held)

    def test_the_next_step_of_a_thing_without_steps_is_none(self) -> None:
        self.window.document.set_recipe("tag")
        self.window.go("draft")
        self.window.settings.put("still", True)
        for _ in range(3):
            self.window.draft().toggle_play()
        self.assertTrue(0.0 <= self.window.document.fraction <= 1.0)

    def test_work_outlives_whoever_began_it(self) -> None:
        heard: list[object] = []
        for _ in range(20):
            owner = QObject()
            job = Job(lambda progress: sum(range(20_000)), owner)
            job.done.connect(heard.append)
            job.start()
            delete(owner)
        QThreadPool.globalInstance().waitForDone()
        settle(50)
        self.assertEqual(heard, [])  # nobody is there to be told

    def test_saving_before_leaving_waits_for_the_saving_alone(self) -> None:
        desk = self.window.desk
        release = [False]

        def slow(progress: object) -> None:
            while not release[0]:
                QThreadPool.globalInstance()  # other work that takes long

        job = Job(slow, desk).start()
        path = Path(self.folder) / "evening.mingei"
        self.window.document.set_measure("length", 91.0)
        desk.save_to(path)
        self.assertTrue(desk._saved())
        self.assertTrue(path.exists())
        self.assertFalse(self.window.document.dirty)
        release[0] = True
        over: list[object] = []
        job.done.connect(over.append)
        wait_for(lambda: over)

    def test_a_scale_dialog_that_is_gone_hears_nothing_of_the_document(self) -> None:
        dialog = ScaleDialog(self.window.document, self.window)
        dialog.open()
        settle(10)
        dialog.reject()
        settle(10)
        QCoreApplication.sendPostedEvents(None, QEvent.Type.DeferredDelete)
        self.window.document.set_measure("length", 92.0)  # raises where a lost dialog still listens
        settle(30)


class Anything(unittest.TestCase):
    def test_somebody_presses_anything(self) -> None:
        soak = os.environ.get("MINGEI_SOAK")
        seconds, seed = (3600, random.randrange(1 << 30)) if soak else (8, 7)
        done = subprocess.run(
            [sys.executable, "-m", "tests.monkey", str(seconds), str(seed)],
            cwd=_ROOT,
            env=os.environ | {"QT_QPA_PLATFORM": "offscreen"},
            capture_output=True,
            text=True,
            timeout=seconds + 120,
            check=False,
        )
        self.assertEqual(done.returncode, 0, done.stderr[-3000:])
        found = json.loads(done.stdout)
        self.assertEqual(found["faults"], [], f"seed {seed}")
        self.assertGreater(found["steps"], 20)
        self.assertEqual([s for s in found["stalls"] if s[0] > 5.0], [], f"seed {seed}")
        self.assertLess(max(found["held_mb"]), 1000.0, found["held_mb"])
