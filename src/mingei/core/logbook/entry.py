"""One entry of the logbook: what was made, of what, how it measured, how long it took, what to change."""

from __future__ import annotations

import math
import re
from typing import NamedTuple

from mingei.core.errors import MeasureError
from mingei.core.words import say

_LONGEST = 20_000
_MOST_MM, _MOST_MIN = 10_000.0, 100_000.0
#: No crease takes up more or less than this, mm; so many copies, stages and photos are all an entry has.
_MOST_GAIN_MM, _MOST_COPIES, _MOST_STAGES, _MOST_PHOTOS = 12.0, 5000, 60, 200
#: A name is no longer than this, and a snapshot no longer than a project file may be.
_LONGEST_NAME, _LONGEST_SNAPSHOT = 300, 64 * 1024 * 1024
#: A photo is kept under the digest of its bytes.
_PHOTO = re.compile(r"[0-9a-f]{32}\.jpg")


class Entry(NamedTuple):
    """One build.

    id: lasting, whatever the logbook; made: day and hour as text (ISO 8601), by whoever writes it down;
    title, thing, recipe; stock, caliper_mm: as they were; copies: so many; printer: its name, across, along:
    what a bar of 100 mm measured, 0 where it was not measured.

    asked, measured: inside size, mm, 0 where there is none or it was not measured; gain_mm: the stock's
    crease gain then; planned, spent: minutes by stage, of all copies together; stars: 0 to 5; change: what to
    change next time; snapshot: the project file as text; photos: names of files kept beside the logbook.
    """

    id: str
    made: str
    title: str = ""
    thing: str = ""
    recipe: str = ""
    stock: str = ""
    caliper_mm: float = 0.0
    copies: int = 1
    printer: str = ""
    across: float = 0.0
    along: float = 0.0
    asked: tuple[float, float, float] = (0.0, 0.0, 0.0)
    measured: tuple[float, float, float] = (0.0, 0.0, 0.0)
    gain_mm: float = 0.0
    planned: tuple[tuple[str, float], ...] = ()
    spent: tuple[tuple[str, float], ...] = ()
    stars: int = 0
    change: str = ""
    snapshot: str = ""
    photos: tuple[str, ...] = ()

    @property
    def errors(self) -> tuple[float, ...]:
        """How much larger than asked each side came out that was measured, mm."""
        return tuple(m - a for a, m in zip(self.asked, self.measured, strict=True) if a > 0 and m > 0)

    @property
    def minutes(self) -> float:
        """Of one's hands."""
        return sum(minutes for _, minutes in self.spent)

    @property
    def reckoned_min(self) -> float:
        """What was planned for the stages it took that time for; all of it where they are not told apart."""
        planned = dict(self.planned)
        told = [stage for stage, _ in self.spent if stage in planned]
        return sum(planned[stage] for stage in told) if told else sum(planned.values())


def check_entry(entry: Entry) -> None:
    """Raises MeasureError naming a value that cannot be true."""
    place = say("entry {title}", title=entry.title or entry.id)
    if not entry.id or len(entry.id) > 100:
        raise MeasureError("it has no name of its own", place, "write it down anew")
    for word, values, most in (
            ("measured size", entry.measured, _MOST_MM), ("asked size", entry.asked, _MOST_MM),
            ("bar", (entry.across, entry.along), 200.0), ("caliper", (entry.caliper_mm,), 100.0),
            ("minutes", tuple(m for _, m in (*entry.planned, *entry.spent)), _MOST_MIN)):
        if not all(math.isfinite(v) and 0.0 <= v <= most for v in values):
            raise MeasureError(say("its {word} cannot be true", word=word), place,
                               say("write 0 to {most:g}", most=most))
    if not (math.isfinite(entry.gain_mm) and abs(entry.gain_mm) <= _MOST_GAIN_MM):
        raise MeasureError("its crease gain cannot be true", place,
                           say("write {least:g} to {most:g} mm", least=-_MOST_GAIN_MM, most=_MOST_GAIN_MM))
    if not 1 <= entry.copies <= _MOST_COPIES:
        raise MeasureError("so many copies cannot be", place, say("write 1 to {most}", most=_MOST_COPIES))
    if len(entry.planned) > _MOST_STAGES or len(entry.spent) > _MOST_STAGES:
        raise MeasureError("it has more stages than there are", place, "bring in what Log exported")
    if len(entry.photos) > _MOST_PHOTOS or not all(_PHOTO.fullmatch(name) for name in entry.photos):
        raise MeasureError("a photo of it has no name that Log gives", place,
                           "take the photos out, and add them anew")
    if not 0 <= entry.stars <= 5:
        raise MeasureError("it has 0 to 5 stars", place, "choose one of them")
    if any(len(text) > _LONGEST for text in (entry.title, entry.thing, entry.change, entry.printer)):
        raise MeasureError(say("it is longer than {most} letters", most=_LONGEST), place, "write less")
    if (any(len(text) > _LONGEST_NAME for text in (entry.made, entry.recipe, entry.stock,
                                                   *(s for s, _ in (*entry.planned, *entry.spent))))
            or len(entry.snapshot) > _LONGEST_SNAPSHOT):
        raise MeasureError("a name in it is far too long", place, "bring in what Log exported")
