"""What can be written on the command line: every command with its words, and the refusal of all else."""

from __future__ import annotations

import argparse
from pathlib import Path
from typing import NoReturn

from mingei import __version__
from mingei.core.errors import MingeiError
from mingei.core.words import QUOTED, say

#: Exit codes.
OK, FINDINGS, REFUSED, INTERRUPTED = 0, 1, 2, 130


class UsageError(MingeiError):
    """A command line that cannot be understood."""


class _Parser(argparse.ArgumentParser):
    """Refuses in one sentence, like everything else."""

    def error(self, message: str) -> NoReturn:
        short = " ".join(word if len(word) <= QUOTED else word[:QUOTED] + "…" for word in message.split())
        raise UsageError(short[:4 * QUOTED], self.prog.removeprefix("mingei").strip(),
                         say("see {command} --help", command=self.prog))


def parser() -> argparse.ArgumentParser:
    """The whole command line."""
    whole = _Parser(prog="mingei", description="Draft, scale and build things of card.",
                    epilog="mingei [FILE] opens the window; mingei --demo opens it with the demo.  Exit "
                    "codes: 0 done, "
                    "1 check found errors, 2 refused.")
    whole.add_argument("--version", action="version", version=f"mingei {__version__}")
    commands = whole.add_subparsers(dest="command", metavar="COMMAND", parser_class=_Parser)

    window = commands.add_parser("window", help="open the window (the default)")
    window.add_argument("file", nargs="?", type=Path, metavar="FILE", help="a project to open")
    window.add_argument("--demo", action="store_true", help="open the demo")
    window.add_argument("--shots", type=Path, metavar="FOLDER",
                        help="render each main view to a PNG and leave")

    recipes = commands.add_parser("recipes", help="recipes with their measures")
    recipes.add_argument("find", nargs="*", metavar="WORD",
                         help='only those that match, by name or purpose, such as lampshade or "gift box"')
    recipes.add_argument("--json", action="store_true", help="as JSON")
    stock = commands.add_parser("stock", help="the catalogue of stocks, and your own")
    stock.add_argument("find", nargs="*", metavar="WORD",
                       help='only those that match, such as 65lb cover, 14pt or "0.5mm"')
    stock.add_argument("--json", action="store_true", help="as JSON")

    fits = commands.add_parser("fits",
                               help="which envelopes that are sold take a thing, or the largest thing an "
                               "envelope takes")
    fits.add_argument("thing", metavar="THING",
                      help='a name, such as "A6 sheet" or "C6 envelope", or two lengths: "5 1/2 in x 108"')
    fits.add_argument("--thick", default="0", metavar="LENGTH",
                      help="thickness of the thing, decoration and all")
    fits.add_argument("--json", action="store_true", help="as JSON")
    offer = commands.add_parser("offers",
                                help="every construction that takes a thing, what fits the sheet first")
    for word, metavar in (("long", "LENGTH"), ("wide", "WIDTH"), ("thick", "THICKNESS")):
        offer.add_argument(word, metavar=metavar, help="of the thing, such as 140 or \"5 1/2 in\"")
    offer.add_argument("--stock", default="", metavar="ID", help="a stock's id; usual: heavy card")
    offer.add_argument("--sheet", default="A4", metavar="NAME")
    offer.add_argument("--json", action="store_true", help="as JSON")

    new = commands.add_parser("new", help="begin a project")
    new.add_argument("recipe", metavar="RECIPE")
    new.add_argument("--set", action="append", default=[], metavar="NAME=VALUE", dest="sets",
                     help='a measure, such as width="1 1/4 in"')
    new.add_argument("--stock", default="", metavar="ID", help="a stock's id")
    new.add_argument("--tape", type=float, default=0.0, metavar="MM",
                     help="glued with double-sided tape so wide: 6, 10, 13 or 16; usual: wet glue")
    new.add_argument("--model", type=float, default=1.0, metavar="TIMES",
                     help="a model of a thing so many times larger, such as 12; a real measure is written "
                     "as \"0.9 m 1:12\"")
    new.add_argument("--part", action="append", default=[], metavar="PART=ID", dest="parts",
                     help="a part of it from a stock of its own, such as liner=wrapping-60, mats=..., "
                     "labels=...")
    new.add_argument("--split", action="append", default=[], metavar="PANEL", dest="splits",
                     help="cut this panel off at its fold, to be joined by a glued tab")
    new.add_argument("--splice", action="append", default=[], metavar="LINE", dest="splices",
                     help="cut a piece across, to be joined by a lap: upright:40%%, level:50%% or an angle "
                     "in degrees and how far across, "
                     "after the piece's name and a slash where there are several, such as "
                     "lid/upright:50%%")
    new.add_argument("--mats", default="", metavar="BORDER",
                     help="a mat on every panel seen from outside, so far inside its edges")
    new.add_argument("--sheet", default="A4", metavar="NAME")
    new.add_argument("--title", default="")
    new.add_argument("-o", "--output", type=Path, required=True, metavar="F.mingei")

    unfold = commands.add_parser("unfold", help="a faceted model from a mesh, in pieces that fold up")
    unfold.add_argument("mesh", type=Path, metavar="MESH", help="OBJ, STL, PLY, OFF or glTF")
    unfold.add_argument("--height", "--size", default="150mm", metavar="LENGTH", help="of the model")
    unfold.add_argument("--width", default="", metavar="LENGTH", help="of the model, instead of its height")
    unfold.add_argument("--depth", default="", metavar="LENGTH", help="of the model, instead of its height")
    unfold.add_argument("--foot", default="", metavar="LENGTH",
                        help="width of what it stands with, as the plinth it goes on, instead of its height")
    unfold.add_argument("--facets", type=int, default=200, metavar="N", help="about so many are left")
    unfold.add_argument("--up", choices=("z", "y"), default="z", help="which axis points up")
    unfold.add_argument("--leave", action="append", default=[], choices=("weld", "turn", "fill"),
                        help="what is not mended: corners welded, faces turned, small holes filled")
    unfold.add_argument("--merge", type=float, default=0.5, metavar="DEGREES",
                        help="facets that turn by no more are made one")
    unfold.add_argument("--pairs", action="store_true", help="pieces of left and right alike")
    unfold.add_argument("--face", choices=("plain", "colours", "picture", "numbers", "pieces", "turns",
                                                   "order"),
                        help="what is printed on the facets; the colours of the mesh where it has any")
    unfold.add_argument("--reach", default="0mm", metavar="LENGTH",
                        help="no piece has more area than a square of that side; 0: any that fits the sheet")
    unfold.add_argument("--slits", type=int, default=10, metavar="PERCENT",
                        help="of each piece so much of its edge may have no room for a tab; 100: few pieces")
    unfold.add_argument("--mask", action="store_true",
                        help="a mask to wear: as wide as --across says, with eye holes and a band")
    unfold.add_argument("--across", default="165mm", metavar="LENGTH", help="of a mask, from ear to ear")
    unfold.add_argument("--head", default="570mm", metavar="LENGTH", help="of a mask, round the head")
    unfold.add_argument("--tries", type=int, default=0, metavar="N",
                        help="look for fewer pieces by trying so often")
    unfold.add_argument("--json", action="store_true", help="what came of it, as JSON")
    unfold.add_argument("--stock", default="", metavar="ID", help="a stock's id")
    unfold.add_argument("--sheet", default="A4", metavar="NAME")
    unfold.add_argument("-o", "--output", type=Path, required=True, metavar="F.mingei")

    cutout = commands.add_parser("cutout", help="a figure cut out along a picture, and what makes it stand")
    cutout.add_argument("pictures", type=Path, nargs="+", metavar="PICTURE",
                        help="PNG or JPEG, on a plain or see-through ground; several stand side by side")
    cutout.add_argument("--height", required=True, metavar="LENGTH", help="of the figure, without border")
    cutout.add_argument("--stands", default="feet", metavar="HOW",
                        help="feet, base, struts, easel, or lies")
    cutout.add_argument("--tilt", type=float, default=8.0, metavar="DEGREES",
                        help="how far it may be tilted, any way, and not fall")
    cutout.add_argument("--border", default="3mm", metavar="LENGTH", help="left all round")
    cutout.add_argument("--tolerance", type=float, default=40.0, metavar="N",
                        help="how far a colour may be from the ground's and be ground, 0 to 441")
    cutout.add_argument("--holes", action="store_true", help="keep holes")
    cutout.add_argument("--deviation", default="0.5mm", metavar="LENGTH",
                        help="so far its sides may stray from the picture")
    cutout.add_argument("--thinnest", default="3mm", metavar="LENGTH", help="no part should be narrower")
    cutout.add_argument("--widen", action="store_true", help="make what is narrower as wide")
    cutout.add_argument("--level", default="2%", metavar="LENGTH",
                        help="its lowest parts are made straight so far up; a share of its height, or a "
                        "length")
    cutout.add_argument("--foot", default="0mm", metavar="LENGTH", help="a straight foot so wide under it")
    cutout.add_argument("--overlap", type=float, default=0.0, metavar="SHARE",
                        help="of each picture over the one before, 0 to 0.9")
    cutout.add_argument("--stock", default="", metavar="ID", help="a stock's id")
    cutout.add_argument("--sheet", default="A4", metavar="NAME")
    cutout.add_argument("-o", "--output", type=Path, required=True, metavar="F.mingei")

    edit = commands.add_parser("edit", help="change a thing of a project, as the window does")
    edit.add_argument("file", type=Path, metavar="F.mingei")
    edit.add_argument("--thing", default="", metavar="NAME", help="which thing; usual: the only one")
    edit.add_argument("--set", action="append", default=[], metavar="NAME=VALUE", dest="sets",
                      help='a measure, such as width="1 1/4 in"')
    edit.add_argument("--stock", default="", metavar="ID", help="another stock")
    edit.add_argument("--part", action="append", default=[], metavar="PART=ID", dest="parts",
                      help="a part of it from a stock of its own, such as hinges=kraft-110")
    edit.add_argument("--copies", type=int, default=None, metavar="N")
    edit.add_argument("--model", type=float, default=None, metavar="TIMES",
                      help="a model of a thing so many times larger; 1: life size")
    edit.add_argument("--name", default="", metavar="NAME", help="another name")
    edit.add_argument("--notes", default=None, metavar="TEXT")
    edit.add_argument("--amend", action="append", default=[], metavar="KIND FIELD=VALUE...", dest="amends",
                      help="a seam, opening, trim, split, splice, overlay, trace, tongue, hold, look, work "
                      "or join, or what is otherwise in one that is there, such as "
                      "\"opening name=window panel=front width=30 window=yes\", "
                      "\"seam seam='front tab' joint=tape\" or "
                      "\"join host='Roundabout deck' panel=top how=stands\"")
    edit.add_argument("--drop", action="append", default=[], metavar="KIND NAME", dest="drops",
                      help='take one out again, such as "opening window" or "split front"')
    _result(edit)

    pack = commands.add_parser("pack", help="a project with all its pictures in one file")
    pack.add_argument("file", type=Path, metavar="F.mingei")
    pack.add_argument("-o", "--output", type=Path, required=True, metavar="G.mingei.zip")

    export = commands.add_parser("export", help="write PDF, SVG, DXF, FOLD or the cutting list as CSV")
    export.add_argument("file", type=Path, metavar="F.mingei")
    export.add_argument("--to", required=True, metavar="OUT",
                        help="the ending decides the format; a folder takes every piece and every sheet by "
                        "itself")
    export.add_argument("--kind", default="", metavar="KINDS",
                        help="with a folder: which of svg,dxf,pdf; usual: svg,dxf,pdf")
    export.add_argument("--sheet", default="", metavar="NAME",
                        help="PDF: several, such as A4,Letter, give a file each")
    export.add_argument("--sheet-no", default="", metavar="N",
                        help="only these sheets of the layout, such as 2 or 1,3-5")
    export.add_argument("--piece", default="", metavar="NAME")
    export.add_argument("--try", dest="attempt", action="store_true",
                        help="with --device: only a small square, to try the machine's settings on the stock")
    export.add_argument("--device", default="", metavar="ID",
                        help="a job for this machine: .svg, .dxf, .hpgl or .gcode, of one sheet (--sheet-no)")
    export.add_argument("--tile", default=None, metavar="LENGTH",
                        help="tile larger pieces over several sheets that overlap by so much; 0: refuse "
                        "them; usual: as the project has it")
    export.add_argument("--plans", action="store_true",
                        help="PDF: the score plan and the cutting plan of every sheet, instead of the sheets")
    export.add_argument("--cutting-list", action="store_true",
                        help="PDF: the cutting list as pages to print, instead of the sheets")
    form = export.add_mutually_exclusive_group()
    form.add_argument("--layout", dest="layout", action="store_true", default=None,
                      help="on sheets (usual for PDF)")
    form.add_argument("--flat", dest="layout", action="store_false",
                      help="the bare flat (usual for SVG and DXF)")

    takes = commands.add_parser("material",
                                help="how many sheets of every stock a project takes, their cost and waste")
    takes.add_argument("file", type=Path, metavar="F.mingei")
    takes.add_argument("--sheet", default="", metavar="NAME")
    takes.add_argument("--copies", type=int, default=1, metavar="N",
                       help="for so many kits together; usual: 1")
    takes.add_argument("--json", action="store_true", help="as JSON")

    trial = commands.add_parser("rehearse",
                                help="try a print on a stand-in printer, and measure its check bars")
    trial.add_argument("what", choices=["print", "cut"])
    trial.add_argument("file", type=Path, metavar="FILE",
                       help="print: a project; cut: a job that was written")
    trial.add_argument("--device", default="", metavar="ID", help="cut: the machine the job is for")
    trial.add_argument("--against", type=Path, default=None, metavar="F.mingei",
                       help="cut: the project it should cut, to compare what really would be cut")
    trial.add_argument("--sheet-no", type=int, default=1, metavar="N", help="cut: which of its sheets")
    trial.add_argument("--page", type=int, default=1, metavar="N")
    trial.add_argument("--scale", type=float, default=100.0, metavar="PERCENT",
                       help="what the printer makes of 100; fit to page is often 96")
    trial.add_argument("--along", type=float, default=0.0, metavar="PERCENT",
                       help="the same along the feed, where it differs")
    trial.add_argument("--margin", default="4.2", metavar="LENGTH", help="what it cannot reach at each edge")
    trial.add_argument("--skew", type=float, default=0.0, metavar="DEGREES", help="how far it feeds askew")
    trial.add_argument("--to", type=Path, default=None, metavar="OUT.png",
                       help="the sheet as it comes out, as a picture")
    trial.add_argument("--json", action="store_true", help="as JSON")

    nest = commands.add_parser("nest",
                               help="lay the pieces of a project closer on its sheets, by their outlines")
    nest.add_argument("file", type=Path, metavar="F.mingei")
    nest.add_argument("--by", choices=["sheets", "scores"], default="sheets",
                      help="sheets: fewer of them; scores: fewer placings of the rule on no more sheets")
    nest.add_argument("--seed", type=int, default=0, metavar="N",
                      help="another number, another search; the same, the same layout")
    _result(nest)

    check = commands.add_parser("check", help="look for mistakes before cutting")
    check.add_argument("file", type=Path, metavar="F.mingei")
    check.add_argument("--json", action="store_true", help="as JSON")

    machines = commands.add_parser("devices",
                                   help="the machines a job can be written for, your own among them")
    machines.add_argument("--json", action="store_true", help="as JSON")

    plan = commands.add_parser("plan",
                               help="what is scored, cut and folded, in which order, and how long it takes")
    plan.add_argument("file", type=Path, metavar="F.mingei")
    plan.add_argument("--json", action="store_true", help="as JSON")

    make = commands.add_parser("make", help="the make sheet: what is needed, and every step with its picture")
    make.add_argument("file", type=Path, metavar="F.mingei")
    make.add_argument("-o", "--output", type=Path, required=True, metavar="OUT.pdf|OUT.html")
    make.add_argument("--sections", default="", metavar="NAMES",
                      help="only some of needs,cutting,sheets,scores,steps,adhesive,record")
    make.add_argument("--sheet", default="", metavar="NAME", help="PDF: the paper; usual: the project's")

    stands = commands.add_parser("whole", help="what is joined to what: things, counts, size, mass, order")
    stands.add_argument("file", type=Path, metavar="F.mingei")
    stands.add_argument("--json", action="store_true")

    publish = commands.add_parser("publish", help="the pack a designer hands out: sheets on A4 and Letter, "
                                  "drawings, make sheet, pictures, terms")
    publish.add_argument("file", type=Path, metavar="F.mingei")
    publish.add_argument("-o", "--output", type=Path, required=True, metavar="FOLDER|PACK.zip")
    publish.add_argument("--author", default=None, metavar="NAME")
    publish.add_argument("--words", default=None, metavar="TEXT", help="the author's own words")
    publish.add_argument("--licence", default=None, metavar="NAME", help="an open licence, such as CC-BY-4.0")
    publish.add_argument("--terms", default=None, metavar="TEXT", help="own terms instead")
    publish.add_argument("--version", dest="edition", default=None, metavar="TEXT")
    publish.add_argument("--with-project", action="store_true", help="the project file, too")

    log = commands.add_parser("log", help="the logbook: what was made, and what it teaches")
    log.add_argument("what", nargs="?", choices=["list", "export", "import", "backup", "fits"],
                     default="list")
    log.add_argument("file", nargs="?", type=Path, default=None, metavar="FILE",
                     help="export: .json or .csv; import: one of them; backup: .sqlite")
    log.add_argument("--words", default="", metavar="WORDS", help="list: only entries that hold these")
    log.add_argument("--folder", type=Path, default=None, metavar="FOLDER", help="another logbook than yours")
    log.add_argument("--json", action="store_true", help="list and fits: as JSON")

    scale = commands.add_parser("scale", help="draft the things of a project anew at another size")
    scale.add_argument("file", type=Path, metavar="F.mingei")
    way = scale.add_mutually_exclusive_group(required=True)
    way.add_argument("--ratio", metavar="A:B",
                     help="so that what measured B measures A: 80:60 for an object of 80 mm instead of "
                     "one of "
                     "60, 2:1 for twice the size")
    way.add_argument("--by", metavar="X", help="by a factor, such as 1.5")
    way.add_argument("--to", metavar="NAME=VALUE",
                     help="until a measure, or outside-length, outside-width or outside-height, is this long")
    way.add_argument("--fit", metavar="SHEET", help="to the largest that fits a sheet")
    scale.add_argument("--piece", default="", metavar="NAME", help="only this thing; usual: every one")
    scale.add_argument("--round", default="", metavar="LENGTH",
                       help='lengths to a multiple of this, such as 0.5 or "1/16 in"')
    scale.add_argument("--enlarge", action="store_true",
                       help="enlarge the finished drawing instead, thickness and tabs and all")
    _result(scale)
    scale.add_argument("--json", action="store_true", help="what scaled and what stayed, as JSON")
    return whole


def _result(command: argparse.ArgumentParser) -> None:
    """Where a command that changes a project writes it: nothing is written over unless that is said."""
    where = command.add_mutually_exclusive_group(required=True)
    where.add_argument("-o", "--output", type=Path, default=None, metavar="G.mingei",
                       help="write the result here")
    where.add_argument(
        "--in-place", action="store_true",
        help="write it over the file that was read; the one before stays with ~ at its end"
    )


COMMANDS = ("window", "recipes", "stock", "fits", "offers", "new", "unfold", "cutout", "edit", "pack",
            "export",
            "material", "nest", "rehearse", "check", "devices", "plan", "scale", "make", "publish", "log",
            "whole")
