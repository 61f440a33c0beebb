"""Machines as data: what bed, which tools with their limits, what each stock wants.  Nothing here is a make;
a person's own machine is a file like these."""

from __future__ import annotations

from enum import StrEnum
from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.errors import MeasureError
from mingei.core.stock import KINDS, Stock
from mingei.core.words import say, some_of


class Does(StrEnum):
    """What a tool does on a sheet."""

    DRAW = "draw"
    CREASE = "crease"
    HALF = "half cut"
    PERFORATE = "perforate"
    CUT = "cut"


class Way(StrEnum):
    """How a tool works."""

    PEN = "pen"
    BLADE = "blade"
    BEAM = "beam"
    WHEEL = "wheel"


class MachineTool(NamedTuple):
    """One tool of a machine.

    id; way; does; offset_mm: how far a blade's tip trails its axis; kerf_mm: how wide a beam burns;
    overcut_mm: how far a closed cut runs on past its beginning; lead_mm: how far off on the waste it begins;
    smallest_radius_mm, smallest_mm: the tightest curve and the least side it makes; thickest_mm: of stock;
    speed_mm_s: at work; number: of its pen or tool in files.
    """

    id: str
    way: Way
    does: tuple[Does, ...]
    offset_mm: float = 0.0
    kerf_mm: float = 0.0
    overcut_mm: float = 0.0
    lead_mm: float = 0.0
    smallest_radius_mm: float = 0.0
    smallest_mm: float = 0.0
    thickest_mm: float = 1.0
    speed_mm_s: float = 50.0
    number: int = 1
    extra: Extra = ()


class Setting(NamedTuple):
    """What a stock wants of a tool: of a kind of stock up to so thick (mm), how often, how hard or strong (as
    the machine counts it), how fast (0: the tool's own speed)."""

    kind: str
    up_to_mm: float
    tool: str
    passes: int = 1
    force: float = 0.0
    speed_mm_s: float = 0.0
    extra: Extra = ()


class Device(NamedTuple):
    """A machine.  bed_mm: the width and height it reaches; mat: the sheet lies on a sticky mat; origin: which
    corner of the bed is zero; output: the endings it takes; travel_mm_s: while nothing is made; hold_mm2: a
    part smaller than this is held by bridges, bridge_mm wide."""

    id: str
    name: str
    bed_mm: tuple[float, float]
    tools: tuple[MachineTool, ...]
    settings: tuple[Setting, ...]
    output: tuple[str, ...]
    mat: bool = False
    origin: str = "lower left"
    travel_mm_s: float = 200.0
    hold_mm2: float = 0.0
    bridge_mm: float = 0.0
    note: str = ""
    extra: Extra = ()

    def tool_for(self, does: Does) -> MachineTool | None:
        """The first of its tools that does something."""
        return next((tool for tool in self.tools if does in tool.does), None)

    def setting_for(self, stock: Stock, tool: MachineTool) -> Setting:
        """What the stock wants of a tool: the setting for the least thickness that is enough; one pass at the
        tool's own pace where nothing is known."""
        fitting = [s for s in self.settings if s.tool == tool.id and s.kind == stock.kind
                   and s.up_to_mm >= stock.caliper_mm - 1e-9]
        return min(fitting, key=lambda s: s.up_to_mm, default=Setting(stock.kind, stock.caliper_mm, tool.id))


#: Endings of files a machine may take.
OUTPUTS = (".svg", ".dxf", ".hpgl", ".gcode")
_BED_MM = (30.0, 5000.0)


def check_device(device: Device) -> None:
    """Raises MeasureError naming the place where a machine's figures cannot be true."""
    place = say("device {id}", id=device.id)
    for mm in device.bed_mm:
        if not _BED_MM[0] <= mm <= _BED_MM[1]:
            raise MeasureError(say("a bed of {mm:g} mm cannot be", mm=mm), place,
                               say("write {least:g} to {most:g} mm", least=_BED_MM[0], most=_BED_MM[1]))
    if not device.tools or not device.output:
        raise MeasureError("it has no tool or takes no file", place, "write its tools and outputs")
    for ending in device.output:
        if ending not in OUTPUTS:
            raise MeasureError(say("{ending!r} is no file for machines", ending=ending), place,
                               say("write some of: {names}", names=some_of(OUTPUTS)))
    ids = {tool.id for tool in device.tools}
    for tool in device.tools:
        here = say("device {id}, tool {tool}", id=device.id, tool=tool.id)
        if not (0 <= tool.offset_mm <= 2 and 0 <= tool.kerf_mm <= 3 and 0 <= tool.overcut_mm <= 10
                and 0 <= tool.lead_mm <= 20 and 0 < tool.thickest_mm <= 50 and 0 < tool.speed_mm_s <= 5000):
            raise MeasureError("a figure of it cannot be true", here,
                               "use offsets up to 2 mm, kerfs up to 3, overcuts up to 10, lead-ins up to 20, "
                               "stock up "
                               "to 50 mm thick, and a speed above 0")
    for setting in device.settings:
        if setting.tool not in ids or setting.kind not in KINDS or setting.passes < 1:
            raise MeasureError(say("a setting for {kind} names no tool of it, no kind of stock or no passes",
                                   kind=setting.kind), place,
                               say("the tools are: {names}", names=some_of(ids)))


def refuse(device: Device, stock: Stock, width: float, height: float) -> None:
    """Raises MeasureError in one sentence where a sheet or its stock is none for the machine."""
    place = say("device {id}", id=device.id)
    wide, high = device.bed_mm
    if not (width <= wide + 1e-6 and height <= high + 1e-6):
        raise MeasureError(
            say("a sheet of {width:g} x {height:g} mm does not lie on a bed of {wide:g} x {high:g} mm",
                               width=width, height=height, wide=wide, high=high), place,
                           say("choose a sheet up to {wide:g} x {high:g} mm", wide=wide, high=high))
    cutter = device.tool_for(Does.CUT)
    if cutter is None:
        raise MeasureError("it cuts nothing", place, "choose another device")
    if stock.caliper_mm > cutter.thickest_mm + 1e-9:
        raise MeasureError(say("{stock} is {caliper:g} mm thick, and its {tool} goes through {most:g} mm",
                               stock=stock.name, caliper=stock.caliper_mm, tool=cutter.id,
                               most=cutter.thickest_mm), place,
                           say("take stock up to {most:g} mm, or cut it by hand", most=cutter.thickest_mm))
