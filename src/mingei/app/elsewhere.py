"""Work in a process of its own, so that what it loads and how long it computes is no matter to the window."""

from __future__ import annotations

import multiprocessing
from collections.abc import Callable, Generator, Iterator
from multiprocessing.connection import Connection
from typing import Any

from mingei.core.errors import MingeiError
from mingei.core.words import say

#: So often (s) whoever waits is asked whether to go on.
_OFTEN_S = 0.1


def elsewhere(work: Callable[..., Iterator[Any]], *given: Any) -> Generator[Any]:
    """What a generator function yields, worked out in another process; None now and then while nothing comes.
    Closed before its end, the process ends too.  Raises MingeiError as the work does, and where the process
    ended by itself."""
    apart = multiprocessing.get_context("spawn")
    here, there = apart.Pipe(duplex=False)
    process = apart.Process(target=_run, args=(there, work, given), daemon=True)
    process.start()
    there.close()
    try:
        while True:
            if not here.poll(_OFTEN_S):
                yield None
                continue
            try:
                kind, found = here.recv()
            except EOFError:
                raise MingeiError(say("the work ended by itself"), "",
                                  say("try again, perhaps with fewer facets")) from None
            if kind == "ended":
                return
            if kind == "failed":
                raise found
            yield found
    finally:
        process.terminate()
        process.join()
        here.close()


def _run(out: Connection, work: Callable[..., Iterator[Any]], given: tuple[Any, ...]) -> None:
    try:
        for found in work(*given):
            out.send(("found", found))
        out.send(("ended", None))
    except MingeiError as error:
        out.send(("failed", error))
    except (BrokenPipeError, KeyboardInterrupt):
        pass
