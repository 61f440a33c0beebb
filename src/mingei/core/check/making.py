"""Rules about making it: will it close, fit the sheet, hold its glue."""

from __future__ import annotations

import math
from collections.abc import Iterator, Sequence
from dataclasses import replace

from mingei.core.amendments.opening import PATCH_MM
from mingei.core.check import Finding, Fix, Severity, rule
from mingei.core.document.build import Build, Part
from mingei.core.document.build import build as work_out
from mingei.core.errors import MingeiError
from mingei.core.flat.pattern import FlatSeam, Pattern
from mingei.core.kinds import set_aside
from mingei.core.layout.laying import FEED_SINGLY_GSM
from mingei.core.layout.place import Load, arrange, fits, room, sheets_that_do, too_large, yield_of
from mingei.core.layout.sheets import Sheet
from mingei.core.layout.splice import LAP_MM, MOST_SPLICES, lines_that_fit
from mingei.core.layout.tile import OVERLAP_MM
from mingei.core.length import write_both, write_mm
from mingei.core.plane.area import area_of
from mingei.core.plane.shape import Point, Polygon, bounds, divided, meeting
from mingei.core.recipes import find_recipe
from mingei.core.sizing.scale import consequence, scaled
from mingei.core.words import say

#: Below this depth (mm) a tab holds too little glue to be trusted (common practice).
TAB_LEAST_MM = 5.0
#: So many seams with shallow tabs are said one by one; of more, the shallowest and how many.
_SAID_EACH = 3
#: Bends whose directions differ by more than this (radians) have no grain in common.
_FANNED = 0.5
#: What bends by less in all, degrees, is not rolled (from experience).
_HARDLY_DEG = 10.0
#: Outlines that share no more than this (mm) lie side by side.
_HAIR = 1e-4


@rule("seam-open")
def seam_open(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Every seam must stand at its stack distance, parallel, inside its host."""
    for c in build.closures if build.brief.enlarged == 1.0 else ():
        if not c.closes:
            yield Finding("seam-open", Severity.ERROR,
                          say("folded, it stands {apart} from its host instead of {wanted}, {tilt:.2f}° out "
                              "of true, "
                              "{outside} past the edge", apart=write_mm(c.apart_mm, 3),
                              wanted=write_mm(c.wanted_mm, 3),
                              tilt=c.tilt_deg, outside=write_mm(c.outside_mm, 2)),
                          say("seam {seam}", seam=c.seam),
                          "this is a fault of the recipe: please report it with the project file")


@rule("enlarged")
def enlarged(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """A drawing that was enlarged is made for another thickness than the card it is cut from."""
    brief = build.brief
    if brief.enlarged == 1.0 or all(c.closes for c in build.closures):
        return
    drawn = replace(brief, enlarged=1.0)
    try:
        anew = scaled(drawn, brief.enlarged)
        words = consequence(work_out(drawn, build.stock), work_out(anew, build.stock), brief.enlarged)
    except MingeiError:
        yield Finding("enlarged", Severity.ERROR, "the drawing is enlarged, and so are its creases and tabs",
                      "scale",
                      "draft it anew nearer to this size")
        return
    yield Finding("enlarged", Severity.ERROR,
                  words or "the drawing is enlarged, and so are its creases and tabs", "scale",
                  "draft it anew at this size", fix=Fix("Draft it anew at this size", anew))


@rule("gave-way")
def gave_way(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What was asked could not be built with the rest: what gave way, and by how much."""
    brief, recipe = build.brief, find_recipe(build.brief.recipe)
    made = brief.made
    fix = Fix("Write what is made into the measures", brief.with_measures(made))
    for name, asked in brief.measures:
        if made[name] != asked:
            measure = recipe.measure(name)
            yield Finding("gave-way", Severity.LOOK,
                          say("made {made} instead of {asked}, so that it suits the other measures",
                              made=measure.say(made[name]),
                              asked=measure.say(asked)), measure.title,
                          "change the others, and it comes back to what was asked", fix=fix)


@rule("set-aside")
def aside(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What a person changed by hand and the thing has no place for any more."""
    brief = build.brief
    for amendment, error in set_aside(brief.drafted, brief.amendments):
        left = replace(brief, amendments=tuple(a for a in brief.amendments if a is not amendment))
        yield Finding("set-aside", Severity.LOOK, say("it is left out: {why}", why=error.sentence),
                      error.place, "it comes back when its place does, or take it out",
                      fix=Fix("Take it out", left))


@rule("cavity")
def cavity(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """The clear space must be what was asked for; a lip that reaches in is stated."""
    space = build.cavity
    if space is None or build.brief.enlarged != 1.0:
        return
    if not space.fits:
        got, want = (" x ".join(write_mm(v) for v in size) for size in (space.size, space.asked))
        yield Finding("cavity", Severity.ERROR,
                      say("the clear space is {got} instead of {want}", got=got, want=want), "inside",
                      "this is a fault of the recipe: please report it with the project file")
    if space.lip_mm > 0:
        yield Finding("lip-inside", Severity.NOTE, say("a tuck lip takes {lip} of the inside",
                                                       lip=write_mm(space.lip_mm)), "inside",
                      "allow for it if the thing is snug")


@rule("overlap")
def overlap(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """No two panels may share card on the flat."""
    for pattern in build.patterns:
        for a, b in _overlapping(pattern):
            yield Finding("overlap", Severity.ERROR, say("on the flat it lies over {b}", b=b),
                          say("panel {a}", a=a),
                          "make the piece longer or the flaps shorter", Part(pattern.name, a))


def _overlapping(pattern: Pattern) -> Iterator[tuple[str, str]]:
    panels = pattern.panels
    pairs = [(panels[i], panels[j])
             for i, j in meeting([bounds(p.flat_polygon).grown(-5e-7) for p in panels])]
    lines = {frozenset((f.parent, f.child)): (f.start, f.end) for f in pattern.folds}
    pairs = [(p, q) for p, q in pairs
             if not _on_both_sides(lines.get(frozenset((p.name, q.name))), p.flat_polygon, q.flat_polygon)]
    divided = _side_by_side([(p.flat_polygon, q.flat_polygon) for p, q in pairs])
    near = [pair for pair, apart in zip(pairs, divided, strict=True) if not apart]
    if not near:
        return
    from shapely import intersection

    for p, q in near:
        # on a grid: without one the library has been seen to take neighbours along one line for overlapping
        # whole
        if intersection(area_of(p.flat_polygon), area_of(q.flat_polygon), grid_size=1e-6).area > 1e-4:
            yield p.name, q.name


def _on_both_sides(line: tuple[Point, Point] | None, p: Polygon, q: Polygon) -> bool:
    """Whether two outlines lie each on its own side of a line, as panels joined by a fold do."""
    if line is None:
        return False
    (ax, ay), (bx, by) = line
    nx, ny = by - ay, ax - bx
    reach, level = _HAIR * (abs(nx) + abs(ny)), nx * ax + ny * ay
    p_low, *_, p_high = sorted([nx * x + ny * y - level for x, y in p])
    q_low, *_, q_high = sorted([nx * x + ny * y - level for x, y in q])
    return (p_high <= reach and q_low >= -reach) or (q_high <= reach and p_low >= -reach)


#: More pairs of outlines of so few sides are compared all at once.
_MANY_PAIRS, _FEW_SIDES = 40, 8


def _side_by_side(pairs: Sequence[tuple[Polygon, Polygon]]) -> list[bool]:
    """Of each pair of outlines whether a side of one has that one behind it and the other before it; most
    neighbours are so."""
    small = [max(len(p), len(q)) <= _FEW_SIDES for p, q in pairs]
    if sum(small) <= _MANY_PAIRS:
        return [divided(p, q, _HAIR) for p, q in pairs]
    at_once = iter(_divided_small([pair for pair, few in zip(pairs, small, strict=True) if few]))
    return [next(at_once) if few else divided(p, q, _HAIR) for (p, q), few in zip(pairs, small, strict=True)]


def _divided_small(pairs: Sequence[tuple[Polygon, Polygon]]) -> list[bool]:
    """As ``shape.divided``, for many pairs of small outlines."""
    import numpy as np  # a piece of few panels is shown before it is loaded

    def corners(polygon: Polygon) -> Polygon:
        return (*polygon, *[polygon[-1]] * (_FEW_SIDES - len(polygon)))  # sides of no length divide nothing

    both = np.array([(corners(p), corners(q)) for p, q in pairs])
    a, b = both.reshape(-1, _FEW_SIDES, 2), both[:, ::-1].reshape(-1, _FEW_SIDES, 2)
    along = np.roll(a, -1, axis=1) - a
    normal = np.stack([along[..., 1], -along[..., 0]], axis=2)
    level = (normal * a).sum(axis=2)
    own, other = (np.einsum("nsk,npk->nsp", normal, a).max(axis=2),
                  np.einsum("nsk,npk->nsp", normal, b).min(axis=2))
    length = np.abs(normal).sum(axis=2)
    reach = _HAIR * length
    found = ((length > 0) & (other >= level - reach) & (own <= level + reach)).any(axis=1).reshape(-1, 2).any(
        axis=1)
    answers: list[bool] = found.tolist()
    return answers


@rule("sheet-small", of_sheet=True)
def sheet_small(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """The piece must fit the chosen sheet, or be tiled over several."""
    for pattern in build.cut_pieces:
        if fits(pattern, sheet) is not None:
            continue
        error = too_large(pattern, sheet)
        if sheet.tile_mm > 0:
            layout = arrange([Load("", pattern)], sheet)
            if layout.pages:
                count = len(layout.pages) // pattern.copies
                yield Finding("tiled", Severity.NOTE,
                              say("each is printed over {count} sheets that overlap", count=count),
                              error.place,
                              "trim each along the dotted line at its left and below, and glue it on its "
                              "neighbour's strip, cross on cross")
                continue
        larger = sheets_that_do(pattern)[:1]
        fix = (Fix(say("Use {larger}", larger=larger[0].name), sheet=larger[0].name) if larger
               else Fix("Tile it over several sheets", tile_mm=OVERLAP_MM))
        yield Finding("sheet-small", Severity.ERROR, error.sentence, error.place, error.remedy, fix=fix)
        if larger:
            yield Finding("sheet-tiles", Severity.NOTE,
                          "it can be tiled over several of these sheets instead", error.place,
                          fix=Fix("Tile it", tile_mm=OVERLAP_MM))
        lines = (lines_that_fit(pattern, _rooms(sheet), build.brief.tape_mm or LAP_MM)
                 if pattern in build.patterns else ())
        if lines and len(build.brief.splices) + len(lines) <= MOST_SPLICES:
            brief = replace(build.brief, amendments=(*build.brief.amendments, *lines))
            yield Finding("sheet-splice", Severity.NOTE,
                          "it can be cut across instead, and joined again by a glued lap", error.place,
                          fix=Fix("Cut it across", brief))


def _rooms(sheet: Sheet) -> list[tuple[float, float]]:
    """What a sheet leaves for a piece, width by height, at each turn it may have."""
    space = room(sheet)
    return [(space.height, space.width) if turn % 180.0 else (space.width, space.height)
            for turn in sheet.laying.way.turns]


#: What is made from the paper at hand, rather than the other way round.
_FROM_A_SHEET = ("envelopes", "cards", "wraps")


@rule("yield", of_sheet=True)
def several_from_a_sheet(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Say how many blanks one sheet gives, where it gives several, and the smallest sheet that gives one."""
    if len(build.patterns) == 1:
        count = yield_of(build.pattern, sheet)
        doing = sheets_that_do(build.pattern)
        if count == 1 and build.recipe.family in _FROM_A_SHEET and doing:
            yield Finding("yield", Severity.NOTE,
                          say("the smallest sheet that gives one is {smallest}", smallest=doing[0].name),
                          "sheet")
        if count > 1:
            words = say("one {sheet} gives {count} of its blank, in rows", sheet=sheet.name, count=count)
            if doing:
                words = say(
                    "one {sheet} gives {count} of its blank, in rows; the smallest sheet that gives one is "
                    "{smallest}",
                            sheet=sheet.name, count=count, smallest=doing[0].name)
            yield Finding("yield", Severity.NOTE, words, "sheet",
                          "cut several from one sheet by hand, or export the bare flat to a machine")


@rule("tab-short")
def tab_short(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Say when a tab had to be made shorter than asked, and when it is too short for glue."""
    narrow: list[tuple[Pattern, FlatSeam]] = []
    for pattern in build.patterns:
        said: set[str] = set()
        for seam in pattern.seams:
            name = seam.row or seam.name
            if name in said:
                continue
            said.add(name)
            part = Part(pattern.name, name)
            if seam.joint.between and not seam.fellow and seam.depth_mm < TAB_LEAST_MM:
                narrow.append((pattern, seam))
            elif seam.depth_mm < seam.asked_mm - 1e-6 and not seam.fellow:
                yield Finding("tab-short", Severity.NOTE,
                              say("shortened from {asked} to {depth}, all that the {host} has room for",
                                  asked=write_mm(seam.asked_mm, 1),
                                  depth=write_mm(seam.depth_mm, 1), host=seam.host),
                              say("seam {seam}", seam=name), part=part)
    narrow.sort(key=lambda found: found[1].depth_mm)
    said_each = narrow if len(narrow) <= _SAID_EACH else narrow[:1]
    for pattern, seam in said_each:
        name, more = seam.row or seam.name, len(narrow) - len(said_each)
        deep = write_mm(seam.depth_mm, 1)
        yield Finding("tab-narrow", Severity.LOOK,
                      say("its tab is only {depth} deep; so it is with {count} more", depth=deep, count=more)
                      if more else say("its tab is only {depth} deep", depth=deep),
                      say("seam {seam}", seam=name), "use thin double-sided tape or make it larger",
                      Part(pattern.name, name))


@rule("feed", of_sheet=True)
def feed(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Heavy card is fed one sheet at a time, and what is heavier than the printer takes not at all."""
    if sheet.printer.refuses(build.stock.grammage_gsm) and not sheet.laying.template:
        yield Finding("feed-heavy", Severity.LOOK,
                      say("{grammage:g} g/m² is more than the {most:g} g/m² this printer takes",
                          grammage=build.stock.grammage_gsm,
                          most=sheet.printer.heaviest), "printer",
                      "print a template on paper and stick it on, or choose another stock")
        return
    if build.stock.grammage_gsm > FEED_SINGLY_GSM and build.stock.kind == "card":
        yield Finding("feed", Severity.NOTE, say("{grammage:g} g/m² may jam in a stack",
                                                 grammage=build.stock.grammage_gsm), "printer",
                      "feed one sheet at a time, within what the printer's maker allows")


#: So many taped seams are told one by one; a strip behind one is so wide, mm (from experience).
_TAPED_SAID, _STRIP_MM = 4, 12.0


@rule("taped")
def taped(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """A seam without a tab needs tape, of a length worth knowing beforehand."""
    bare = [(pattern, mate) for pattern in build.patterns for mate in pattern.mates if mate.joint.outer_tape]
    if len(bare) > _TAPED_SAID:
        pattern, longest = max(bare, key=lambda found: found[1].length)
        yield Finding("taped", Severity.NOTE,
                      say("{count} seams have no tab and are taped: {tape} of tape in all, the longest "
                          "{length}",
                          count=len(bare), tape=write_both(sum(mate.length for _, mate in bare)),
                          length=write_both(longest.length)),
                      say("seam {seam}", seam=longest.seam),
                      say("or back each inside with a strip {wide} wide, half on either side",
                          wide=write_both(_STRIP_MM)), Part(pattern.name, longest.seam))
        return
    for pattern in build.patterns:
        for mate in pattern.mates:
            if mate.joint.outer_tape:
                tape = write_both(math.dist(*mate.carrier_line))
                yield Finding("taped", Severity.NOTE,
                              say("it has no tab and is taped outside: {tape} of tape", tape=tape),
                              say("seam {seam}", seam=mate.seam),
                              "cut the tape before you begin", Part(pattern.name, mate.seam))


@rule("window")
def window(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """A window wants a patch, larger than itself, fixed inside before anything is folded."""
    for opening in build.brief.openings:
        if opening.window and any(p.panels_of(opening.panel) for p in build.patterns):
            width, height = (write_both(v + 2 * PATCH_MM) for v in opening.size)
            yield Finding("window", Severity.NOTE,
                          say("its patch is {width} by {height}", width=width, height=height),
                          say("opening {name}", name=opening.name),
                          "cut it from clear film and fix it inside before you fold")


@rule("opening-layers")
def opening_layers(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """An opening over a lap shows the layer beneath."""
    for pattern in build.patterns:
        open_facets = {p.name: p.whole for p in pattern.panels if p.gaps}
        for lap in pattern.laps:
            face = open_facets.get(lap.upper) or open_facets.get(lap.lower)
            if face:
                yield Finding("opening-layers", Severity.LOOK,
                              "an opening in it reaches over the lap, where another layer lies",
                              say("panel {face}", face=face),
                              "move it off the lap, or cut both layers through when the glue is dry",
                              Part(pattern.name, face))
                break


@rule("remark")
def remark(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """What the construction itself has to say: a length of thread, a way to hang it."""
    for place, words in build.draft.remarks:
        yield Finding("remark", Severity.NOTE, words, place)


@rule("knife")
def knife(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Board is cut with a knife: the usual caution."""
    if build.stock.caliper_mm >= 0.4:
        yield Finding("knife", Severity.NOTE, "this thickness is cut with a sharp knife", "cutting",
                      "use a metal rule and a fresh blade, cut away from the hand in several passes; "
                      "children only with an adult")


@rule("grain", of_sheet=True)
def grain(build: Build, sheet: Sheet) -> Iterator[Finding]:
    """Long walls want the grain along their folds."""
    for pattern in build.patterns:
        if not pattern.folds:
            continue
        longest = max(pattern.folds, key=lambda f: f.length)
        ways = [math.atan2(f.end[1] - f.start[1], f.end[0] - f.start[0]) % math.pi
                for f in pattern.folds if f.bend]
        if longest.bend and max(ways) - min(ways) > _FANNED:
            continue  # bends that fan out cannot all run along the grain
        if longest.bend and sum(abs(f.angle_deg) for f in pattern.folds) < _HARDLY_DEG:
            continue  # so little is not rolled
        lying = abs(longest.end[0] - longest.start[0]) >= abs(longest.end[1] - longest.start[1])
        turn = fits(pattern, sheet)
        if turn is None or pattern.stock.grain == "none" or pattern.stock.caliper_mm < 0.15:
            continue
        upright = lying == (turn == 90.0)  # the longest folds run along the sheet's long side
        if upright != (pattern.stock.grain == "long"):
            yield Finding("grain", Severity.LOOK,
                          "rolled across the grain it kinks" if longest.bend
                          else "its longest folds run across the grain and may crack",
                          say("piece {pattern}", pattern=pattern.name),
                          "use a sheet with the grain the other way" if longest.bend else
                          "score deeper, or use a sheet with the grain the other way")
