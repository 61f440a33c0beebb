"""How a thing is joined to another thing of its project: it is the guest there, the other its host."""

from __future__ import annotations

import math
from collections.abc import Iterable
from enum import StrEnum
from typing import NamedTuple, Protocol

from mingei.core.amendments.opening import MOST_MM
from mingei.core.data.extra import Extra
from mingei.core.errors import MeasureError
from mingei.core.kinds import Amendment, Kind, some
from mingei.core.words import say, some_of

#: What a step in which a guest is joined is called, before the guest's name.
STEP = "join "
#: One thing is set on another no more often.
MOST_TIMES = 60
#: So much play there is all round, mm, where nothing else is said.
USUAL_FIT_MM = 0.25
#: No more play is asked for, mm.
MOST_FIT_MM = 5.0
MOST_SUM = 200


class Row(StrEnum):
    """How several of a guest stand."""

    ONE = "one"
    RING = "ring"
    ROW = "row"
    MIRRORED = "mirrored"


class Join(NamedTuple):
    """host: the id of the thing it is joined to; panel: of it, where; how: the word of a joint between things
    (``core/whole/joints``).

    place: one that the host names, from which x and y are counted, "" for the panel's middle; x, y, deep,
    apart: lengths as a person wrote them, or sums after "=" of measures of either thing; turn_deg: from the
    panel's own x axis, counter-clockwise; inside: on the inner face; foot: the guest's own panel that lies
    there, "" for whatever it stands on; foot_x, foot_y: where on that, from its middle; row, many, apart:
    several of it: the radius of a ring, or from one to the next; fit: play all round, mm; bent: tongues are
    bent over; square: it is let down square to the panel, and not from above; most_deg: how far it turns
    either way; by: what it hangs by or turns on, "" for what is usual; seat: always the same, since a thing
    has one.
    """

    host: str
    panel: str
    how: str = "stands"
    place: str = ""
    x: str = "0"
    y: str = "0"
    turn_deg: float = 0.0
    inside: bool = False
    deep: str = ""
    foot: str = ""
    foot_x: str = "0"
    foot_y: str = "0"
    row: Row = Row.ONE
    many: int = 1
    apart: str = ""
    fit: float = USUAL_FIT_MM
    bent: bool = False
    square: bool = False
    most_deg: float = 0.0
    by: str = ""
    seat: str = "seat"
    extra: Extra = ()

    def grown(self, factor: float) -> Join:
        """Lengths grow with the thing; sums follow by themselves, and fit stays."""
        return self._replace(x=_grown(self.x, factor), y=_grown(self.y, factor),
                             deep=_grown(self.deep, factor),
                             apart=_grown(self.apart, factor), foot_x=_grown(self.foot_x, factor),
                             foot_y=_grown(self.foot_y, factor))


class _Amended(Protocol):
    """What has amendments: a thing."""

    @property
    def amendments(self) -> tuple[Amendment, ...]: ...


def join_of(brief: _Amended) -> Join | None:
    """How a thing is joined to another; None where it is not."""
    return next(iter(some(brief.amendments, Join)), None)


def is_joined(briefs: Iterable[_Amended]) -> bool:
    """Whether any of several things is joined to another."""
    return any(join_of(brief) is not None for brief in briefs)


def _grown(text: str, factor: float) -> str:
    from mingei.core.length import parse

    if not text.strip() or text.strip().startswith("="):
        return text
    return f"{parse(text) * factor:.6g} mm"


def _check(join: Join) -> None:
    from mingei.core.errors import LengthError
    from mingei.core.length import parse

    place = say("joined to {host}", host=join.panel)
    if not join.host:
        raise MeasureError("it is joined to nothing", place, "name the thing it is joined to")
    for text in (join.x, join.y, join.deep, join.apart, join.foot_x, join.foot_y):
        if len(text) > MOST_SUM:
            raise MeasureError("so long a sum is none", place,
                               say("write {most} letters at the most", most=MOST_SUM))
        if text.strip() and not text.strip().startswith("="):
            try:
                found = parse(text)
            except LengthError as error:
                raise MeasureError(error.sentence, place, error.remedy) from None
            if abs(found) > MOST_MM:
                raise MeasureError("it lies too far off", place,
                                   say("keep within {most:g} mm of the panel's middle", most=MOST_MM))
    if not 1 <= join.many <= MOST_TIMES:
        raise MeasureError(say("{count} of it are not set on one thing", count=join.many), place,
                           say("use 1 to {most}", most=MOST_TIMES))
    if not 0.0 <= join.fit <= MOST_FIT_MM:
        raise MeasureError(say("a play of {fit:g} mm holds nothing", fit=join.fit), place,
                           say("use 0 to {most:g} mm", most=MOST_FIT_MM))
    if not (math.isfinite(join.turn_deg) and abs(join.turn_deg) <= 360.0):
        raise MeasureError("it is turned by no number", place, "use up to 360 degrees")
    if not 0.0 <= join.most_deg <= 180.0:
        raise MeasureError(say("{angle:g} degrees is no way to turn either way", angle=join.most_deg), place,
                           "use 0 to 180 degrees")
    if join.row not in list(Row):
        raise MeasureError(say("{row!r} is no way to stand", row=join.row), place,
                           say("use one of: {names}", names=some_of([str(r) for r in Row])))


KIND = Kind(word="join", record=Join, of="seat", always=("host", "panel", "how"),
            differ="what it is joined to",
            check=_check, grown=Join.grown, most=1)
