"""Reading files that anybody may have written: only real files, never past a limit, JSON only as text and
numbers."""

from __future__ import annotations

import json
import os
import stat
from pathlib import Path
from typing import Any, NoReturn

from mingei.core.data.plain import admit
from mingei.core.errors import ProjectError
from mingei.core.words import say


def read(path: Path, most: int) -> bytes:
    """The bytes of a file.

    Raises OSError when it cannot be opened, ProjectError when it is no file (a folder, a pipe, a device) or
    larger than ``most`` bytes.
    """
    try:
        handle = os.open(path, os.O_RDONLY | os.O_NONBLOCK | os.O_CLOEXEC)
    except ValueError:  # a zero in its name
        raise ProjectError("this is no name of a file", "", "choose one that is there") from None
    if not stat.S_ISREG(os.fstat(handle).st_mode):
        os.close(handle)
        raise ProjectError("this is a folder, a pipe or a device, not a file", "", "choose a file")
    with os.fdopen(handle, "rb") as file:
        data = file.read(most + 1)
    if len(data) > most:
        raise ProjectError(say("the file is larger than {mb:g} MB", mb=most / 1024 / 1024), "",
                           "choose a smaller one")
    return data


def read_json(data: bytes) -> Any:
    """JSON as data that may be read further.  Raises ProjectError naming the byte, the line or the key."""
    try:
        return admit(json.loads(data.decode("utf-8-sig"), parse_constant=_no_constant))
    except UnicodeDecodeError as error:
        raise ProjectError("this is not text in UTF-8", say("byte {start}", start=error.start),
                           "open a file that Mingei saved") from None
    except json.JSONDecodeError as error:
        raise ProjectError("the file is broken or cut short",
                           say("line {lineno}, column {colno}", lineno=error.lineno, colno=error.colno),
                           "open the copy kept beside it, whose name ends in ~") from None
    except (RecursionError, ValueError):
        raise ProjectError("the file holds something that is no project", "",
                           "open a file that Mingei saved") from None


def _no_constant(name: str) -> NoReturn:
    raise ValueError(name)
