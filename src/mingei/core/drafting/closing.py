"""In which order the faces of a net are turned up, so that every joint is pressed while a hand still reaches
behind it.

It is searched backwards from the finished thing: what may be done last?  The faces that are left only lie
more open, so that what was reached stays reached and nothing need be tried twice.  A joint is made when the
last fold between its two faces is turned; the side that stands then bears the tab, and the other is brought
down on it.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import dataclass
from functools import cached_property
from typing import TYPE_CHECKING, NamedTuple

if TYPE_CHECKING:
    import numpy as np
    from numpy.typing import NDArray

#: Rays go out from so far behind a joint (a share of the way to the middle of its face), to so many
#: directions; so large a share of them must get out.
_BEHIND, _RAYS, _ESCAPE = 0.25, 64, 0.02
#: Where nothing is reached through so small an opening, no more than so many faces are tried.
_TRIED = 8


class Hinge(NamedTuple):
    """How a face hangs on another: its parent, the two ends of their edge on the finished thing (any unit,
    the face to the left seen from outside), and how far it turns in, degrees."""

    parent: int
    start: tuple[float, float, float]
    end: tuple[float, float, float]
    turn_deg: float


class Meet(NamedTuple):
    """An edge where two faces are joined, which is no fold: the faces, and its two ends on the finished
    thing."""

    a: int
    b: int
    start: tuple[float, float, float]
    end: tuple[float, float, float]


@dataclass(frozen=True)
class Closing:
    """steps: the faces turned up in each, first to last; blind: the joints nothing reaches behind when they
    are made, by their numbers."""

    steps: tuple[tuple[int, ...], ...]
    blind: tuple[int, ...] = ()

    @cached_property
    def step_of(self) -> Mapping[int, int]:
        """Of each face that turns its step, from 0."""
        return {face: number for number, some in enumerate(self.steps) for face in some}


def stands_first(closing: Closing, hinges: Mapping[int, Hinge], meet: Meet) -> int:
    """The one of two joined faces that has come to its place when the other is brought to it; the first where
    both come at once."""
    ways = [_way(hinges, face) for face in (meet.a, meet.b)]
    mine, theirs = ([closing.step_of[f] for f in way if f not in other]
                    for way, other in (ways, ways[::-1]))
    return meet.b if max(mine, default=-1) > max(theirs, default=-1) else meet.a


def closing_of(faces: Sequence[NDArray[np.float64]], hinges: Mapping[int, Hinge], meets: Sequence[Meet],
               last: int | None = None) -> Closing:
    """The order of a net's folds.

    faces: corners of each on the finished thing, shape (n, 3), counter-clockwise from outside; hinges: of
    each face but the root; last: a face that closes last and is not pressed from within.
    """
    search = _Search(faces, hinges, meets)
    left, blind, backwards, beside = set(hinges), [], [], set()  # beside: those next to an opening
    open_meets = set(range(len(meets)))
    while left:
        best: tuple[tuple[int, int, int], int, list[int], list[int]] | None = None
        forced = last in left and len(left) == len(hinges)
        able = [last] if forced and last is not None else sorted(
            left, key=lambda f: (f not in beside, search.taste(f)))
        for face in able[:_TRIED]:
            made = [i for i in open_meets if face in search.between[i]]
            dark = [] if face == last else [i for i in made if not search.reached(i, left)]
            found = ((len(dark), *search.taste(face)), face, made, dark)
            if best is None or found[0] < best[0]:
                best = found
            if not dark:
                break
        assert best is not None
        _, face, made, dark = best
        backwards.append(face)
        blind += dark
        left.discard(face)
        open_meets -= set(made)
        beside |= search.around[face]
    return Closing(_together(backwards[::-1], search), tuple(sorted(blind)))


def _together(order: Sequence[int], search: _Search) -> tuple[tuple[int, ...], ...]:
    """Faces that follow each other are turned up in one step where they hang on faces that stand and no joint
    is made between them."""
    steps: list[list[int]] = []
    for face in order:
        way = set(search.ways[face]) - {face}
        here = steps[-1] if steps else None
        if (here is not None and not way & set(here) and not any(
                face in between and between & set(here) for between in search.between)
                and not any(set(search.ways[other]) & {face} for other in here)):
            here.append(face)
        else:
            steps.append([face])
    return tuple(tuple(sorted(some)) for some in steps)


def _way(hinges: Mapping[int, Hinge], face: int) -> tuple[int, ...]:
    """The faces whose folds carry a face, from itself to the root."""
    found = []
    while face in hinges:
        found.append(face)
        face = hinges[face].parent
    return tuple(found)


class _Search:
    """What does not change while it is searched: of each joint the folds between its faces, points behind
    it."""

    def __init__(self, faces: Sequence[NDArray[np.float64]], hinges: Mapping[int, Hinge],
                 meets: Sequence[Meet]) -> None:
        import numpy as np

        self.faces, self.hinges, self.meets = faces, hinges, meets
        self.ways = {face: _way(hinges, face) for face in range(len(faces))}
        self.between = [set(self.ways[m.a]) ^ set(self.ways[m.b]) for m in meets]
        self.around: dict[int, set[int]] = {face: set() for face in range(len(faces))}
        for a, b in [*((m.a, m.b) for m in meets), *((face, hinges[face].parent) for face in hinges)]:
            self.around[a].add(b)
            self.around[b].add(a)
        self._carried = {face: sum(face in way for way in self.ways.values()) for face in hinges}
        self._seen: set[int] = set()
        self._opened = {face: _about(hinge) for face, hinge in hinges.items()}
        self._at: tuple[frozenset[int], NDArray[np.float64], NDArray[np.float64]] | None = None
        self._triangles = np.concatenate([np.stack([np.broadcast_to(f[0], (len(f) - 2, 3)), f[1:-1], f[2:]],
                                                   axis=1) for f in faces])
        self._owner = np.repeat(np.arange(len(faces)), [len(f) - 2 for f in faces])
        self._top_down = sorted(range(len(faces)), key=lambda f: len(self.ways[f]))

    def taste(self, face: int) -> tuple[int, int]:
        """What is liefer done late: what carries few others with it, then what lies far from the root."""
        return self._carried[face], -len(self.ways[face])

    def reached(self, number: int, turned: set[int]) -> bool:
        """Whether enough rays from behind a joint get out, with so many folds turned; once reached it stays
        so, since the search only opens more."""
        import numpy as np

        from mingei.core.plane.space import get_out

        if number in self._seen:
            return True
        meet = self.meets[number]
        poses, triangles = self._moment(frozenset(turned))
        corners = self.faces[meet.a]
        normal = np.cross(corners[1] - corners[0], corners[2] - corners[1])
        inward = -normal / np.linalg.norm(normal)
        start, end = np.array(meet.start), np.array(meet.end)
        along = (end - start) / np.linalg.norm(end - start)
        across = corners.mean(axis=0) - start
        across = across - along * (across @ along)  # from the edge to the middle of the face
        behind = across * _BEHIND + inward * np.linalg.norm(across) * _BEHIND
        at = np.array([start + (end - start) * k + behind for k in (0.3, 0.5, 0.7)])
        moved = poses[meet.a]
        at = at @ moved[:3, :3].T + moved[:3, 3]
        way = moved[:3, :3] @ inward
        if get_out(at, way, triangles, _RAYS, _ESCAPE):
            self._seen.add(number)
            return True
        return False

    def _moment(self, turned: frozenset[int]) -> tuple[NDArray[np.float64], NDArray[np.float64]]:
        """Where the faces lie with so many turned, and their triangles there (t, 3, 3)."""
        if self._at is None or self._at[0] != turned:
            poses = self._poses(turned)
            matrices = poses[self._owner]
            self._at = turned, poses, (self._triangles @ matrices[:, :3, :3].transpose(0, 2, 1)
                                       + matrices[:, None, :3, 3])
        return self._at[1:]

    def _poses(self, turned: frozenset[int]) -> NDArray[np.float64]:
        """Of each face the motion that takes it from where it is finished to where it lies now: (faces, 4,
        4)."""
        import numpy as np

        found = np.broadcast_to(np.eye(4), (len(self.faces), 4, 4)).copy()
        for face in self._top_down:
            if face in self.hinges:
                hinge = self.hinges[face]
                found[face] = found[hinge.parent]
                if face not in turned:
                    found[face] = found[face] @ self._opened[face]
        return found


def _about(hinge: Hinge) -> NDArray[np.float64]:
    """The motion that lays a face that is turned up flat beside its parent again (4, 4)."""
    import numpy as np

    from mingei.core.plane.space import turn_about

    # seen from outside the face lies to the left of its edge: turned the other way about it, it lies open
    return turn_about(np.array(hinge.start), np.array(hinge.end), -hinge.turn_deg)
