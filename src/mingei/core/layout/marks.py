"""What is printed round the pieces of a page: check bars, the key of lines, and what the page is."""

from __future__ import annotations

import math
from collections.abc import Callable, Iterable, Iterator, Sequence
from dataclasses import replace
from itertools import pairwise

from mingei.core.draft import Role
from mingei.core.drawing import LOOKS, Drawing, Ink, Stroke, Text, flipped, pattern_strokes
from mingei.core.layout.laying import CutLine, Laying
from mingei.core.layout.place import CORNER_MM, NAME_SIZE_MM, Page, name_width, room
from mingei.core.layout.sheets import Sheet
from mingei.core.layout.tile import KEPT, TRIMMED, Tile, cut_off, joins, map_of, neighbours, printed_within
from mingei.core.length import write_mm
from mingei.core.pattern import Pattern
from mingei.core.shape import Arc, Box, Line, Path, Point, Rigid, bounds, contains, flat_points, moved_path, shifted, signed_area
from mingei.core.stock import Grain
from mingei.core.words import say, told

CHECK_BAR_MM = 100.0
#: The number of a seam: its size, how far beside its edge it stands (mm), and where along it, as shares.
_NUMBER_MM, _BESIDE_MM, _SHARES = 2.2, 2.8, (0.25, 0.5, 0.75)
_TICK = 3.0
#: How far from its corner the tick of a cut begins, mm.
_TICK_OFF = 0.5
#: How far beneath a piece its name stands, mm.
_NAME_DOWN = 2.8


def page_drawings(page: Page, title: str, speak: Callable[[str], str] = str) -> tuple[Drawing, ...]:
    """A page as it is printed and, where cuts go there, the back of its sheet."""
    front = page_drawing(page, title, speak)
    return (front, _back(page, title, speak)) if page.sheet.laying.cuts is CutLine.BACK else (front,)


def page_drawing(page: Page, title: str, speak: Callable[[str], str] = str) -> Drawing:
    """A page as it is printed: the pieces, two check bars, the key, and the words; pieces that share it are named beneath.

    title: the project's.  speak: from the core's English to the language the words are printed in.
    """
    sheet, first, laying = page.sheet, page.items[0].load, page.sheet.laying
    strokes = [stroke for item in page.items for stroke in _shown(pattern_strokes(item.load.pattern, item.move), laying)]
    if laying.template:
        strokes = list(flipped(strokes, _mirror(sheet)))
    if page.tile is not None:
        space = room(sheet)
        strokes = [Stroke(s.ink, part) for s in strokes for part in cut_off(s.path, space)]
    m = sheet.margin
    strokes += _bar((m + _TICK, m + _TICK), across=True) + _bar((m + _TICK, m + _TICK), across=False)
    inks = [ink for ink in (Ink.CUT, Ink.MOUNTAIN, Ink.VALLEY, Ink.BEND, Ink.GUIDE) if any(s.ink is ink for s in strokes)]
    texts = [
        Text((m + _TICK + 2, m + _TICK + 1.2), 2.4,
             speak("check bars: both must measure 100 mm. Print at actual size (100 %), never fit to page."), bold=True)]
    x = m + _TICK + 2
    for ink in inks:
        key_y = m + 9.2
        strokes.append(Stroke(ink, (Line((x, key_y), (x + 14.0, key_y)),)))
        words = speak(LOOKS[ink].words)
        texts.append(Text((x + 15.5, key_y - 0.9), 2.6, words))
        x += 17.0 + 1.45 * len(words) + 4.0
    stock = page.stock
    if len(page.items) == 1:
        heading, copies = f"{title}: {told(first.words, speak)}", first.pattern.copies
        cut = told(say("{piece}, cut {copies}", piece=heading, copies=copies), speak) if copies > 1 else heading
    else:
        cut = heading = f"{title}: {told(say('{count} pieces', count=len(page.items)), speak)}"
    texts += [
        Text((m + _TICK + 2, m + 13.0), 2.8,
             told(say(_TEMPLATE if laying.template else _OUTSIDE, stock=stock.name, caliper=write_mm(stock.caliper_mm)), speak)),
        Text((m + _TICK + 2, m + 17.4), 3.6, cut, bold=True),
        Text((sheet.width - m - 24, m + 17.4), 2.8,
             told(say("page {number} of {count}", number=page.number, count=page.count), speak)),
    ]
    arrow, named = _grain(page)
    strokes += arrow
    texts += [replace(text, words=speak(text.words)) for text in named]
    if laying.corners:
        strokes += _registration(sheet)
    if sheet.printer.correction != (1.0, 1.0):
        texts.append(Text((sheet.width / 2 + 12, m + 13.0), 2.4, told(say(
            "corrected for {printer}", printer=sheet.printer.name or "this printer"), speak)))
    if page.tile is not None:
        return _tile_drawing(page, page.tile, strokes, texts, heading, speak)
    boxes = [item.box for item in page.items]
    for item, box in zip(page.items, boxes, strict=True):
        left = _mirror(sheet) - box.right if laying.template else box.left
        if len(page.items) > 1 and laying.names:
            texts.append(Text((left, box.bottom - _NAME_DOWN), NAME_SIZE_MM, _cut_short(told(item.load.words, speak), box.width)))
        if laying.numbers:
            numbers = _numbers(item.load.pattern, item.move, speak, [other for other in boxes if other is not box])
            texts += [replace(text, at=(_mirror(sheet) - text.at[0], text.at[1]), turn_deg=_upright(-text.turn_deg)) for text in numbers] \
                if laying.template else numbers
    printed = () if laying.template else tuple(p.moved(item.move) for item in page.items for p in item.load.printed)
    return Drawing(sheet.width, sheet.height, tuple(strokes), tuple(texts), heading, printed, laying.cuts is CutLine.HAIR,
                   sheet.printer.correction)


#: What is said of the stock and the face printed on.
_OUTSIDE = "{stock}, {caliper} thick. The printed face is the outside."
_TEMPLATE = "template, mirrored: stick it to the inner face of {stock}, {caliper} thick"


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
            yield from ticks(stroke.path)
        elif laying.folds or stroke.ink not in (Ink.MOUNTAIN, Ink.VALLEY, Ink.BEND):
            yield stroke


def ticks(cut: Path) -> Iterator[Stroke]:
    """For the straight sides of a cut, short lines beyond its outer corners, on what is cut away; curves as they are."""
    outline = flat_points(cut)[:-1]
    turning = 1.0 if signed_area(outline) > 0 else -1.0
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
            if not contains(outline, far):
                yield Stroke(Ink.CUT, (Line(near, far),))


def _back(page: Page, title: str, speak: Callable[[str], str]) -> Drawing:
    """The back of a sheet, turned over about its long side: the cuts, where the printer's own offset puts them."""
    sheet = page.sheet
    cuts = [s for item in page.items for s in pattern_strokes(item.load.pattern, item.move) if s.ink is Ink.CUT]
    if page.tile is not None:
        cuts = [Stroke(s.ink, part) for s in cuts for part in cut_off(s.path, room(sheet))]
    back = shifted(-sheet.printer.back_x, -sheet.printer.back_y)
    strokes = [Stroke(s.ink, moved_path(s.path, back)) for s in flipped(cuts, sheet.width)]
    words = told(say("{title}: back of page {number}", title=title, number=page.number), speak)
    texts = (Text((sheet.margin + _TICK + 2, sheet.margin + 17.4), 3.6, words, bold=True),)
    return Drawing(sheet.width, sheet.height, tuple(strokes), texts, words, correction=sheet.printer.correction)


def _grain(page: Page) -> tuple[list[Stroke], list[Text]]:
    """An arrow along the grain of the sheet, where its stock has one."""
    sheet, grain = page.sheet, page.stock.grain
    if grain is Grain.NONE:
        return [], []
    x, y = sheet.width - sheet.margin - 24.0, sheet.margin + 12.0
    way = (0.0, 1.0) if grain is Grain.LONG else (1.0, 0.0)

    def at(along: float, aside: float) -> Point:
        return x + 16.0 + way[0] * along - way[1] * aside, y + way[1] * along + way[0] * aside

    lines = [Line(at(-3, 0), at(4, 0)), Line(at(4, 0), at(2.4, 0.9)), Line(at(4, 0), at(2.4, -0.9))]
    return [Stroke(Ink.DRAW, (line,)) for line in lines], [Text((x, y), 2.4, "grain")]


def _registration(sheet: Sheet) -> list[Stroke]:
    """A cross in each corner of what the printer reaches, for a machine that cuts what was printed."""
    off, r = sheet.margin + CORNER_MM / 2, CORNER_MM / 2
    lines = [line for x in (off, sheet.width - off) for y in (off, sheet.height - off)
             for line in (Line((x - r, y), (x + r, y)), Line((x, y - r), (x, y + r)))]
    return [Stroke(Ink.DRAW, (line,)) for line in lines]


def _tile_drawing(page: Page, tile: Tile, strokes: list[Stroke], texts: list[Text], heading: str, speak: Callable[[str], str]) -> Drawing:
    """A window of a piece: what of it lies there, how it joins its neighbours, and a map of all."""
    sheet, item, space = page.sheet, page.items[0], room(page.sheet)
    onto = shifted(space.left - tile.window.left, space.bottom - tile.window.bottom)
    lines, crosses = joins(tile)
    strokes += [Stroke(Ink.GUIDE, moved_path((line,), onto)) for line in lines]
    strokes += [Stroke(Ink.DRAW, moved_path((line,), onto)) for line in crosses]
    around, here = map_of(tile, sheet)
    strokes += [Stroke(Ink.DRAW, (line,)) for line in around]
    strokes += [Stroke(Ink.DRAW, (Line((here.left, here.bottom), (here.right, here.top)),)),
                Stroke(Ink.DRAW, (Line((here.left, here.top), (here.right, here.bottom)),))]
    texts.append(Text((sheet.margin + _TICK + 2, sheet.margin + 21.4), 2.6, _joining(tile, speak)))
    texts += _strips(tile, onto, speak)
    texts += [text for text in _numbers(item.load.pattern, item.move, speak, [])
              if space.left <= text.at[0] <= space.right and space.bottom <= text.at[1] <= space.top]
    printed = tuple(printed_within(p.moved(item.move), space) for p in item.load.printed)
    return Drawing(sheet.width, sheet.height, tuple(strokes), tuple(texts), heading, printed, sheet.laying.cuts is CutLine.HAIR,
                   sheet.printer.correction)


def _joining(tile: Tile, speak: Callable[[str], str]) -> str:
    """What a person does with a tile: trims it where it lies on others, and keeps the strips that others are glued on."""
    beside = neighbours(tile)
    sides = {"left": "left {name}", "right": "right {name}", "below": "below {name}", "above": "above {name}"}
    words = [told(say("tile {name} of {count}", name=tile.name, count=len(tile.used)), speak)]
    for template, some in (("trim it along the dotted line, and lay it on the strip of: {sides}", TRIMMED),
                           ("keep its strip, to glue on it: {sides}", KEPT)):
        there = ", ".join(told(say(sides[side], name=beside[side]), speak) for side in some if side in beside)
        if there:
            words.append(told(say(template, sides=there), speak))
    return "; ".join(words)


def _strips(tile: Tile, onto: Rigid, speak: Callable[[str], str]) -> list[Text]:
    """The word on each strip that another tile is glued on."""
    w, amid = tile.window, tile.overlap / 4
    places = {"right": ((w.right - amid, w.centre[1]), 90.0), "above": ((w.centre[0], w.top - amid), 0.0)}
    return [Text(onto.apply(at), 2.4, told(say("glue {number}", number=name), speak), middle=True, turn_deg=turn)
            for side, name in neighbours(tile).items() if side in places for at, turn in (places[side],)]


def _cut_short(words: str, width: float) -> str:
    """Words no longer than fit beneath a piece so wide, mm."""
    most = max(3, int(width / name_width("n")))
    return words if len(words) <= most else words[:most - 1] + "…"


def _numbers(pattern: Pattern, move: Rigid, speak: Callable[[str], str], taken: Sequence[Box]) -> list[Text]:
    """The numbers of the seams: on the tabs, which are covered, and beside the edges they meet, on what is cut away where there is room.

    taken: the rectangles of the other pieces on the sheet.
    """
    texts = []
    keys = {edge.seam: edge.key for edge in pattern.keys}
    words = {Role.TAB: "glue {number}", Role.LIP: "tuck {number}"}
    for p in pattern.panels:
        if p.role in words and not p.whole and p.name in keys:
            said = told(say(words[p.role], number=keys[p.name]), speak)
            texts.append(Text(move.apply(p.frame.apply(_middle(p.polygon))), 2.4, said, middle=True,
                              turn_deg=_upright(p.frame.then(move).turn_deg)))
    tabs = {p.name for p in pattern.panels if p.role in words and not p.whole and p.name in keys}
    solid = [(bounds(p.flat_polygon).grown(_BESIDE_MM), p.flat_polygon) for p in pattern.panels]
    for edge in pattern.keys:
        if edge.bears and edge.seam in tabs:
            continue
        (ax, ay), (bx, by) = edge.line
        length = math.dist(*edge.line)
        nx, ny = (by - ay) / length * _BESIDE_MM, (ax - bx) / length * _BESIDE_MM  # outward
        beside = [(ax + (bx - ax) * share + nx, ay + (by - ay) * share + ny) for share in _SHARES]
        free = next((q for q in beside if not any(box.left < q[0] < box.right and box.bottom < q[1] < box.top and contains(outline, q)
                                                  for box, outline in solid) and not _over(move.apply(q), taken)), None)
        at = free or (ax + (bx - ax) * _SHARES[0] - nx, ay + (by - ay) * _SHARES[0] - ny)
        x, y = move.apply(at)
        texts.append(Text((x, y - 0.35 * _NUMBER_MM), _NUMBER_MM, str(edge.key), middle=True))
    return texts


def _over(p: Point, boxes: Sequence[Box]) -> bool:
    """Whether a number there would stand on another piece."""
    return any(b.left - _NUMBER_MM < p[0] < b.right + _NUMBER_MM and b.bottom - _NUMBER_MM < p[1] < b.top + _NUMBER_MM for b in boxes)


def _bar(corner: tuple[float, float], across: bool) -> list[Stroke]:
    """A bar of exactly CHECK_BAR_MM from the corner, with a tick at each end."""
    x, y = corner
    if across:
        lines = [Line((x, y), (x + CHECK_BAR_MM, y))]
        lines += [Line((x + s, y), (x + s, y - _TICK)) for s in (0.0, CHECK_BAR_MM)]
    else:
        lines = [Line((x, y), (x, y + CHECK_BAR_MM))]
        lines += [Line((x, y + s), (x - _TICK, y + s)) for s in (0.0, CHECK_BAR_MM)]
    return [Stroke(Ink.DRAW, (line,)) for line in lines]


def _middle(polygon: tuple[tuple[float, float], ...]) -> tuple[float, float]:
    xs, ys = zip(*polygon, strict=True)
    return (min(xs) + max(xs)) / 2, (min(ys) + max(ys)) / 2


def _upright(turn_deg: float) -> float:
    """The same line of text, never upside down."""
    turn = (turn_deg + 180.0) % 360.0 - 180.0
    return turn + 180.0 if turn <= -90.0 else turn - 180.0 if turn > 90.0 else turn
