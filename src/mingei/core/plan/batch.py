"""Several of one thing made side by side: each step for all of them, in the order that lays down least.

What is in hand at the end of a step is the first of the next, so that the copies are gone through forwards
and backwards by turns. Where a step is glued and has to be held, the next begins with the one that has been
left alone longest instead.
"""

from __future__ import annotations

from collections.abc import Sequence


def turns(holds: Sequence[bool], copies: int) -> tuple[tuple[int, ...], ...]:
    """For each step the copies in the order they are taken in hand, from 1.

    holds: of each step whether what it joins has to be left alone before it is handled.
    """
    found: list[tuple[int, ...]] = []
    forward = tuple(range(1, copies + 1))
    for number in range(len(holds)):
        if not number:
            found.append(forward)
        elif holds[number - 1]:
            found.append(found[-1])
        else:
            found.append(found[-1][::-1])
    return tuple(found)


def laid_down(some: Sequence[Sequence[int]]) -> int:
    """How often a copy is laid down: at the end of each turn, unless the next takes it on."""
    every = [copy for order in some for copy in order]
    return sum(a != b for a, b in zip(every, [*every[1:], None], strict=True))
