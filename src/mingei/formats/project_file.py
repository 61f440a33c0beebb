"""The project file: UTF-8 JSON, see docs/formats.md."""

from __future__ import annotations

import json
import os
import tempfile
from pathlib import Path

from mingei.core.data.plain import admit
from mingei.core.document.data import from_data, to_data
from mingei.core.document.project import Project
from mingei.core.errors import MingeiError, ProjectError
from mingei.core.words import say
from mingei.formats import atomic
from mingei.formats.assets import (
    LARGEST_PACK,
    LARGEST_PROJECT,
    PACK_SUFFIX,
    is_pack,
    packed,
    unpacked,
    with_sources,
)
from mingei.formats.reading import read, read_json

SUFFIX = ".mingei"


def has_ending(path: Path) -> bool:
    """Whether a name is that of a project or of a pack."""
    return path.suffix.lower() == SUFFIX or path.name.lower().endswith(PACK_SUFFIX)


def dumps(project: Project) -> bytes:
    """The file's bytes; the same project always gives the same.  Raises ProjectError naming what no file can
    hold."""
    return (json.dumps(admit(to_data(project)), indent=1, ensure_ascii=False) + "\n").encode("utf-8")


def loads(data: bytes) -> Project:
    """Read a project.  Raises ProjectError naming the line or the key."""
    return from_data(read_json(data))


def save(project: Project, path: Path) -> None:
    """Write the project, keeping the version before as ``name~``; artwork beside it is named from its
    folder.  A name that ends in ``.mingei.zip`` is a pack, which holds the artwork, too.

    Raises ExportError; ProjectError where it could not be read again: then nothing is written.
    """
    if path.name.lower().endswith(PACK_SUFFIX):
        data = packed(project, dumps)
        with tempfile.TemporaryDirectory() as folder:  # it is read once, and nothing is kept
            unpacked(data, loads, Path(folder))
    else:
        data = dumps(with_sources(project, lambda source: _from_folder(source, path.parent)))
        loads(data)
    atomic.write(path, data, keep=True)


def _from_folder(source: str, folder: Path) -> str:
    """A file's name as the project file holds it: from its folder where it lies in there."""
    file, base = Path(os.path.abspath(source)), Path(os.path.abspath(folder))
    return file.relative_to(base).as_posix() if file.is_relative_to(base) else source


def load(path: Path) -> Project:
    """Read a project file or a pack; its artwork is named by whole paths.  Raises ProjectError naming the
    file, the place and the remedy."""
    try:
        data = read(path, LARGEST_PACK if path.name.lower().endswith(PACK_SUFFIX) else LARGEST_PROJECT)
    except OSError as error:
        raise ProjectError(say("it cannot be read ({strerror})", strerror=error.strerror or error), str(path),
                           "check the name and that you may read it") from None
    except MingeiError as error:
        raise error.at(str(path)) from None
    try:
        if is_pack(data):
            return unpacked(data, loads)
        return with_sources(loads(data), lambda source: os.path.join(os.path.abspath(path.parent), source))
    except MingeiError as error:
        raise error.at(str(path)) from None
