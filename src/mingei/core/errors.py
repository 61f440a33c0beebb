"""The one family of errors a person is meant to read."""

from __future__ import annotations

from typing import Any

from mingei.core.words import Words, placed, say


class MingeiError(Exception):
    """A refusal: what is wrong, where, and what would mend it.

    sentence: what is wrong, without a full stop.
    place: where (a file, a measure, a panel, a column); may be empty.
    remedy: what to do about it; may be empty.
    """

    def __init__(self, sentence: str, place: str = "", remedy: str = "") -> None:
        self.sentence = sentence
        self.place = place
        self.remedy = remedy
        super().__init__(str(self))

    def __str__(self) -> str:
        return self.words

    def __reduce__(self) -> tuple[Any, ...]:
        return type(self), (self.sentence, self.place, self.remedy), self.__dict__  # from process to process

    @property
    def words(self) -> Words:
        """The whole refusal as one text, still to be translated."""
        return placed(self.place, self.sentence, self.remedy)

    def at(self, place: str) -> MingeiError:
        """The same error named for a wider place, such as a file around a key."""
        inner = say("{place}: {inner}", place=place, inner=self.place) if self.place else place
        return type(self)(self.sentence, inner, self.remedy)


class LengthError(MingeiError):
    """A length that cannot be read."""


class MeasureError(MingeiError):
    """A measure outside what the recipe can build, or measures that contradict each other.

    instead: a measure by name and the value of it that would do, where one is known.
    """

    instead: tuple[str, float | str] | None = None


class StockError(MingeiError):
    """A stock that is unknown, or unfit for the construction."""


class ProjectError(MingeiError):
    """A project file that cannot be read as one."""


class SheetError(MingeiError):
    """A piece that no chosen sheet can hold, or a sheet that is unknown."""


class ExportError(MingeiError):
    """A file that cannot be written as asked."""


class GeometryError(MingeiError):
    """A draft that contradicts itself: a fault of a recipe, never of a person's measures."""


class ImportRefused(MingeiError):
    """A drawing or other file that cannot be taken in."""
