"""How far the work at the table is: steps ticked off, copies made, time spent by stage; kept beside the
project, so that nothing of it is lost when the window goes."""

from __future__ import annotations

import hashlib
import json
from dataclasses import dataclass, field
from pathlib import Path
from typing import Any

from PySide6.QtCore import QObject, QTimer

from mingei.app.document import Document
from mingei.core.errors import MingeiError
from mingei.formats import atomic

#: What was ticked off is kept so long (ms) after; time that runs is kept so often.
_KEEP_MS = 400
#: No file of it is larger, bytes.
_MOST = 2_000_000


@dataclass
class Progress:
    """Of one thing: the keys of the steps that are done, how many copies have come through, seconds by
    stage."""

    done: set[str] = field(default_factory=set)
    made: int = 0
    spent: dict[str, float] = field(default_factory=dict)


class Bench(QObject):
    """The progress of every thing of the project on the bench."""

    def __init__(self, document: Document, folder: Path, parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.document, self.folder = document, folder
        self.things: dict[str, Progress] = {}
        self._key = ""
        self._timer = QTimer(self)
        self._timer.setSingleShot(True)
        self._timer.setInterval(_KEEP_MS)
        self._timer.timeout.connect(self.keep)

    def of(self, thing: str) -> Progress:
        """The progress of a thing by its id."""
        key = self._named()
        if key != self._key:
            self._key, self.things = key, self._load(key)
        return self.things.setdefault(thing, Progress())

    def _named(self) -> str:
        project = self.document.project
        name = str(self.document.path or "\0".join((project.title, project.briefs[0].id)))
        return hashlib.sha256(name.encode("utf-8", "surrogateescape")).hexdigest()[:32]

    def touched(self) -> None:
        """Something of it is another now."""
        if not self._timer.isActive():
            self._timer.start()

    def keep(self) -> None:
        """Write it down now; where the disk has no room the work goes on."""
        if not self._key:
            return
        data = {thing: {"done": sorted(p.done), "made": p.made, "spent": p.spent}
                for thing, p in self.things.items() if p.done or p.made or p.spent}
        try:
            self.folder.mkdir(parents=True, exist_ok=True)
            atomic.write(self.folder / f"{self._key}.json", json.dumps(data).encode())
        except (MingeiError, OSError):
            return

    def _load(self, key: str) -> dict[str, Progress]:
        """What was kept; what cannot be read is begun anew."""
        try:
            raw = (self.folder / f"{key}.json").read_bytes()
            data: Any = json.loads(raw[:_MOST])
            return {str(thing): Progress({str(k) for k in p["done"]}, int(p["made"]),
                                         {str(s): float(v) for s, v in p["spent"].items()})
                    for thing, p in data.items()}
        except (OSError, ValueError, KeyError, TypeError, AttributeError):
            return {}
