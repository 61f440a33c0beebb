"""What was worked out of a thing is kept with it, and goes with it."""

from __future__ import annotations

from collections.abc import Callable
from functools import wraps
from typing import Any, Concatenate, ParamSpec, TypeVar

T = TypeVar("T")
R = TypeVar("R")
Rest = ParamSpec("Rest")


def kept_with(work: Callable[Concatenate[T, Rest], R]) -> Callable[Concatenate[T, Rest], R]:
    """A function whose results are kept with its first argument, a frozen value: as long as that is in use
    and no longer.  A store of so many results, by value, would keep large things long after their last use.
    """
    @wraps(work)
    def found(thing: T, /, *rest: Rest.args, **named: Rest.kwargs) -> R:
        kept: dict[Any, R] = thing.__dict__.setdefault("_kept", {})
        key = work, rest, tuple(sorted(named.items()))
        if key not in kept:
            kept[key] = work(thing, *rest, **named)
        return kept[key]

    return found
