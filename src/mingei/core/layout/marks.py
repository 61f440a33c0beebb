"""A page as it is printed: its pieces, the words on and beside them, and what stands round them.

All is drawn as the card lies, seen from its printed face; a template for the inner face is the mirror image
of the whole of it.
"""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import replace
from itertools import pairwise
from typing import TYPE_CHECKING

from mingei.core.covering.art import Printed
from mingei.core.draft import Role
from mingei.core.flat.pattern import EdgeKey, FlatPanel
from mingei.core.layout.common import cut_once
from mingei.core.layout.drawing import Drawing, Ink, Stroke, Text, flipped, pattern_strokes
from mingei.core.layout.footer import CHECK_BAR_MM, bars, footer, heading, mark
from mingei.core.layout.laying import CutLine, Laying
from mingei.core.layout.lettering import width
from mingei.core.layout.place import CORNER_MM, NAME_SIZE_MM, Item, Page, outline, room
from mingei.core.layout.placing import Ground, Place, Wish, fitted
from mingei.core.layout.sheets import Sheet
from mingei.core.layout.tile import KEPT, TRIMMED, Tile, cut_off, joins, map_of, neighbours, printed_within
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import (
    Arc,
    Box,
    Line,
    Path,
    Point,
    Polygon,
    contains,
    flat_points,
    moved_path,
    shifted,
    signed_area,
)
from mingei.core.words import say, told

if TYPE_CHECKING:
    from shapely.geometry import Polygon as Area

__all__ = ["CHECK_BAR_MM", "bars", "page_drawing", "page_drawings", "ticks"]

#: Sizes of the numbers of seams and of the words on tabs, the best first, and how far a number's middle
#: stands beside its edge, mm.
_NUMBER_SIZES, _TAB_SIZES, _BESIDE_MM = (2.2, 1.9, 1.6), (2.4, 2.1, 1.8, 1.5, 1.3), (2.1, 2.9, 1.7, 4.0)
#: Where along its edge a number may stand, as shares.
_SHARES = (0.25, 0.5, 0.75, 0.35, 0.65, 0.15, 0.85, 0.08, 0.92)
_TICK = 3.0
#: How far from its corner the tick of a cut begins, and the shortest that is drawn, mm; so far it keeps from
#: other card.
_TICK_OFF, _TICK_LEAST, _TICK_CLEAR = 0.5, 1.0, 0.4
#: How far beneath a piece the middle of its name stands, mm.
_NAME_DOWN = 1.9
#: So much of the gap between two pieces (a share) either's print may reach into.
_BLEED_SHARE = 0.5
#: Where along its strip the word stands that says what is glued there, as shares.
_ALONG = (0.5, 0.4, 0.6, 0.3, 0.7, 0.2, 0.8, 0.12, 0.88, 0.05, 0.95)
#: How long the ticks are of the cross by which the two faces of a sheet are compared, and how many, mm.
_CROSS_MM, _CROSS_TICKS = 3.0, 3

Speak = Callable[[str], str]


def page_drawings(page: Page, title: str, speak: Speak = str) -> tuple[Drawing, ...]:
    """A page as it is printed and, where cuts go there, the back of its sheet."""
    front = page_drawing(page, title, speak)
    return (front, _back(page, title, speak)) if page.sheet.laying.cuts is CutLine.BACK else (front,)


def page_drawing(page: Page, title: str, speak: Speak = str) -> Drawing:
    """A page as it is printed: the pieces, two check bars, the key, and the words; pieces that share it are
    named.

    title: the project's.  speak: from the core's English to the language the words are printed in.
    """
    sheet, laying, space = page.sheet, page.sheet.laying, room(page.sheet)
    around = [Box(space.left, space.bottom, space.right, space.top)] if page.tile is not None else []
    strokes = _piece_strokes(page)
    for window in around:
        strokes = [replace(s, path=part) for s in strokes for part in cut_off(s.path, window)]
    inks = [ink for ink in (Ink.CUT, Ink.MOUNTAIN, Ink.VALLEY, Ink.BEND, Ink.PERFORATE, Ink.GUIDE)
            if any(s.ink is ink for s in strokes)]
    joined, joins_words = _tile_marks(page, page.tile, speak) if page.tile is not None else ([], [])
    strokes += joined
    printed = () if laying.template else _printed(page)
    texts = _words(page, strokes, printed, joins_words, speak)
    if laying.template:
        strokes = list(flipped(strokes, _mirror(sheet)))
        texts = [replace(t, at=(_mirror(sheet) - t.at[0], t.at[1]), turn_deg=_upright(-t.turn_deg))
                 for t in texts]
        inks = [Ink.MOUNTAIN if i is Ink.VALLEY else Ink.VALLEY if i is Ink.MOUNTAIN else i for i in inks]
        inks.sort(key=list(Ink).index)
    right, joining = math.inf, ""
    if page.tile is not None:
        lines, right = _map(page.tile, sheet)
        strokes += lines
        joining = _joining(page.tile, speak, mirrored=laying.template)
    beneath, said = footer(page, title, inks, joining, right, speak)
    strokes += beneath
    texts += said
    if laying.corners:
        strokes += _registration(sheet)
    if laying.cuts is CutLine.BACK:
        strokes += _cross(_cross_at(sheet), 0)
    return Drawing(sheet.width, sheet.height, tuple(strokes), tuple(texts), heading(page, title, speak),
                   printed,
                   laying.cuts is CutLine.HAIR, sheet.printer.correction)


def _piece_strokes(page: Page) -> list[Stroke]:
    """The lines of all pieces as they are printed."""
    laying = page.sheet.laying
    others = ({id(item): [i for i in page.items if i is not item] for item in page.items}
              if laying.cuts is CutLine.TICKS else {})
    found: list[Stroke] = []
    for item in page.items:
        own = pattern_strokes(item.load.pattern, item.move, item.load.owner, item.copy)
        shown = list(_shown(own, laying))
        found += _clear_ticks(shown, others[id(item)]) if others.get(id(item)) else shown
    return (cut_once(found) if laying.gap <= 0.0 and laying.cuts in (CutLine.LINE, CutLine.HAIR)
            and len(page.items) > 1 else found)


def _mirror(sheet: Sheet) -> float:
    """What a place across and its mirror image add up to, so that what lies in the room stays in it, mm."""
    space = room(sheet)
    return space.left + space.right


def _shown(strokes: Iterable[Stroke], laying: Laying) -> Iterator[Stroke]:
    """What is printed of a piece's lines."""
    for stroke in strokes:
        if stroke.ink is Ink.CUT and laying.cuts in (CutLine.NONE, CutLine.BACK):
            continue
        if stroke.ink is Ink.CUT and laying.cuts is CutLine.TICKS:
            yield from (replace(tick, of=stroke.of) for tick in ticks(stroke.path))
        elif laying.folds or stroke.ink not in (Ink.MOUNTAIN, Ink.VALLEY, Ink.BEND):
            yield stroke


def ticks(cut: Path) -> Iterator[Stroke]:
    """For the straight sides of a cut, short lines beyond its outer corners, on what is cut away; curves as
    they are."""
    corners = flat_points(cut)[:-1]
    turning = 1.0 if signed_area(corners) > 0 else -1.0
    for before, here in pairwise((cut[-1], *cut)):
        if isinstance(here, Arc):
            yield Stroke(Ink.CUT, (here,))
        if isinstance(here, Arc) or isinstance(before, Arc):
            continue
        (ax, ay), (bx, by), (cx, cy) = before.start, here.start, here.end
        if turning * ((bx - ax) * (cy - by) - (by - ay) * (cx - bx)) <= 1e-6:
            continue
        for px, py in ((ax, ay), (cx, cy)):
            length = math.dist((px, py), (bx, by))
            ux, uy = (bx - px) / length, (by - py) / length
            near, far = ((bx + ux * d, by + uy * d) for d in (_TICK_OFF, _TICK_OFF + _TICK))
            if not contains(corners, far):
                yield Stroke(Ink.CUT, (Line(near, far),))


def _clear_ticks(strokes: Iterable[Stroke], others: Sequence[Item]) -> Iterator[Stroke]:
    """Ticks as far as they keep clear of the other pieces' card; one with too little room is left out."""
    from shapely import LineString, union_all

    card = union_all([area_of(_on_sheet(item)).buffer(_TICK_CLEAR) for item in others])
    for stroke in strokes:
        if stroke.ink is not Ink.CUT or len(stroke.path) > 1 or not isinstance(stroke.path[0], Line):
            yield stroke
            continue
        near, far = stroke.path[0]
        rest = LineString((near, far)).difference(card)
        parts = [p for p in getattr(rest, "geoms", [rest]) if not p.is_empty and math.dist(p.coords[0], near)
                 < 1e-6]
        if parts and parts[0].length >= _TICK_LEAST:
            yield replace(stroke,
                          path=(Line(near, (float(parts[0].coords[-1][0]), float(parts[0].coords[-1][1]))),))


def _on_sheet(item: Item) -> Polygon:
    return item.move.apply_all(outline(item.load.pattern))


def _back(page: Page, title: str, speak: Speak) -> Drawing:
    """The back of a sheet, turned over about its long side: the cuts, where the printer's own offset puts
    them, and a cross to measure that offset by."""
    sheet = page.sheet
    cuts = [s for item in page.items for s in pattern_strokes(item.load.pattern, item.move)
            if s.ink is Ink.CUT]
    if page.tile is not None:
        cuts = [replace(s, path=part) for s in cuts for part in cut_off(s.path, room(sheet))]
    if sheet.laying.template:  # the front bears the mirror image, and so must its back
        cuts = list(flipped(cuts, _mirror(sheet)))
    x, y = _cross_at(sheet)
    marks = _cross((sheet.width - x, y), _CROSS_TICKS)
    back = shifted(-sheet.printer.back_x, -sheet.printer.back_y)
    strokes = [replace(s, path=moved_path(s.path, back)) for s in (*flipped(cuts, sheet.width), *marks)]
    words = told(say("{title}: back of page {number}", title=title, number=page.number), speak)
    hint = speak(
        "Hold it to the light: how far to the right of and above the other cross this one lies, in mm, adds "
        "to the printer's back."
    )
    left, reach = sheet.margin + 5.0, sheet.width - 2 * sheet.margin - 6.0
    texts = [Text((left, sheet.margin + level), size, fit, bold)
             for level, bold, (fit, size) in ((17.4, True,
                                               fitted(words, reach, (3.6, 3.0, 2.4, 2.0), bold=True)),
                                              (12.4, False, fitted(hint, reach, (2.6, 2.2, 1.9, 1.6))))]
    return Drawing(sheet.width, sheet.height, tuple(strokes), tuple(texts), words,
                   correction=sheet.printer.correction)


def _cross_at(sheet: Sheet) -> Point:
    """Where the cross stands by which the two faces of a sheet are compared: in the strip of the upright bar,
    at its upper end."""
    off = CORNER_MM if sheet.laying.corners else 0.0
    return sheet.margin + 4.0, sheet.height - sheet.margin - off - 4.0


def _cross(at: Point, count: int) -> list[Stroke]:
    """A cross, with so many ticks a millimetre apart on each arm."""
    x, y = at
    r = _CROSS_MM + (0.5 if count else 0.0)
    lines = [Line((x - r, y), (x + r, y)), Line((x, y - r), (x, y + r))]
    for i in range(1, count + 1):
        for s in (-i, i):
            lines += [Line((x + s, y - 0.5), (x + s, y + 0.5)), Line((x - 0.5, y + s), (x + 0.5, y + s))]
    return mark(*lines)


def _registration(sheet: Sheet) -> list[Stroke]:
    """A cross in each corner of what the printer reaches, for a machine that cuts what was printed."""
    off, r = sheet.margin + CORNER_MM / 2, CORNER_MM / 2
    return mark(*(line for x in (off, sheet.width - off) for y in (off, sheet.height - off)
                  for line in (Line((x - r, y), (x + r, y)), Line((x, y - r), (x, y + r)))))


# -- artwork -------------------------------------------------------------------------------------------------


def _printed(page: Page) -> tuple[Printed, ...]:
    """The artwork of all pieces, its bleed cut off where the next piece or what stands beneath begins."""
    bled = [(item, p.moved(item.move)) for item in page.items for p in item.load.printed]
    if not bled:
        return ()
    from shapely import box, union_all

    space = room(page.sheet)
    if page.tile is not None:
        return tuple(printed_within(p, space) for _, p in bled)
    m, sheet = page.sheet.margin, page.sheet
    paper = box(m, space.bottom - _FOOTER_CLEAR_MM, sheet.width - m, sheet.height - m)
    cards = {id(item): area_of(_on_sheet(item)) for item in page.items}
    rooms: dict[int, Area] = {}
    for item in dict.fromkeys(item for item, _ in bled):
        own, rest = cards[id(item)], [card for key, card in cards.items() if key != id(item)]
        near = [card.buffer(_BLEED_SHARE * own.distance(card)) for card in rest if own.distance(card) < 2
                * _MOST_BLEED_MM]
        rooms[id(item)] = (paper.difference(union_all(near)) if near else paper).union(own)
    return tuple(p.cut_off(rooms[id(item)]) for item, p in bled)


#: Bleed reaches no further past a cut than this, mm; and into what is left for the lines beneath the pieces
#: by so much.
_MOST_BLEED_MM, _FOOTER_CLEAR_MM = 20.0, 1.5


# -- words ---------------------------------------------------------------------------------------------------


def _words(page: Page, strokes: Sequence[Stroke], printed: Sequence[Printed], first: Sequence[Wish],
           speak: Speak) -> list[Text]:
    """Names beneath the pieces, words on the tabs and numbers beside the edges, each where nothing else
    stands; after some that come first."""
    sheet, laying, space = page.sheet, page.sheet.laying, room(page.sheet)
    m = sheet.margin
    left, right = m + 4.0, sheet.width - m
    if laying.template:  # all is mirrored afterwards, and the bar stays at the left
        left, right = _mirror(sheet) - right, _mirror(sheet) - left
    limits = space if page.tile is not None else Box(left, space.bottom - 0.5, right, sheet.height - m)
    cards = [item.move.apply_all(p.flat_polygon) for item in page.items for p in item.load.pattern.panels]
    bled = [outline_ for p in printed for outline_, _ in p.within]
    ground = Ground(strokes, cards, limits, bled)
    if laying.corners:
        c = CORNER_MM
        ground.take([((x, y), (x + c, y), (x + c, y + c), (x, y + c)) for x in (m, sheet.width - m - c)
                     for y in (m, sheet.height - m - c)])
    if laying.cuts is CutLine.BACK:
        (x, y), r = _cross_at(sheet), _CROSS_MM + 0.5
        ground.take([((x - r, y - r), (x + r, y - r), (x + r, y + r), (x - r, y + r))])
    texts = ground.grant(first)
    if laying.names and page.tile is None and len(page.items) > 1:
        texts += ground.grant(_name(item, speak) for item in page.items)
    if laying.numbers:
        texts += ground.grant(wish for item in page.items for wish in _on_tabs(item, speak))
        texts += ground.grant(wish for item in page.items for wish in _amid(item))
        texts += ground.grant(wish for item in page.items for wish in _beside_edges(item))
    return texts


def _name(item: Item, speak: Speak) -> Wish:
    """A piece's name, best beneath it, else over or beside it."""
    words, box = told(item.load.words, speak), item.box
    places = []
    for size in (NAME_SIZE_MM, 1.9, 1.6):
        half = width(words, size) / 2
        low, high = box.bottom - _NAME_DOWN, box.top + _NAME_DOWN
        level = [(box.left + half, low), (box.centre[0], low), (box.right - half, low),
                 (box.left + half, high), (box.centre[0], high),
                 (box.right - half, high)]
        places += [Place(at, size) for at in level]
        for x in (box.left - _NAME_DOWN, box.right + _NAME_DOWN):
            places += [Place((x, y), size, 90.0) for y in (box.bottom + half, box.centre[1], box.top - half)]
    return Wish(words, places)


_TAB_WORDS = {Role.TAB: "glue {number}", Role.LIP: "tuck {number}"}


def _on_tabs(item: Item, speak: Speak) -> Iterator[Wish]:
    """The words on the tabs, which are covered when it is made."""
    pattern, move = item.load.pattern, item.move
    keys = {edge.seam: edge.key for edge in pattern.keys}
    for p in pattern.panels:
        if p.role not in _TAB_WORDS or p.whole or p.name not in keys:
            continue
        within = move.apply_all(p.flat_polygon)
        turn = _upright(p.frame.then(move).turn_deg)
        middles = [move.apply(p.frame.apply(at)) for at in _middles(p)]
        said = told(say(_TAB_WORDS[p.role], number=keys[p.name]), speak)
        full = [Place(at, size, turn) for size in _TAB_SIZES[:3] for at in middles]
        wish = Wish(said, full, within)
        short = Wish(str(keys[p.name]), [Place(at, size, turn) for size in _TAB_SIZES for at in middles],
                     within)
        yield wish if _fits(said, p) else short


def _fits(words: str, panel: FlatPanel) -> bool:
    """Whether words can stand on a tab at all, at the smallest of their larger sizes."""
    xs, ys = zip(*panel.polygon, strict=True)
    return bool(width(words, _TAB_SIZES[2]) < 0.8 * (max(xs) - min(xs)) and max(ys) - min(ys) > 1.3
                * _TAB_SIZES[2])


def _middles(panel: FlatPanel) -> list[Point]:
    """Where words may stand on a tab, in its coordinates: its middle, then aside of it and nearer its
    hinge."""
    xs, ys = zip(*panel.polygon, strict=True)
    x, y = (min(xs) + max(xs)) / 2, (min(ys) + max(ys)) / 2
    wide, high = max(xs) - min(xs), max(ys) - min(ys)
    return [(x + dx * wide, y + dy * high) for dy in (0.0, -0.12, 0.12)
            for dx in (0.0, -0.22, 0.22, -0.35, 0.35)]


def _amid(item: Item) -> Iterator[Wish]:
    """What is printed amid panels."""
    for p in item.load.pattern.panels:
        if p.said:
            turn = _upright(p.frame.then(item.move).turn_deg)
            middles = [item.move.apply(p.frame.apply(at)) for at in (_amidst(p.polygon), *_middles(p))]
            yield Wish(p.said, [Place(at, size, turn) for size in _TAB_SIZES for at in middles],
                       item.move.apply_all(p.flat_polygon))


def _amidst(outline_: Polygon) -> Point:
    """The middle of the largest circle within an outline."""
    from shapely import maximum_inscribed_circle

    x, y = maximum_inscribed_circle(area_of(outline_)).coords[0]
    return float(x), float(y)


def _beside_edges(item: Item) -> Iterator[Wish]:
    """The numbers of the edges that meet others, on what is cut away."""
    pattern, move = item.load.pattern, item.move
    said = {p.name for p in pattern.panels if p.role in _TAB_WORDS and not p.whole}
    for edge in pattern.keys:
        if edge.bears and edge.seam in said:
            continue
        yield Wish(str(edge.key), [Place(move.apply(at), size) for size, at in _beside(edge)], on_bleed=True)


def _beside(edge: EdgeKey) -> Iterator[tuple[float, Point]]:
    """Sizes and places beside an edge, outside of it."""
    (ax, ay), (bx, by) = edge.line
    length = math.dist(*edge.line)
    nx, ny = (by - ay) / length, (ax - bx) / length
    for size in _NUMBER_SIZES:
        for away in _BESIDE_MM:
            for share in _SHARES:
                yield size, (ax + (bx - ax) * share + nx * away, ay + (by - ay) * share + ny * away)


# -- tiles ---------------------------------------------------------------------------------------------------


def _tile_marks(page: Page, tile: Tile, speak: Speak) -> tuple[list[Stroke], list[Wish]]:
    """How a window of a piece joins its neighbours: lines, crosses, and a word on each strip."""
    space = room(page.sheet)
    onto = shifted(space.left - tile.window.left, space.bottom - tile.window.bottom)
    lines, crosses = joins(tile)
    strokes = [Stroke(Ink.GUIDE, moved_path((line,), onto), mark=True) for line in lines]
    strokes += [Stroke(Ink.DRAW, moved_path((line,), onto), mark=True) for line in crosses]
    w, amid = tile.window, tile.overlap / 4
    along = {"right": [((w.right - amid, w.bottom + share * w.height), 90.0) for share in _ALONG],
             "above": [((w.left + share * w.width, w.top - amid), 0.0) for share in _ALONG]}
    within = ((space.left, space.bottom), (space.right, space.bottom), (space.right, space.top),
              (space.left, space.top))
    wishes = [Wish(told(say("glue {number}", number=name), speak),
                   [Place(onto.apply(at), size, turn) for size in _TAB_SIZES for at, turn in along[side]],
                   within)
              for side, name in neighbours(tile).items() if side in along]
    return strokes, wishes


def _map(tile: Tile, sheet: Sheet) -> tuple[list[Stroke], float]:
    """A little map of all tiles with this one crossed out, mirrored as they are; and how far the words beside
    it may reach, mm."""
    around, here = map_of(tile, sheet)
    strokes = mark(*around, Line((here.left, here.bottom), (here.right, here.top)),
                   Line((here.left, here.top), (here.right, here.bottom)))
    left = min(line.start[0] for line in around)
    if sheet.laying.template:
        strokes = list(flipped(strokes, left + sheet.width - sheet.margin))
    shift = CORNER_MM if sheet.laying.corners else 0.0
    if shift:
        strokes = [replace(s, path=moved_path(s.path, shifted(-shift, 0.0))) for s in strokes]
    return strokes, left - shift - 2.0


def _joining(tile: Tile, speak: Speak, mirrored: bool) -> str:
    """What a person does with a tile: trims it where it lies on others, and keeps the strips that others are
    glued on."""
    beside = neighbours(tile)
    sides = {"left": "left {name}", "right": "right {name}", "below": "below {name}", "above": "above {name}"}
    if mirrored:
        sides |= {"left": sides["right"], "right": sides["left"]}
    words = [told(say("tile {name} of {count}", name=tile.name, count=len(tile.used)), speak)]
    for template, some in (("trim it along the dotted line, and lay it on the strip of: {sides}", TRIMMED),
                           ("keep its strip, to glue on it: {sides}", KEPT)):
        there = ", ".join(told(say(sides[side], name=beside[side]), speak) for side in some if side in beside)
        if there:
            words.append(told(say(template, sides=there), speak))
    return "; ".join(words)


def _upright(turn_deg: float) -> float:
    """The same line of text, never upside down."""
    turn = (turn_deg + 180.0) % 360.0 - 180.0
    return turn + 180.0 if turn <= -90.0 else turn - 180.0 if turn > 90.0 else turn
