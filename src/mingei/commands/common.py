"""What several commands need."""

from __future__ import annotations

from pathlib import Path

import platformdirs

from mingei.command_line import UsageError
from mingei.core.cabinet.stocks import Cabinet
from mingei.core.errors import LengthError
from mingei.core.length import parse
from mingei.core.words import say
from mingei.formats import project_file, stock_file


def cabinet() -> Cabinet:
    """The catalogue and the person's own stocks.  Raises ProjectError when their file cannot be read."""
    return stock_file.load(platformdirs.user_data_path("mingei", appauthor=False) / stock_file.NAME)


def length(text: str, place: str) -> float:
    """A length as written, mm.  Raises LengthError naming the place."""
    try:
        return parse(text, "mm")
    except LengthError as error:
        raise error.at(place) from None


def accept_output(path: Path) -> None:
    if not project_file.has_ending(path):
        raise UsageError(say("{name!r} does not end in {ending}", name=path.name, ending=project_file.SUFFIX),
                         "-o", "name the project so")
