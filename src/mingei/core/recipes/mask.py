"""A mask from a mesh: half a head, open behind, as wide as its wearer's, with two holes to look through, each
kept on one facet, and a band round the head.
"""

from __future__ import annotations

import math
from dataclasses import replace
from functools import lru_cache
from typing import TYPE_CHECKING

from mingei.core.draft import Bought, Draft, Handwork, Panel, Piece, Placement, When
from mingei.core.errors import MeasureError
from mingei.core.length import write_both
from mingei.core.plane.shape import Path, hole_path, polygon_path, rectangle
from mingei.core.recipes import Kind, Measure, Recipe, Values, mesh
from mingei.core.words import say

if TYPE_CHECKING:
    from mingei.core.mesh.mesh import Mesh
    from mingei.core.mesh.worn import Eye, Strap

#: Which way it looks, as a level unit vector, by choice.
_WAYS = {"front": (0.0, -1.0), "back": (0.0, 1.0), "right": (1.0, 0.0), "left": (-1.0, 0.0)}
#: A band is larger than the head, and its strips lap, by so much; it stands so far behind the mask, mm.
_EASE_MM, _LAP_MM, _BEHIND_MM = 10.0, 30.0, 30.0
#: The holes to breathe through lie so far apart, mm.
_NOSTRILS_MM = 24.0
#: So much card stays between two holes, mm.
_BETWEEN_MM = 4.0
#: A rim of open edges longer than this is taped inside, mm (common practice).
_LONG_RIM_MM = 40.0
#: No head is further round by its width than this, and none less (from memory, no published source).
_ROUND_LEAST, _ROUND_MOST = 2.6, 4.6
_WITHIN = ("wide", "high", "slits", "tab", "pairs", "hand", "face")


def faceted(values: Values) -> Values:
    """The measures of the faceted model it is: as high as its width makes it."""
    x, y, z = _shape(values).size
    wide = x if values["looks"] in ("front", "back") else y
    return {"mesh": values["mesh"], "height": float(values["across"]) * z / wide, "reach": 0.0,
            "bare": "strip", "skin": "none", **{name: values[name] for name in _WITHIN}}


def _shape(values: Values) -> Mesh:
    return _read(str(values["mesh"]))


@lru_cache(maxsize=4)
def _read(text: str) -> Mesh:
    from mingei.core.mesh.mesh import read_mesh

    return read_mesh(text)


def _eyes(values: Values) -> tuple[Eye, Eye]:
    from mingei.core.mesh.worn import eyes

    own, shape = faceted(values), _shape(values)
    height = float(own["height"])
    return eyes(shape, _WAYS[str(values["looks"])], float(values["pupils"]),
                float(values["eyes_up"]) / 100 * height,
                float(values["eyes"]), height / shape.size[2])


def _breath(values: Values) -> tuple[Eye, ...]:
    """The holes to breathe through; none where they are not wanted."""
    from mingei.core.mesh.worn import eyes

    across = float(values["breath"])
    if across <= 0:
        return ()
    shape, height = _shape(values), float(faceted(values)["height"])
    return eyes(shape, _WAYS[str(values["looks"])], _NOSTRILS_MM, float(values["breath_up"]) / 100 * height,
                across,
                height / shape.size[2], ("breath_up", "breath"))


def _straps(values: Values) -> tuple[Strap, ...]:
    """The slots for straps; none where it has a band."""
    if values["held"] != "straps":
        return ()
    return _slots(str(values["mesh"]), str(values["looks"]), float(faceted(values)["height"]),
                  float(values["eyes_up"]), float(values["strap"]))


@lru_cache(maxsize=64)
def _slots(text: str, looks: str, height: float, up: float, wide: float) -> tuple[Strap, ...]:
    from mingei.core.mesh.worn import straps

    return straps(_read(text).sized(height), _WAYS[looks], up / 100 * height, wide)


def draft_mask(values: Values) -> Draft:
    """mesh: text; across: from ear to ear, mm; head: round it, mm; looks: which way; pupils, eyes: how far
    apart and how wide the holes are, mm; eyes_up: how high, percent; band: its width, mm."""
    found, own = _eyes(values), faceted(values)
    body = _shape(values).sized(float(own["height"]))
    holes: dict[int, tuple[Path, ...]] = {}
    for wide, some in ((float(values["eyes"]), found), (float(values["breath"]), _breath(values))):
        for eye in some:
            holes[eye.face] = (*holes.get(eye.face, ()), hole_path(wide, eye.at))
    for strap in _straps(values):
        holes[strap.face] = (*holes.get(strap.face, ()), polygon_path(strap.slot))
    drafted = mesh.draft_mesh(own, holes)
    apart = abs(found[1].aside - found[0].aside)
    said = [*drafted.remarks,
            ("eyes", say("the middles of its eye holes are {apart} apart", apart=write_both(apart)))]
    rims = [float(sum((body.corners[a] - body.corners[b]) ** 2)) ** 0.5 for (a, b) in body.beside
            if (b, a) not in body.beside]
    long = [rim for rim in rims if rim > _LONG_RIM_MM]
    if long:
        said.append(
            ("rim", say("{count} long open edges, {length} in all, are taped inside, and flat folds beside "
                                "them", count=len(long), length=write_both(sum(long)))))
    pad = Bought("pad", 1, say("Glue a strip of foam inside the brow, where it touches the forehead."),
                 drafted.pieces[0].root, float(values["across"]) * 0.6, when=When.CLOSED,
                 glue_mm2=float(values["across"]) * 6.0)
    return replace(drafted, pieces=(*drafted.pieces, *_band(values, body)), remarks=tuple(said),
                   bought=(pad,),
                   handwork=_worn(values, body, drafted.pieces[0].root))


def _band(values: Values, body: Mesh) -> list[Piece]:
    """Strips that lap into one ring round the head, none longer than the sheet takes."""
    wide = float(values["band"])
    if wide <= 0 or values["held"] != "band":
        return []
    whole = float(values["head"]) + _EASE_MM
    count = max(1, math.ceil(whole / (float(values["high"]) - _LAP_MM)))
    each = whole / count + _LAP_MM
    behind = float(body.corners[:, 1].max()) + _BEHIND_MM
    names = [f"head band {number + 1}" if count > 1 else "head band" for number in range(count)]
    return [Piece(name, name, Placement((-each / 2, behind + 5.0 * i, wide * 1.2 * i), (1.0, 0.0, 0.0),
                                        (0.0, 0.0, 1.0)), (Panel(name, rectangle(each, wide)),), part="band")
            for i, name in enumerate(names)]


def _worn(values: Values, body: Mesh, brow: str) -> tuple[Handwork, ...]:
    if values["held"] == "straps":
        return (Handwork("straps",
                         say("Tie a strap of {wide} or an elastic through the slots at the temples, and try "
                                       "it on: it must come off at a pull.",
                             wide=write_both(float(values["strap"]))),
                         mesh.facet(_straps(values)[0].face), When.CLOSED),)
    band = [piece.root for piece in _band(values, body)]
    if not band:
        return ()
    return (Handwork("band",
                     say("Lap the strips of the band by {lap}, try the ring on the head that will wear it, "
                                 "and glue it; then glue it inside the mask at both temples and the brow.",
                                 lap=write_both(_LAP_MM)), band[0], When.CLOSED,
                     uses=(*band[1:], brow),
                     glue_mm2=5 * float(values["band"]) * _LAP_MM),)


def _sound(values: Values) -> None:
    mesh.RECIPE.contradictions(faceted(values))
    across, head = float(values["across"]), float(values["head"])
    if not _ROUND_LEAST * across <= head <= _ROUND_MOST * across:
        raise MeasureError("so wide a head is not so far round", "head",
                           say("a head {across} wide is some {round_} round", across=write_both(across),
                               round_=write_both(round(3.4 * across))))
    _straps(values)
    apart = (float(values["eyes"]) + float(values["breath"])) / 2 + _BETWEEN_MM
    for eye in _eyes(values):
        for hole in _breath(values):
            if eye.face == hole.face and math.dist(eye.at, hole.at) < apart:
                raise MeasureError("a breathing hole and an eye hole would run into each other", "breath_up",
                                   "set the breathing holes lower, or make them smaller")


#: A heron's head, to begin with.
_HERON = (
    'c-oziJ4k|26vvORG@tqY{CtrKksv|fPy|6ii_sVuG(<~FLtC`u)Y=vf(GoQ@Ms7tx;LuiKlhA9Bga~X<D!6$s|0Ca=ayY+p&'
    'j0(Ld+)|XiionksLa*GW^tMdKMS<9cB{B{Inw8??iRh4?}dLQtTYeTb>V47l}2*)N>iGt*@n`~Uw8Fcae2Q&PxUu()Xb><UA'
    'QSeGoz}%=xB?Q|3gU6s{Knu=B>(Sd$}Wm@4rIoUrJrkYU@hh82c7`=Ql#`%|6<QIelU$*6bcTh`%j%-Nc?}9S`xY@s>t>hT&'
    'X-_-u~DH1V0GFW)6UlOw*bWWH}|Cr|t)rw0Y%cVm{C^@~a3x3%DJ?bH7{1M;lBFd<tF>_#oK7wiMeo*xnJg$CB3k-cay;@~)'
    'DCioDt#lT+FGCRRRuou2Q_~>9A8Vx&=;3Q@QA2YJez)sXMyTAdk6TU(C#K19VbnHlg6PTIdV@Dn|unV=!9`F#@1>XRCLf{ZI'
    'G3<zdBbfaGcG8x~')

RECIPE = Recipe(
    id="mask", title="Mask", family="solids",
    purpose="a faceted head to wear, from a mesh, with eye holes and a band",
    also=("masquerade", "carnival", "costume", "face", "animal head", "helmet", "low poly"),
    measures=(
        Measure("mesh", Kind.MESH, _HERON, "the head, open behind, brought in from a file", label="Mesh"),
        Measure("across", Kind.LENGTH, 165.0, "inside from ear to ear, with some play", 100.0, 260.0,
                label="Ear to ear"),
        Measure("head", Kind.LENGTH, 570.0, "round the head over the brow", 400.0, 720.0,
                label="Round the head"),
        Measure("looks", Kind.CHOICE, "front", "which way the mesh looks, as it was made",
                choices=(("front", "front"), ("back", "back"), ("right", "right"), ("left", "left"))),
        Measure("pupils", Kind.LENGTH, 62.0, "from pupil to pupil", 45.0, 78.0, stays=True),
        Measure("eyes", Kind.LENGTH, 22.0, "across each hole to look through", 10.0, 60.0, label="Eye holes",
                stays=True),
        Measure("eyes_up", Kind.COUNT, 65, "how high the eyes lie, in percent of the height", 10, 95,
                label="Eyes up, %", stays=True),
        Measure("breath", Kind.LENGTH, 0.0,
                "across each of two holes to breathe through; 0 for none, where it is "
                "open beneath", 0.0, 20.0, label="Breathing holes", stays=True),
        Measure("breath_up", Kind.COUNT, 30, "how high they lie, in percent of the height", 5, 90,
                label="Breathing holes up, %", stays=True),
        Measure("held", Kind.CHOICE, "band", "what holds it on the head",
                choices=(("band", "a band of card"), ("straps", "straps through slots"))),
        Measure("strap", Kind.LENGTH, 12.0, "how wide a strap is", 3.0, 40.0, stays=True),
        Measure("band", Kind.LENGTH, 30.0, "width of the band round the head; 0 for none", 0.0, 80.0,
                stays=True),
        *(mesh.RECIPE.measure(name) for name in ("slits", "wide", "high", "pairs", "hand", "tab", "face")),
    ),
    draft=draft_mask, thinnest=0.08, thickest=0.6, contradictions=_sound, gives=("eyes",), stock="card-250",
)
