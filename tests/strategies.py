"""Values for properties, over the whole range of what Mingei accepts."""

from __future__ import annotations

from collections.abc import Callable
from dataclasses import replace
from typing import Any

from hypothesis import reject
from hypothesis import strategies as st

from mingei.core import joints
from mingei.core.amendments.amend import SeamChange, seams, why_fixed
from mingei.core.amendments.opening import Opening, Shape, Takes, Trim, openable
from mingei.core.amendments.split import why_not
from mingei.core.covering.art import Art, Fill
from mingei.core.covering.overlay import Overlay
from mingei.core.document.build import build
from mingei.core.document.project import Brief, Need, Project, new_brief, new_project, used
from mingei.core.errors import MeasureError, MingeiError, StockError
from mingei.core.kinds.join import Join, Row
from mingei.core.layout.laying import CutLine, Laying, Printer, Way
from mingei.core.layout.splice import Splice
from mingei.core.recipes import Kind, Measure, Value, find_recipe, recipes
from mingei.core.stock import Grain, Stock, find_stock
from mingei.core.whole.assembly import seated
from mingei.core.whole.joints import joints as joints_between


def calipers(least: float, most: float) -> st.SearchStrategy[float]:
    """Any caliper in mm, with those people meet most and both ends favoured."""
    usual = [c for c in (0.1, 0.2, 0.3, 0.4, 0.5, 1.0, 1.5, 3.0, 4.0) if least <= c <= most]
    return st.one_of(st.sampled_from([least, most, *usual]), st.floats(least, most))


def stocks(least: float = 0.1, most: float = 4.0, gain: float = 0.0) -> st.SearchStrategy[Stock]:
    """Stocks of any caliper, crease gain 0 up to ``gain``."""
    return st.builds(
        lambda caliper, crease, grain: Stock("any", "Any stock", 300, caliper, crease, grain=grain),
        calipers(least, most), st.floats(0, gain) if gain else st.just(0.0), st.sampled_from(Grain))


def measure_values(measure: Measure) -> st.SearchStrategy[Value]:
    """Everything one measure accepts, its ends and its default favoured."""
    if measure.choices:
        return st.sampled_from([c for c, _ in measure.choices])
    if measure.kind is Kind.OUTLINE:
        return st.sampled_from(["0,0 60,0 60,20,-90 40,40 0,40", "0,0,120 50,10 40,45,60",
                                "0,0 90,0 90,60 0,60;30,20,180 50,20,180;60,22 70,22 70,40"])
    if measure.kind is Kind.MESH:
        return st.just(measure.default)
    if measure.kind in (Kind.COUNT, Kind.ANGLE):
        return st.integers(int(measure.minimum), int(measure.maximum)).map(float)
    return st.one_of(st.sampled_from([measure.minimum, measure.maximum, measure.default]),
                     st.floats(measure.minimum, measure.maximum))


@st.composite
def briefs(draw: st.DrawFn, recipe_id: str) -> tuple[Brief, Stock]:
    """Any build of a recipe in any stock it allows."""
    recipe = find_recipe(recipe_id)
    values = {m.name: draw(measure_values(m)) for m in recipe.measures}
    stock = draw(stocks(recipe.thinnest, recipe.thickest))
    try:
        accepted = recipe.accept(values)
    except MeasureError:  # each in its range, but they contradict each other
        reject()
    return _buildable(Brief("any", recipe_id, measures=tuple(accepted.items()), stock=stock.id), stock)


def _buildable(brief: Brief, stock: Stock) -> tuple[Brief, Stock]:
    """What is refused because a panel is too small for its card is no build."""
    try:
        build(brief, stock)
    except StockError:
        reject()
    return brief, stock


@st.composite
def amended_briefs(draw: st.DrawFn, recipe_id: str) -> tuple[Brief, Stock]:
    """Any build of a recipe with any of its seams held another way, tabs moved where they can be."""
    brief, stock = draw(briefs(recipe_id))
    drafted = find_recipe(recipe_id).draft(brief.values)
    for name in seams(drafted):
        if draw(st.booleans()):
            moved = draw(st.booleans()) and not why_fixed(drafted, name)
            joint = draw(st.sampled_from([j.word for j in joints.choices()]))
            if joints.find_joint(joint).why_not(drafted, name, moved):
                continue
            brief = brief.with_seam(SeamChange(name, joint, moved))
    return _buildable(brief, stock)


@st.composite
def changed_briefs(draw: st.DrawFn, recipe_id: str) -> tuple[Brief, Stock]:
    """Any build of a recipe with up to two panels cut off and two holes that may take a part, then any of its
    seams held another way, those between the pieces too; a change that is refused is left out."""
    brief, stock = draw(briefs(recipe_id))
    stock = replace(stock, crease_gain_mm=draw(st.sampled_from([0.0, 0.0, 0.1 * stock.caliper_mm])))
    panels = [f.b.panel for piece in brief.drafted.pieces
              for f in piece.folds if not why_not(brief.drafted, f.b.panel)]
    for panel in draw(st.lists(st.sampled_from(panels), max_size=2, unique=True)) if panels else []:
        brief = _if_allowed(brief, stock, lambda brief=brief, panel=panel: brief.with_split(panel, True))
    faces = list(openable(brief.drafted))
    for name in draw(st.lists(st.sampled_from(faces), max_size=2, unique=True)) if faces else []:
        hole = Opening(f"hole {name}", name, Shape.ROUND, 3.0, stays=True, takes=draw(st.sampled_from(Takes)))
        brief = _if_allowed(brief, stock, lambda brief=brief, hole=hole: brief.with_opening(hole))
    names = list(seams(brief.drafted))
    for name in draw(st.lists(st.sampled_from(names), max_size=3, unique=True)) if names else []:
        change = SeamChange(name, draw(st.sampled_from([j.word for j in joints.choices()])),
                            draw(st.booleans()))
        brief = _if_allowed(brief, stock, lambda brief=brief, change=change: brief.with_seam(change))
    return _buildable(brief, stock)


def _if_allowed(brief: Brief, stock: Stock, change: Callable[[], Brief]) -> Brief:
    """The brief changed, or as it was where that is refused."""
    try:
        changed = change()
        build(changed, stock)
    except MingeiError:
        return brief
    return changed


@st.composite
def projects(draw: st.DrawFn) -> Project:
    """Any project of up to three cartons, with any words in it."""
    words = st.text(st.characters(exclude_categories=["Cs"]), max_size=40)
    recipe = find_recipe("carton")
    project = None
    for _ in range(draw(st.integers(1, 3))):
        values = {m.name: draw(measure_values(m)) for m in recipe.measures}
        brief = new_brief("carton", values, name=draw(words) or "x")
        if draw(st.booleans()):
            brief = brief.with_seam(SeamChange("front tab",
                                               draw(st.sampled_from([j.word for j in joints.choices()])),
                                               draw(st.booleans())))
        brief = replace(brief, copies=draw(st.integers(1, 9)), notes=draw(words))
        if project is None:
            project = new_project(brief, draw(words), draw(st.sampled_from(["mm", "in"])),
                                  draw(st.sampled_from(["A4", "Letter", "A3"])))
        else:
            project = project.with_briefs((*project.briefs,
                                           replace(brief, name=project.free_name(brief.name))))
    assert project is not None
    return replace(project, notes=draw(words))


def _made(kind: Callable[..., Any], *values: st.SearchStrategy[Any]) -> st.SearchStrategy[Any]:
    return st.tuples(*values).map(lambda these: kind(*these))


def _amended(draw: st.DrawFn, brief: Brief, stock: Stock) -> Brief:
    """The brief with anything a person puts on by hand: openings, trims, overlays, words, lines it is cut
    across by, tape; what is refused is left out."""
    faces = sorted({p.whole or p.name for pattern in build(brief, stock).patterns for p in pattern.panels})
    pieces = sorted({p.name for p in build(brief, stock).patterns})
    panel = st.sampled_from(faces)
    size, place, turn = st.floats(1, 90), st.floats(-40, 40), st.sampled_from([0.0, 30.0, 90.0, 251.5])
    word = st.sampled_from(["Gull", "a", "Øystercatcher & søn", "two\nlines"])
    changes = st.one_of(
        _made(
            Opening,
            st.sampled_from(["window", "hole"]),
            panel,
            st.sampled_from(Shape),
            size,
            size,
            place,
            place,
            st.just(0.0),
            turn,
            st.booleans(),
            st.booleans(),
        ).map(lambda o: lambda b: b.with_opening(o)),
        _made(Trim, panel, st.floats(0, 20),
              st.sampled_from([0.0, 18.0])).map(lambda t: lambda b: b.with_trim(t)),
        _made(
            Overlay,
            st.sampled_from(["mat", "label"]),
            panel,
            st.floats(0, 20),
            st.sampled_from([0.0, 30.0]),
            st.just(20.0),
            place,
            place,
            st.just(0.0),
            st.just(0.0),
            st.booleans(),
            st.sampled_from([0.0, 2.0]),
        ).map(lambda o: lambda b: b.with_overlay(o)),
        _made(
            Art,
            word,
            st.sampled_from(pieces),
            st.one_of(st.just(""), panel),
            st.just(""),
            word,
            st.just(""),
            st.sampled_from(Fill),
            st.floats(5, 60),
            place,
            place,
            turn,
        ).map(lambda a: lambda b: b.with_art(a)),
        _made(Splice, st.sampled_from(pieces), turn,
              st.floats(0.05, 0.95)).map(lambda s: lambda b: b.with_splice(s)),
        st.sampled_from([0.0, 6.0, 12.0]).map(lambda w: lambda b: b.with_tape(w)),
        _made(Need, st.floats(1, 300), st.floats(1, 200),
              st.floats(0.1, 60)).map(lambda n: lambda b: b.with_need(n)),
    )
    for change in draw(st.lists(changes, max_size=4)):
        brief = _if_allowed(brief, stock, lambda brief=brief, change=change: change(brief))
    return brief


def _joined(draw: st.DrawFn, project: Project) -> Project:
    """Some things of a project joined to those before them; now and then in a way that cannot be."""
    for number in range(1, len(project.briefs)):
        if not draw(st.booleans()):
            continue
        host = draw(st.integers(0, number - 1))
        panel = draw(st.sampled_from([p.name for piece in project.briefs[host].drafted.pieces
                                      for p in piece.panels]))
        join = Join(project.briefs[host].id, panel, draw(st.sampled_from(sorted(joints_between()))),
                    x=draw(st.sampled_from(["0", "7 mm", "=panel.wide/5"])),
                    deep=draw(st.sampled_from(["", "6 mm"])),
                    turn_deg=draw(st.sampled_from([0.0, 30.0])), inside=draw(st.booleans()),
                    row=draw(st.sampled_from(Row)), many=draw(st.integers(1, 3)), apart="20 mm",
                    bent=draw(st.booleans()))
        guest = project.with_brief(number, project.briefs[number].amended(join))
        try:
            project = seated(guest, number)
        except MingeiError:
            project = guest if draw(st.sampled_from([False, False, True])) else project
    return project


@st.composite
def documents(draw: st.DrawFn) -> Project:
    """Anything a document can hold: things of any recipe, amended in any way, of any stock, named alike, on
    any sheet or roll."""
    briefs, own = [], []
    word = st.sampled_from(["x", "Tag", "Tag", "Øre & søn / 3"])
    for number in range(draw(st.integers(1, 3))):
        brief, stock = draw(st.sampled_from(sorted(recipes())).flatmap(changed_briefs))
        stock = replace(stock, id=f"own {number}", name=f"Own stock {number}",
                        price=draw(st.sampled_from([0.0, 0.4])))
        brief = replace(_amended(draw, replace(brief, stock=stock.id), stock), name=draw(word),
                        copies=draw(st.sampled_from([1, 1, 2, 5])),
                        notes=draw(st.sampled_from(["", "mind the beak"])),
                        enlarged=draw(st.sampled_from([1.0, 1.0, 1.0, 1.1])))
        part = draw(st.sampled_from(["", "", "mats"]))
        if part:
            brief = _if_allowed(brief,
                                stock, lambda brief=brief, part=part: brief.with_part(
                                    part, find_stock("card-160")))
        briefs.append(brief)
        own.append(stock)
    project = replace(new_project(briefs[0], draw(word), draw(st.sampled_from(["mm", "in"])), own=tuple(own)),
                      briefs=tuple(briefs))
    project = replace(project, stocks=used(tuple(briefs), (*own, find_stock("card-160"))))
    project = _joined(draw, project)
    laying = Laying(gap=draw(st.sampled_from([0.0, 2.0, 8.0])), way=draw(st.sampled_from(Way)),
                    together=draw(st.booleans()),
                    template=draw(st.booleans()), cuts=draw(st.sampled_from(CutLine)),
                    folds=draw(st.booleans()),
                    numbers=draw(st.booleans()), names=draw(st.booleans()), corners=draw(st.booleans()))
    printer = Printer(margin=draw(st.sampled_from([0.0, 5.0, 12.7])),
                      across=draw(st.sampled_from([100.0, 99.6])))
    return replace(project, laying=laying, printer=printer, tile_mm=draw(st.sampled_from([0.0, 20.0])),
                   sheet=draw(st.sampled_from(["A4", "Letter", "A3", "A6", "A0", "320 x 450 mm",
                                               "610 x 3000 mm"])))
