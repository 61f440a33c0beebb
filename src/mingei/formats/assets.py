"""The pictures of a project, kept by what is in them.

A *kept* picture is a copy in the person's data folder under the digest of its bytes, so that a file moved or
changed elsewhere changes nothing; a *linked* one stays where it is.  A *pack* is a project with all its
pictures in one file: a ZIP of ``project.mingei`` and ``assets/<digest>.<ending>``, the same bytes each time.
"""

from __future__ import annotations

import hashlib
import io
import lzma
import re
import tempfile
import zipfile
import zlib
from collections.abc import Callable, Iterable
from dataclasses import replace
from pathlib import Path

from platformdirs import user_data_path

from mingei.core.document.project import Project
from mingei.core.errors import MingeiError, ProjectError
from mingei.core.words import say
from mingei.formats import atomic
from mingei.formats.reading import read

#: The ending of a pack; what stands in it, and what its members may be called.
PACK_SUFFIX, _PROJECT = ".mingei.zip", "project.mingei"
_MEMBER = re.compile(r"assets/([0-9a-f]{64})\.([a-z]{2,4})")
#: The largest picture, pack, and all pictures of a pack together, bytes; and how many.
_LARGEST, LARGEST_PACK, _MOST = 256 * 1024 * 1024, 1024 * 1024 * 1024, 500
#: The largest project file, bytes: it holds briefs, not pictures.
LARGEST_PROJECT = 64 * 1024 * 1024
#: What is packed tighter than this many times, and is no small file (bytes), is neither project nor picture.
_PACKED_TIMES, _SMALL = 120, 4096
#: The first moment a ZIP knows: no clock of the machine goes into a file.
_WHEN = (1980, 1, 1, 0, 0, 0)


def store() -> Path:
    """Where kept pictures lie: the assets of the person's data folder."""
    return user_data_path("mingei", appauthor=False) / "assets"


def digest(data: bytes) -> str:
    """The SHA-256 of a picture's bytes, as hexadecimal digits."""
    return hashlib.sha256(data).hexdigest()


def digest_of(source: str) -> str:
    """The digest of a picture's file.  Raises ProjectError where it is missing."""
    return digest(_bytes(source))


def keep(picture: Path, folder: Path | None = None) -> Path:
    """A copy of a picture under its digest; the same picture is kept once.

    Raises ProjectError naming a file that is missing or too large, ExportError where it cannot be written.
    """
    data = _bytes(str(picture))
    return _put(data, picture.suffix.lower().lstrip("."), folder or store())


def keep_bytes(data: bytes, ending: str, folder: Path | None = None) -> Path:
    """A picture made here, kept like one that was brought in.  Raises ExportError where it cannot be
    written."""
    return _put(data, ending, folder or store())


def sources(projects: Iterable[Project]) -> tuple[str, ...]:
    """The files of all artwork, each once."""
    return tuple(dict.fromkeys(a.source for p in projects for b in p.briefs for a in b.arts if a.source))


def with_sources(project: Project, name: Callable[[str], str]) -> Project:
    """The project with the files of its artwork named otherwise."""
    if not sources([project]):
        return project
    return replace(project, briefs=tuple(
        replace(b, arts=tuple(a._replace(source=name(a.source)) if a.source else a for a in b.arts))
        for b in project.briefs))


def packed(project: Project, dumps: Callable[[Project], bytes]) -> bytes:
    """The pack of a project.  dumps: how a project is written.

    Raises ProjectError naming each picture that is missing, or a file that is no picture: then there is no
    pack.
    """
    members: dict[str, str] = {}
    contents: dict[str, bytes] = {}
    missing: list[str] = []
    for source in sources([project]):
        try:
            data = _bytes(source)
        except MingeiError:
            missing.append(source)
            continue
        ending = Path(source).suffix.lower().lstrip(".") or "png"
        _refuse_no_picture(data, ending, source)
        members[source] = f"assets/{digest(data)}.{ending}"
        contents[members[source]] = data
    if missing:
        raise ProjectError("a picture is missing, and a pack holds them all", ", ".join(missing),
                           "put it back, or take it off the thing")
    out = io.BytesIO()
    with zipfile.ZipFile(out, "w") as pack:
        def add(name: str, data: bytes) -> None:
            info = zipfile.ZipInfo(name, _WHEN)
            info.external_attr = 0o644 << 16
            info.compress_type = (zipfile.ZIP_STORED if name.endswith((".png", ".jpg", ".jpeg"))
                                  else zipfile.ZIP_DEFLATED)
            pack.writestr(info, data)

        add(_PROJECT, dumps(with_sources(project, members.__getitem__)))
        for name in sorted(contents):
            add(name, contents[name])
    return out.getvalue()


def _refuse_no_picture(data: bytes, ending: str, source: str) -> None:
    """Raises ProjectError where a file does not decode as a picture: a project from elsewhere may name any
    file, and a pack is handed on."""
    from mingei.formats.artwork import load, read_through  # loads what reads pictures

    with tempfile.TemporaryDirectory() as folder:
        copy = Path(folder) / f"picture.{ending}"
        copy.write_bytes(data)
        try:
            read_through(load(copy))
        except MingeiError as error:
            raise ProjectError(say("it is no picture that can be read ({reason})", reason=error.sentence),
                               source, "take it off the thing, or put a picture there") from None


def is_pack(data: bytes) -> bool:
    return data[:4] == b"PK\x03\x04"


def unpacked(data: bytes, loads: Callable[[bytes], Project], folder: Path | None = None) -> Project:
    """The project of a pack, its pictures kept.  loads: how a project is read.

    Raises ProjectError naming the member at fault, and what ``loads`` raises.
    """
    folder = folder or store()
    try:
        with zipfile.ZipFile(io.BytesIO(data)) as pack:
            infos = {i.filename: i for i in pack.infolist()}
            if _PROJECT not in infos:
                raise ProjectError(say("there is no {name} in it", name=_PROJECT), "",
                                   "open a pack that Mingei saved")
            for info in infos.values():
                if info.file_size > _PACKED_TIMES * max(info.compress_size, _SMALL):
                    raise ProjectError("it is packed far tighter than any project or picture", info.filename,
                                       "open a pack that Mingei saved")
            if len(infos) > _MOST or sum(i.file_size for i in infos.values()) > LARGEST_PACK:
                raise ProjectError("it holds more than a pack may", "",
                                   say("keep to {count} pictures and {mb} MB in all", count=_MOST - 1,
                                       mb=LARGEST_PACK // 2**20))
            project = loads(_member(pack, infos[_PROJECT], LARGEST_PROJECT))
            kept = {name: str(_kept(pack, infos, name, folder)) for name in sources([project])}
    except (zipfile.BadZipFile, zlib.error, lzma.LZMAError, RuntimeError, EOFError, OSError) as error:
        # a RuntimeError, too, is how a member packed in a way that cannot be read is told
        raise ProjectError(say("the pack is broken or cut short ({reason})", reason=error), "",
                           "open the copy kept beside it, whose name ends in ~") from None
    return with_sources(project, kept.__getitem__)


def _kept(pack: zipfile.ZipFile, infos: dict[str, zipfile.ZipInfo], name: str, folder: Path) -> Path:
    """A picture of a pack, kept under its digest."""
    found = _MEMBER.fullmatch(name)
    if found is None or name not in infos:
        raise ProjectError("a picture it names is not in the pack", name, "pack it again from its project")
    data = _member(pack, infos[name])
    if digest(data) != found[1]:
        raise ProjectError("a picture is not what its name says: the pack was changed or damaged", name,
                           "pack it again from its project")
    return _put(data, found[2], folder)


def _member(pack: zipfile.ZipFile, info: zipfile.ZipInfo, most: int = _LARGEST) -> bytes:
    with pack.open(info) as file:
        data = file.read(most + 1)  # whatever its head says of its size
    if len(data) > most:
        raise ProjectError(say("it is larger than {mb:g} MB", mb=most / 2**20), info.filename,
                           "open a pack that Mingei saved" if most < _LARGEST else "use a smaller picture")
    return data


def _put(data: bytes, ending: str, folder: Path) -> Path:
    path = folder / f"{digest(data)}.{ending}"
    if not path.exists():
        folder.mkdir(parents=True, exist_ok=True)
        atomic.write(path, data)
    return path


def _bytes(source: str) -> bytes:
    try:
        return read(Path(source), _LARGEST)
    except OSError as error:
        raise ProjectError(say("it cannot be read ({strerror})", strerror=error.strerror or error), source,
                           "put it back where it was, or choose it anew") from None
    except MingeiError as error:
        raise error.at(source) from None
