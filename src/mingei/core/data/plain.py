"""What data from a file may be at all, whatever it is meant to say: real text, numbers of this world, no
deeper and no more than any file of ours."""

from __future__ import annotations

import math
from typing import Any

from mingei.core.errors import ProjectError
from mingei.core.words import say

#: How deep lists and objects lie in each other, how many values there are in all, how large a number is.
MOST_DEEP, MOST_VALUES, MOST_NUMBER = 40, 2_000_000, 1e15


def is_text(text: str) -> bool:
    """Whether a text can be written as UTF-8: no half of a pair."""
    if text.isascii():
        return True
    try:
        text.encode("utf-8")
    except UnicodeEncodeError:
        return False
    return True


def admit(data: Any) -> Any:
    """The data again.  Raises ProjectError naming the place of the first value that no file of ours holds."""
    left: list[tuple[Any, str, int]] = [(data, "", 0)]
    seen = 0
    while left:
        value, place, deep = left.pop()
        seen += 1
        if deep > MOST_DEEP:
            raise ProjectError(say("lists lie in each other more than {most} deep", most=MOST_DEEP),
                               _short(place), _OURS)
        if isinstance(value, dict):
            for key in value:
                if not is_text(key):
                    raise ProjectError("a key is no text", _short(place), _OURS)
            seen += len(value)
            left += [(v, f"{place}.{k}" if place else k, deep + 1) for k, v in value.items()]
        elif isinstance(value, list):
            left += [(v, f"{place}[{i}]", deep + 1) for i, v in enumerate(value)]
        elif isinstance(value, str):
            if not is_text(value):
                raise ProjectError("this is no text: a letter in it is only half there", _short(place),
                                   "write it anew")
        elif isinstance(value, (int, float)) and not (abs(value) <= MOST_NUMBER):
            raise ProjectError("this number is none of this world" if isinstance(value, int)
                               or math.isfinite(value) else "this is no number", _short(place),
                               "write a number that can be measured")
        if seen + len(left) > MOST_VALUES:
            raise ProjectError(say("it holds more than {most} values", most=MOST_VALUES), "", _OURS)
    return data


_OURS = "open a file that Mingei saved"


def _short(place: str) -> str:
    return say("key {place!r}", place=place) if place else ""
