"""Find every text a person reads, and keep the files of the languages in step with them.

    python tools/texts.py            bring languages/*.ts up to date: new texts unfinished, gone ones dropped
    python tools/texts.py release    and compile them for the window (needs pyside6-lrelease)
    python tools/texts.py missing    print the texts a language lacks, exit 1 where there are any

Texts are found in the syntax tree: what goes through t, say, counted and capital, and what recipes, joints,
findings and refusals declare.  Names of pieces, panels and seams are drawn from the constructions themselves;
their numbers stand as # in the files.
"""

from __future__ import annotations

import ast
import re
import subprocess
import sys
import xml.etree.ElementTree as ET
from collections.abc import Iterator
from itertools import product
from pathlib import Path

ROOT = Path(__file__).resolve().parent.parent
SOURCE = ROOT / "src" / "mingei"
LANGUAGES = ROOT / "languages"
RELEASED = SOURCE / "assets" / "languages"
CONTEXT = "Mingei"
#: Of each call, the places and keywords of its arguments that people read.
_READ: dict[str, tuple[tuple[int, ...], tuple[str, ...]]] = {
    "t": ((0,), ()), "say": ((0,), ()), "capital": ((0,), ()),
    "Measure": ((3,), ("doc", "label", "choices")),
    "Recipe": ((1, 3), ("title", "purpose", "family", "also")),
    "Joint": ((1, 2, 3, 4), ("title", "hint", "change", "said", "done")),
    "Finding": ((2, 3, 4), ("sentence", "place", "remedy")), "Fix": ((0,), ("words",)),
    "Stock": ((1,), ("name",)), "Look": ((2, 3), ("words", "short")), "Reason": ((1,), ()),
    "Cell": ((0,), ()), "Stop": ((1, 3), ()), "Envelope": ((0,), ("name",)), "Size": ((0,), ("name",)),
    "Part": ((0,), ("name",)), "Thing": ((0,), ("name",)), "Use": ((0,), ()), "Class": ((0,), ()),
}
_REFUSALS = ("MingeiError", "MeasureError", "StockError", "ProjectError", "ExportError", "GeometryError",
             "LengthError", "UsageError", "ImportRefused")
_WORDS = re.compile(r"[A-Za-zäöü]{2}")
#: Single words of tables that are read out through t.
_TABLES = ("Millimetres", "Inches", "grain", "sticks", "straps", "repeated", "each", "label", "depth",
           "width",
           "height", "length", "mat", "lining", "edge", "printed", "window", "hole", "slot", "own outline")
_CODE = re.compile(r"[;#<>]|--|^\.|^/|::|\bQ[A-Z]|^[a-z]+-[a-z-]+$|^[a-z_]+\.[a-z]+$")


def _text(node: ast.expr) -> Iterator[str]:
    """The texts an argument holds: a constant, a choice of two, or a row of them."""
    if isinstance(node, ast.Constant) and isinstance(node.value, str):
        yield node.value
    elif isinstance(node, ast.IfExp):
        yield from _text(node.body)
        yield from _text(node.orelse)
    elif isinstance(node, (ast.Tuple, ast.List)):
        for each in node.elts:
            # of a pair the second is what people read
            yield from _text(each.elts[1] if isinstance(each, ast.Tuple) and len(each.elts) == 2 else each)
    elif isinstance(node, ast.BoolOp):
        for each in node.values:
            yield from _text(each)


def texts() -> tuple[dict[str, str], dict[str, str]]:
    """Every text with the file it is first found in; and those counted, the plural with the singular."""
    found: dict[str, str] = {}
    plural: dict[str, str] = {}
    for path in sorted(SOURCE.rglob("*.py")):
        where = path.relative_to(SOURCE).as_posix()
        tree = ast.parse(path.read_text("utf-8"))
        for node in ast.walk(tree):
            if isinstance(node, ast.Call):
                name = (node.func.id if isinstance(node.func, ast.Name)
                        else node.func.attr if isinstance(node.func, ast.Attribute) else "")
                if name == "counted" and len(node.args) >= 2:
                    for one, many in zip(_text(node.args[0]), _text(node.args[1]), strict=False):
                        plural.setdefault(many, one)
                    continue
                places, keys = ((0, 1, 2), ()) if name in _REFUSALS else _READ.get(name, ((), ()))
                keys = (*keys, "doc")
                read = [node.args[i] for i in places if i < len(node.args)]
                read += [k.value for k in node.keywords if k.arg in keys]
                for text in (each for argument in read for each in _text(argument)):
                    if _WORDS.search(text):
                        found.setdefault(text, where)
            elif isinstance(node, (ast.Assign, ast.AnnAssign)) and node.value is not None:
                # tables of words at the head of a module or a class, read out through t later
                for each in ast.walk(node.value):
                    if (isinstance(each, ast.Constant) and isinstance(each.value, str) and " " in each.value
                            and _WORDS.search(each.value) and not _CODE.search(each.value)
                            and not where.startswith(("formats/", "devices/", "core/data/"))):
                        found.setdefault(each.value, where)
    for text in names():
        found.setdefault(text, "names")
    return {k: v for k, v in found.items() if k not in plural}, plural


def names() -> list[str]:
    """What pieces, panels, seams and their like are called, numbers as #."""
    from mingei.core.amendments.opening import Takes
    from mingei.core.covering.leaf import HINGES, LEAF, WASHER, WASHERS
    from mingei.core.covering.overlay import PARTS
    from mingei.core.covering.skin import SKIN
    from mingei.core.covering.strip import STRIPS
    from mingei.core.document.project import new_brief
    from mingei.core.errors import MingeiError
    from mingei.core.folded.sides import STANDARD_VIEWS
    from mingei.core.recipes import Kind, recipes
    from mingei.core.sizing.sizes import ENVELOPES, THINGS
    from mingei.core.stock import CATALOGUE
    from mingei.core.whole.joints import joints
    from mingei.core.work.words import EDGES, FACES, STAGES, TOOLS
    from mingei.formats.device_file import devices

    found: dict[str, None] = {}
    for recipe in recipes().values():
        choices = [[(m.name, c[0]) for c in m.choices] for m in recipe.measures if m.choices]
        # what is made of a mesh takes its time, and its names hang on no two choices at once
        every = (product(*choices) if not any(m.kind is Kind.MESH for m in recipe.measures)
                 else [(one,) for some in choices for one in some])
        for picked in every:
            try:
                draft = new_brief(recipe.id, dict(picked)).drafted
            except MingeiError:
                continue
            for piece in draft.pieces:
                for name in (piece.name, piece.part, *(p.name for p in piece.panels),
                             *(p.whole for p in piece.panels), *(s.name for s in piece.seams),
                             *(s.row for s in piece.seams), *(lap.name for lap in piece.laps)):
                    if _WORDS.search(name):
                        found[re.sub(r"\d+", "#", name)] = None
            for part in (*draft.bought, *draft.handwork):
                found[part.name] = None
        for measure in recipe.measures:
            for said in (measure.title, re.sub("_", " ", measure.name), measure.doc, measure.label,
                         *(words for _, words in measure.choices)):
                found[said] = None
        for said in (recipe.title, recipe.purpose, recipe.family, recipe.family.capitalize(), *recipe.also):
            found[said] = None
    for named in (*(takes.value for takes in Takes), *PARTS, STRIPS, SKIN, HINGES, WASHERS, WASHER, LEAF,
                  *(word for joint in joints().values() for word in joint.by)):
        found[named] = None
    for name, _, _ in STANDARD_VIEWS:
        found[name] = found[name.capitalize()] = None
    for said in (*(s.name for s in CATALOGUE), *_TABLES):
        found[said] = None
    for device in devices(SOURCE):
        for said in (device.name, device.note, *(tool.id for tool in device.tools)):
            found[said] = None
    for said in (*STAGES.values(), *FACES.values(), *EDGES.values(), *TOOLS.values()):
        found[said] = None
    for size in (*THINGS, *ENVELOPES):
        found[re.sub(r"\d+", "#", size.name)] = None
    return sorted(name for name in found if _WORDS.search(name))


def load(path: Path) -> dict[str, str | list[str]]:
    """The translations of a file by their text; a list of forms where it is counted."""
    known: dict[str, str | list[str]] = {}
    for message in ET.parse(path).getroot().iter("message"):
        source, said = message.findtext("source") or "", message.find("translation")
        if said is None or said.get("type") in ("unfinished", "vanished"):
            continue
        forms = [f.text or "" for f in said.findall("numerusform")]
        known[source] = forms if forms else said.text or ""
    return known


def write(path: Path, language: str, known: dict[str, str | list[str]]) -> int:
    """Write a language's file with every text there is now; returns how many it lacks."""
    found, plural = texts()
    root = ET.Element("TS", version="2.1", language=language, sourcelanguage="en")
    context = ET.SubElement(root, "context")
    ET.SubElement(context, "name").text = CONTEXT
    lacking = 0
    for text in sorted([*found, *plural]):
        message = ET.SubElement(context, "message", **({"numerus": "yes"} if text in plural else {}))
        ET.SubElement(message, "source").text = text
        said = ET.SubElement(message, "translation")
        have = known.get(text)
        if not have:
            said.set("type", "unfinished")
            lacking += 1
        if text in plural:
            for form in (have if isinstance(have, list) else ["", ""]):
                ET.SubElement(said, "numerusform").text = form
        else:
            said.text = have if isinstance(have, str) else ""
    ET.indent(root, " ")
    path.write_text('<?xml version="1.0" encoding="utf-8"?>\n<!DOCTYPE TS>\n'
                    + ET.tostring(root, encoding="unicode") + "\n", "utf-8")
    return lacking


def main() -> int:
    what = sys.argv[1] if len(sys.argv) > 1 else "update"
    lacking = 0
    for path in sorted(LANGUAGES.glob("*.ts")):
        known = load(path)
        if what == "missing":
            found, plural = texts()
            gone = [text for text in (*found, *plural) if not known.get(text)]
            print("\n".join(gone))
            lacking += len(gone)
            continue
        language = path.stem
        lacking += write(path, language, known)
        print(f"{path.name}: {lacking} texts lack a translation")
        if what == "release":
            RELEASED.mkdir(parents=True, exist_ok=True)
            subprocess.run([str(Path(sys.executable).parent / "pyside6-lrelease"), "-silent", str(path),
                            "-qm",
                            str(RELEASED / f"{language}.qm")], check=True)
    return 1 if what == "missing" and lacking else 0


if __name__ == "__main__":
    sys.exit(main())
