"""Nothing lost: autosave, killed processes, recovery, faults."""

from __future__ import annotations

import json
import logging
import os
import random
import signal
import subprocess
import sys
import time
from pathlib import Path

from PySide6.QtWidgets import QMessageBox

from mingei.app import faults
from mingei.app import recovery as autosaving
from mingei.formats import project_file, recovery
from tests.support import InFolder, carton_project
from tests.windows import WindowTest, answer, settle, wait_for, write

_VICTIM = """
import sys
from pathlib import Path
from PySide6.QtCore import QTimer
from mingei.app.main import application, open_on
from mingei.app.settings import Settings
from mingei.app.window import Window
folder = Path(sys.argv[1])
settings = Settings(folder / "victim.ini")
app = application(settings)
window = Window(settings, folder / "state")
window.show()
open_on(window, folder / "box.mingei", False)
window.desk.autosave.kept.connect(lambda: print("kept", flush=True))
window.document.set_measure("length", 199.0)
app.exec()
"""


class Killed(WindowTest):
    demo = False

    def test_work_of_a_killed_process_is_offered_back_with_what_differs(self) -> None:
        path = self.folder / "box.mingei"
        project_file.save(carton_project(length=100.0), path)
        started = time.monotonic()
        with subprocess.Popen([sys.executable, "-c", _VICTIM, str(self.folder)], stdout=subprocess.PIPE,
                              text=True) as victim:
            assert victim.stdout is not None
            self.assertEqual(victim.stdout.readline(), "kept\n")
            self.assertLess(time.monotonic() - started, 20)
            victim.send_signal(signal.SIGKILL)
        # the file on disk is whole and old
        self.assertEqual(project_file.load(path).briefs[0].values["length"], 100.0)
        seen: list[str] = []
        answer(QMessageBox.StandardButton.Open, seen)
        self.assertTrue(self.window.desk.offer_recovery())
        self.assertIn("length was 100 mm (3 15/16 in), is now 199 mm", seen[0])
        document = self.window.document
        self.assertEqual((document.brief.values["length"], document.path), (199.0, path))
        self.assertTrue(document.dirty)
        wait_for(lambda: self.window.desk.autosave.place is not None)
        settle()
        # now in this window's keeping
        self.assertEqual(len(list(self.window.desk.recovery_folder.glob("*.json"))), 1)
        self.window.desk.save()
        self.wait_for_jobs()
        self.assertEqual(project_file.load(path).briefs[0].values["length"], 199.0)
        self.assertEqual(list(self.window.desk.recovery_folder.glob("*.json")), [])

    def test_whenever_the_window_is_killed_the_work_is_offered_back(self) -> None:
        rng = random.Random(3)
        path = self.folder / "box.mingei"
        for _ in range(60 if os.environ.get("MINGEI_SOAK") else 1):
            project_file.save(carton_project(length=100.0), path)
            with subprocess.Popen([sys.executable, "-c", _VICTIM, str(self.folder)], stdout=subprocess.PIPE,
                                  text=True) as victim:
                assert victim.stdout is not None
                victim.stdout.readline()
                time.sleep(rng.uniform(0.0, 0.3))
                victim.send_signal(signal.SIGKILL)
            self.assertEqual(project_file.load(path), carton_project(length=100.0))
            left = recovery.left_behind(self.window.desk.recovery_folder)
            self.assertEqual([o.project.briefs[0].values["length"] for o in left.orphans], [199.0])
            self.assertEqual(left.odd, ())
            recovery.remove(left.orphans[0].kept_in)

    def test_thrown_away_or_put_off(self) -> None:
        folder = self.window.desk.recovery_folder
        place = orphan(folder)
        answer(QMessageBox.StandardButton.Cancel)
        self.assertFalse(self.window.desk.offer_recovery())
        self.assertTrue(place.exists())
        answer(QMessageBox.StandardButton.Discard)
        self.assertFalse(self.window.desk.offer_recovery())
        self.assertFalse(place.exists())


class Autosaving(WindowTest):
    def test_a_change_is_kept_aside_within_five_seconds_and_forgotten_when_undone(self) -> None:
        self.assertLessEqual(autosaving.DELAY_MS, 4000)
        autosave = self.window.desk.autosave
        write(self.field("length"), "150")
        wait_for(lambda: autosave.place is not None)
        assert autosave.place is not None
        place = autosave.place
        self.assertEqual(json.loads(place.read_text())["project"]["briefs"][0]["measures"]["length"], 150.0)
        self.window.document.undo.setIndex(0)
        self.assertFalse(place.exists())

    def test_work_that_cannot_be_kept_aside_is_said(self) -> None:
        self.window.desk.autosave.folder = Path("/proc/nowhere")
        write(self.field("length"), "150")
        self.window.desk.autosave.keep()
        wait_for(lambda: "could not be kept aside" in self.window.statusBar().currentMessage())


def orphan(folder: Path) -> Path:
    """A recovery file of a process that is gone."""
    place = recovery.write(folder, "1-1", carton_project(), None)
    gone = subprocess.run([sys.executable, "-c", "import os; print(os.getpid())"], capture_output=True,
                          text=True, check=True)
    place.write_text(json.dumps(json.loads(place.read_text()) | {"process": int(gone.stdout)}))
    return place


class RecoveryFiles(InFolder):
    def test_only_those_of_processes_that_are_gone_are_orphans(self) -> None:
        recovery.write(self.folder, "alive", carton_project(), self.folder / "x.mingei")
        self.assertEqual(recovery.left_behind(self.folder).orphans, ())
        place = orphan(self.folder)
        (found,) = recovery.left_behind(self.folder).orphans
        self.assertEqual((found.kept_in, found.project, found.path, found.on_disk()),
                         (place, carton_project(), None, None))

    def test_odd_ones_are_named_once_set_aside_and_hide_no_other(self) -> None:
        gone = json.loads(orphan(self.folder).read_text())["process"]
        texts = ["{", "[]", '{"process": "x", "project": {}, "path": ""}', f'{{"process": {gone}}}',
                 f'{{"process": {gone}, "project": {"[" * 990}{"]" * 990}}}', f'{{"process": {"9" * 5000}}}',
                 f'{{"process": {gone}, "project": {{"mingei": 2, "briefs": [], "title": "\\ud800"}}}}']
        for number, text in enumerate(texts):
            (self.folder / f"a{number}.json").write_text(text)
        os.mkfifo(self.folder / "a-pipe.json")
        (self.folder / "a-folder.json").mkdir()
        left = recovery.left_behind(self.folder)
        self.assertEqual([o.project for o in left.orphans], [carton_project()])
        self.assertEqual(len(left.odd), len(texts) + 2)
        for place in left.odd:
            self.assertTrue(place.exists(), place)
        self.assertEqual(recovery.left_behind(self.folder).odd, ())
        self.assertEqual(recovery.left_behind(self.folder / "none").orphans, ())


class Faults(InFolder):
    def test_a_fault_is_written_to_the_log(self) -> None:
        faults.log_file(self.folder).write_bytes(b"x" * 600_000)  # one that has grown too long makes room
        try:
            log = faults.begin(self.folder)
            self.assertEqual((self.folder / "mingei.log.1").stat().st_size, 600_000)
            try:
                raise ValueError("a fault for the test")
            except ValueError as error:
                sys.stderr, kept = open(os.devnull, "w"), sys.stderr  # noqa: SIM115
                try:
                    faults.report(ValueError, error, error.__traceback__)
                finally:
                    sys.stderr.close()
                    sys.stderr = kept
            assert log is not None
            self.assertIn("a fault for the test", log.read_text())
        finally:
            for handler in list(faults.LOG.handlers):
                handler.close()
                faults.LOG.removeHandler(handler)
            logging.shutdown()

    def test_a_folder_that_cannot_be_written_is_no_fault(self) -> None:
        self.assertIsNone(faults.begin(Path("/proc/nowhere")))
