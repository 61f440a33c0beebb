"""Machines in files: those that come with Mingei, and the person's own in the folder ``devices`` of the data
folder (docs/devices.md)."""

from __future__ import annotations

from collections.abc import Iterable
from pathlib import Path
from typing import Any

from platformdirs import user_data_path

from mingei.assets import DEVICES
from mingei.core.data import forms
from mingei.core.data.extra import freeze
from mingei.core.errors import MeasureError, MingeiError, ProjectError
from mingei.core.words import say, some_of
from mingei.core.work.device import Device, MachineTool, Setting, check_device
from mingei.formats.reading import read, read_json

_LARGEST = 1024 * 1024
_LISTS = ("tools", "settings")


def load(path: Path) -> Device:
    """Read a machine's file.  Raises ProjectError naming the file, the key and the remedy."""
    try:
        return from_data(read_json(read(path, _LARGEST)))
    except OSError as error:
        raise ProjectError(say("it cannot be read ({strerror})", strerror=error.strerror or error), str(path),
                           "check the name and that you may read it") from None
    except MingeiError as error:
        raise ProjectError(error.sentence, f"{path.name}: {error.place}" if error.place else path.name,
                           error.remedy) from None


def from_data(data: Any) -> Device:
    """A machine from plain data.  Raises ProjectError, MeasureError naming the place."""
    top = forms.mapping(data, "device")
    tools = tuple(forms.read(MachineTool, each, f"tools[{i}]")
                  for i, each in enumerate(forms.listed(top.get("tools"), "tools", 20)))
    settings = tuple(forms.read(Setting, each, f"settings[{i}]")
                     for i, each in enumerate(forms.listed(top.get("settings", []), "settings", 500)))
    for key in ("id", "name", "bed_mm", "output"):
        if key not in top:
            raise ProjectError(say("it needs {names}", names=key), "device", "write the missing key")
    bed = [forms.number(v, "bed_mm") for v in forms.listed(top["bed_mm"], "bed_mm", 2)]
    if len(bed) != 2:
        raise ProjectError(say("{count} values belong here", count=2), "key 'bed_mm'",
                           "write width and height in mm")
    known = {"id", "name", "bed_mm", "output", "mat", "origin", "travel_mm_s", "hold_mm2", "bridge_mm",
             "note",
             *_LISTS}
    device = Device(
        forms.text(top["id"], "id"), forms.text(top["name"], "name"), (bed[0], bed[1]), tools, settings,
        tuple(forms.text(each, "output") for each in forms.listed(top["output"], "output", 10)),
        forms.yes_or_no(top.get("mat", False), "mat"), forms.text(top.get("origin", "lower left"), "origin"),
        forms.number(top.get("travel_mm_s", 200.0), "travel_mm_s"),
        forms.number(top.get("hold_mm2", 0.0), "hold_mm2"),
        forms.number(top.get("bridge_mm", 0.0), "bridge_mm"), forms.text(top.get("note", ""), "note"),
        freeze(top, known))
    check_device(device)
    return device


def folder() -> Path:
    """Where the person's own machines are."""
    return user_data_path("mingei", appauthor=False) / "devices"


def devices(own: Path | None = None) -> tuple[Device, ...]:
    """Every machine there is; one's own before a shipped one of its id.  Raises ProjectError naming a file
    that is broken."""
    found, broken = devices_and_broken(own)
    for error in broken:
        raise error
    return found


def devices_and_broken(own: Path | None = None) -> tuple[tuple[Device, ...], tuple[ProjectError, ...]]:
    """Every machine that can be read, and why others cannot."""
    found: dict[str, Device] = {}
    broken: list[ProjectError] = []
    for path in (*_files(DEVICES), *_files(own or folder())):
        try:
            device = load(path)
        except ProjectError as error:
            broken.append(error)
        else:
            found[device.id] = device
    return tuple(found.values()), tuple(broken)


def find_device(id: str, own: Path | None = None) -> Device:
    """A machine by its id.  Raises MeasureError with those there are."""
    every = devices(own)
    device = next((d for d in every if d.id == id), None)
    if device is None:
        raise MeasureError("no device has that id", say("device {id!r}", id=id),
                           say("choose one of: {names}", names=some_of([d.id for d in every], id)))
    return device


def _files(at: Path) -> Iterable[Path]:
    return sorted(at.glob("*.json")) if at.is_dir() else ()
