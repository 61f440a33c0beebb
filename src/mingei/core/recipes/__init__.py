"""Recipes: one module a family, found by looking, each with one value named RECIPE.

A *recipe* is its measures, the draft they give, and the calipers it may be built from.  To add one, write a
module here that defines RECIPE; nothing else needs to know.
"""

from __future__ import annotations

import importlib
import math
import pkgutil
import re
from collections.abc import Callable, Mapping, Sequence
from dataclasses import dataclass
from enum import StrEnum
from functools import cache, cached_property
from types import MappingProxyType
from typing import TypeAlias

from mingei.core.draft import Draft
from mingei.core.errors import LengthError, MeasureError, StockError
from mingei.core.length import parse, plain_number, write_both
from mingei.core.plane import contour
from mingei.core.recipes.giving import Span, settled
from mingei.core.stock import DEFAULT_STOCK_ID, Stock
from mingei.core.words import say, some_of

Value: TypeAlias = float | str
Values: TypeAlias = Mapping[str, Value]


#: Room round a thing in a box, each way, mm: it drops in without rattling (common practice: half a millimetre
#: a side).
_ROOM_MM = 1.0

#: A shorter length is none, mm: nobody cuts or folds it.
NOTHING_MM = 0.001
#: In what order families are offered, and the recipe each begins with; a family not named comes last.
FAMILIES = ("boxes", "envelopes", "cards", "wraps", "round", "shapes", "solids", "models")
BEGUN_WITH = ("carton", "envelope-side", "card", "pillow", "tube", "profile-wall", "polyhedron", "strut-base")


class Kind(StrEnum):
    """What sort of value a measure takes."""

    LENGTH = "length"
    ANGLE = "angle"
    COUNT = "count"
    CHOICE = "choice"
    FLAG = "flag"
    OUTLINE = "outline"
    MESH = "mesh"
    #: edges of a mesh that a person joined or parted
    MARKS = "marks"


@dataclass(frozen=True)
class Measure:
    """One thing the person decides; its range feeds the form, the command line and the check alike.

    Lengths in mm, angles in degrees, outlines as text (``contour``), "" for none.  choices: (value, in words)
    for a CHOICE.  stays: a length that does not grow with the thing, since glue, play or a bought part asks
    for it.
    """

    name: str
    kind: Kind
    default: Value
    doc: str
    minimum: float = 0.0
    maximum: float = 0.0
    choices: tuple[tuple[str, str], ...] = ()
    label: str = ""
    stays: bool = False

    @property
    def title(self) -> str:
        return self.label or self.name.replace("_", " ").capitalize()

    def read(self, text: str, unit: str = "mm", names: Mapping[str, float] | None = None) -> Value:
        """The value a person wrote.

        Raises MeasureError or LengthError naming the measure, the reason and the remedy.
        """
        if self.kind is Kind.LENGTH:
            try:
                return self.accept(parse(text, unit, names))
            except LengthError as error:
                raise error.at(self.name) from None
        if self.kind in (Kind.ANGLE, Kind.COUNT):
            try:
                return self.accept(float(text.strip().rstrip("°").replace(",", ".")))
            except ValueError:
                raise MeasureError(say("{text!r} is not a number", text=text.strip()), self.name,
                                   say("write one, such as {default}", default=self.default)) from None
        return self.accept(text.strip())

    def accept(self, value: Value) -> Value:
        """The value itself if the recipe can build it.  Raises MeasureError with the reason and the range."""
        if self.kind is Kind.OUTLINE:
            if not isinstance(value, str):
                raise MeasureError("an outline is a line of text", self.name,
                                   "write its corners as x,y in mm")
            if value:
                contour.read_shape(value)
            return value
        if self.kind is Kind.MESH:
            if not isinstance(value, str):
                raise MeasureError("a mesh is a line of text", self.name, "bring one in from a file")
            if value != self.default:
                from mingei.core.mesh.mesh import read_mesh  # arrays are slow to load

                read_mesh(value)
            return value
        if self.kind is Kind.MARKS:
            if not isinstance(value, str):
                raise MeasureError("edges set by hand are a line of text", self.name, "leave it empty")
            if value:
                from mingei.core.mesh.hand import read_hand

                read_hand(value)
            return value
        if self.kind in (Kind.CHOICE, Kind.FLAG):
            allowed = [c for c, _ in self.choices] or ["yes", "no"]
            if value not in allowed:
                raise MeasureError(say("{value!r} is not a choice", value=value), self.name,
                                   say("choose {names}", names=" or ".join(allowed)))
            return value
        if isinstance(value, bool) or not isinstance(value, (int, float)) or not math.isfinite(value):
            raise MeasureError(say("{value!r} is not a number", value=value), self.name,
                               say("write one, such as {default}", default=self.default))
        if self.kind is Kind.COUNT and value != int(value):
            raise MeasureError(say("{value:g} is not a whole number", value=value), self.name,
                               "write a whole number")
        if self.kind is Kind.LENGTH and abs(value) < NOTHING_MM:
            value = 0.0
        if not self.minimum - 1e-9 <= value <= self.maximum + 1e-9:
            said, low, high = (self.write(v) for v in (float(value), self.minimum, self.maximum))
            refused = MeasureError(say("{said} is outside what this recipe builds", said=said), self.name,
                                   say("write {low} to {high}", low=low, high=high))
            refused.instead = (self.name, max(self.minimum, min(self.maximum, float(value))))
            raise refused
        return float(value)

    def write(self, value: float) -> str:
        if self.kind is Kind.LENGTH:
            return write_both(value)
        return plain_number(value) + ("°" if self.kind is Kind.ANGLE else "")

    def say(self, value: Value) -> str:
        """A value as a person reads it: a number with its unit, or the words of a choice."""
        return self.write(value) if isinstance(value, (int, float)) else dict(self.choices).get(value, value)


@dataclass(frozen=True)
class Recipe:
    """One construction.

    draft: from accepted values to the draft; checked values only.  inside: names of the measures that are the
    cavity's length, width and height, where it has one.  stock: the one it is usually made of.  thinnest,
    thickest: caliper in mm it may be built from. contradictions: called with accepted values, raises
    MeasureError when they cannot hold together.  holds: names of the measures that are the longer and the
    shorter side of the thing it is made for, where that may be a thing people know by name.  for_things: the
    measures that follow from the length, width and thickness of a thing put into it, "" where one is not
    asked, each with the room it wants (mm); where none are given, the inside with a little room.  roomy: a
    thing smaller than the least it is made for goes in as well.  gives: the names of measures that give way
    to the others (``giving``).  also: what people call what is made by it, or look for. part_stocks: the
    stocks, by id, its parts are usually of, where that is not the body's; part_calipers: of parts that are
    folded, from and to which caliper (mm) they may be, where that is not the body's.  human: what some
    measures are in real life (``human``).
    """

    id: str
    title: str
    family: str
    purpose: str
    measures: tuple[Measure, ...]
    draft: Callable[[Values], Draft]
    thinnest: float
    thickest: float
    contradictions: Callable[[Values], None] = lambda values: None
    inside: tuple[str, ...] = ()
    holds: tuple[str, ...] = ()
    for_things: tuple[tuple[str, float], ...] = ()
    roomy: bool = False
    stock: str = DEFAULT_STOCK_ID
    gives: tuple[str, ...] = ()
    also: tuple[str, ...] = ()
    part_stocks: tuple[tuple[str, str], ...] = ()
    part_calipers: tuple[tuple[str, float, float], ...] = ()
    human: tuple[tuple[str, str], ...] = ()

    def __post_init__(self) -> None:
        drawn = self.draft
        object.__setattr__(self, "draft", lambda values: drawn(self.settled(values)))

    @cached_property
    def _spans(self) -> tuple[Span, ...]:
        return tuple(Span(m.name, m.minimum, m.maximum, m.default, tuple(c for c, _ in m.choices),
                          m.kind in (Kind.COUNT, Kind.ANGLE))
                     for m in self.measures if m.kind not in (Kind.OUTLINE, Kind.MESH, Kind.MARKS)
                     and (m.choices or m.kind is not Kind.FLAG))

    def settled(self, values: Values) -> Values:
        """Accepted values as they are built: those that give way as near to what was asked as the rest
        allows.

        Raises MeasureError when they contradict each other all the same, with the number that would do where
        there is one.
        """
        try:
            return settled(self.contradictions, self._spans, self.gives, tuple(values.items()))
        except MeasureError as error:
            raise self._with_remedy(error) from None

    def _with_remedy(self, error: MeasureError) -> MeasureError:
        """The refusal with the number that would do in its words."""
        if error.instead is None:
            return MeasureError(error.sentence, error.place,
                                say("{remedy}; or begin from its usual measures, or take another "
                                    "construction",
                                    remedy=error.remedy) if error.remedy else
                                "begin from its usual measures, or take another construction")
        name, value = error.instead
        measure = self.measure(name)
        found = MeasureError(
            error.sentence,
            error.place,
            say(
                "{remedy}: {measure} {value} would do",
                remedy=error.remedy or say("change it"),
                measure=measure.title.lower(),
                value=measure.say(value),
            ),
        )
        found.instead = error.instead
        return found

    @property
    def takes(self) -> tuple[tuple[str, float], ...]:
        """The measures that follow from a thing's length, width and thickness, with the room each wants, mm;
        none: it takes no things."""
        return (self.for_things or (tuple((name, _ROOM_MM) for name in self.inside) if len(self.inside)
                                    == 3 else ()))

    def measure(self, name: str) -> Measure:
        """Raises MeasureError naming those there are."""
        for measure in self.measures:
            if measure.name == name:
                return measure
        raise MeasureError("no measure has that name", f"{self.id}: {name!r}",
                           say("the names are: {names}",
                               names=some_of((m.name for m in self.measures), name)))

    def accept(self, values: Values) -> Values:
        """All measures, defaults filled in, each within its range, none contradicting another.

        Raises MeasureError.
        """
        for name in values:
            self.measure(name)
        accepted = {m.name: m.accept(values.get(m.name, m.default)) for m in self.measures}
        self.settled(accepted)
        return MappingProxyType(accepted)

    def accept_stock(self, stock: Stock, part: str = "") -> None:
        """Raises StockError when the construction, or a part of it, cannot be built from that caliper."""
        thinnest, thickest = next(((low, high) for name, low, high in self.part_calipers if name == part),
                                  (self.thinnest, self.thickest))
        if not thinnest - 1e-9 <= stock.caliper_mm <= thickest + 1e-9:
            raise StockError(
                say("{recipe}: {caliper:g} mm is not a caliper it can be folded from",
                    recipe=self.title.lower(), caliper=stock.caliper_mm),
                say("stock {stock}", stock=stock.id),
                say("choose one from {thinnest:g} to {thickest:g} mm", thinnest=thinnest, thickest=thickest))


@cache
def recipes() -> Mapping[str, Recipe]:
    """Every recipe by id: the families in their order, in each what people begin with first, then by name."""
    modules = (importlib.import_module(f"{__name__}.{info.name}") for info in pkgutil.iter_modules(__path__))
    found = [module.RECIPE for module in modules if hasattr(module, "RECIPE")]
    found.sort(key=lambda recipe: (FAMILIES.index(recipe.family) if recipe.family in FAMILIES
                                   else len(FAMILIES),
                                   recipe.id not in BEGUN_WITH, recipe.id))
    return MappingProxyType({recipe.id: recipe for recipe in found})


def find_recipe(recipe_id: str) -> Recipe:
    """Raises MeasureError naming the recipes there are."""
    try:
        return recipes()[recipe_id]
    except KeyError:
        raise MeasureError("no recipe has that name", say("recipe {recipe_id!r}", recipe_id=recipe_id),
                           say("choose one of: {names}", names=some_of(recipes(), recipe_id))) from None


def found(words: str, speak: Callable[[str], str] = str) -> tuple[Recipe, ...]:
    """The recipes by what they are called, by what people also call them, by purpose or family, those that
    the words tell best first; where none is told by every word, those told by most of them; all of them
    where there are no words.  A word may be in the plural, or have one letter wrong.

    speak: from the core's English to the language of the words.
    """
    wanted = words.lower().replace("-", " ").split()
    ranked = []
    for order, recipe in enumerate(recipes().values()):
        names = [speak(recipe.title).lower(), recipe.id, *(speak(name).lower() for name in recipe.also)]
        parts = [word for name in names for word in name.replace("-", " ").split()]
        rest = _WORD.findall(f"{speak(recipe.purpose)} {speak(recipe.family)}".lower())
        told = [max(_NAMED * _likeness(word, parts), _likeness(word, rest)) for word in wanted]
        whole = any(name.startswith(" ".join(wanted)) for name in names)
        ranked.append((-sum(t > 0 for t in told), -whole, -sum(told), order, recipe))
    most = min((count for count, *_ in ranked), default=0)
    if wanted and most == 0:
        return ()
    return tuple(recipe for count, *_, recipe in sorted(ranked, key=lambda each: each[:4])
                 if count == most or (-most < len(wanted) and count < 0))


_WORD = re.compile(r"[^\W_]+")
#: A word that names a construction counts so many times as much as one that tells what it is for.
_NAMED = 3.0
#: A word shorter than this may have no letter wrong: too many others are one letter off.
_TYPO_LETTERS = 4


def _likeness(word: str, among: Sequence[str]) -> float:
    """How well some words say what one does: 1 where one of them begins with it or is another form of it, a
    half where they differ by a letter, 0 where none is like it."""
    stem = _stem(word)
    if any(each.startswith(word) or _stem(each) == stem for each in among):
        return 1.0
    if len(word) >= _TYPO_LETTERS and any(len(each) >= _TYPO_LETTERS and _one_off(stem, _stem(each))
                                          for each in among):
        return 0.5
    return 0.0


def _stem(word: str) -> str:
    """A word without the endings of the plural and of doing."""
    for ending, instead in (("ies", "y"), ("ves", "f"), ("shes", "sh"), ("ches", "ch"), ("xes", "x"),
                            ("sses", "ss"), ("ing", ""), ("s", "")):
        if word.endswith(ending) and len(word) - len(ending) >= 3 - bool(instead) and not word.endswith("ss"):
            return word[:-len(ending)] + instead
    return word


def _one_off(a: str, b: str) -> bool:
    """Whether two words differ by one letter that is wrong, too many, missing, or changed with the next."""
    at = next((i for i, (x, y) in enumerate(zip(a, b, strict=False)) if x != y), min(len(a), len(b)))
    x, y = a[at:], b[at:]
    return x[1:] == y[1:] or x[1:] == y or x == y[1:] or (x[:2] == y[:2][::-1] and x[2:] == y[2:])
