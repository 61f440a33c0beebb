"""The joints there are between things, one module each."""

from __future__ import annotations

import importlib
import pkgutil
from collections.abc import Mapping
from functools import cache

from mingei.core.errors import MeasureError
from mingei.core.whole.between import Between
from mingei.core.words import say, some_of


@cache
def joints() -> Mapping[str, Between]:
    """Every joint between things by its word."""
    found = [importlib.import_module(f"{__name__}.{info.name}").JOINT
             for info in pkgutil.iter_modules(__path__)
             if not info.name.startswith("_")]
    return {joint.word: joint for joint in found}


def find(word: str) -> Between:
    """The joint of that word.  Raises MeasureError naming those there are."""
    if word not in joints():
        raise MeasureError(say("{word!r} is no joint between things", word=word), "how",
                           say("use one of: {names}", names=some_of(list(joints()))))
    return joints()[word]
