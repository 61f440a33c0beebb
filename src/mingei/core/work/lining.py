"""Lining up: layouts in which scores of different pieces lie on one line, so that the rule is laid less
often, on no more sheets.

From the present layout some sheets of one kind are taken, all or half of their pieces lifted and laid again,
each where its lines come to lie on lines that are there; what is no worse is kept, and now and then what is a
little worse, less and less often (simulated annealing, Kirkpatrick and others, Science 220, 1983).
"""

from __future__ import annotations

import math
from collections.abc import Generator, Sequence
from itertools import pairwise
from random import Random
from typing import NamedTuple

from mingei.core.layout.laying import Spot
from mingei.core.layout.place import NAME_MM, Item, Load, Page, arrange, move_to, room, spots_of
from mingei.core.layout.sheets import Sheet
from mingei.core.plane.shape import Point, Rigid, bounds, turned
from mingei.core.work.lines import Faces, lines_of
from mingei.core.work.placements import is_short, placements
from mingei.core.work.plan import Working

#: Lines nearer each other than this (mm) are one for the search; what is gained is counted by placements.
_SAME_MM = 0.06
#: Weights of a new line against waste, of which one is drawn for each try; with 0 lines count for nothing.
_WEIGHTS = (0.0, 2.0, 8.0, 30.0, 200.0)
#: So many tries for each sheet of a kit, at least and at most in all; from how hot to how cold.
TRIES_A_SHEET, _LEAST, _MOST = 75, 120, 2000
_HOT, _COLD = 0.8, 0.02
#: The direction of an upright line; so many pairs of slanted lines are tried at one spot.
_UPRIGHT, _SLANTS = 1800, 5

#: A line of a piece: which family (its face and direction), and how far off it lies.
Family = tuple[str, int]


class Lined(NamedTuple):
    """The best so far: where every piece lies; placings of the rule before and now; share: of the work done,
    0..1."""

    spots: tuple[Spot, ...]
    before: int
    now: int
    share: float


class _Shape(NamedTuple):
    """A piece as turned: its size with its name beneath, and its lines from its lower left corner."""

    width: float
    height: float
    lines: tuple[tuple[Family, float], ...]


class _Laid(NamedTuple):
    """A piece on a sheet: its lower left corner with its name beneath, from the corner of the room."""

    item: Item
    turn: float
    x: float
    y: float
    shape: _Shape


_Sheet = tuple[_Laid, ...]


def line_up(loads: Sequence[Load], sheet: Sheet, spots: Sequence[Spot] = (), working: Working | None = None,
            seed: int = 0, tries: int = 0) -> Generator[Lined]:
    """Layouts that need fewer placings of the rule, better and better; sheets on which something is locked
    stay as they are.  The same pieces, tries and seed give the same layouts."""
    working = working or Working()
    pages = list(arrange(loads, sheet, spots).pages)
    shapes = _Shapes(sheet, working.faces)
    counts = [shapes.count(page) for page in pages]
    before = sum(counts)
    yield Lined(spots_of(pages), before, before, 0.0)
    free = [n for n, page in enumerate(pages) if page.tile is None and not any(i.locked for i in page.items)]
    kinds: dict[tuple[str, str], list[int]] = {}
    for n in free:
        kinds.setdefault(_kind(pages[n].items[0].load), []).append(n)
    total = tries or max(_LEAST, min(_MOST, TRIES_A_SHEET * len(free)))
    dice = Random(seed)
    laid: dict[int, _Sheet] = {n: shapes.laid(pages[n]) for n in free}
    lines: dict[int, int] = {n: _lines(laid[n]) for n in free}
    useful = [k for k, some in kinds.items() if sum(len(laid[n]) for n in some) > 1]
    weights = [sum(len(laid[n]) ** 2 for n in kinds[k]) for k in useful]
    best, least, told = list(pages), before, sum(lines.values())
    for tried in range(total if useful else 0):
        heat = _HOT * (_COLD / _HOT) ** (tried / total)
        kind = dice.choices(useful, weights)[0]
        some = _chosen(kinds[kind], laid, dice)
        other = _again([laid[n] for n in some], shapes, dice)
        # what straight cuts part is not given up
        if other is not None and (sum(map(_comes_apart, other))
                                  >= sum(_comes_apart(laid[n]) for n in some)):
            found = [_lines(s) for s in other]
            worse = sum(found) - sum(lines[n] for n in some)
            if worse <= 0 or dice.random() < math.exp(-worse / heat):
                for n, s, c in zip(some, other, found, strict=True):
                    if s != laid[n]:
                        laid[n], lines[n] = s, c
                        pages[n] = shapes.page(pages[n], s)
                if sum(lines.values()) < told:  # the plan itself has the last word
                    told = sum(lines.values())
                    now = sum(shapes.count(page) for page in pages)
                    if now < least:
                        best, least = list(pages), now
        if tried % 20 == 19:
            yield Lined(spots_of(best), before, least, (tried + 1) / total)
    yield Lined(spots_of(best), before, least, 1.0)


def _kind(load: Load) -> tuple[str, str]:
    return load.pattern.stock.id, str(load.pattern.stock.grain)


class _Shapes:
    """The sizes and lines of pieces as turned, each worked out once."""

    def __init__(self, sheet: Sheet, faces: Faces) -> None:
        self.sheet, self.faces = sheet, faces
        self.space = room(sheet)
        self.name = NAME_MM if sheet.laying.names else 0.0
        self.gap = sheet.laying.gap
        self._known: dict[tuple[int, float], _Shape] = {}
        self._kept: list[Load] = []
        self._counts: dict[int, tuple[Page, int]] = {}

    def count(self, page: Page) -> int:
        """The placings of the rule on a page, as the plan counts them."""
        known = self._counts.get(id(page))
        if known is None:
            scores = lines_of(page, self.faces).scores
            known = self._counts[id(page)] = page, sum(not is_short(p) for p in placements(scores))
        return known[1]

    def of(self, load: Load, turn: float) -> _Shape:
        """A piece at a turn, degrees."""
        key = id(load.pattern), turn
        if key not in self._known:
            self._kept.append(load)
            box = load.pattern.box
            around = bounds(turned(turn).apply_all(((box.left, box.bottom), (box.right, box.bottom),
                                                    (box.right, box.top), (box.left, box.top))))
            move = move_to(load.pattern, turn, 0.0, self.name)
            self._known[key] = _Shape(around.width, around.height + self.name, self._lines(load, move))
        return self._known[key]

    def _lines(self, load: Load, move: Rigid) -> tuple[tuple[Family, float], ...]:
        scores = lines_of(Page(self.sheet, (Item(load, move),), 1, 1), self.faces).scores
        found = []
        for p in placements(scores):
            if not is_short(p):
                turn = round(p.turn_deg * 20) % 3600
                angle = math.radians(turn / 20)
                middle = (p.start[0] + p.end[0]) / 2, (p.start[1] + p.end[1]) / 2
                off = -math.sin(angle) * middle[0] + math.cos(angle) * middle[1]
                found.append(((str(p.face), turn), off))
        return tuple(found)

    def laid(self, page: Page) -> _Sheet:
        """What lies on a page."""
        found = []
        for item in page.items:
            turn = round(item.move.turn_deg % 360.0, 4) % 360.0
            found.append(_Laid(item, turn, item.box.left - self.space.left,
                               item.box.bottom - self.space.bottom - self.name, self.of(item.load, turn)))
        return tuple(found)

    def page(self, page: Page, laid: _Sheet) -> Page:
        """A page with its pieces where they were laid."""
        items = tuple(s.item._replace(move=move_to(s.item.load.pattern, s.turn, self.space.left + s.x,
                                                   self.space.bottom + s.y + self.name)) for s in laid)
        return Page(page.sheet, items, page.number, page.count)


#: The normal of each direction, in twentieths of a degree.
_NORMALS = tuple((-math.sin(math.radians(k / 20)), math.cos(math.radians(k / 20))) for k in range(3600))


def _off(family: Family, at: Point) -> float:
    nx, ny = _NORMALS[family[1]]
    return nx * at[0] + ny * at[1]


def _gathered(laid: Sequence[_Laid]) -> dict[Family, list[float]]:
    found: dict[Family, list[float]] = {}
    for s in laid:
        for family, off in s.shape.lines:
            found.setdefault(family, []).append(off + _off(family, (s.x, s.y)))
    return found


def _lines(laid: Sequence[_Laid]) -> int:
    """How many lines there are on a sheet."""
    count = 0
    for offs in _gathered(laid).values():
        offs.sort()
        count += 1 + sum(b - a > _SAME_MM for a, b in pairwise(offs))
    return count


def _comes_apart(laid: _Sheet) -> bool:
    """Whether straight cuts from edge to edge part all pieces of a sheet."""
    if len(laid) < 2:
        return True
    for axis in (0, 1):
        spans = sorted(((s.x, s.x + s.shape.width, s) if axis == 0 else (s.y, s.y + s.shape.height, s)
                        for s in laid), key=lambda e: e[:2])
        end = spans[0][1]
        for k in range(1, len(spans)):
            if spans[k][0] >= end - 1e-6:
                return (_comes_apart(tuple(s for _, _, s in spans[:k]))
                        and _comes_apart(tuple(s for _, _, s in spans[k:])))
            end = max(end, spans[k][1])
    return False


def _chosen(numbers: Sequence[int], laid: dict[int, _Sheet], dice: Random) -> list[int]:
    """One to three sheets, half the time such as have like pieces."""
    first = dice.choices(numbers, [len(laid[n]) ** 2 for n in numbers])[0]
    others = [n for n in numbers if n != first]
    if dice.random() < 0.5:
        mine = {s.item.load.pattern for s in laid[first]}
        others = [n for n in others if any(s.item.load.pattern in mine for s in laid[n])] or others
    dice.shuffle(others)
    return [first, *others[:dice.randrange(3)]]


def _again(sheets: Sequence[_Sheet], shapes: _Shapes, dice: Random) -> list[_Sheet] | None:
    """All or half of the pieces of some sheets laid anew on as many; None where they find no room."""
    stay: list[list[_Laid]] = []
    lifted: list[_Laid] = []
    all_of_it = dice.random() < 0.5
    for sheet in sheets:
        kept = [s for s in sheet if not all_of_it and dice.random() < 0.5]
        stay.append(kept)
        lifted += [s for s in sheet if s not in kept]
    if dice.random() < 0.5:
        lifted.sort(key=lambda s: -s.shape.width * s.shape.height * dice.uniform(0.7, 1.3))
    else:
        order: dict[int, float] = {}
        for s in lifted:
            order.setdefault(id(s.item.load.pattern), s.shape.width * s.shape.height * dice.uniform(0.5, 1.5))
        lifted.sort(key=lambda s: -order[id(s.item.load.pattern)])
    weight = dice.choice(_WEIGHTS)
    for s in lifted:
        best: tuple[float, int, _Laid] | None = None
        for number, there in enumerate(stay):
            spot = _spot(s.item, there, shapes, weight)
            if spot is not None and (best is None or spot[0] < best[0]):
                best = spot[0], number, spot[1]
        if best is None:
            return None
        stay[best[1]].append(best[2])
    if any(not there for there in stay):
        return None
    return [tuple(there) for there in stay]


def _spot(item: Item, there: Sequence[_Laid], shapes: _Shapes, weight: float) -> tuple[float, _Laid] | None:
    """The best spot for a piece on a sheet, with what it costs: new lines, and the way from the corner."""
    space, gap = shapes.space, shapes.gap
    lines = _gathered(there)
    boxes = [(s.x - gap, s.y - gap, s.x + s.shape.width + gap, s.y + s.shape.height + gap) for s in there]
    best: tuple[float, _Laid] | None = None
    for turn in shapes.sheet.laying.way.turns:
        shape = shapes.of(item.load, turn)
        w, h = shape.width, shape.height
        most_x, most_y = space.width - w, space.height - h
        if most_x < -1e-9 or most_y < -1e-9:
            continue
        xs, ys = {0.0, most_x}, {0.0, most_y}
        for left, low, right, high in boxes:
            xs.update((right, left - w))
            ys.update((high, low - h))
        slants: list[tuple[float, float]] = []  # a slanted line on a slanted line: how far off, by its normal
        if weight:
            for family, off in shape.lines:
                for other in lines.get(family, ()):
                    if family[1] == _UPRIGHT:
                        xs.add(off - other)
                    elif family[1] == 0:
                        ys.add(other - off)
                    else:
                        slants.append((family[1], other - off))
        pairs = [(x, y) for x in xs for y in ys]
        for direction, far in slants[:_SLANTS]:
            nx, ny = _NORMALS[int(direction)]
            pairs += [((far - ny * y) / nx, y) for y in list(ys)[:4]]
            pairs += [(x, (far - nx * x) / ny) for x in list(xs)[:4]]
        for x, y in pairs:
            if not (-1e-9 <= x <= most_x + 1e-9 and -1e-9 <= y <= most_y + 1e-9):
                continue
            cost = 0.02 * (x + w) + 0.03 * (y + h)
            if best is not None and cost >= best[0]:
                continue
            if any(b[0] < x + w - 1e-7 and x < b[2] - 1e-7 and b[1] < y + h - 1e-7 and y < b[3] - 1e-7
                   for b in boxes):
                continue
            if weight:
                new = 0
                for family, off in shape.lines:
                    nx, ny = _NORMALS[family[1]]
                    at = off + nx * x + ny * y
                    new += all(abs(at - other) > _SAME_MM for other in lines.get(family, ()))
                cost += weight * new
            if best is None or cost < best[0]:
                best = cost, _Laid(item, turn, x, y, shape)
    return best
