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

from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import Project
from mingei.core.errors import MingeiError, ProjectError
from mingei.formats import atomic, project_file
from mingei.formats.reading import read, read_json

#: As large as a project's file may be, and a little more, bytes.
_LARGEST = 65 * 1024 * 1024


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
    atomic.write(place, json.dumps(data, ensure_ascii=True).encode("ascii"))
    return place


def remove(place: Path) -> None:
    """Forget a recovery file; one that is gone already is no matter."""
    with contextlib.suppress(OSError):
        place.unlink()


class Left(NamedTuple):
    """What processes that are gone left behind: work, oldest first; odd: files that hold none, set aside."""

    orphans: tuple[Orphan, ...]
    odd: tuple[Path, ...] = ()


def left_behind(folder: Path) -> Left:
    """Work left behind by processes that are gone, oldest first.  Each file is read by itself; one that holds
    no work is renamed, so that it is told of once, and stays."""
    found: list[tuple[float, Orphan]] = []
    odd: list[Path] = []
    for place in _files(folder):
        try:
            data = read_json(read(place, _LARGEST))
            if not isinstance(data, dict) or not isinstance(data.get("process"), int):
                raise ProjectError("this is no kept work")
            if atomic.alive(data["process"]):
                continue
            path = data.get("path")
            opened = Path(path) if path and isinstance(path, str) else None
            found.append((place.stat().st_mtime, Orphan(place, from_data(data.get("project")), opened)))
        except FileNotFoundError:  # another window has taken it meanwhile
            continue
        except (OSError, MingeiError):
            odd.append(_set_aside(place))
    return Left(tuple(orphan for _, orphan in sorted(found, key=lambda each: each[0])), tuple(odd))


def _files(folder: Path) -> list[Path]:
    try:
        return sorted(folder.glob("*.json"))
    except OSError:
        return []


def _set_aside(place: Path) -> Path:
    aside = place.with_name(place.name + ".odd")
    try:
        os.replace(place, aside)
    except OSError:
        return place
    return aside
