"""Triangles too thin to be cut, taken out of a mesh: their short side drawn together, or their long side laid
the other way across."""

from __future__ import annotations

from collections.abc import Callable

import numpy as np
from numpy.typing import NDArray

from mingei.core.mesh.mesh import Mesh, Ring

Array = NDArray[np.float64]
#: A triangle lower than such a share of the whole is too thin; a side up to so many times as long is drawn
#: together.
_THIN, _SHORT = 0.006, 5.0
#: A face around turns no further (cosine) when its corner moves.
_TURNS = 0.5
#: No more are taken out.
_MOST = 4000


class _Net:
    """Triangles by number, and which of them meet at each corner.  A corner on the mirror stays on it."""

    def __init__(self, mesh: Mesh, on_mirror: Callable[[Array], bool]) -> None:
        self.corners = [np.array(p) for p in mesh.corners]
        self.faces: dict[int, Ring] = dict(enumerate(mesh.faces))
        self.at: dict[int, set[int]] = {}
        for number, ring in self.faces.items():
            for n in ring:
                self.at.setdefault(n, set()).add(number)
        self.on_mirror = on_mirror
        self.high = {number: self.height(ring) for number, ring in self.faces.items()}

    def normal(self, ring: Ring, moved: int = -1, to: Array | None = None) -> Array:
        a, b, c = (to if n == moved and to is not None else self.corners[n] for n in ring)
        found: Array = np.cross(b - a, c - a)
        return found

    def height(self, ring: Ring) -> float:
        p = [self.corners[n] for n in ring]
        longest = max(float(np.linalg.norm(p[i] - p[i - 1])) for i in range(3))
        return float(np.linalg.norm(self.normal(ring))) / max(longest, 1e-12)

    def beside(self, a: int, b: int) -> set[int]:
        return self.at[a] & self.at[b]

    def rim(self, corner: int) -> bool:
        """Whether a corner lies on an open edge."""
        around = [n for f in self.at[corner] for n in self.faces[f] if n != corner]
        return any(around.count(n) == 1 for n in around)

    def sound(self, number: int, moved: int, to: Array) -> bool:
        """Whether a face still looks about the same way when a corner of it moves."""
        before, after = self.normal(self.faces[number]), self.normal(self.faces[number], moved, to)
        size = float(np.linalg.norm(before)) * float(np.linalg.norm(after))
        return size > 0 and float(before @ after) > _TURNS * size

    def draw_together(self, a: int, b: int) -> bool:
        """Make one corner of two, where that leaves a sound surface."""
        both = self.beside(a, b)
        shared = ({n for f in self.at[a] for n in self.faces[f]}
                  & {n for f in self.at[b] for n in self.faces[f]}
                  - {a, b})
        if len(shared) != len(both):
            return False
        held = [self.rim(n) for n in (a, b)]
        if all(held) and len(both) == 2:
            return False
        places = [(self.corners[a] + self.corners[b]) / 2, self.corners[a], self.corners[b]]
        if held[0] != held[1]:
            places = [self.corners[a if held[0] else b]]
        elif self.on_mirror(self.corners[a]) != self.on_mirror(self.corners[b]):
            places = [self.corners[a if self.on_mirror(self.corners[a]) else b]]
        for to in places:
            if all(self.sound(f, n, to) for n in (a, b) for f in self.at[n] - both):
                break
        else:
            return False
        for f in both:
            del self.high[f]
            for n in self.faces.pop(f):
                self.at[n].discard(f)
        for f in self.at.pop(b):
            self.faces[f] = tuple(a if n == b else n for n in self.faces[f])
            self.at[a].add(f)
        self.corners[a] = to
        self.high |= {f: self.height(self.faces[f]) for f in self.at[a]}
        return True

    def lay_across(self, a: int, b: int) -> bool:
        """Lay the side between two faces the other way, where both are thicker then and look the same way."""
        both = sorted(self.beside(a, b))
        if len(both) != 2:
            return False
        one, two = (next(n for n in self.faces[f] if n not in (a, b)) for f in both)
        if one == two or self.beside(one, two):
            return False
        ring = self.faces[both[0]]
        ahead = ring[(ring.index(a) + 1) % 3] == b
        fresh = ((one, a, two), (two, b, one)) if ahead else ((one, two, a), (two, one, b))
        old = sum((self.normal(self.faces[f]) for f in both), start=np.zeros(3))
        size = float(np.linalg.norm(old))
        if min(self.height(r) for r in fresh) <= 1.2 * min(self.height(self.faces[f]) for f in both) or any(
                float(self.normal(r) @ old) <= _TURNS * size * float(np.linalg.norm(self.normal(r)))
                for r in fresh):
            return False
        for f, r in zip(both, fresh, strict=True):
            for n in self.faces[f]:
                self.at[n].discard(f)
            self.faces[f] = r
        for f, r in zip(both, fresh, strict=True):
            for n in r:
                self.at[n].add(f)
            self.high[f] = self.height(r)
        return True


def without_thin(mesh: Mesh, on_mirror: Callable[[Array], bool] = lambda corner: False) -> Mesh:
    """A mesh of triangles without those too thin to be cut, as far as that leaves its surface as it is.
    on_mirror: whether a corner must stay where its image meets it."""
    size = float(np.ptp(mesh.corners, axis=0).max())
    least = _THIN * size
    net = _Net(mesh, on_mirror)
    for _ in range(_MOST):
        number = min(net.high, key=lambda f: net.high[f], default=-1)
        if number < 0 or net.high[number] >= least:
            break
        ring = net.faces[number]
        sides = sorted(((ring[i - 1], ring[i]) for i in range(3)),
                       key=lambda e: float(np.linalg.norm(net.corners[e[0]] - net.corners[e[1]])))
        short = float(np.linalg.norm(net.corners[sides[0][0]] - net.corners[sides[0][1]]))
        if not ((short < _SHORT * least and net.draw_together(*sides[0])) or net.lay_across(*sides[2])
                or net.draw_together(*sides[0])):
            net.high[number] = np.inf  # it stays
    used = sorted({n for ring in net.faces.values() for n in ring})
    packed = {n: i for i, n in enumerate(used)}
    return Mesh(np.array([net.corners[n] for n in used]),
                tuple(tuple(packed[n] for n in net.faces[f]) for f in sorted(net.faces)))
