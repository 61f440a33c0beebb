"""Measures that give way, and the number that would do where none does.

Some measures only have to suit the others: how deep a lid is, how far a flap reaches, how large a disc covers
a tip.  A recipe names them, and where what was asked cannot be built with the rest they are made as near to
it as can be.  What was asked is kept, so that they come back as soon as there is room again, and a check says
by how much they gave way.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterator, Mapping
from functools import lru_cache
from typing import NamedTuple, TypeAlias

from mingei.core.errors import MeasureError

Value: TypeAlias = float | str
Rule: TypeAlias = Callable[[Mapping[str, Value]], None]

#: So many times measures may give way to one another before it is called a contradiction.
_MOST_TURNS = 12
#: Values tried between the least and the most, and how often the space between one that does and one that
#: does not is halved.
_TRIED, _HALVED = 40, 24
#: Lengths that give way are made to multiples of this where that does, mm.
_EVEN_MM = 0.5


class Span(NamedTuple):
    """What one measure may be: its choices, or the least and the most, whole numbers or not."""

    name: str
    least: float
    most: float
    usual: Value
    choices: tuple[str, ...] = ()
    whole: bool = False


@lru_cache(maxsize=1024)
def settled(rule: Rule, spans: tuple[Span, ...], gives: tuple[str, ...],
            items: tuple[tuple[str, Value], ...]) -> dict[str, Value]:
    """The values as they are built: those that give way as near to what was asked as the rest allows.

    rule: raises MeasureError where values cannot hold together; gives: the names of what gives way.  Raises
    that MeasureError when they cannot, with the number that would do in its ``instead`` where there is one.
    """
    values, error = _settle(rule, spans, gives, dict(items))
    if error is None:
        return values
    first = _fault(rule, dict(items)) or error
    first.instead = _way_out(rule, spans, values, error.place)
    raise first


def _settle(rule: Rule, spans: tuple[Span, ...], gives: tuple[str, ...],
            values: dict[str, Value]) -> tuple[dict[str, Value], MeasureError | None]:
    """The values with what gives way given way, and the fault that is left, if one is."""
    by_name = {span.name: span for span in spans}
    error = _fault(rule, values)
    for _ in range(_MOST_TURNS):
        if error is None:
            break
        names = list(dict.fromkeys(name for name in (error.place, *gives) if name in gives))
        given = _give(rule, by_name, names, values, error)
        if given is None:
            break
        values = given
        error = _fault(rule, values)
    return values, error


def _fault(rule: Rule, values: Mapping[str, Value]) -> MeasureError | None:
    try:
        rule(values)
    except MeasureError as error:
        return error
    return None


def _give(
    rule: Rule, spans: Mapping[str, Span], names: list[str], values: dict[str, Value], error: MeasureError
) -> dict[str, Value] | None:
    """The values with one of the named given way so that all holds, or at least this fault is gone; None
    where none can."""
    def all_holds(tried: Mapping[str, Value]) -> bool:
        return _fault(rule, tried) is None

    def another(tried: Mapping[str, Value]) -> bool:
        found = _fault(rule, tried)
        return found is None or (found.place, found.sentence) != (error.place, error.sentence)

    for does in (all_holds, another):
        for name in names:
            found = _nearest(spans[name], values, does)
            if found is not None:
                return {**values, name: found}
    return None


def _nearest(span: Span, values: Mapping[str, Value],
             does: Callable[[Mapping[str, Value]], bool]) -> Value | None:
    """The value of a measure nearest to what it is at which something holds; None where nowhere."""
    now = values[span.name]
    for tried in _candidates(span, now):
        if tried != now and does({**values, span.name: tried}):
            if span.choices or span.whole or not isinstance(tried, float) or not isinstance(now, float):
                return tried
            return _closer(span, values, does, tried, now)
    return None


def _candidates(span: Span, now: Value) -> Iterator[Value]:
    """What a measure might be instead, the nearest first."""
    if span.choices:
        yield from span.choices
        return
    assert isinstance(now, float)
    if span.whole:
        whole = range(math.ceil(span.least), math.floor(span.most) + 1)
        yield from sorted((float(n) for n in whole), key=lambda n: abs(n - now))
        return
    even = [span.least + (span.most - span.least) * i / _TRIED for i in range(_TRIED + 1)]
    low = max(span.least, 1e-2)
    shares = [low * (span.most / low) ** (i / _TRIED) for i in range(_TRIED + 1)] if span.most > low else []
    usual = [span.usual] if isinstance(span.usual, float) else []
    yield from sorted({*even, *shares, *usual, span.least, span.most}, key=lambda v: abs(v - now))


def _closer(span: Span, values: Mapping[str, Value], does: Callable[[Mapping[str, Value]], bool], good: float,
            bad: float) -> float:
    """A value that does, as near to one that does not as can be, and a friendly number where that does as
    well."""
    towards = math.copysign(1.0, good - bad)
    for _ in range(_HALVED):
        middle = (good + bad) / 2
        good, bad = (middle, bad) if does({**values, span.name: middle}) else (good, middle)
    for step in (_EVEN_MM, 0.1, 0.01):
        for count in (round(good / step), math.ceil(good / step) if towards > 0 else math.floor(good / step)):
            even = round(count * step, 6)
            if span.least <= even <= span.most and does({**values, span.name: even}):
                return even
    return good


def _way_out(rule: Rule, spans: tuple[Span, ...], values: dict[str, Value],
             place: str) -> tuple[str, Value] | None:
    """One measure and the number at which all holds: the measure at fault, else the one that changes least;
    None where none helps.

    values: with what gives way given way as far as it went.
    """
    def holds(tried: Mapping[str, Value]) -> bool:
        return _fault(rule, tried) is None

    best: tuple[float, str, Value] | None = None
    for span in sorted(spans, key=lambda s: s.name != place):
        found, now = _nearest(span, values, holds), values[span.name]
        if found is None:
            continue
        if span.name == place:
            return place, found
        change = (abs(found - now) / (span.most - span.least) if isinstance(found, float)
                  and isinstance(now, float) else 0.5)
        if best is None or change < best[0]:
            best = change, span.name, found
    return (best[1], best[2]) if best else None
