"""Sizes that fit people, by which a model measure that is odd shows.

The values are from memory of what furniture and building handbooks give, rounded; none is exact.
"""

from __future__ import annotations

from collections.abc import Mapping
from typing import NamedTuple


class Fits(NamedTuple):
    """From and to which size (mm) a thing of real life usually is."""

    least: float
    most: float


HUMAN: Mapping[str, Fits] = {
    "a cupboard's depth": Fits(250.0, 650.0),
    "a cupboard's width": Fits(300.0, 2500.0),
    "the clear height of a shelf": Fits(180.0, 1800.0),
}
