"""The project file: UTF-8 JSON, see docs/formats.md."""

from __future__ import annotations

import json
from pathlib import Path
from typing import Any, NoReturn

from mingei.core.errors import MingeiError, ProjectError
from mingei.core.project import Project, from_data, to_data
from mingei.core.words import say
from mingei.formats import atomic

SUFFIX = ".mingei"
#: A project holds briefs, not pictures; a larger file is not one.
_LARGEST = 64 * 1024 * 1024


def dumps(project: Project) -> bytes:
    """The file's bytes; the same project always gives the same."""
    return (json.dumps(to_data(project), indent=1, ensure_ascii=False) + "\n").encode("utf-8", "surrogatepass")


def loads(data: bytes) -> Project:
    """Read a project.  Raises ProjectError naming the line or the key."""
    try:
        tree: Any = json.loads(data.decode("utf-8-sig"), parse_constant=_no_constant)
    except UnicodeDecodeError as error:
        raise ProjectError("this is not text in UTF-8", say("byte {start}", start=error.start), "open a file that Mingei saved") from None
    except json.JSONDecodeError as error:
        raise ProjectError("the file is broken or cut short", say("line {lineno}, column {colno}", lineno=error.lineno, colno=error.colno),
                           "open the copy kept beside it, whose name ends in ~") from None
    except (RecursionError, ValueError):
        raise ProjectError("the file holds something that is no project", "", "open a file that Mingei saved") from None
    return from_data(tree)


def _no_constant(name: str) -> NoReturn:
    raise ValueError(name)


def save(project: Project, path: Path) -> None:
    """Write the project, keeping the version before as ``name~``.  Raises ExportError."""
    atomic.write(path, dumps(project), keep=True)


def load(path: Path) -> Project:
    """Read a project file.  Raises ProjectError naming the file, the place and the remedy."""
    try:
        if path.is_file() and path.stat().st_size > _LARGEST:
            raise ProjectError("this file is far too large to be a project", str(path), "open a file that Mingei saved")
        data = path.read_bytes()
    except OSError as error:
        raise ProjectError(say("it cannot be read ({strerror})", strerror=error.strerror or error), str(path),
                           "check the name and that you may read it") from None
    try:
        return loads(data)
    except MingeiError as error:
        raise error.at(str(path)) from None
