"""Commands that begin a project, and change a thing of it."""

from __future__ import annotations

import argparse
import json
import shlex
import time
from collections.abc import Sequence
from dataclasses import replace
from typing import TYPE_CHECKING

from mingei.command_line import OK, UsageError
from mingei.commands.common import accept_output, cabinet, length
from mingei.core import kinds
from mingei.core.covering.overlay import Overlay, visible
from mingei.core.document.build import Build, build
from mingei.core.document.project import MOST_COPIES, Brief, Project, new_brief, new_project
from mingei.core.kinds.join import Join, join_of
from mingei.core.layout.place import room
from mingei.core.layout.sheets import find_sheet
from mingei.core.layout.splice import Splice
from mingei.core.length import write_both
from mingei.core.recipes import Kind, Recipe, Value, Values, find_recipe
from mingei.core.stock import Stock, find_stock
from mingei.core.whole.assembly import counted_out, seated
from mingei.core.whole.joined import build_of
from mingei.core.words import counted, say, some_of
from mingei.formats import project_file
from mingei.formats.assets import PACK_SUFFIX, sources

if TYPE_CHECKING:
    from mingei.core.mesh.mesh import Mesh

#: A mesh is reduced to no more facets than this.
MOST_TRIES = 20_000
MOST_FACETS = 5000


def begin(options: argparse.Namespace) -> int:
    recipe = find_recipe(options.recipe)
    values = _sets(options.sets, recipe, {m.name: m.default for m in recipe.measures})
    stock = find_stock(options.stock, cabinet().own) if options.stock else None
    brief = new_brief(recipe.id, values, stock)
    if options.tape:
        wanted = brief.values.get("tab")
        brief = brief.with_tape(options.tape)
        if any(word.partition("=")[0].strip() == "tab" for word in options.sets) and wanted is not None:
            brief = brief.with_measure("tab", wanted)
    brief = brief.with_model(options.model)
    for panel in options.splits:
        brief = brief.with_split(panel, True)
    for line in options.splices:
        brief = _with_splice(brief, find_stock(brief.stock, (stock,) if stock else ()), line)
    if options.mats:
        brief = _with_mats(brief, find_stock(brief.stock, (stock,) if stock else ()), options.mats)
    own = [stock] if stock else []
    for part, stock in _parts(options.parts):
        own.append(stock)
        brief = brief.with_part(part, stock)
    project = new_project(brief, options.title, sheet=options.sheet, own=tuple(own))
    _known_parts(build(brief, project.stock_of(brief), project.parts_of(brief)), brief)
    accept_output(options.output)
    project_file.save(project, options.output)
    sizes = ", ".join(f"{m.name} {write_both(v) if m.kind is Kind.LENGTH else m.write(v)}"
                      for m, v in zip(recipe.measures, brief.values.values(), strict=True)
                      if isinstance(v, float))
    print(f"{options.output}: {recipe.title}, {sizes}")
    return OK


def pack(options: argparse.Namespace) -> int:
    if not options.output.name.endswith(PACK_SUFFIX):
        raise UsageError(say("{name!r} does not end in {ending}", name=options.output.name,
                             ending=PACK_SUFFIX), "-o", "name the pack so")
    project = project_file.load(options.file)
    project_file.save(project, options.output)
    print(counted("{file}: with {count} picture", "{file}: with {count} pictures", len(sources([project])),
                  file=options.output))
    return OK


def edit(options: argparse.Namespace) -> int:
    output = options.output or options.file
    accept_output(output)
    project = project_file.load(options.file)
    number = _which(project, options.thing)
    brief = project.briefs[number]
    if options.sets:
        brief = brief.with_measures(_sets(options.sets, find_recipe(brief.recipe), brief.values))
    if options.copies is not None:
        if not 1 <= options.copies <= MOST_COPIES:
            raise UsageError(say("{n} copies are too few or too many", n=options.copies), "--copies",
                             say("write 1 to {most}", most=MOST_COPIES))
        brief = replace(brief, copies=options.copies)
    if options.model is not None:
        brief = brief.with_model(options.model)
    brief = replace(brief, name=options.name or brief.name,
                    notes=brief.notes if options.notes is None else options.notes)
    for drop in options.drops:
        word, _, which = drop.strip().partition(" ")
        brief = brief.without_named(word, which.strip(), "--drop")
    for amend in options.amends:
        try:
            word, *pairs = shlex.split(amend)
        except ValueError:
            raise UsageError("its quotes are not closed, or it is empty", "--amend",
                             "write a kind and FIELD=VALUE, such as trim panel=front round_mm=3") from None
        wanted = dict(pair.partition("=")[::2] for pair in pairs)
        if word == "join":
            wanted["seat"] = Join._field_defaults["seat"]  # a thing has one
            if "host" in wanted:
                wanted["host"] = _host(project, wanted["host"], brief)
        brief = brief.amended(kinds.from_words(word, wanted, brief.amendments, f"--amend {word}"))
    project = project.with_brief(number, brief)
    if options.stock:
        project = project.with_stock(number, find_stock(options.stock, cabinet().own))
    for part, stock in _parts(options.parts):
        project = project.with_part(number, part, stock)
    brief = project.briefs[number]
    made = build(brief, project.stock_of(brief), project.parts_of(brief))  # refuses what cannot be made
    if join_of(brief) is not None:
        project = seated(project, number)
    elif options.copies is not None:
        project = counted_out(project, number)
    if options.parts:
        _known_parts(build_of(project, number), brief)
    for splice in brief.splices:
        _known_piece(made, splice.piece, "--amend splice")
    project_file.save(project, output)
    print(output)
    return OK


def _parts(words: Sequence[str]) -> list[tuple[str, Stock]]:
    """The parts and their stocks as they were written.  Raises UsageError, StockError."""
    found = []
    for word in words:
        part, equals, stock_id = word.partition("=")
        if not equals:
            raise UsageError(say("{word!r} is not PART=ID", word=word), "--part",
                             "write one such as liner=wrapping-60")
        found.append((part.strip(), find_stock(stock_id.strip(), cabinet().own)))
    return found


def _host(project: Project, name: str, guest: Brief) -> str:
    """The id of a thing, by its name or its id."""
    found = next((b for b in project.briefs if name in (b.id, b.name) and b is not guest), None)
    if found is None:
        names = [b.name for b in project.briefs if b is not guest]
        raise UsageError(say("nothing in the project has the name {name!r}", name=name), "--amend join",
                         say("choose one of: {names}", names=some_of(names, name)))
    return found.id


def _sets(words: Sequence[str], recipe: Recipe, values: Values) -> dict[str, Value]:
    """The measures as they were, and as they were written since; sums may name those before."""
    found = dict(values)
    for word in words:
        name, equals, text = word.partition("=")
        if not equals:
            raise UsageError(say("{word!r} is not NAME=VALUE", word=word), "--set",
                             "write one such as length=140mm")
        names = {k: v for k, v in found.items() if isinstance(v, float)}
        found[name.strip()] = recipe.measure(name.strip()).read(text, "mm", names)
    return found


def _with_splice(brief: Brief, stock: Stock, line: str) -> Brief:
    """The brief with a line across a piece, as written on the command line.  Raises UsageError,
    MeasureError."""
    made = build(brief, stock)
    piece, slash, where = line.rpartition("/")
    piece = piece if slash else made.pattern.name
    _known_piece(made, piece, "--splice")
    way, _, share = where.partition(":")
    try:
        turn = {"upright": 90.0, "level": 0.0}.get(way.strip())
        return brief.with_splice(Splice(piece, float(way) if turn is None else turn,
                                        float(share.strip().rstrip("%")) / 100))
    except ValueError:
        raise UsageError(say("{line!r} is no line across a piece", line=line), "--splice",
                         "write one such as upright:40%") from None


def _known_piece(made: Build, piece: str, place: str) -> None:
    """Raises UsageError where a thing has no piece of that name."""
    pieces = [p.name for p in made.patterns]
    if piece not in pieces:
        raise UsageError(say("no piece is called {piece!r}", piece=piece), place,
                         say("choose one of: {names}", names=some_of(pieces, piece)))


def _which(project: Project, name: str) -> int:
    """The number of the thing of that name or id; of the only one where no name is given.

    Raises UsageError where it could be none or several.
    """
    found = [i for i, b in enumerate(project.briefs) if name in (b.id, b.name) or not name]
    by_id = [i for i in found if project.briefs[i].id == name]
    if len(by_id or found) == 1:
        return (by_id or found)[0]
    if not found:
        raise UsageError(say("no thing is called {name!r}", name=name), "--thing",
                         say("name one of: {names}", names=some_of((b.name for b in project.briefs), name)))
    raise UsageError(say("there are {count} things of that name", count=len(found)) if name
                     else say("there are {count} things", count=len(found)), "--thing",
                     say("name one of: {names}", names=some_of((b.id if name else b.name)
                                                               for b in (project.briefs[i] for i in found))))


def _with_mats(brief: Brief, stock: Stock, border: str) -> Brief:
    """The brief with a mat on every panel that is seen.  Raises LengthError, MeasureError."""
    mm = length(border, "--mats")
    for panel in visible(build(brief, stock).patterns):
        brief = brief.with_overlay(Overlay(f"{panel} mat", panel, mm))
    left_out = build(brief, stock).left_out
    for overlay in left_out:
        brief = brief.without_overlay(overlay.name)
    if not brief.overlays:
        raise UsageError("no panel has room for a mat so far inside its edges", "--mats",
                         "write a narrower border, such as 3mm")
    return brief


def unfold(options: argparse.Namespace) -> int:
    """A faceted model from a mesh; what was found in it is told first."""
    from mingei.core.mesh.facets import MOST_MERGED_DEG
    from mingei.core.mesh.mending import Mending
    from mingei.core.recipes.mask import faceted
    from mingei.core.recipes.mesh import fewer
    from mingei.formats.mesh_file import load, with_picture

    if not 4 <= options.facets <= MOST_FACETS:
        raise UsageError(say("{count} facets are not made", count=options.facets), "--facets",
                         say("write 4 to {most}", most=MOST_FACETS))
    if not 0 <= options.tries <= MOST_TRIES:
        raise UsageError(say("{count} tries are not made", count=options.tries), "--tries",
                         say("write 0 to {most}", most=MOST_TRIES))
    accept_output(options.output)
    begun = time.monotonic()
    if not 0.0 <= options.merge <= MOST_MERGED_DEG:
        raise UsageError(say("{value:g} degrees are too many to be flat", value=options.merge), "--merge",
                         say("write 0 to {most:g}", most=MOST_MERGED_DEG))
    taken = load(options.mesh, options.facets, options.up, left=[Mending(word) for word in options.leave],
                 merge_deg=options.merge)
    sheet = find_sheet(options.sheet)
    stock = find_stock(options.stock, cabinet().own) if options.stock else None
    # a piece lies clear of the margins, on its side if need be
    room_ = room(sheet)
    space = {"mesh": taken.text, "pairs": "alike" if options.pairs else "any", "slits": options.slits,
             "face": options.face or taken.printed,
             "wide": min(room_.width, room_.height),
             "high": max(room_.width, room_.height)}
    own = ({"across": length(options.across, "--across"), "head": length(options.head, "--head")}
           if options.mask
           else {"height": _height(options, taken.mesh), "reach": length(options.reach, "--reach")})
    brief = new_brief("mask" if options.mask else "mesh", {**space, **own}, stock,
                      name=options.mesh.stem[:60])
    brief = with_picture(brief, taken)
    project = new_project(brief, options.mesh.stem[:60], sheet=options.sheet, own=(stock,) if stock else ())
    for found in fewer(faceted(brief.values) if options.mask else brief.values, options.tries):
        brief = replace(brief, measures=tuple({**brief.values, "hand": found.hand}.items()))
    project = replace(project, briefs=(brief,))
    made = build(brief, project.stock_of(brief), project.parts_of(brief))
    project_file.save(project, options.output)
    seams = [m for p in made.patterns for m in p.mates]
    whole = sum(m.length for m in seams) or 1.0
    bare = sum(m.length for m in seams if m.joint.outer_tape)
    pieces = sum(p.rides is None for p in made.patterns)
    if options.json:
        print(json.dumps({"facets": len(taken.mesh.faces), "pieces": pieces,
                          "strips": len(made.patterns) - pieces,
                          "seconds": round(time.monotonic() - begun, 3),
                          "mended": [str(d.words) for d in taken.mended.done],
                          "left": [str(w) for w in taken.mended.left],
                          "taped_share": round(bare / whole, 4)}, indent=1))
        return OK
    for done in taken.mended.done:
        print(say("mended: {what}", what=done.words))
    for what in taken.mended.left:
        print(say("note: {what}", what=what))
    print(say("{file}: {facets} facets in {pieces} pieces, {folds} folds; {share:.0f} % of the seams taped",
              file=options.output, facets=len(taken.mesh.faces), pieces=pieces,
              folds=sum(sum(not f.bend for f in p.folds) for p in made.patterns) - sum(
                  len(p.seams) for p in made.patterns), share=100 * bare / whole))
    return OK


def _height(options: argparse.Namespace, mesh: Mesh) -> float:
    """How high a model is made, mm."""
    if options.width:
        return mesh.height_for(0, length(options.width, "--width"))
    if options.depth:
        return mesh.height_for(1, length(options.depth, "--depth"))
    if options.foot:
        return mesh.height_for(3, length(options.foot, "--foot"))
    return length(options.height, "--height")


def cutout(options: argparse.Namespace) -> int:
    """A figure from a picture; what was done to its outline is told."""
    from mingei.core.picture.tracing import Wanted, check
    from mingei.formats.picture_file import brief_of, cut_out, kept, look, project_of, tall

    accept_output(options.output)
    height = length(options.height, "--height")
    stock = find_stock(options.stock, cabinet().own) if options.stock else None
    level = (height * _share(options.level) if options.level.endswith("%")
             else length(options.level, "--level"))
    wanted = Wanted(height, options.tolerance, holes=options.holes, border=length(options.border, "--border"),
                    deviation=length(options.deviation, "--deviation"),
                    thinnest=length(options.thinnest, "--thinnest"), widened=options.widen, level=level,
                    foot=length(options.foot, "--foot"))
    check(wanted)
    if not 0.0 <= options.overlap <= 0.9:
        raise UsageError(say("{value:g} is no share of a width", value=options.overlap), "--overlap",
                         "write 0 to 0.9")
    seen = look(options.pictures, options.overlap)
    made = kept(seen, cut_out(seen, wanted))
    brief = brief_of(made, options.pictures[0].stem, tall(made), stock,
                     {"stands": options.stands, "tilt": options.tilt})
    project = project_of(brief, options.sheet, (stock,) if stock else ())
    built = build(brief, project.stock_of(brief), project.parts_of(brief))
    project_file.save(project, options.output)
    for what in made.told:
        print(say("note: {what}", what=what))
    print(say("{file}: {corners} corners, {pieces} pieces", file=options.output,
              corners=sum(len(o) for o in made.traced.outlines), pieces=len(built.patterns)))
    return OK


def _share(text: str) -> float:
    try:
        return float(text.removesuffix("%")) / 100
    except ValueError:
        raise UsageError(say("{text!r} is no share", text=text), "--level", "write 2% or a length") from None


def _known_parts(made: Build, brief: Brief) -> None:
    """Raises UsageError when a stock is given to a part the thing does not have."""
    usual = dict(made.recipe.part_stocks)  # parts that another choice would bring
    for part, stock in brief.parts:
        if part not in made.part_names and usual.get(part) != stock:
            raise UsageError(say("it has no part named {part!r}", part=part), "--part",
                             say("its parts are: {names}", names=some_of(made.part_names)
                                 or "none but its body"))
