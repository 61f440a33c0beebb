"""Writing files so that nothing is ever half written.

A file is written beside its place, flushed to the disk, then renamed over it.  Whatever goes wrong before the
rename leaves what was there untouched.  What a killed process left beside it is cleared at the next writing.
"""

from __future__ import annotations

import contextlib
import os
import shutil
import tempfile
from collections.abc import Iterable
from pathlib import Path

from mingei.core.errors import ExportError
from mingei.core.words import say

_PART = ".part"


def write(path: Path, data: bytes | bytearray, keep: bool = False) -> None:
    """Put data at path, whole or not at all.

    keep: leave the version before as ``name~`` beside it.
    Raises ExportError naming the file, the reason and the remedy.
    """
    temporary = ""
    try:
        path = Path(os.path.realpath(path))  # write through a link, never over it
        if path.is_symlink():  # the whole path was followed: what is left leads back to itself
            raise ExportError("its link leads round in a circle", str(path), "choose another name")
        if path.exists() and not path.is_file():
            raise ExportError("a pipe, a folder or a device has that name", str(path), "choose another name")
        begin = _begin(path)
        _clear(path.parent, begin)
        handle, temporary = tempfile.mkstemp(prefix=f"{begin}{os.getpid()}.", suffix=_PART, dir=path.parent)
        with os.fdopen(handle, "wb") as file:
            file.write(data)
            file.flush()
            os.fsync(file.fileno())
        os.chmod(temporary, path.stat().st_mode & 0o777 if path.exists() else 0o666 & ~_umask())
        if keep and path.exists():
            _keep(path)
        os.replace(temporary, path)
        _flush_folder(path.parent)
    except OSError as error:
        if temporary:
            with contextlib.suppress(OSError):
                os.unlink(temporary)
        raise ExportError(say("it cannot be written ({strerror})", strerror=error.strerror or error),
                          str(path), _remedy(path)) from None
    except BaseException:
        if temporary:
            with contextlib.suppress(OSError):
                os.unlink(temporary)
        raise


def write_folder(folder: Path, files: Iterable[tuple[str, bytes | bytearray]]) -> list[Path]:
    """Put files into a folder, all of them or none: what was made before one could not be written is taken
    away again, and folders that were made for them.

    files: with their names from the folder; they may be made one by one.  Returns what was written.  Raises
    ExportError naming the file, the reason and the remedy.
    """
    made: list[Path] = []
    written: list[Path] = []
    try:
        for name, data in files:
            at = folder / name
            new = [p for p in (at.parent, *at.parent.parents) if not p.exists()]
            try:
                at.parent.mkdir(parents=True, exist_ok=True)
            except OSError as error:
                raise ExportError(say("no folder can be made there ({reason})", reason=error.strerror),
                                  str(folder), "choose a folder you may write to") from None
            made += reversed(new)
            if not at.exists():
                made.append(at)
            write(at, data)
            written.append(at)
        if not written:
            folder.mkdir(parents=True, exist_ok=True)
    except BaseException:
        for each in reversed(made):
            with contextlib.suppress(OSError):
                each.rmdir() if each.is_dir() else each.unlink()
        raise
    return written


def _keep(path: Path) -> None:
    """Keep the version before; when the disk has no room for it, saving matters more."""
    backup = path.with_name(path.name + "~")
    with contextlib.suppress(OSError):
        fresh = backup.with_name(f"{_begin(path)}{os.getpid()}.last{_PART}")
        fresh.unlink(missing_ok=True)
        try:
            os.link(path, fresh)
        except OSError:
            shutil.copy2(path, fresh)
        os.replace(fresh, backup)
        fresh.unlink(missing_ok=True)  # which stays where both are one file already


def _begin(path: Path) -> str:
    """How the names of files begin that are not whole yet: short enough for any disk."""
    return f".{path.name.encode('utf-8', 'surrogateescape')[:80].decode('utf-8', 'ignore')}."


def _clear(folder: Path, begin: str) -> None:
    """Delete what processes that are gone left half written."""
    with contextlib.suppress(OSError), os.scandir(folder) as entries:
        for entry in entries:
            if entry.name.startswith(begin) and entry.name.endswith(_PART):
                process = entry.name[len(begin):].split(".")[0]
                if process.isdigit() and not alive(int(process)):
                    with contextlib.suppress(OSError):
                        os.unlink(entry.path)


def alive(process: int) -> bool:
    """Whether a process of that number runs."""
    if process == os.getpid():
        return True
    try:
        os.kill(process, 0)
    except ProcessLookupError:
        return False
    except (OSError, OverflowError):
        return True
    return True


def _flush_folder(folder: Path) -> None:
    """Make the rename itself last through a power cut, where the file system can."""
    with contextlib.suppress(OSError):
        handle = os.open(folder, os.O_RDONLY)
        try:
            os.fsync(handle)
        finally:
            os.close(handle)


def _umask() -> int:
    mask = os.umask(0)
    os.umask(mask)
    return mask


def _remedy(path: Path) -> str:
    if not path.parent.is_dir():
        return "choose a folder that exists"
    if path.is_dir():
        return "add a file name to the folder"
    return "choose a folder you may write to with room on its disk"
