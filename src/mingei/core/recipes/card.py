"""A folded card: once, as a gate of two wings, or as a concertina whose folds go to and fro."""

from __future__ import annotations

from itertools import pairwise

from mingei.core.draft import Crease, Dimension, Draft, EdgeRef, Fold, Lap, Panel, Piece, Placement
from mingei.core.errors import MeasureError
from mingei.core.offset import FLAT_DEG
from mingei.core.plane.shape import rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values

SINGLE, GATE, CONCERTINA = "single", "gate", "concertina"
#: Each wing of a gate stops so far short of the middle, mm, so that they do not push each other open.
_GATE_MM = 0.5


def zigzag_layer(number: int) -> int:
    """The layer of a concertina's panel, counted from 0: every other one looks the other way, and each lies
    on the one before."""
    return number // 2 * 2 * (1 if number % 2 else -1)


def draft_card(values: Values) -> Draft:
    """kind; width, height: folded, mm; panels: of a concertina."""
    width, height, kind = float(values["width"]), float(values["height"]), str(values["kind"])
    stands = Placement((0.0, height, 0.0), (1.0, 0.0, 0.0), (0.0, -1.0, 0.0))
    shown = (Dimension("width", EdgeRef("back", 0)), Dimension("height", EdgeRef("back", 3)))
    if kind == GATE:
        wing = rectangle(width / 2 - _GATE_MM, height)
        panels = [Panel("back", rectangle(width, height)), Panel("left wing", wing),
                  Panel("right wing", wing)]
        folds = [Fold(EdgeRef("back", 3), EdgeRef("left wing", 1), FLAT_DEG, 1),
                 Fold(EdgeRef("back", 1), EdgeRef("right wing", 3), FLAT_DEG, 1)]
        laps = [Lap(f"{name} on back", name, "back", glued=False, facing=True)
                for name in ("left wing", "right wing")]
    else:
        count = 2 if kind == SINGLE else int(values["panels"])
        names = (["back", "front"] if count == 2
                 else ["back", *(f"panel {i + 2}" for i in range(count - 2)), "front"])
        panels = [Panel(name, rectangle(width, height), layer=zigzag_layer(i))
                  for i, name in enumerate(names)]
        folds = [Fold(EdgeRef(a, 1), EdgeRef(b, 3), FLAT_DEG, i + 1,
                      Crease.VALLEY if i % 2 else Crease.MOUNTAIN)
                 for i, (a, b) in enumerate(pairwise(names))]
        laps = []
    return Draft((Piece("card", "back", stands, tuple(panels), folds=tuple(folds), seams=(),
                        laps=tuple(laps)),), closes=False,
                 dimensions=shown)


def _sound(values: Values) -> None:
    if values["kind"] == GATE and float(values["width"]) < 40.0:
        raise MeasureError("the wings of so narrow a gate cannot be taken hold of", "width",
                           "make it at least 40 mm wide")


RECIPE = Recipe(
    id="card", title="Folded card", family="cards",
    purpose="a card to send: folded once, a gate, or a concertina",
    also=("greeting card", "gatefold", "accordion", "leporello", "birthday card", "invitation"),
    measures=(
        Measure("kind", Kind.CHOICE, SINGLE, "how it is folded",
                choices=((SINGLE, "once"), (GATE, "gate"), (CONCERTINA, "concertina")),
                label="Folded"),
        Measure("width", Kind.LENGTH, 105.0, "of the card when folded", 30.0, 300.0),
        Measure("height", Kind.LENGTH, 148.0, "of the card", 30.0, 300.0),
        Measure("panels", Kind.COUNT, 4.0, "of a concertina", 3.0, 10.0),
    ),
    draft=draft_card, thinnest=0.08, thickest=0.5, contradictions=_sound, holds=("height", "width"),
    stock="card-220",
)
