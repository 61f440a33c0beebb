"""The same work without a window.

Everything heavy is imported where it is used, so that the window's first paint waits for nothing.
"""

from __future__ import annotations

import argparse
import json
import sys
from collections.abc import Sequence
from pathlib import Path
from typing import TYPE_CHECKING, Any, NoReturn

from mingei import __version__
from mingei.core.errors import MingeiError
from mingei.core.words import say

if TYPE_CHECKING:
    from mingei.core.recipes import Recipe

OK, FINDINGS, REFUSED = 0, 1, 2


class UsageError(MingeiError):
    """A command line that cannot be understood."""


class _Parser(argparse.ArgumentParser):
    """Refuses in one sentence, like everything else."""

    def error(self, message: str) -> NoReturn:
        raise UsageError(message, self.prog.removeprefix("mingei").strip(), say("see {command} --help", command=self.prog))


def _parser() -> argparse.ArgumentParser:
    parser = _Parser(prog="mingei", description="Draft, scale and build things of card.",
                     epilog="mingei [FILE] opens the window; mingei --demo opens it with the demo.  Exit codes: 0 done, "
                            "1 check found errors, 2 refused.")
    parser.add_argument("--version", action="version", version=f"mingei {__version__}")
    commands = parser.add_subparsers(dest="command", metavar="COMMAND", parser_class=_Parser)

    window = commands.add_parser("window", help="open the window (the default)")
    window.add_argument("file", nargs="?", type=Path, metavar="FILE", help="a project to open")
    window.add_argument("--demo", action="store_true", help="open the demo")
    window.add_argument("--shots", type=Path, metavar="FOLDER", help="render each main view to a PNG and leave")

    recipes = commands.add_parser("recipes", help="recipes with their measures")
    recipes.add_argument("--json", action="store_true", help="as JSON")
    stock = commands.add_parser("stock", help="the catalogue of stocks")
    stock.add_argument("--json", action="store_true", help="as JSON")

    new = commands.add_parser("new", help="begin a project")
    new.add_argument("recipe", metavar="RECIPE")
    new.add_argument("--set", action="append", default=[], metavar="NAME=VALUE", dest="sets", help='a measure, such as width="1 1/4 in"')
    new.add_argument("--stock", default="", metavar="ID", help="a stock's id")
    new.add_argument("--sheet", default="A4", metavar="NAME")
    new.add_argument("--title", default="")
    new.add_argument("-o", "--output", type=Path, required=True, metavar="F.mingei")

    export = commands.add_parser("export", help="write PDF, SVG, DXF or FOLD")
    export.add_argument("file", type=Path, metavar="F.mingei")
    export.add_argument("--to", type=Path, required=True, metavar="OUT", help="the ending decides the format")
    export.add_argument("--sheet", default="", metavar="NAME")
    export.add_argument("--piece", default="", metavar="NAME")
    form = export.add_mutually_exclusive_group()
    form.add_argument("--layout", dest="layout", action="store_true", default=None, help="on sheets (usual for PDF)")
    form.add_argument("--flat", dest="layout", action="store_false", help="the bare flat (usual for SVG and DXF)")

    check = commands.add_parser("check", help="look for mistakes before cutting")
    check.add_argument("file", type=Path, metavar="F.mingei")
    check.add_argument("--json", action="store_true", help="as JSON")
    return parser


COMMANDS = ("window", "recipes", "stock", "new", "export", "check")


def main(arguments: Sequence[str] | None = None) -> int:
    """Run one command; returns the exit code.  Refusals are one sentence on stderr."""
    words = list(sys.argv[1:] if arguments is None else arguments)
    if not words or (words[0] not in COMMANDS and words[0] not in ("-h", "--help", "--version")):
        words.insert(0, "window")
    try:
        options = _parser().parse_args(words)
        return _RUN[options.command](options)
    except MingeiError as error:
        print(f"mingei: {' '.join(str(error).split())}", file=sys.stderr)
        return REFUSED
    except BrokenPipeError:
        sys.stderr.close()  # the reader left, as `| head` does
        return OK


def _window(options: argparse.Namespace) -> int:
    from mingei.app.main import run

    return run(options.file, demo=options.demo, shots=options.shots)


def _recipes(options: argparse.Namespace) -> int:
    from mingei.core.recipes import recipes

    if options.json:
        print(json.dumps([_recipe_data(r) for r in recipes().values()], indent=1, ensure_ascii=False))
        return OK
    for recipe in recipes().values():
        print(f"{recipe.id}: {recipe.title}, {recipe.purpose}")
        for m in recipe.measures:
            extent = " | ".join(c for c, _ in m.choices) or f"{m.write(m.minimum)} to {m.write(m.maximum)}"
            default = m.write(float(m.default)) if not m.choices else m.default
            print(f"  {m.name} = {default}  [{extent}]  {m.doc}")
    return OK


def _recipe_data(recipe: Recipe) -> dict[str, Any]:
    from mingei.core.build import build
    from mingei.core.project import new_brief
    from mingei.core.recipes import Kind
    from mingei.core.stock import find_stock

    brief = new_brief(recipe.id)
    default = build(brief, find_stock(brief.stock))
    measures = []
    for m in recipe.measures:
        bounded = m.kind in (Kind.LENGTH, Kind.ANGLE, Kind.COUNT)
        measures.append({
            "name": m.name, "kind": str(m.kind), "default": m.default, "min": m.minimum if bounded else None,
            "max": m.maximum if bounded else None, "choices": [c for c, _ in m.choices],
            "unit": {Kind.LENGTH: "mm", Kind.ANGLE: "deg"}.get(m.kind, ""), "doc": m.doc})
    return {
        "id": recipe.id, "title": recipe.title, "family": recipe.family, "purpose": recipe.purpose, "measures": measures,
        "stock": brief.stock, "caliper_mm": [recipe.thinnest, recipe.thickest],
        "inside": list(default.draft.inside_mm) if default.draft.inside_mm else None,
        "outside": [round(v, 6) for v in default.outside],
        "flat": [round(default.blank.width, 6), round(default.blank.height, 6)],
    }


def _stock(options: argparse.Namespace) -> int:
    from mingei.core.project import stock_data
    from mingei.core.stock import CATALOGUE

    if options.json:
        print(json.dumps([stock_data(s) for s in CATALOGUE], indent=1, ensure_ascii=False))
        return OK
    for s in CATALOGUE:
        print(f"{s.id:14} {s.name:28} {s.grammage_gsm:5g} g/m²  {s.caliper_mm:4g} mm")
    return OK


def _new(options: argparse.Namespace) -> int:
    from mingei.core.length import write_both
    from mingei.core.project import new_brief, new_project
    from mingei.core.recipes import Value, find_recipe
    from mingei.core.stock import find_stock
    from mingei.formats import project_file

    recipe = find_recipe(options.recipe)
    values: dict[str, Value] = {m.name: m.default for m in recipe.measures}
    for word in options.sets:
        name, equals, text = word.partition("=")
        if not equals:
            raise UsageError(say("{word!r} is not NAME=VALUE", word=word), "--set", "write one such as length=140mm")
        names = {k: v for k, v in values.items() if isinstance(v, float)}
        values[name.strip()] = recipe.measure(name.strip()).read(text, "mm", names)
    stock = find_stock(options.stock) if options.stock else None
    project = new_project(new_brief(recipe.id, values, stock), options.title, sheet=options.sheet)
    if options.output.suffix != project_file.SUFFIX:
        raise UsageError(say("{name!r} does not end in {ending}", name=options.output.name, ending=project_file.SUFFIX), "-o",
                         "name the project so")
    project_file.save(project, options.output)
    sizes = ", ".join(f"{m.name} {write_both(float(v))}" for m, v in zip(recipe.measures, values.values(), strict=True)
                      if isinstance(v, float))
    print(f"{options.output}: {recipe.title}, {sizes}")
    return OK


def _export(options: argparse.Namespace) -> int:
    from mingei.formats import project_file
    from mingei.formats.export import Wanted, export

    export(project_file.load(options.file), options.to, Wanted(options.sheet, options.piece, options.layout))
    print(options.to)
    return OK


def _check(options: argparse.Namespace) -> int:
    from mingei.core import check
    from mingei.core.layout.sheets import find_sheet
    from mingei.formats import project_file
    from mingei.formats.export import builds_of

    project = project_file.load(options.file)
    sheet = find_sheet(project.sheet)
    found = [(b.brief.name, f) for b in builds_of(project) for f in check.run(b, sheet)]
    if options.json:
        print(json.dumps([{"brief": name, "code": f.code, "severity": f.severity.name.lower(), "sentence": f.sentence, "place": f.place,
                           "remedy": f.remedy} for name, f in found], indent=1, ensure_ascii=False))
    else:
        for name, f in found:
            print(f"{f.severity.name.lower()}: {name}: {f}")
        if not found:
            print("nothing found")
    return FINDINGS if any(f.severity is check.Severity.ERROR for _, f in found) else OK


_RUN = {"window": _window, "recipes": _recipes, "stock": _stock, "new": _new, "export": _export, "check": _check}
