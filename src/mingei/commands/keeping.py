"""Commands about what was made: the logbook."""

from __future__ import annotations

import argparse
import json
from typing import Any

from mingei.command_line import OK
from mingei.core.errors import ExportError, ProjectError
from mingei.core.logbook import fits
from mingei.core.words import say
from mingei.formats import atomic
from mingei.formats.logbook import Logbook
from mingei.formats.reading import read

#: No larger file is brought in, bytes.
_MOST = 500_000_000


def log(options: argparse.Namespace) -> int:
    """List, fit, export, import or back up the logbook."""
    book = Logbook(options.folder)
    try:
        return {"list": _list, "fits": _fits, "export": _export, "import": _import,
                "backup": _backup}[options.what](book, options)
    finally:
        book.close()


def _list(book: Logbook, options: argparse.Namespace) -> int:
    found = book.search(options.words)
    if options.json:
        print(json.dumps([s._asdict() for s in found], ensure_ascii=False, indent=1))
        return OK
    for s in found:
        off = ", ".join(f"{e:+.2f}" for e in s.errors)
        print(f"{s.made[:10]}  {s.thing or s.title}, {s.stock}{'  ' + '*' * s.stars if s.stars else ''}"
              f"{f'  off by {off} mm' if off else ''}")
    print(f"{len(found)} of {book.count()}")
    return OK


def _fits(book: Logbook, options: argparse.Namespace) -> int:
    every = book.every()
    found: dict[str, Any] = {"pace": fits.pace(every)}
    for stock in sorted({e.stock for e in every if e.errors}):
        found[f"error of {stock}, mm"] = fits.error(every, stock)
        found[f"crease gain of {stock}, mm"] = fits.gain(every, stock)
    for printer in sorted({e.printer for e in every if e.across > 0}):
        found[f"bar across on {printer}, mm"], found[f"bar along on {printer}, mm"] = fits.bars(
            every, printer)
    told = {name: fit for name, fit in found.items() if fit is not None}
    if options.json:
        print(json.dumps({name: fit._asdict() for name, fit in told.items()}, ensure_ascii=False, indent=1))
        return OK
    for name, fit in told.items():
        print(f"{name}: {fit.value:.3f} ({fit.low:.3f} to {fit.high:.3f}, from {fit.many})")
    if not told:
        print(f"nothing yet: it takes {fits.LEAST} measured builds")
    return OK


def _file(options: argparse.Namespace, *endings: str) -> Any:
    if options.file is None or options.file.suffix.lower() not in endings:
        raise ExportError("no file is named that it could be", "mingei log",
                          say("name one that ends in {names}", names=" or ".join(endings)))
    return options.file


def _export(book: Logbook, options: argparse.Namespace) -> int:
    path = _file(options, ".json", ".csv")
    atomic.write(path, book.export_json() if path.suffix.lower() == ".json" else book.export_csv())
    print(path)
    return OK


def _import(book: Logbook, options: argparse.Namespace) -> int:
    path = _file(options, ".json", ".csv")
    try:
        data = read(path, _MOST)
    except OSError as error:
        raise ProjectError(say("it cannot be read ({reason})", reason=error.strerror), str(path),
                           "name a file that is there") from None
    print(f"{book.import_from(data, str(path))} new")
    return OK


def _backup(book: Logbook, options: argparse.Namespace) -> int:
    path = _file(options, ".sqlite")
    if path.exists():
        raise ExportError("there is a file of that name already", str(path), "name a new one")
    book.backup(path)
    print(path)
    return OK
