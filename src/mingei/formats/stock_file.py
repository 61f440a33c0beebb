"""The person's own stocks, printers and offcuts: UTF-8 JSON in their data folder, see docs/formats.md."""

from __future__ import annotations

import contextlib
import json
from pathlib import Path
from typing import Any

from mingei.core.cabinet.stocks import Cabinet
from mingei.core.data.plain import admit
from mingei.core.document.data import offcut_from_data, printer_from_data, stock_data, stock_from_data
from mingei.core.errors import MingeiError, ProjectError
from mingei.core.words import say
from mingei.formats import atomic
from mingei.formats.reading import read, read_json

NAME = "stocks.json"
VERSION = 1
_LARGEST = 16 * 1024 * 1024


def save(cabinet: Cabinet, path: Path) -> None:
    """Write the stocks, keeping the version before as ``name~``; makes the folder.  Raises ExportError."""
    with contextlib.suppress(OSError):  # writing says why
        path.parent.mkdir(parents=True, exist_ok=True)
    data: dict[str, Any] = {"mingei-stocks": VERSION, "stocks": [stock_data(s) for s in cabinet.own]}
    if cabinet.printers:
        data["printers"] = [p._asdict() for p in cabinet.printers]
    if cabinet.offcuts:
        data["offcuts"] = [o._asdict() for o in cabinet.offcuts]
    atomic.write(path,
                 (json.dumps(admit(data), indent=1, ensure_ascii=False) + "\n").encode("utf-8"),
                 keep=True)


def load(path: Path) -> Cabinet:
    """Read the stocks; none where there is no file yet.  Raises ProjectError naming the file, the place and
    the remedy."""
    try:
        data = read(path, _LARGEST)
    except FileNotFoundError:
        return Cabinet()
    except OSError as error:
        raise ProjectError(say("it cannot be read ({reason})", reason=error.strerror or error), str(path),
                           "put back the copy kept beside it, whose name ends in ~") from None
    except MingeiError as error:
        raise error.at(str(path)) from None
    try:
        tree: Any = read_json(data)
        if (not isinstance(tree, dict) or not isinstance(tree.get("mingei-stocks"), int)
            or not isinstance(tree.get("stocks"), list)):
            raise ProjectError("this is no list of stocks", "",
                               "put back the copy kept beside it, whose name ends in ~")
        if tree["mingei-stocks"] > VERSION:
            raise ProjectError("it was saved by a later Mingei", "", "open it with that one")
        return Cabinet(tuple(stock_from_data(s, f"stocks[{i}]") for i, s in enumerate(tree["stocks"])),
                       tuple(printer_from_data(p, f"printers[{i}]")
                             for i, p in enumerate(_listed(tree, "printers"))),
                       tuple(offcut_from_data(o, f"offcuts[{i}]")
                             for i, o in enumerate(_listed(tree, "offcuts"))))
    except MingeiError as error:
        raise error.at(str(path)) from None


def _listed(tree: dict[str, Any], key: str) -> list[Any]:
    found = tree.get(key, [])
    if not isinstance(found, list):
        raise ProjectError("this is no list", key, "put back the copy kept beside it, whose name ends in ~")
    return found
