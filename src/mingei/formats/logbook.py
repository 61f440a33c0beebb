"""The logbook on disk: SQLite in the person's data folder, photos as files beside it.

Two windows may write at once (a journal written ahead, and patience); every write is whole or not there.  The
schema has a version; older files are brought up step by step.
"""

from __future__ import annotations

import contextlib
import csv
import errno
import hashlib
import io
import json
import os
import sqlite3
from collections.abc import Callable, Iterable, Iterator, Sequence
from pathlib import Path
from typing import Any, NamedTuple

from platformdirs import user_data_path

from mingei.core.errors import MingeiError, ProjectError
from mingei.core.layout.cutting_list import plain
from mingei.core.logbook.entry import Entry, check_entry
from mingei.core.words import say
from mingei.formats import atomic

#: Writers wait so long (s) for each other.
_PATIENCE_S = 10.0
#: Photos are kept so large along their longer side, px, and no larger files are read.
_PHOTO_PX, _MOST_PHOTO = 1600, 60_000_000
_COLUMNS = tuple(f for f in Entry._fields if f != "photos")
_JSON = ("asked", "measured", "planned", "spent")


def folder() -> Path:
    """Where a person's logbook is."""
    return user_data_path("mingei", appauthor=False) / "log"


def _first(db: sqlite3.Connection) -> None:
    """Version 1: builds alone."""
    db.execute("""create table builds (
        id text primary key, made text not null, title text not null default '',
        thing text not null default '',
        recipe text not null default '', stock text not null default '', caliper_mm real not null default 0,
        copies integer not null default 1, printer text not null default '', across real not null default 0,
        along real not null default 0, asked text not null default '[0,0,0]',
        measured text not null default '[0,0,0]', planned text not null default '[]',
        spent text not null default '[]', stars integer not null default 0, change text not null default '',
        snapshot text not null default '')""")
    db.execute("create index builds_made on builds (made desc, id)")


def _second(db: sqlite3.Connection) -> None:
    """Version 2: photos, the stock's gain, and words to be searched."""
    db.execute("alter table builds add column gain_mm real not null default 0")
    db.execute("alter table builds add column words text not null default ''")
    db.execute("""create table photos (
        build text not null references builds (id) on delete cascade, place integer not null,
        name text not null, primary key (build, place))""")
    db.execute(
        "update builds set words = lower(title || ' ' || thing || ' ' || recipe || ' ' || stock || ' ' "
               "|| printer || ' ' || change)")


def _third(db: sqlite3.Connection) -> None:
    """Version 3: snapshots by themselves, so that looking through the builds need not turn their pages."""
    db.execute("""create table snapshots (
        build text primary key references builds (id) on delete cascade, text text not null)""")
    db.execute("insert into snapshots select id, snapshot from builds where snapshot <> ''")
    db.execute("update builds set snapshot = ''")


#: From each version to the next.
MIGRATIONS: tuple[Callable[[sqlite3.Connection], None], ...] = (_first, _second, _third)


class Summary(NamedTuple):
    """An entry as a list shows it."""

    id: str
    made: str
    title: str
    thing: str
    recipe: str
    stock: str
    stars: int
    errors: tuple[float, ...]
    photo: str


class LogbookError(ProjectError):
    """A logbook that is damaged or cannot be written."""


class Logbook:
    """An open logbook.  Raises LogbookError where it cannot be used, with the way out."""

    def __init__(self, at: Path | None = None) -> None:
        self.folder = at or folder()
        self.path = self.folder / "log.sqlite"
        self.photos = self.folder / "photos"
        self.damaged: dict[str, str] = {}  # rows that cannot be read: what each was called, by its id
        try:
            self.folder.mkdir(parents=True, exist_ok=True)
            self._db = sqlite3.connect(self.path, timeout=_PATIENCE_S, isolation_level=None,
                                       check_same_thread=False)
            self._db.execute("pragma journal_mode = wal")
            self._db.execute("pragma synchronous = full")
            self._db.execute("pragma foreign_keys = on")
            self._migrate()
        except (sqlite3.Error, OSError) as error:
            raise self._broken(error) from None

    def _broken(self, error: Exception) -> LogbookError:
        full = (isinstance(error, OSError) and error.errno == errno.ENOSPC) or (
            isinstance(error, sqlite3.Error) and getattr(error, "sqlite_errorcode", 0) == sqlite3.SQLITE_FULL)
        if full:
            return LogbookError("the disk is full: the logbook is as it was", str(self.path),
                                "make room on the disk, and do it again")
        return LogbookError(say("the logbook cannot be used ({reason})", reason=error), str(self.path),
                            "set it aside on Log, and what can be read of it is brought over into a new one")

    def _migrate(self) -> None:
        db = self._db
        with self._writing():
            version = int(db.execute("pragma user_version").fetchone()[0])
            if version > len(MIGRATIONS):
                raise LogbookError(say("it was written by a later Mingei (version {version})",
                                       version=version),
                                   str(self.path), "open it with that one")
            for number in range(version, len(MIGRATIONS)):
                MIGRATIONS[number](db)
            db.execute(f"pragma user_version = {len(MIGRATIONS)}")

    @contextlib.contextmanager
    def _writing(self) -> Iterator[None]:
        """What is written within is written whole, or not at all."""
        self._db.execute("begin immediate")
        try:
            yield
        except BaseException:
            with contextlib.suppress(sqlite3.Error):  # on a full disk it was undone already
                self._db.execute("rollback")
            raise
        self._db.execute("commit")

    def close(self) -> None:
        self._db.close()

    def sound(self) -> bool:
        """Whether it is whole."""
        try:
            return bool(self._db.execute("pragma quick_check").fetchone()[0] == "ok")
        except sqlite3.Error:
            return False

    # -- writing ---------------------------------------------------------------------------------------------

    def put(self, entry: Entry) -> None:
        """Keep an entry, in the place of the one of its id.  Raises MeasureError, LogbookError."""
        check_entry(entry)
        try:
            with self._writing():
                self._put(entry)
        except sqlite3.Error as error:
            raise self._broken(error) from None

    def _put(self, entry: Entry) -> None:
        light = entry._replace(snapshot="")
        values = [json.dumps(getattr(light, c)) if c in _JSON else getattr(light, c) for c in _COLUMNS]
        words = " ".join((entry.title, entry.thing, entry.recipe, entry.stock, entry.printer,
                          entry.change)).lower()
        marks = ", ".join("?" * (len(_COLUMNS) + 1))
        changes = ", ".join(f"{c} = excluded.{c}" for c in (*_COLUMNS[1:], "words"))
        self._db.execute(f"insert into builds ({', '.join(_COLUMNS)}, words) values ({marks}) "
                         f"on conflict (id) do update set {changes}", [*values, words])
        self._db.execute("delete from snapshots where build = ?", [entry.id])
        if entry.snapshot:
            self._db.execute("insert into snapshots values (?, ?)", [entry.id, entry.snapshot])
        self._db.execute("delete from photos where build = ?", [entry.id])
        self._db.executemany("insert into photos values (?, ?, ?)",
                             [(entry.id, i, name) for i, name in enumerate(entry.photos)])

    def remove(self, id: str) -> None:
        try:
            with self._writing():
                self._db.execute("delete from builds where id = ?", [id])
        except sqlite3.Error as error:
            raise self._broken(error) from None

    def keep_photo(self, data: bytes) -> str:
        """Keep a photo, turned upright and made smaller; returns its name.  Raises ProjectError where it is
        none."""
        from PIL import Image, ImageOps

        if len(data) > _MOST_PHOTO:
            raise ProjectError("the photo is too large", "photo", "take one under 60 MB")
        try:
            with Image.open(io.BytesIO(data)) as found:
                image = ImageOps.exif_transpose(found).convert("RGB")
            image.thumbnail((_PHOTO_PX, _PHOTO_PX))
            out = io.BytesIO()
            image.save(out, "JPEG", quality=86)
        except (OSError, ValueError, SyntaxError, Image.DecompressionBombError) as error:
            raise ProjectError(say("that is no photo ({reason})", reason=error), "photo",
                               "choose a PNG, JPEG or WebP file") from None
        name = f"{hashlib.sha256(out.getvalue()).hexdigest()[:32]}.jpg"
        try:
            self.photos.mkdir(parents=True, exist_ok=True)
        except OSError as error:
            raise self._broken(error) from None
        atomic.write(self.photos / name, out.getvalue())
        return name

    # -- reading ---------------------------------------------------------------------------------------------

    def get(self, id: str) -> Entry | None:
        row = self._rows(f"select {', '.join(_COLUMNS)} from builds where id = ?", [id])
        if not row:
            return None
        snapshot = self._rows("select text from snapshots where build = ?", [id])
        found = self._sound(row[0])
        return None if found is None else found._replace(snapshot=snapshot[0][0] if snapshot else "")

    def every(self) -> tuple[Entry, ...]:
        """All entries without their snapshots, the latest first."""
        rows = self._rows(f"select {', '.join(_COLUMNS)} from builds order by made desc, id", [])
        return tuple(e for e in (self._sound(row, photos=False) for row in rows) if e is not None)

    def search(self, words: str = "", stock: str = "", recipe: str = "", stars: int = 0,
               most: int = 500) -> tuple[Summary, ...]:
        """Entries that hold every word, of a stock, of a recipe, with so many stars at least; the latest
        first."""
        where, values = ["stars >= ?"], [stars]  # type: list[str], list[Any]
        for word in words.lower().split():
            where.append("words like ? escape '\\'")
            values.append("%" + word.replace("\\", "\\\\").replace("%", "\\%").replace("_", "\\_") + "%")
        for column, value in (("stock", stock), ("recipe", recipe)):
            if value:
                where.append(f"{column} = ?")
                values.append(value)
        rows = self._rows(
            "select id, made, title, thing, recipe, stock, stars, asked, measured, "
            "(select name from photos where build = builds.id order by place limit 1) from builds where "
            f"{' and '.join(where)} order by made desc, id limit ?", [*values, most])
        found = []
        for id, made, title, thing, of, card, rank, asked, measured, photo in rows:
            try:
                errors = Entry("", "", asked=_three(asked), measured=_three(measured)).errors
            except _NOT_SOUND:
                self.damaged[str(id)] = str(title or thing or id)[:_SHOWN]
                continue
            found.append(Summary(id, made, title, thing, of, card, rank, errors, photo or ""))
        return tuple(found)

    def _sound(self, row: Sequence[Any], photos: bool = True) -> Entry | None:
        """The entry of a row; None where the row is damaged: that is noted, and the others are shown."""
        try:
            entry = self._entry(row, photos)
            check_entry(entry)
        except (*_NOT_SOUND, MingeiError):
            found = dict(zip(_COLUMNS, row, strict=True))
            self.damaged[str(found["id"])] = str(found["title"] or found["thing"] or found["id"])[:_SHOWN]
            return None
        return entry

    def clear_damaged(self) -> int:
        """Take the damaged rows out, into a table beside the others where nothing reads them; how many there
        were."""
        try:
            with self._writing():
                self._db.execute("create table if not exists damaged as select * from builds where 0")
                for id in self.damaged:
                    self._db.execute("insert into damaged select * from builds where id = ?", [id])
                    self._db.execute("delete from builds where id = ?", [id])
        except sqlite3.Error as error:
            raise self._broken(error) from None
        count = len(self.damaged)
        self.damaged.clear()
        return count

    def count(self) -> int:
        return int(self._rows("select count(*) from builds", [])[0][0])

    def _rows(self, query: str, values: Sequence[Any]) -> list[Any]:
        try:
            return self._db.execute(query, values).fetchall()
        except sqlite3.Error as error:
            raise self._broken(error) from None

    def _entry(self, row: Sequence[Any], photos: bool = True) -> Entry:
        found = dict(zip(_COLUMNS, row, strict=True))
        for key in ("asked", "measured"):
            found[key] = _three(found[key])
        for key in ("planned", "spent"):
            found[key] = _pairs(found[key])
        names = (self._rows("select name from photos where build = ? order by place", [found["id"]]) if photos
                 else [])
        return Entry(**found, photos=tuple(name for name, in names))

    # -- out and in ------------------------------------------------------------------------------------------

    def export_json(self) -> bytes:
        """All of it but the photos' pixels, as JSON."""
        ids = [row[0] for row in self._rows("select id from builds order by made, id", [])]
        entries = [e._asdict() for e in (self.get(i) for i in ids) if e is not None]
        return (json.dumps({"mingei_log": 1, "builds": entries}, ensure_ascii=False, indent=1)
                + "\n").encode()

    def export_csv(self) -> bytes:
        """A table for a spreadsheet, without snapshots."""
        out = io.StringIO()
        table = csv.writer(out)
        table.writerow(CSV_HEAD)
        for e in reversed(self.every()):
            values = [e.id, e.made, e.title, e.thing, e.recipe, e.stock, e.caliper_mm, e.copies, e.printer,
                      e.across, e.along, *e.asked, *e.measured, e.gain_mm, json.dumps(e.planned),
                      json.dumps(e.spent), e.stars, e.change]
            table.writerow([plain(v) if isinstance(v, str) else v for v in values])
        return out.getvalue().encode()

    def import_from(self, data: bytes, place: str) -> int:
        """Take entries in from JSON or CSV; what is there already under its id stays as it is.  Returns how
        many are new.  Raises ProjectError naming what is wrong; then nothing is taken in."""
        entries = list(read_entries(data, place))
        known = {row[0] for row in self._rows("select id from builds", [])}
        fresh = {e.id: e for e in entries if e.id not in known}
        try:
            with self._writing():
                for entry in fresh.values():
                    self._put(entry)
        except sqlite3.Error as error:
            raise self._broken(error) from None
        return len(fresh)

    def backup(self, to: Path) -> None:
        """A whole copy of it, taken while others may write.  Raises LogbookError."""
        part = to.with_name(f".{to.name}.part")
        try:
            with contextlib.closing(sqlite3.connect(part)) as other:
                self._db.backup(other)
            os.replace(part, to)  # what was there is replaced by a whole copy, or not at all
        except (sqlite3.Error, OSError) as error:
            with contextlib.suppress(OSError):
                part.unlink()
            raise self._broken(error) from None


#: The columns of the table for a spreadsheet.
CSV_HEAD = ("id", "made", "title", "thing", "recipe", "stock", "caliper_mm", "copies", "printer", "across",
            "along",
            "asked_l", "asked_w", "asked_h", "measured_l", "measured_w", "measured_h", "gain_mm", "planned",
            "spent", "stars", "change")


#: What a damaged row raises when it is read; so much of its title is shown.
_NOT_SOUND, _SHOWN = (ValueError, TypeError, KeyError, OverflowError, RecursionError), 60
#: How a text begins that was written so that no spreadsheet takes it for a formula.
_GUARDED = tuple(f"'{sign}" for sign in ("=", "+", "-", "@", "\t", "\r"))


def _three(text: str) -> tuple[float, float, float]:
    a, b, c = json.loads(text)
    return float(a), float(b), float(c)


def _pairs(text: str) -> tuple[tuple[str, float], ...]:
    return tuple((str(stage), float(minutes)) for stage, minutes in json.loads(text))


def read_entries(data: bytes, place: str) -> Iterator[Entry]:
    """Entries from JSON or CSV as exported.  Raises ProjectError naming the line."""
    try:
        text = data.decode("utf-8-sig")
    except UnicodeDecodeError:
        raise ProjectError("it is no text", place, "bring in what Log exported") from None
    rows: Iterable[Any]
    if text.lstrip().startswith("{"):
        try:
            found = json.loads(text)
            rows = found["builds"]
            if not isinstance(rows, list):
                raise TypeError
        except (ValueError, KeyError, TypeError, RecursionError):
            raise ProjectError("it is no logbook", place, "bring in what Log exported") from None
    else:
        try:
            table = csv.DictReader(io.StringIO(text))
            if not {"id", "made"} <= set(table.fieldnames or ()):
                raise ProjectError("its first line does not name the columns id and made", place,
                                   "bring in what Log exported")
            rows = [{**row, "asked": [row.get(f"asked_{k}") or 0 for k in "lwh"],
                     "measured": [row.get(f"measured_{k}") or 0 for k in "lwh"]} for row in table]
        except csv.Error:  # a cell longer than any that was written
            raise ProjectError("a cell of it is far too long", place, "bring in what Log exported") from None
    for number, row in enumerate(rows, 1):
        try:
            entry = _read(row)
            check_entry(entry)
        except MingeiError as error:
            raise ProjectError(error.sentence, say("{place}, entry {number}", place=place, number=number),
                               error.remedy) from None
        except (ValueError, TypeError, KeyError, AttributeError, OverflowError, RecursionError):
            raise ProjectError("a value is not what it should be", say("{place}, entry {number}", place=place,
                                                                        number=number),
                               "bring in what Log exported") from None
        yield entry


def _read(row: Any) -> Entry:
    def pairs(value: Any) -> tuple[tuple[str, float], ...]:
        some = json.loads(value) if isinstance(value, str) else value
        return tuple((str(a), float(b)) for a, b in some or ())

    def three(value: Any) -> tuple[float, float, float]:
        a, b, c = (float(v) for v in value)
        return a, b, c

    def words(key: str) -> str:
        value = row.get(key, "")
        if not isinstance(value, str):
            raise TypeError
        return value.removeprefix("'") if value[:2] in _GUARDED else value

    photos = row.get("photos", ())
    if not all(isinstance(p, str) and "/" not in p and "\\" not in p for p in photos):
        raise TypeError
    return Entry(words("id"), words("made"), words("title"), words("thing"), words("recipe"), words("stock"),
                 float(row.get("caliper_mm") or 0), int(float(row.get("copies") or 1)), words("printer"),
                 float(row.get("across") or 0), float(row.get("along") or 0), three(row["asked"]),
                 three(row["measured"]), float(row.get("gain_mm") or 0), pairs(row.get("planned")),
                 pairs(row.get("spent")), int(float(row.get("stars") or 0)), words("change"),
                 row.get("snapshot", "") if isinstance(row.get("snapshot", ""), str) else "", tuple(photos))


def set_aside(at: Path | None = None) -> tuple[Path, int]:
    """Put a damaged logbook aside, begin a new one, and bring over what can be read.  Returns where the old
    one is, and how many entries were brought over."""
    where = at or folder()
    old = where / "log.sqlite"
    aside = next(p for n in range(1, 10_000) for p in [where / f"log-damaged-{n}.sqlite"] if not p.exists())
    for ending in ("", "-wal", "-shm"):
        with contextlib.suppress(FileNotFoundError):
            old.with_name(old.name + ending).rename(aside.with_name(aside.name + ending))
    fresh, count = Logbook(where), 0
    with contextlib.suppress(sqlite3.Error), contextlib.closing(sqlite3.connect(aside)) as db:
        db.row_factory = sqlite3.Row
        for rowid, in list(db.execute("select rowid from builds")):
            with contextlib.suppress(sqlite3.Error, MingeiError, ValueError, TypeError, KeyError):
                row = dict(db.execute("select * from builds where rowid = ?", [rowid]).fetchone())
                for key in ("asked", "measured"):
                    row[key] = json.loads(row[key])
                fresh.put(_read(row))
                count += 1
    fresh.close()
    return aside, count
