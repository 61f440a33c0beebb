"""Input that nobody would write and somebody may send, made by seed: the same seed always gives the same."""

from __future__ import annotations

import copy
import json
import math
import os
import pickle
import random
import resource
import signal
import traceback
from collections.abc import Callable, Iterable, Iterator
from types import FrameType
from typing import Any

from mingei.assets import demo_file
from mingei.core.errors import MingeiError
from mingei.core.project import Project, new_brief, new_project
from mingei.core.project_data import to_data
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


def _worker(
    case: Callable[[int], object], seeds: list[int], seconds: float, memory_mb: int, writer: int
) -> None:
    """Never returns."""
    try:
        resource.setrlimit(resource.RLIMIT_DATA, (memory_mb << 20, memory_mb << 20))
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
