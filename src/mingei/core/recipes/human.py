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
    "a seat's height": Fits(400.0, 480.0),
    "a seat's width": Fits(300.0, 600.0),
    "a table's height": Fits(680.0, 780.0),
    "a storey's clear height": Fits(2100.0, 3600.0),
    "a door's width": Fits(600.0, 1100.0),
    "a door's height": Fits(1850.0, 2300.0),
    "a window's sill": Fits(300.0, 1200.0),
    "a stair's rise": Fits(140.0, 220.0),
    "a stair's going": Fits(210.0, 350.0),
    "a stair's width": Fits(600.0, 1500.0),
    "the room over a stair": Fits(1800.0, 2600.0),
    "a cupboard's depth": Fits(250.0, 650.0),
    "a cupboard's width": Fits(300.0, 2500.0),
    "the clear height of a shelf": Fits(180.0, 1800.0),
}
