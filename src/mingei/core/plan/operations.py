"""All that is done to make one thing, built from its draft and what lies on it.

A draft says in which of its steps a fold is made; what a joint, an overlay, a window or a bought part needs
follows from what it joins, covers or passes through.
"""

from __future__ import annotations

from collections.abc import Mapping, Sequence
from dataclasses import replace
from typing import NamedTuple

from mingei.core.amendments.amend import closing_step
from mingei.core.draft import Bought, Draft, Handwork, Piece, When
from mingei.core.plan.folding import folds_of
from mingei.core.plan.joining import between_pieces, glued_open, joins_of, laid_up, laid_within, wrapped
from mingei.core.plan.operation import GLUES, Does, Motion, Operation, Reason, layers_of, listed
from mingei.core.words import Words, say

#: Where among the steps of a piece that stands what is done before its folding, and after all folding.
_LAMINATED, _LAID, _JOINED, _CREASED, _COVERED, _PUT, _AFTER = -6, -5, -4, -3, -2, -1, 10_000
#: What is done to a piece while it lies flat.
_FLAT = (Does.LAMINATE, Does.JOIN, Does.CREASE, Does.COVER)


class Cover(NamedTuple):
    """What is glued on a panel, and rides on it: its name, the panel, whether on its inner face; over: the
    piece that it is laid over, when all stands; through: it goes through a slit, and is glued by its end."""

    name: str
    panel: str
    inside: bool
    over: str = ""
    through: bool = False


class Window(NamedTuple):
    """An opening with a patch behind it, and how large the patch is, in words."""

    name: str
    panel: str
    size: str


class Given(NamedTuple):
    """What besides the draft a thing is made of.  joined: pieces cut across, which are joined first; wet:
    what glues it has to dry; parted: panels that were made pieces of their own, whose folding goes on with
    that of the piece they were part of; built_up: pieces of built-up board, with how many layers each is cut
    of."""

    covers: tuple[Cover, ...] = ()
    windows: tuple[Window, ...] = ()
    joined: tuple[str, ...] = ()
    wet: bool = False
    parted: tuple[str, ...] = ()
    built_up: tuple[tuple[str, int], ...] = ()


NOTHING_MORE = Given()


def operations(draft: Draft, given: Given = NOTHING_MORE) -> tuple[Operation, ...]:
    """All that is done, in the order the draft has it: what lies flat first, then piece by piece, then what
    joins pieces, then what is done when all stands."""
    known = {p.name: p.whole or p.name for piece in draft.pieces for p in piece.panels}
    folds = {piece.name: folds_of(piece, draft) for piece in draft.pieces}
    by_panel = {name: op.key for some in folds.values() for op in some for name in op.moves}
    flat = _ready(draft, given)
    pieces: list[Operation] = []
    for piece in draft.pieces:
        own = _of_piece(draft, piece, folds[piece.name], by_panel, known)
        covers = _covers(piece, own, given, known)
        flat += [op for op in covers if op.step < 0]
        pieces += _merged(own, [op for op in covers if op.step >= 0])
    if given.parted:
        steps = {op.key: op.step for op in pieces}
        among = between_pieces(draft, by_panel, known, 0, steps)
        turn = {p.name: i for i, p in enumerate(draft.pieces)}
        pieces = sorted([*pieces, *among], key=lambda op: (op.step, turn[op.piece], op.does is not Does.FOLD))
    up = laid_up(draft, _LAID)
    flat += dict.fromkeys(up.values())
    within = laid_within(draft, _COVERED)
    flat += dict.fromkeys(within.values())
    pieces = _folding_along(draft, pieces)
    wraps = {} if given.parted else wrapped(draft, by_panel, {op.key: op.step for op in pieces})
    between = () if given.parted else between_pieces(draft, by_panel, known, _AFTER,
                                                     but={*wraps, *up, *within}, folds=folds)
    first = glued_open(draft, between, by_panel, known)
    if wraps:  # what is wrapped stands first
        around = [p.name for p in draft.pieces if any(op.piece == p.name for op in wraps.values())]
        stands = [op for op in pieces if op.piece not in around]
        laid = [op for op in between if op.key in first.values()]
        folds_on = sorted([*(op for op in pieces if op.piece in around), *dict.fromkeys(wraps.values())],
                          key=lambda op: (around.index(op.piece), op.step, op.does is not Does.FOLD))
        pieces = [*stands, *laid, *folds_on, *(op for op in between if op not in laid)]
    else:
        pieces = [*between, *pieces] if first else [*pieces, *between]
    pieces = [replace(op, reasons=(*op.reasons, Reason(first[op.piece], say(
        "it is glued while the {piece} lies open", piece=op.piece)))) if op.does is Does.FOLD
        and op.piece in first else op for op in pieces]
    found = [*flat, *(_waiting(op, flat) for op in _rings_last(draft, pieces))]
    found += _laid_over(found, given)
    both: tuple[Bought | Handwork, ...] = (*draft.bought, *draft.handwork)
    handled = (*(each for each in both if not each.last), *(each for each in both if each.last))
    for number, each in enumerate(handled, 1):
        found = _with_handled(draft, found, each, number)
    found = _filled(draft, found)
    glued = tuple(Reason(op.key, "") for op in found if op.does in GLUES)
    if given.wet and glued:
        found.append(Operation("dry", Does.WAIT, draft.pieces[-1].name, 2 * _AFTER, say(
            "Let the glue dry before it is handled."), reasons=glued))
    return tuple(found)


def _folding_along(draft: Draft, some: Sequence[Operation]) -> list[Operation]:
    """With what was glued on flat folding in the step of what it lies on, and not told by itself."""
    lies_on = {lap.lower: lap.upper for piece in draft.pieces if piece.laid_flat for lap in piece.laps}
    lining = {piece.name for piece in draft.pieces if piece.laid_flat}
    by_panel = {name: op for op in some if op.piece not in lining for name in op.moves}
    found = []
    for op in some:
        host = next((by_panel[lies_on[name]] for name in op.moves if lies_on.get(name) in by_panel), None)
        found.append(replace(op, words="", told_with=host.group, reasons=(Reason(host.key, ""),))
                     if op.piece in lining and host is not None else op)
    return found


def _rings_last(draft: Draft, some: Sequence[Operation]) -> list[Operation]:
    """With the rings of strips closed that go round an outline, once they are glued to the first face: what
    is left over or missing then comes out at the lap."""
    rings = [piece for piece in draft.pieces if piece.ring_last]
    strips = {panel.whole or panel.name for piece in rings for panel in piece.panels}
    teeth = {name for piece in rings for s in piece.seams for name in (s.name, s.row)}
    laps = [op for op in some if op.does in (Does.LAP, Does.GLUE) and {*op.names} <= strips and op.names]
    faces = [op for op in some if op.does is Does.GLUE and not teeth.isdisjoint(op.names)]
    if not laps or not faces:
        return list(some)
    first, closing = faces[0], {op.key for op in laps}
    why = Reason(first.key, say("the strip goes tooth by tooth round the first face, and its ends meet last"))
    shut = tuple(Reason(op.key, say("the ring is closed before the second face")) for op in laps)
    return [replace(op, reasons=(*op.reasons, why)) if op.key in closing else
            replace(op, reasons=(*op.reasons, *shut)) if op in faces[1:] else op for op in some]


def _ready(draft: Draft, given: Given) -> list[Operation]:
    """What is done to all pieces before anything is folded or glued."""
    found = _laminated(given)
    found += [Operation(f"{name}/joined", Does.JOIN, name, _JOINED, say(
        "Glue the {piece} together where its lines bear one number.", piece=name)) for name in given.joined]
    if any(f.angle_deg > 1e-6 and not f.bend for piece in draft.pieces for f in piece.folds):
        first = draft.pieces[0].name
        found.append(Operation(f"{first}/creased", Does.CREASE, first, _CREASED, say(
            "Crease every fold and open it again: long ones first, then the edges, the small tabs last."),
            reasons=tuple(Reason(op.key, "") for op in found)))
    return found


def _laminated(given: Given) -> list[Operation]:
    """The layers of built-up board glued to one, all pieces of so many layers together."""
    by_layers: dict[int, list[str]] = {}
    for piece, layers in given.built_up:
        by_layers.setdefault(layers, []).append(piece)
    return [Operation(f"{names[0]}/laminated {layers}", Does.LAMINATE, names[0], _LAMINATED, say(
        "Glue the {count} layers of {names} on each other, edges flush: spread the glue thinly, out to the "
        "edges, and press them under weight until dry.", count=layers, names=listed(names)),
        tuple(layers_of(name) for name in names))
        for layers, names in by_layers.items()]


def _laid_over(some: Sequence[Operation], given: Given) -> list[Operation]:
    """What is laid over pieces when all stands, piece by piece."""
    before = tuple(Reason(op.key, "") for op in some)
    return [Operation(f"{c.over}/over {c.name}", Does.COVER, c.over, _AFTER, say(
        "Lay the {name} over the {piece}: glue it facet by facet, from its middle outwards.", name=c.name,
        piece=c.over), (c.name,), reasons=before, panels=(c.panel,)) for c in given.covers if c.over]


def _waiting(op: Operation, flat: Sequence[Operation]) -> Operation:
    """An operation that waits for what is done to its own piece while it lies flat, and for all creasing."""
    before = tuple(Reason(f.key, "") for f in flat
                   if f.piece == op.piece or f.does in (Does.CREASE, Does.LAMINATE))
    return replace(op, reasons=(*op.reasons, *before))


def _of_piece(draft: Draft, piece: Piece, folds: Sequence[Operation], by_panel: Mapping[str, str],
              known: Mapping[str, str]) -> list[Operation]:
    """Its folds and what is joined when they are made."""
    steps = {op.key: op.step for op in folds}
    folds = [replace(op, reasons=tuple(dict.fromkeys((*_beneath(piece, op, by_panel, steps),
                                                      *_curled(piece, op, folds))))) for op in folds]
    joins = [replace(op, step=max([op.step, *(steps.get(r.before, 0) for r in op.reasons)]))
             for op in joins_of(piece, by_panel, known, draft)]
    first = min(steps.values(), default=0)
    # what lies ready is joined before anything is folded
    early, late = [op for op in joins if op.step < first], [op for op in joins if op.step >= first]
    return [*(replace(op, step=first) for op in early),
            *sorted([*folds, *late], key=lambda op: (op.step, op.does is not Does.FOLD))]


def _curled(piece: Piece, op: Operation, folds: Sequence[Operation]) -> list[Reason]:
    """The curling of what teeth hang on, which comes before they are folded: then they kink it."""
    if op.motion not in (Motion.IN, Motion.OUT):
        return []
    bears = {s.carrier.panel for s in piece.seams if (s.row or s.name) in op.moves}
    bears |= {f.a.panel for f in piece.folds if not f.bend and {f.b.panel, piece.panel(f.b.panel).whole}
              & {*op.moves}}
    whole = {piece.panel(name).whole or name for name in bears}
    return [Reason(each.key, say("a strip curls evenly only while its teeth lie flat")) for each in folds
            if each.motion is Motion.ROLL and whole & {*each.moves}]


def _beneath(piece: Piece, op: Operation, by_panel: Mapping[str, str],
             steps: Mapping[str, int]) -> list[Reason]:
    """What lies beneath the panels an operation brings, and so comes to its place before them."""
    found: list[Reason] = []
    for seam in piece.seams:
        tab = by_panel.get(seam.row or seam.name, "")
        if (seam.joint.has_tab and seam.host.panel in op.moves and steps.get(tab, op.step) < op.step
                and closing_step(piece, seam.host.panel) == op.step):
            found.append(Reason(tab, say("the {tab} is folded first", tab=seam.row or seam.name)))
    for lap in piece.laps:
        lower = by_panel.get(lap.lower, "")
        if lap.upper in op.moves and not lap.facing and steps.get(lower, op.step) < op.step:
            found.append(Reason(lower, say("it lies over the {lower}", lower=lap.lower)))
    return found


def _covers(piece: Piece, own: Sequence[Operation], given: Given,
            known: Mapping[str, str]) -> list[Operation]:
    """What is glued on its panels: while they lie flat, but what covers a rolled panel after the rolling."""
    found: list[Operation] = []
    name, panels = piece.name, {p.name for p in piece.panels} | {p.whole for p in piece.panels}
    rolled = {known.get(n, n): op for op in own if op.motion is Motion.ROLL for n in op.moves}
    for key, words, panel in (
            *((f"patch {w.name}", _patch_words(w), w.panel) for w in given.windows),
            *((f"cover {c.name}", _cover_words(c), c.panel) for c in given.covers if not c.over)):
        if panel in panels:
            after = rolled.get(known.get(panel, panel))
            step, why = _COVERED, tuple[Reason, ...]()
            if after is not None and not key.startswith("patch "):
                step = after.step
                why = (Reason(after.key, say("what is glued on before would crack in the rolling")),)
            found.append(Operation(f"{name}/{key}", Does.COVER, name, step, words, (panel,), reasons=why,
                                   panels=(panel,)))
    return found


def _merged(own: Sequence[Operation], covers: Sequence[Operation]) -> list[Operation]:
    return sorted([*own, *covers], key=lambda op: op.step) if covers else list(own)


def _cover_words(cover: Cover) -> Words:
    if cover.through:
        return say("Pass an end of the {name} through the slit in the {panel} as far as the pair of scores "
                   "that is as wide as the {panel} is thick, and glue it down, towards the front; no glue on "
                   "what stays outside.", name=cover.name, panel=cover.panel)
    return (say("Glue the {name} on the inner face of the {panel}.", name=cover.name, panel=cover.panel)
            if cover.inside else say("Glue the {name} on the {panel}.", name=cover.name, panel=cover.panel))


def _patch_words(window: Window) -> Words:
    return say("Fix the patch, {size}, behind the {window} of the {panel}.", size=window.size,
               window=window.name, panel=window.panel)


def _with_handled(draft: Draft, some: Sequence[Operation], each: Bought | Handwork,
                  number: int) -> list[Operation]:
    """With what is bought put in, or some handwork done: while the piece lies flat, before the joint that
    closes it, or when all stands."""
    piece = next((p for p in draft.pieces if any(each.panel in (q.name, q.whole) for q in p.panels)),
                 draft.pieces[-1])
    step = each.step if isinstance(each, Bought) and each.step else each.name
    put = Operation(f"{piece.name}/{step} {number}", Does.PUT, piece.name, _AFTER + number, each.words,
                    (each.name,), panels=(each.panel, *each.uses))
    if each.before:
        return _just_before(draft, some, each, put)
    if each.when is When.CLOSED:
        ahead = _waiting_for(some, each.ahead) if isinstance(each, Handwork) else frozenset[str]()
        before = tuple(Reason(op.key, each.why if op is some[-1] else "") for op in some
                       if op.does in (*GLUES, Does.FOLD, Does.PUT) and op.key not in ahead)
        return [*(replace(op, reasons=(*op.reasons, Reason(put.key, ""))) if op.key in ahead else op
                  for op in some), replace(put, reasons=before)]
    own = [op for op in some if op.piece == piece.name]
    put = replace(put, step=_PUT, reasons=tuple(
        Reason(op.key, "") for op in some if (op.does in _FLAT and op.step < 0
                                              and (op in own or op.does is Does.CREASE))
        or (op.does in (*GLUES, Does.FOLD) and not {*each.after}.isdisjoint((*op.moves, *op.names)))))
    joins = [op for op in own if op.does in (Does.GLUE, Does.LAP)]
    last = max((op.step for op in joins), default=None)
    shuts = ({op.key for op in joins if op.step == last} if each.when is When.OPEN
             else {op.key for op in own if op.does is Does.FOLD})
    why = Reason(put.key, "" if each.when is When.FLAT else each.why or say(
        "the {name} cannot be reached once it is closed", name=each.name), ahead=True)
    first = next((i for i, op in enumerate(some) if op.step >= 0), len(some))
    return [*some[:first], put, *(replace(op, reasons=(*op.reasons, why)) if op.key in shuts else op
                                  for op in some[first:])]


def _waiting_for(some: Sequence[Operation], panels: Sequence[str]) -> frozenset[str]:
    """The folding of some panels, and all that waits for it, by their keys."""
    found = {op.key for op in some if op.does is Does.FOLD and not {*op.moves}.isdisjoint(panels)}
    grew = bool(found)
    while grew:
        more = {op.key for op in some if op.key not in found
                and any(r.before in found for r in op.reasons)}
        found |= more
        grew = bool(more)
    return frozenset(found)


def _just_before(draft: Draft, some: Sequence[Operation], each: Bought | Handwork,
                 put: Operation) -> list[Operation]:
    """The same, put right before the joints of a panel that is named."""
    closing = next(p.name for p in draft.pieces if any(q.name == each.before for q in p.panels))
    own = [op for op in some if op.does in GLUES and op.step >= 0
           and (op.piece == closing or each.before in op.panels)]
    at = next((i for i, op in enumerate(some) if op in own), len(some))
    put = replace(put,
                  reasons=tuple(Reason(op.key, "") for op in some[:at] if op.does in (*GLUES, Does.FOLD)))
    why = Reason(put.key, each.why or say("the {name} cannot be reached once it is closed", name=each.name),
                 ahead=True)
    return [*some[:at], put, *(replace(op, reasons=(*op.reasons, why)) if op in own else op
                               for op in some[at:])]


def _filled(draft: Draft, some: Sequence[Operation]) -> list[Operation]:
    """With what it holds put in before it is closed: before a panel its draft names, or the last step."""
    piece = next((p for p in draft.pieces if any(draft.filled in (q.name, q.whole) for q in p.panels)),
                 draft.pieces[-1]) if draft.filled else draft.pieces[-1]
    own = [op for op in some if op.piece == piece.name and 0 <= op.step < _AFTER]
    if not own or not (draft.filled or (draft.inside_mm and draft.closes)):
        return list(some)
    step = (min(op.step for op in own if draft.filled in op.moves) if draft.filled
            else max((op.step for op in own if op.motion is not Motion.STRAP), default=0))
    at = next(i for i, op in enumerate(some) if op.piece == piece.name and op.step == step)
    fill = Operation(f"{piece.name}/fill", Does.FILL, piece.name, step, say("Fill it first."))
    why = Reason(fill.key, say("it is filled before it is closed"))
    closing = [replace(op, reasons=(*op.reasons, why)) if op.piece == piece.name and op.step == step
               and op.does is Does.FOLD else op for op in some]
    return [*closing[:at], fill, *closing[at:]]
