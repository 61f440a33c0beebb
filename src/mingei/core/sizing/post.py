"""What the post takes as a letter: sizes, thickness, weight and proportions, by a table of rules with their
source and year.

All values from memory of the sources named beside them; rules change every year, so every read-out ends in a
word to ask locally.
"""

from __future__ import annotations

import math
from typing import NamedTuple

from mingei.core.length import MM_PER_INCH
from mingei.core.words import joined, say

_OUNCE_G = 28.349523125  # definition of the ounce


class Post(NamedTuple):
    """One kind of letter.

    least, most: longer and shorter side, mm; thick: (least, most), mm; mass_g: the most; ratio: (least, most)
    of longer to shorter side, where proportions are asked for; source: where the rule stands, and its year.
    """

    name: str
    least: tuple[float, float]
    most: tuple[float, float]
    thick: tuple[float, float]
    mass_g: float
    source: str
    ratio: tuple[float, float] = (0.0, math.inf)


def _inches(*sizes: float) -> tuple[float, ...]:
    return tuple(s * MM_PER_INCH for s in sizes)


#: From the lightest to the heaviest in each land; values from memory.
POSTS: tuple[Post, ...] = (
    Post("international letter", (140.0, 90.0), (245.0, 165.0), (0.0, 5.0), 100.0,
         "UPU Convention Regulations, 2022"),
    Post("German standard letter", (140.0, 90.0), (235.0, 125.0), (0.0, 5.0), 20.0,
         "Deutsche Post, letter products, 2024"),
    Post("German large letter", (100.0, 70.0), (353.0, 250.0), (0.0, 20.0), 500.0,
         "Deutsche Post, letter products, 2024"),
    Post("UK letter", (140.0, 90.0), (240.0, 165.0), (0.0, 5.0), 100.0, "Royal Mail, size guide, 2024"),
    Post("UK large letter", (140.0, 90.0), (353.0, 250.0), (0.0, 25.0), 750.0,
         "Royal Mail, size guide, 2024"),
    Post("US letter", (_inches(5.0)[0], _inches(3.5)[0]), (_inches(11.5)[0], _inches(6.125)[0]),
         (_inches(0.007)[0], _inches(0.25)[0]), 3.5 * _OUNCE_G, "USPS Domestic Mail Manual 101, 2024",
         (1.3, 2.5)),
    Post("US large envelope", (_inches(5.0)[0], _inches(3.5)[0]), (_inches(15.0)[0], _inches(12.0)[0]),
         (_inches(0.007)[0], _inches(0.75)[0]), 13 * _OUNCE_G, "USPS Domestic Mail Manual 101, 2024"),
)


def why_not(post: Post, long: float, short: float, thick: float, mass_g: float) -> str:
    """Why something of that size (mm), thickness and mass does not go as that kind of letter; "" where it
    does."""
    if long < short:
        long, short = short, long
    if long < post.least[0] - 1e-9 or short < post.least[1] - 1e-9:
        return "too small"
    if long > post.most[0] + 1e-9 or short > post.most[1] + 1e-9:
        return "too large"
    if thick > post.thick[1] + 1e-9:
        return "too thick"
    if thick < post.thick[0] - 1e-9:
        return "too thin"
    if mass_g > post.mass_g + 1e-9:
        return "too heavy"
    if not post.ratio[0] - 1e-9 <= long / short <= post.ratio[1] + 1e-9:
        return "its proportions are not taken by machines"
    return ""


def goes_as(long: float, short: float, thick: float, mass_g: float) -> tuple[Post, ...]:
    """The kinds of letter it goes as."""
    return tuple(p for p in POSTS if not why_not(p, long, short, thick, mass_g))


def read_out(long: float, short: float, thick: float, mass_g: float) -> str:
    """One sentence: what it goes as; or, where it goes as no letter, what stands in the way of the
    roomiest."""
    found = goes_as(long, short, thick, mass_g)
    if found:
        return say("with {mass:.0f} g and {thick:.1f} mm it goes as: {names}", mass=mass_g, thick=thick,
                   names=joined([p.name for p in found], ", "))
    reasons = [(p, why_not(p, long, short, thick, mass_g))
               for p in POSTS if p.name in ("international letter", "UK large letter")]
    return say("it goes as no letter: as {name} it is {why}", name=reasons[0][0].name, why=reasons[0][1])
