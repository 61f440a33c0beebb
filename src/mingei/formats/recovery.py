"""Recovery files: work that was not saved yet, kept aside so that a crash loses nothing.

One file for each window that has unsaved work, in one folder: the project as it stands, and where it
belongs.  A file whose process has ended without removing it is an orphan and is offered back.
"""

from __future__ import annotations

import contextlib
import json
import os
from pathlib import Path
from typing import NamedTuple

from mingei.core.errors import MingeiError
from mingei.core.project import Project
from mingei.core.project_data import from_data, to_data
from mingei.formats import atomic, project_file


class Orphan(NamedTuple):
    """Unsaved work left behind: the file it is kept in, the project, and the path it was opened from (None:
    never saved)."""

    kept_in: Path
    project: Project
    path: Path | None

    def on_disk(self) -> Project | None:
        """The project as last saved, when it can still be read."""
        if self.path is None:
            return None
        try:
            return project_file.load(self.path)
        except MingeiError:
            return None


def write(folder: Path, name: str, project: Project, path: Path | None) -> Path:
    """Keep a project aside under a name of this window's own.  Raises ExportError."""
    with contextlib.suppress(OSError):
        folder.mkdir(parents=True, exist_ok=True)
    place = folder / f"{name}.json"
    data = {"process": os.getpid(), "path": str(path.absolute()) if path else "", "project": to_data(project)}
    atomic.write(place, json.dumps(data, ensure_ascii=False).encode("utf-8", "surrogatepass"))
    return place


def remove(place: Path) -> None:
    """Forget a recovery file; one that is gone already is no matter."""
    with contextlib.suppress(OSError):
        place.unlink()


def orphans(folder: Path) -> tuple[Orphan, ...]:
    """Work left behind by processes that are gone, oldest first; files that cannot be read are passed over
    and stay."""
    found = []
    with contextlib.suppress(OSError):
        for place in sorted(folder.glob("*.json"), key=lambda p: p.stat().st_mtime):
            try:
                data = json.loads(place.read_bytes().decode("utf-8"))
                if not _alive(int(data["process"])):
                    found.append(Orphan(place, from_data(data["project"]),
                                        Path(data["path"]) if data["path"] else None))
            except (OSError, ValueError, KeyError, TypeError, MingeiError):
                continue
    return tuple(found)


def _alive(process: int) -> bool:
    if process == os.getpid():
        return True
    try:
        os.kill(process, 0)
    except ProcessLookupError:
        return False
    except (OSError, OverflowError):
        return True
    return True
