"""Input that nobody would write and somebody may send, made by seed: the same seed always gives the same."""

from __future__ import annotations

import argparse
import copy
import io
import json
import math
import os
import pickle
import random
import re
import resource
import signal
import struct
import traceback
import zlib
from collections.abc import Callable, Iterable, Iterator
from pathlib import Path
from types import FrameType
from typing import Any

from mingei.assets import demo_file
from mingei.command_line import parser
from mingei.core.document.data import to_data
from mingei.core.document.project import Project, new_brief, new_project
from mingei.core.errors import MingeiError
from mingei.core.recipes import recipes

#: What takes the place of a value.
NASTY: tuple[Any, ...] = (
    None,
    True,
    False,
    0,
    -1,
    1,
    2,
    10**15,
    10**400,
    -(10**30),
    0.1,
    -0.0,
    1e-300,
    1e9,
    1e15,
    1e308,
    -1e308,
    math.inf,
    math.nan,
    "",
    " ",
    "x",
    "\0",
    "\n",
    "a" * 5000,
    "\ud800",
    "9" * 400,
    "1e999",
    "__class__",
    "count",
    "../../etc/passwd",
    "=1+1",
    "%s%n",
    "{0.__class__}",
    "{name!r}",
    "\u202e",
    "\x1b[31m",
    "é" * 300,
    "1/0",
    "-5 mm",
    [],
    [[]],
    {},
    [None],
    ["a", "b", "c"],
    {"a": {}},
    [1, 2, 3],
    [1e308] * 3,
)
_KEYS = (
    "__class__",
    "count",
    "index",
    "_fields",
    "gap",
    "extra",
    "kind",
    "",
    "\ud800",
    "id",
    "notes",
    "mingei",
)


def sites(data: Any) -> Iterator[tuple[Any, Any]]:
    """Every place in some data: the list or mapping, and the index or key."""
    for key in list(data) if isinstance(data, dict) else range(len(data)):
        yield data, key
        if isinstance(data[key], (dict, list)):
            yield from sites(data[key])


def mutated(data: Any, rng: random.Random) -> Any:
    """The data with some of it replaced, taken out, doubled, moved, nested or renamed."""
    data = copy.deepcopy(data)
    gentle = rng.random() < 0.5  # many that are still read, and then have to be built
    for _ in range(rng.choice((1, 1, 1, 2, 3, 6))):
        within = data
        if isinstance(data, dict) and rng.random() < 0.7:  # mostly what is to be made
            within = {k: v for k, v in data.items() if k not in ("stocks", "mingei")}
        places = [(data if h is within else h, k) for h, k in sites(within)]
        if not places:
            return data
        if gentle:
            places = [(h, k) for h, k in places if isinstance(h[k], (int, float)) and k != "mingei"] or places
        held, key = rng.choice(places)
        act = rng.choice((4, 5, 5, 5, 6)) if gentle else rng.randrange(9)
        if act <= 2:
            held[key] = copy.deepcopy(rng.choice(NASTY))
        elif act == 3:
            del held[key]
        elif act == 4 and isinstance(held, list):
            held.extend(copy.deepcopy(held[key]) for _ in range(rng.choice((1, 2, 30))))
        elif act == 5 and isinstance(held[key], (int, float)) and not isinstance(held[key], bool):
            held[key] = float(max(-1e300, min(1e300, held[key]))) * rng.choice(
                (-1, 0.001, 0.5, 0.9, 1.1, 1.5, 10)
            ) + rng.choice((0, 0, 0, 0.01, 1))
        elif act == 6:
            other, there = rng.choice(places)
            held[key] = copy.deepcopy(
                other.get(there) if isinstance(other, dict) else other[there] if there < len(other) else None
            )
        elif act == 7:
            deep: Any = held[key]
            for _ in range(rng.choice((3, 50, 150))):
                deep = [deep] if rng.random() < 0.5 else {"a": deep}
            held[key] = deep
        elif isinstance(held, dict):
            held[rng.choice((*_KEYS, *held))] = held.pop(key) if rng.random() < 0.5 else rng.choice(NASTY)
    return data


def bent(text: bytes, rng: random.Random) -> bytes:
    """Bytes cut off, flipped, doubled or taken out."""
    data = bytearray(text)
    for _ in range(rng.choice((1, 1, 2, 5))):
        if not data:
            break
        at, act = rng.randrange(len(data)), rng.randrange(5)
        if act == 0:
            del data[at:]
        elif act == 1:
            data[at] ^= 1 << rng.randrange(8)
        elif act == 2:
            del data[at : at + rng.randrange(1, 40)]
        elif act == 3:
            data[at:at] = data[at : at + rng.randrange(1, 200)]
        else:
            data[at] = rng.choice(b'\x00\xff"{}[],:0-.eE\\<&')
    return bytes(data)


def as_json(data: Any) -> bytes:
    """JSON as loosely as anything writes it."""
    return json.dumps(data, ensure_ascii=True).encode("ascii")


def some_project(rng: random.Random) -> dict[str, Any]:
    """A project's data to be mutated: a thing or two of any recipe, or a part of the demo."""
    if rng.random() < 0.5:
        demo: dict[str, Any] = json.loads(demo_file().read_text(encoding="utf-8"))
        demo["briefs"] = rng.sample(demo["briefs"], min(2, len(demo["briefs"])))
        return demo
    kit: Project = new_project(new_brief(rng.choice(sorted(recipes()))))
    return to_data(kit)


_USUAL = {
    "long": ("60", "5 in"),
    "wide": ("40", "3 1/4 in"),
    "thick": ("0", "12"),
    "by": ("0.5", "1.5", "3"),
    "ratio": ("2:1", "1:2"),
    "fit": ("A4", "A3"),
    "sheet": ("A4", "Letter", "A3"),
    "stock": ("card-220",),
    "piece": ("",),
    "round": ("0.5",),
    "tile": ("10", "0"),
    "tape": ("10", "6"),
    "page": ("1", "2"),
    "amends": (
        "trim panel=front round_mm=3",
        "opening name=a panel=base width=9",
        "split panel=front",
        "splice",
    ),
    "drops": ("trim front", "splice 1"),
    "sets": ("length=70", "width=50"),
    "kind": ("svg", "dxf,pdf"),
    "sheet_no": ("1",),
    "copies": ("3", "50"),
}


def some_words(rng: random.Random) -> list[str]:
    """A command line, its files made in the folder one is in."""
    kit: Project = new_project(new_brief(rng.choice(sorted(recipes()))))
    Path("good.mingei").write_bytes(as_json(to_data(kit)))
    demo = some_project(rng)
    # one is enough to be drawn on every page there is, and none of a hundred pieces
    light = [b for b in demo["briefs"] if b["recipe"] not in ("mesh", "mask", "house")]
    demo["briefs"] = (light or demo["briefs"])[:1]
    Path("demo.mingei").write_bytes(as_json(demo))
    Path("broken.mingei").write_bytes(bent(as_json(to_data(kit)), rng))
    Path("folder.mingei").mkdir()
    os.mkfifo("pipe.mingei")
    os.symlink("loop.mingei", "loop.mingei")
    os.symlink("good.mingei", "out link.mingei")
    files = ["good.mingei"] * 12 + [
        f"{name}.mingei" for name in ("demo", "broken", "folder", "pipe", "loop", "none")
    ]
    files += ["a" * 300 + ".mingei", "", "/dev/zero", "nowhere/x.mingei", "\0.mingei", "\ud800.mingei"]
    outs = [f"out{end}" for end in (".mingei", ".pdf", ".svg", ".dxf", ".fold", ".csv", "/", ".mingei")]
    outs += [
        "loop.mingei",
        "pipe.mingei",
        "folder.mingei",
        "out link.mingei",
        "nowhere/out.pdf",
        "out.xyz",
        "x" * 300 + ".pdf",
        "",
        "\0.pdf",
    ]
    plain = ["1", "2", "0.5", "1.5", "100", "A4", "Letter", "a2", "tray", "carton", "base", "2:1", "1:2"]
    plain += [
        "length=50",
        "height=30mm",
        "svg,dxf",
        "1-3",
        "1/4 in",
        "upright:50%",
        "lid/level:30%",
        "60 x 40",
        "A6 sheet",
        "card-300",
        "mats=paper-80",
    ]

    def word(action: argparse.Action) -> str:
        """Something for an argument: mostly what it is for."""
        if rng.random() < nasty:
            return str(rng.choice(NASTY))
        if action.dest == "file":
            return rng.choice(files)
        if action.dest == "output" or (action.dest == "to" and rng.random() < 0.8):
            return rng.choice(outs)
        if action.choices:
            return str(rng.choice(list(action.choices)))
        if action.dest == "recipe":
            return rng.choice(sorted(recipes()))
        if rng.random() < 0.8 and action.dest in _USUAL:
            return rng.choice(_USUAL[action.dest])
        return rng.choice(plain)

    nasty = rng.choice((0.0, 0.0, 0.1, 0.3))
    (commands,) = (a for a in parser()._actions if isinstance(a, argparse._SubParsersAction))
    name = rng.choice([c for c in commands.choices if c != "window"])
    words = [name]
    groups = commands.choices[name]._mutually_exclusive_groups
    only = {rng.choice(group._group_actions).dest for group in groups} if rng.random() < 0.8 else set()
    either = {a.dest for group in groups for a in group._group_actions}
    for action in commands.choices[name]._actions:
        wanted = action.required or not action.option_strings or action.dest in only
        if (action.dest in either - only and only) or (action.dest == "help" and rng.random() < 0.95):
            continue
        for _ in range(rng.choice((1, 1, 1, 1, 1, 1, 1, 1, 0, 2)) if wanted else rng.choice((0, 0, 0, 1))):
            words += [rng.choice(action.option_strings)] if action.option_strings else []
            words += [word(action)] if action.nargs != 0 else []
    if rng.random() < 0.1:
        words[rng.randrange(len(words))] = str(rng.choice(NASTY))
    return [w for w in words if w not in ("window", "--shots")]


_NAMES = 'xmlns="http://www.w3.org/2000/svg" xmlns:xlink="http://www.w3.org/1999/xlink"'
_HEAD = f'<svg {_NAMES} width="80mm" height="60mm"'
_SHAPES = (
    '<rect x="5" y="5" width="50" height="30" rx="3" fill="#aa3311"/>',
    '<circle cx="30" cy="30" r="20"/>',
    '<path d="M5 5 h40 v30 q-15 10 -40 0 z" fill="none" stroke="#000" stroke-width="2"/>',
    '<path d="M5 5 C 20 0 40 0 50 20 S 40 50 5 40 A 9 7 20 1 0 5 5 Z"/>',
    '<ellipse cx="9" cy="9" rx="4" ry="7"/>',
    '<polygon points="1,1 40,2 30,30"/>',
    '<g id="g" transform="rotate(30) translate(3,4)"><rect width="9" height="8"/></g>',
    '<use href="#g" x="4" y="5"/>',
    '<use xlink:href="#g" transform="scale(2)"/>',
    "<text>words</text>",
    '<line x1="1" y1="1" x2="9" y2="9" stroke="red"/>',
    "<style>rect{fill:blue}</style>",
)
_SIGNS = (
    "1e400",
    "-1e400",
    "nan",
    "inf",
    "0",
    "-5",
    "1e9",
    "1e-9",
    "url(#g)",
    "#zz",
    "M",
    "Z",
    "&amp;",
    "100%",
    "",
    "9" * 400,
    "matrix(0 0 0 0 0 0)",
    "rotate(1e308)",
    "scale(0)",
    "none",
    "currentColor",
    "é",
)


def some_drawing(rng: random.Random) -> bytes:
    """An SVG drawing that is odd in some way."""
    body = "".join(rng.choice(_SHAPES) for _ in range(rng.choice((1, 2, 3, 6))))
    if rng.random() < 0.1:
        body = body * rng.choice((300, 3000))
    if rng.random() < 0.1:  # each used twice in the next
        body += "".join(
            f'<g id="u{i}"><use href="#u{i - 1}"/><use href="#u{i - 1}"/></g>' for i in range(1, 30)
        )
        body = f'<g id="u0">{body}</g>'
    if rng.random() < 0.05:
        body = "<g>" * 300 + body + "</g>" * 300
    text = f'{_HEAD} viewBox="0 0 80 60">{body}</svg>'
    for _ in range(rng.choice((0, 1, 1, 2, 5))):
        numbers = list(re.finditer(r'[-0-9.]+|"[^"]*"', text))
        at = rng.choice(numbers)
        new = rng.choice(_SIGNS)
        text = text[: at.start()] + (f'"{new}"' if at.group().startswith('"') else new) + text[at.end() :]
    if rng.random() < 0.05:
        text = '<!DOCTYPE svg [<!ENTITY a "b"><!ENTITY c "&a;&a;">]>' + text.replace("</svg>", "&c;</svg>")
    data = text.encode(rng.choice(("utf-8", "utf-8", "utf-8", "utf-16", "latin-1")), "replace")
    return bent(data, rng) if rng.random() < 0.3 else data


def some_picture(rng: random.Random, path: Path) -> None:
    """A picture of pixels, broken in some way."""
    from PIL import Image

    size = rng.randrange(1, 90), rng.randrange(1, 90)
    image = Image.new(rng.choice(("RGB", "RGBA", "L", "P", "1", "LA")), size, 1)
    out = io.BytesIO()
    if rng.random() < 0.6:
        image.save(out, "PNG")
    else:
        image.convert("RGB").save(out, "JPEG")
    data = out.getvalue()
    if rng.random() < 0.2 and data[:4] == b"\x89PNG":  # a size it does not have
        data = (
            data[:16]
            + struct.pack(">II", rng.choice((0, 1, 5000, 2**31)), rng.choice((1, 20000, 7)))
            + data[24:]
        )
        data = data[:29] + struct.pack(">I", zlib.crc32(data[12:29])) + data[33:]
    path.write_bytes(bent(data, rng) if rng.random() < 0.8 else data)


def some_shapes(rng: random.Random, path: Path) -> None:
    """A picture of a few shapes on plain or no ground."""
    from PIL import Image, ImageDraw

    wide, high = rng.randrange(8, 160), rng.randrange(8, 160)
    image = Image.new("RGBA", (wide, high), rng.choice(((0, 0, 0, 0), (255, 255, 255, 255),
                                                              (90, 140, 200, 255))))
    pen = ImageDraw.Draw(image)
    for _ in range(rng.randrange(6)):
        (x, u), (y, v) = (sorted(rng.randrange(-9, size + 9) for _ in range(2)) for size in (wide, high))
        ink = (*(rng.randrange(256) for _ in range(3)), rng.choice((0, 120, 255)))
        rng.choice((pen.rectangle, pen.ellipse))((x, y, u, v), fill=ink)
    (image if path.suffix == ".png" else image.convert("RGB")).save(path)


def some_mesh(rng: random.Random, folder: Path) -> Path:
    """A mesh in some file, its corners and faces spoiled, or the file itself."""
    import numpy as np
    import trimesh

    dice = np.random.default_rng(rng.randrange(1 << 32))
    made = rng.choice((
        lambda: trimesh.creation.icosphere(rng.choice((0, 1, 2))),
        lambda: trimesh.creation.box((3.0, 2.0, 1.0)),
        lambda: trimesh.creation.torus(1.0, 0.4, major_sections=9, minor_sections=5),
        lambda: trimesh.creation.cone(1.0, 2.0, sections=rng.choice((3, 7, 40))),
        lambda: trimesh.Trimesh(dice.normal(size=(9, 3)), dice.integers(0, 9, (14, 3)), process=False)))()
    points, faces = np.array(made.vertices, float), np.array(made.faces)
    for _ in range(rng.randrange(4)):
        act, count = rng.randrange(9), max(1, len(faces) // rng.choice((3, 10, 60)))
        some = dice.integers(0, len(faces), count) if len(faces) else np.zeros(0, int)
        if act == 0:
            faces = np.delete(faces, some, axis=0)  # holes
        elif act == 1:
            faces[some] = faces[some][:, ::-1]  # inside out
        elif act == 2:
            faces = np.concatenate([faces, faces[some]])  # twice
        elif act == 3:
            faces[some, 0] = faces[some, 1]  # of no area
        elif act == 4:
            points[dice.integers(0, len(points), 1 + count // 3)] = rng.choice((np.nan, np.inf, 1e30, 0.0))
        elif act == 5:
            points *= rng.choice((1e-12, 1e12, 0.0))
        elif act == 6:
            points[:, rng.randrange(3)] *= rng.choice((0.0, 1e-9))  # flat
        elif act == 7:
            points, faces = (np.concatenate([points, points + rng.choice((0.0, 0.3, 50.0))]),
                             np.concatenate([faces, faces + len(points)]))
        else:
            faces = dice.permuted(faces, axis=0)  # any corners together
    spoiled = trimesh.Trimesh(points, faces, process=False)
    ending = rng.choice(("obj", "stl", "ply", "off", "glb"))
    try:
        data = spoiled.export(file_type=ending)
    except Exception:  # noqa: BLE001 - what cannot be written at all comes as nothing
        data = b""
    data = data.encode() if isinstance(data, str) else data
    path = folder / f"mesh.{rng.choice(('obj', 'stl')) if rng.random() < 0.05 else ending}"
    path.write_bytes(bent(data, rng) if rng.random() < 0.5 else data)
    return path


def one_sentence(error: MingeiError) -> bool:
    """Whether a refusal can be printed on any terminal's line, is not long, and says something."""
    said = str(error)
    said.encode("utf-8")
    return bool(error.sentence) and len(said) <= 700 and "\n" not in said and "\x1b" not in said


# -- running it in processes that may be killed ------------------------------------------------------------


class TooLong(BaseException):
    """It took longer than it may."""


def _ring(signum: int, frame: FrameType | None) -> None:
    raise TooLong


def survey(
    case: Callable[[int], object], seeds: Iterable[int], seconds: float = 5.0, memory_mb: int = 1000
) -> list[str]:
    """Run a case for every seed in processes of their own; what went wrong, in words.  A case may take so
    long and so much memory."""
    left, wrong = list(seeds), []
    while left:
        reader, writer = os.pipe()
        child = os.fork()
        if not child:
            os.close(reader)
            _worker(case, left, seconds, memory_mb, writer)
        os.close(writer)
        with os.fdopen(reader, "rb") as pipe:
            done = 0
            while True:
                try:
                    said = pickle.load(pipe)
                except EOFError:
                    break
                done += 1
                if said:
                    wrong.append(f"seed {left[done - 1]}: {said}")
        _, status = os.waitpid(child, 0)
        if done < len(left) and not os.WIFEXITED(status):
            wrong.append(f"seed {left[done]}: the process died of signal {os.WTERMSIG(status)}")
            done += 1
        left = left[done:]
    return wrong


def _held_by_now() -> int:
    """The memory (bytes) the process holds before any case: what ran before in the same process is none
    of the case."""
    found = re.search(r"^VmData:\s+(\d+) kB", Path("/proc/self/status").read_text(), re.MULTILINE)
    return int(found[1]) << 10 if found else 0


def _worker(
    case: Callable[[int], object], seeds: list[int], seconds: float, memory_mb: int, writer: int
) -> None:
    """Never returns."""
    try:
        most = _held_by_now() + (memory_mb << 20)
        resource.setrlimit(resource.RLIMIT_DATA, (most, most))
        resource.setrlimit(resource.RLIMIT_CORE, (0, 0))
        signal.signal(signal.SIGALRM, _ring)
        with os.fdopen(writer, "wb") as pipe:
            for seed in seeds:
                said = ""
                signal.setitimer(signal.ITIMER_REAL, seconds)
                try:
                    case(seed)
                except TooLong:
                    said = f"longer than {seconds:g} s\n" + "".join(
                        traceback.format_exc().splitlines(True)[-8:]
                    )
                except BaseException:  # noqa: BLE001 - whatever it is, it is told
                    said = "".join(traceback.format_exc().splitlines(True)[-12:])
                finally:
                    signal.setitimer(signal.ITIMER_REAL, 0)
                pickle.dump(said, pipe)
                pipe.flush()
    finally:
        os._exit(0)
