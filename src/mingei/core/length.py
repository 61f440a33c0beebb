"""Lengths as people write them.

Inside Mingei a length is a float in millimetres.  This module is the edge where words become
millimetres and millimetres become words.

Written forms: ``98.4``, ``9.8cm``, ``3 7/8 in``, ``3-7/8"``, ``3⅞ in``, ``1 ft 2 1/2 in``; and, after an
equals sign, sums over named measures: ``=width/2 + 6``, ``=2*(length + 3mm)``.  A real length with the scale
of the model after it, ``0.9 m 1:12``, is that of the model.

*Makers' fraction*: inches with a power-of-two denominator, as marked on a rule; what the fraction
leaves over is its *residue*, kept in millimetres and never thrown away in silence.
"""

from __future__ import annotations

import math
import re
import unicodedata
from collections.abc import Mapping
from typing import NamedTuple

from mingei.core.errors import LengthError
from mingei.core.words import say, some_of

MM_PER_INCH = 25.4  # exact by definition

UNITS_MM: Mapping[str, float] = {
    "mm": 1.0,
    "cm": 10.0,
    "m": 1000.0,
    "km": 1e6,
    "um": 0.001,
    "µm": 0.001,
    "in": MM_PER_INCH,
    "inch": MM_PER_INCH,
    "inches": MM_PER_INCH,
    '"': MM_PER_INCH,
    "ft": 12 * MM_PER_INCH,
    "'": 12 * MM_PER_INCH,
    "mil": MM_PER_INCH / 1000,
    "thou": MM_PER_INCH / 1000,
}

_RAISED, _LOWERED = "⁰¹²³⁴⁵⁶⁷⁸⁹", "₀₁₂₃₄₅₆₇₈₉"
_SET_HIGH, _SET_LOW = str.maketrans("0123456789", _RAISED), str.maketrans("0123456789", _LOWERED)

_LOOKALIKES = str.maketrans(dict(zip(_RAISED + _LOWERED, 2 * "0123456789", strict=True)) | {
    "″": '"', "”": '"', "“": '"', "′": "'", "’": "'", "⁄": "/", "∕": "/", "−": "-", "–": "-",
    "×": "*", "÷": "/", "\u00a0": " ", "\u202f": " ", "\u2009": " ", "μ": "µ",
})

#: A real length is followed by the scale of the model; one so small is no model any more.
_AT_SCALE = re.compile(r"(?:\s+at)?\s+1\s*:\s*(\d+(?:[.,]\d+)?)\s*$")
_SMALLEST = 10_000.0

_TOKEN = re.compile(
    r"""\s*(?:
        (?P<mixed>\d+[ ]+\d+/\d+(?![\d.,]))
      | (?P<number>\d+(?:[.,]\d+)?|[.,]\d+)
      | (?P<name>[A-Za-zµ_][A-Za-z0-9µ_]*(?:\.[A-Za-z_][A-Za-z0-9_]*)*)
      | (?P<mark>[-+*/()"'])
    )""",
    re.VERBOSE,
)


class _Token(NamedTuple):
    kind: str
    text: str
    column: int  # 1-based, in the text as the person wrote it


class _Quantity(NamedTuple):
    """A value on its way through a sum; ``power`` is 1 for a length, 0 for a bare number."""

    value: float
    power: int
    ratio: bool = False  # a bare number that came from dividing lengths is no length


def write_real(mm: float, unit: str) -> str:
    """The size of a real thing: in m or cm, or in feet and inches."""
    if unit in ("in", "ft"):
        feet, inches = divmod(round(mm / MM_PER_INCH * 2) / 2, 12)
        return f"{feet:.0f} ft {inches:g} in" if feet else f"{inches:g} in"
    return f"{mm / 1000:.2f} m" if mm >= 1000 else f"{mm / 10:.1f} cm"


def parse(text: str, unit: str = "mm", names: Mapping[str, float] | None = None) -> float:
    """Read a length.

    text: what the person wrote.
    unit: what a bare number means, a key of UNITS_MM.
    names: measures (mm) that a sum after ``=`` may use.
    A scale at the end, as in ``0.9 m 1:12`` or ``3 ft at 1:12``, makes it that of the model.
    Returns mm.
    Raises LengthError naming the column (1-based) where reading stopped.
    """
    if unit not in UNITS_MM:
        raise LengthError(say("the unit {unit!r} is not known", unit=unit), "",
                          "use one of mm, cm, m, in, ft")
    if (model := _AT_SCALE.search(text)) is not None:
        times = float(model[1].replace(",", "."))
        if not 0.0 < times <= _SMALLEST:
            raise LengthError(say("a scale of 1:{times:g} is none a model is built at", times=times),
                              say("column {column}", column=model.start() + 1),
                              "write how many times larger the real thing is, such as 1:12")
        return parse(text[:model.start()], unit, names) / times
    clean, columns = _normalise(text)
    stripped = clean.strip()
    if not stripped:
        raise LengthError("a length is missing", "", 'write one such as 98.4 mm or 3 7/8 in')
    if stripped.startswith("="):
        start = clean.index("=") + 1
        tokens = _tokens(clean, start, columns)
        result = _Sum(tokens, unit, names or {}, len(text) + 1).whole()
    else:
        tokens = _tokens(clean, 0, columns)
        result = _plain(tokens, unit, len(text) + 1)
    if not math.isfinite(result):
        raise LengthError("that is not a finite length", "", "write a smaller number")
    return result


def _normalise(text: str) -> tuple[str, list[int]]:
    """Replace typographic signs; map every new character to its original column."""
    out: list[str] = []
    columns: list[int] = []
    for index, char in enumerate(text):
        piece = char.translate(_LOOKALIKES)
        if char in _RAISED and index and text[index - 1].isdecimal():
            piece = " " + piece  # a fraction set as one, hard after its whole number
        if unicodedata.category(char) == "No":  # ½ ⅜ and their kin
            parts = unicodedata.normalize("NFKD", char).replace("⁄", "/")
            if re.fullmatch(r"\d+/\d+", parts):
                piece = (" " if out and out[-1].isdigit() else "") + parts
        for c in piece:
            out.append(c)
            columns.append(index + 1)
    return "".join(out), columns


def _tokens(clean: str, start: int, columns: list[int]) -> list[_Token]:
    tokens: list[_Token] = []
    at = start
    while at < len(clean):
        match = _TOKEN.match(clean, at)
        if match is None or match.end() == at:
            rest = clean[at:].lstrip()
            if not rest:
                break
            column = columns[len(clean) - len(rest)]
            raise LengthError(say("{rest!r} cannot be read", rest=rest[0]),
                              say("column {column}", column=column),
                              "write a length such as 98.4 mm or 3 7/8 in")
        kind = match.lastgroup or ""
        begin = match.start(kind)
        tokens.append(_Token(kind, match.group(kind), columns[begin]))
        at = match.end()
    return tokens


def _number(token: _Token) -> float:
    if token.kind == "mixed":
        whole, fraction = token.text.split(None, 1)
        top, bottom = fraction.split("/")
        if int(bottom) == 0:
            raise LengthError("a fraction cannot have 0 below the line",
                              say("column {column}", column=token.column),
                              "write the denominator, such as 7/8")
        return int(whole) + int(top) / int(bottom)
    return float(token.text.replace(",", "."))


def _plain(tokens: list[_Token], unit: str, end: int) -> float:
    """A sign, then one or more of number-with-unit, largest unit first."""
    items = list(tokens)
    sign = 1.0
    if items and items[0].text in "+-" and items[0].kind == "mark":
        sign = -1.0 if items.pop(0).text == "-" else 1.0
    total, last_scale = 0.0, math.inf
    seen_unit = False
    while True:
        value = _plain_number(items, end)
        if items and (items[0].kind == "name" or items[0].text in "\"'"):
            token = items.pop(0)
            scale = _unit_scale(token)
            seen_unit = True
        elif seen_unit:
            raise LengthError("the last number has no unit", say("column {end}", end=end),
                              "write its unit, such as in or mm")
        else:
            scale = UNITS_MM[unit]
        if scale >= last_scale:
            raise LengthError("units must go from large to small", say("column {end}", end=end),
                              "write one as 1 ft 2 1/2 in")
        total += value * scale
        last_scale = scale
        if not items:
            return sign * total
        if not seen_unit or items[0].kind not in ("number", "mixed"):
            token = items[0]
            raise LengthError(say("{text!r} was not expected", text=token.text),
                              say("column {column}", column=token.column),
                              "begin a sum with an equals sign, such as =2*40 + 3")


def _plain_number(items: list[_Token], end: int) -> float:
    if not items:
        raise LengthError("a number is missing", say("column {end}", end=end), "write one such as 98.4 mm")
    token = items.pop(0)
    if token.kind not in ("number", "mixed"):
        raise LengthError(say("{text!r} is not a number", text=token.text),
                          say("column {column}", column=token.column),
                          "write a length such as 98.4 mm or 3 7/8 in")
    value = _number(token)
    # 7/8, and 3-7/8 as people join whole and fraction with a hyphen
    if token.kind == "number" and len(items) >= 4 and [t.text for t in items[:1]] == ["-"] \
            and items[1].kind == "number" and items[2].text == "/" and items[3].kind == "number":
        return value + _ratio(items[1], items[3], items, 4)
    if token.kind == "number" and len(items) >= 2 and items[0].text == "/" and items[1].kind == "number":
        return _ratio(token, items[1], items, 2)
    return value


def _ratio(top: _Token, bottom: _Token, items: list[_Token], used: int) -> float:
    below = _number(bottom)
    if below == 0:
        raise LengthError("a fraction cannot have 0 below the line",
                          say("column {column}", column=bottom.column),
                          "write the denominator, such as 7/8")
    del items[:used]
    return _number(top) / below


def _unit_scale(token: _Token) -> float:
    scale = UNITS_MM.get(token.text) or UNITS_MM.get(token.text.lower())
    if scale is None:
        raise LengthError(say("{text!r} is not a unit", text=token.text),
                          say("column {column}", column=token.column),
                          "use mm, cm, m, in or ft")
    return scale


class _Sum:
    """Recursive descent over ``+ - * / ( )``, numbers with units, and named measures."""

    def __init__(self, tokens: list[_Token], unit: str, names: Mapping[str, float], end: int) -> None:
        self.tokens, self.unit, self.names, self.end = tokens, unit, names, end
        self.at = 0
        self.depth = 0

    def whole(self) -> float:
        result = self.terms()
        if self.at < len(self.tokens):
            token = self.tokens[self.at]
            raise LengthError(say("{text!r} was not expected", text=token.text),
                              say("column {column}", column=token.column),
                              "join parts with + - * /")
        if result.power == 1:
            return result.value
        if result.ratio:
            raise LengthError("that is a ratio of two lengths, not a length", "", "multiply it by a length")
        return result.value * UNITS_MM[self.unit]

    def peek(self) -> str:
        token = self.tokens[self.at] if self.at < len(self.tokens) else None
        return token.text if token and token.kind == "mark" else ""

    def take(self) -> _Token:
        if self.at >= len(self.tokens):
            raise LengthError("the sum stops too early", say("column {end}", end=self.end),
                              "write the missing part or leave the sign out")
        self.at += 1
        return self.tokens[self.at - 1]

    def terms(self) -> _Quantity:
        left = self.factors()
        while self.peek() in ("+", "-") and self.peek():
            sign = 1.0 if self.take().text == "+" else -1.0
            right = self.factors()
            if left.power != right.power:  # a bare number beside a length is in the person's unit
                left, right = self._as_length(left), self._as_length(right)
            left = _Quantity(left.value + sign * right.value, left.power, left.ratio or right.ratio)
        return left

    def _as_length(self, q: _Quantity) -> _Quantity:
        return q if q.power == 1 else _Quantity(q.value * UNITS_MM[self.unit], 1)

    def factors(self) -> _Quantity:
        left = self.unary()
        while self.peek() in ("*", "/") and self.peek():
            sign = self.take()
            right = self.unary()
            power = left.power + right.power if sign.text == "*" else left.power - right.power
            if power not in (0, 1):
                raise LengthError("that gives no length", say("column {column}", column=sign.column),
                                  "multiply a length by a plain number, or divide it by one")
            if sign.text == "/" and right.value == 0:
                raise LengthError("that divides by zero", say("column {column}", column=sign.column),
                                  "divide by another number")
            value = left.value * right.value if sign.text == "*" else left.value / right.value
            ratio = power == 0 and (left.power == 1 or left.ratio or right.ratio)
            left = _Quantity(value, power, ratio)
        return left

    def unary(self) -> _Quantity:
        self.depth += 1
        if self.depth > 60:
            raise LengthError("the sum is nested too deeply", "", "use fewer brackets")
        try:
            if self.peek() == "-":
                self.take()
                inner = self.unary()
                return inner._replace(value=-inner.value)
            if self.peek() == "(":
                opened = self.take()
                inner = self.terms()
                if self.peek() != ")":
                    raise LengthError("a bracket is not closed", say("column {column}", column=opened.column),
                                      "write the missing )")
                self.take()
                return inner
            return self.atom()
        finally:
            self.depth -= 1

    def atom(self) -> _Quantity:
        token = self.take()
        if token.kind in ("number", "mixed"):
            value = _number(token)
            follower = self.tokens[self.at] if self.at < len(self.tokens) else None
            if follower and (follower.text in "\"'"
                             or (follower.kind == "name" and follower.text.lower() in UNITS_MM
                                 and follower.text not in self.names)):
                self.at += 1
                return _Quantity(value * _unit_scale(follower), 1)
            return _Quantity(value, 0)
        if token.kind == "name":
            if token.text in self.names:
                return _Quantity(self.names[token.text], 1)
            known = some_of(sorted(self.names)) or "none here"
            raise LengthError(say("no measure is called {text!r}", text=token.text),
                              say("column {column}", column=token.column),
                              say("the names are: {known}", known=known))
        raise LengthError(say("{text!r} was not expected", text=token.text),
                          say("column {column}", column=token.column),
                          "a number or a name goes here")


class MakersFraction(NamedTuple):
    """A length as a rule in inches shows it: sign, whole inches, numerator/denominator, residue in mm."""

    sign: int
    whole: int
    numerator: int
    denominator: int
    residue_mm: float

    @property
    def mm(self) -> float:
        """What the fraction itself says, in mm, without the residue."""
        return self.sign * (self.whole + self.numerator / self.denominator) * MM_PER_INCH

    def __str__(self) -> str:
        minus = "-" if self.sign < 0 and (self.whole or self.numerator) else ""
        if self.numerator == 0:
            return f"{minus}{self.whole}"
        fraction = f"{self.numerator}/{self.denominator}"
        return f"{minus}{self.whole} {fraction}" if self.whole else f"{minus}{fraction}"


def makers_fraction(mm: float, denominator: int = 64) -> MakersFraction:
    """The nearest fraction of an inch with a power-of-two denominator up to ``denominator``.

    Returns the reduced fraction; ``fraction.mm + fraction.residue_mm == mm``.
    Raises LengthError when the denominator is not a power of two.
    """
    if denominator < 1 or denominator & (denominator - 1):
        raise LengthError("a rule is divided by halves", "", "use 2, 4, 8, 16, 32 or 64")
    sign = -1 if mm < 0 else 1
    parts = round(abs(mm) / MM_PER_INCH * denominator)
    whole, top = divmod(parts, denominator)
    common = math.gcd(top, denominator) if top else denominator
    fraction = MakersFraction(sign, whole, top // common, denominator // common, 0.0)
    return fraction._replace(residue_mm=mm - fraction.mm)


def write_mm(mm: float, places: int = 2) -> str:
    """``98.4 mm``: at most ``places`` decimals, none that are zero, and never a minus zero."""
    return f"{plain_number(mm, places)} mm"


def plain_number(value: float, places: int = 2) -> str:
    """A number with at most ``places`` decimals and no trailing zeros."""
    text = f"{value:.{places}f}"
    if "." in text:
        text = text.rstrip("0").rstrip(".")
    return "0" if text == "-0" else text


def write_inches(mm: float, denominator: int = 64) -> str:
    """``3 7/8 in``: the makers' fraction nearest to ``mm``."""
    return f"{makers_fraction(mm, denominator)} in"


def write(mm: float, unit: str) -> str:
    """The length in the person's unit, ``mm`` or ``in``."""
    return write_inches(mm) if unit == "in" else write_mm(mm)


def write_both(mm: float) -> str:
    """Metric first, the makers' fraction beside it."""
    return f"{write_mm(mm)} ({write_inches(mm)})"


def typeset(text: str) -> str:
    """The text with every fraction set as one: raised figures, fraction stroke, lowered figures.  ``parse``
    reads it back."""
    return re.sub(r"(\d+)/(\d+)", lambda m: f"{m[1].translate(_SET_HIGH)}⁄{m[2].translate(_SET_LOW)}", text)
