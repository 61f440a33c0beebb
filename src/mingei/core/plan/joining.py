"""What is joined, as operations: laps, and seams by their joints."""

from __future__ import annotations

from collections.abc import Collection, Mapping, Sequence
from typing import NamedTuple

from mingei.core.amendments.amend import closing_step, closing_steps
from mingei.core.draft import Draft, Piece, Seam, fellow
from mingei.core.draft.joint import Stands
from mingei.core.plan.operation import Does, Operation, Reason, listed
from mingei.core.words import Words, say

#: What stands with its side on another; what is brought to others that stand.
_ON_A_FACE = (Stands.STANDS_ON, Stands.HOUSED, Stands.THROUGH)
_BROUGHT = (*_ON_A_FACE, Stands.CROSSED)


def joins_of(piece: Piece, by_panel: Mapping[str, str], known: Mapping[str, str],
             draft: Draft | None = None) -> list[Operation]:
    """What is joined where the later of its two sides has come to its place.  by_panel: the operation that
    moves a panel; known: what a panel is known by; draft: where what is laid on edges is joined with the
    piece that comes, not with those it is laid on."""

    def reasons(sides: Sequence[str], tab: str = "") -> tuple[Reason, ...]:
        found = [Reason(by_panel[known.get(name, name)], "")  # it must be in its place
                 for name in sides if known.get(name, name) in by_panel]
        if tab in by_panel:
            found.append(Reason(by_panel[tab], say("the {tab} is folded first", tab=tab)))
        return tuple(dict.fromkeys(found))

    found: list[Operation] = []
    own = {p.name for p in piece.panels}
    on: dict[tuple[int, str], list[tuple[str, str]]] = {}
    turned = {frozenset((f.a.panel, f.b.panel)): f.step for f in piece.folds}
    closing = closing_steps(piece)
    latest: dict[str, int] = {}  # of all that one panel, or curved face, is glued on
    for lap in piece.laps:
        if lap.glued and {lap.upper, lap.lower} <= own:
            upper = known.get(lap.upper, lap.upper)
            latest[upper] = max(latest.get(upper, 0), closing[lap.upper], closing[lap.lower])
    for lap in piece.laps:
        if lap.glued and lap.facing and frozenset((lap.upper, lap.lower)) in turned:
            # a strip that is turned over onto what bears it: that may still lie flat
            on.setdefault((turned[frozenset((lap.upper, lap.lower))], known.get(lap.upper, lap.upper)),
                          []).append((lap.lower, lap.upper))
        elif lap.glued and {lap.upper, lap.lower} <= own:
            upper = known.get(lap.upper, lap.upper)
            step = (latest[upper] if upper != lap.upper
                    else max(closing[lap.upper], closing[lap.lower]))
            on.setdefault((step, upper), []).append((lap.lower, lap.upper))
    for (step, upper), pairs in on.items():
        lowers = tuple(dict.fromkeys(known.get(lower, lower) for lower, _ in pairs))
        words = (say("Glue the {upper} down where it laps over itself.", upper=upper) if lowers[0] == upper
                 else say("Glue the {upper} on {lowers}.", upper=upper, lowers=listed(lowers)))
        found.append(Operation(f"{piece.name}/{step}/lap {upper}", Does.LAP, piece.name, step, words,
                               (upper, *lowers), reasons=reasons([n for pair in pairs for n in pair
                                                if frozenset(pair) not in turned or n == pair[1]]),
                               panels=tuple(dict.fromkeys(lower for lower, _ in pairs))))
    glued: dict[tuple[int, str, str], list[Seam]] = {}
    rows: dict[str, int] = {}  # a row of teeth is glued when all of it stands
    for seam in piece.seams:
        step = max(closing.get(seam.carrier.panel, 0), closing.get(seam.host.panel, 0))
        rows[seam.row or seam.name] = max(step, rows.get(seam.row or seam.name, 0))
    for seam in piece.seams:
        step = rows[seam.row or seam.name]
        sides = (seam.carrier.panel, seam.host.panel)
        if draft is not None and _host_comes(seam, draft):
            continue
        if seam.joint.done:
            words = say(seam.joint.done, seam=seam.name, carrier=sides[0], host=sides[1])
            found.append(Operation(f"{piece.name}/{step}/{seam.joint.word} {seam.name}",
                                   Does.PUT if seam.joint.stands is Stands.CROSSED else Does.GLUE,
                                   piece.name, step, words, (seam.row or seam.name,),
                                   reasons=reasons((*sides, *((fellow(seam.name),) if seam.joint.has_flaps
                                                              else ())), seam.row or seam.name),
                                   panels=(seam.name,) if seam.joint.has_tab or seam.joint.has_flaps
                                   else sides, brought=sides[0] if seam.joint.stands in _BROUGHT else "",
                                   many=seam.joint.done_many))
        elif seam.host.panel in own:
            glued.setdefault((step, seam.host.panel, seam.carrier.panel), []).append(seam)
    for seam in (s for p in draft.pieces for s in p.seams if s.host.panel in own
                 and _host_comes(s, draft)) if draft is not None else ():
        sides = (seam.host.panel, seam.carrier.panel)
        done, many = ((seam.joint.done, seam.joint.done_many) if seam.joint.host_comes
                      else (seam.joint.brings, seam.joint.brings_many))
        found.append(Operation(f"{piece.name}/0/{seam.joint.word} {seam.name}", Does.GLUE, piece.name, 0,
                               say(done, carrier=sides[1], host=sides[0]), (seam.name,),
                               reasons=reasons(sides), panels=sides, brought=sides[0], many=many))
    for (step, host, carrier), seams in glued.items():
        tabs = tuple(dict.fromkeys(s.row or s.name for s in seams))
        why = [r for s in seams for r in reasons((s.carrier.panel, s.host.panel), s.row or s.name)]
        found.append(Operation(f"{piece.name}/{step}/glue {host} on {carrier}", Does.GLUE, piece.name, step,
                               glued_on(host, tabs), tabs, reasons=tuple(dict.fromkeys(why)),
                               panels=tuple(s.name for s in seams), host=host))
    return found


def _host_comes(seam: Seam, draft: Draft) -> bool:
    """Whether what a seam's carrier stands on is brought to it, and not the other way round."""
    if seam.joint.host_comes or not seam.joint.brings:
        return seam.joint.host_comes
    order = {q.name: n for n, p in enumerate(draft.pieces) for q in p.panels}
    return (order.get(seam.carrier.panel, 0) < order.get(seam.host.panel, -1)
            and draft.pieces[order[seam.host.panel]].brought_last)


def laid_up(draft: Draft, step: int) -> dict[str, Operation]:
    """By lap, what is glued face to face while its boards lie flat, before any of them is stood on edge.  The
    piece that has the lap is the one the other is glued on."""
    stiff = {p.name for piece in draft.pieces if not piece.folds for p in piece.panels}
    on_edge = any(seam.joint.stands in _ON_A_FACE for piece in draft.pieces for seam in piece.seams)
    some = {piece.name: [lap for lap in piece.laps if lap.glued and {lap.upper, lap.lower} <= stiff]
            for piece in draft.pieces} if on_edge else {}
    by_panel = {p.name: piece for piece in draft.pieces for p in piece.panels}
    found: dict[str, Operation] = {}

    def lay(piece: Piece) -> Operation | None:
        laps, own = some.get(piece.name, ()), {p.name for p in piece.panels}
        if not laps or laps[0].name in found:
            return found.get(laps[0].name) if laps else None
        names = tuple(dict.fromkeys(n for lap in laps for n in (lap.lower, lap.upper) if n not in own))
        before = [op for name in names for op in (lay(by_panel[name]),) if op is not None]
        words = say("Glue {names} on the {panel}.", names=listed(names), panel=piece.root)
        op = Operation(f"{piece.name}/{step}/laid up", Does.GLUE, piece.name, step, words,
                       (piece.root, *names), reasons=tuple(Reason(each.key, "") for each in before),
                       panels=(piece.root, *names), brought="")
        found.update(dict.fromkeys((lap.name for lap in laps), op))
        return op

    for piece in draft.pieces:
        lay(piece)
    return found


def laid_within(draft: Draft, step: int) -> dict[str, Operation]:
    """By lap, the gluing of what is laid on a sheet while both lie flat, before anything is folded."""
    found: dict[str, Operation] = {}
    for piece in draft.pieces:
        if not piece.laid_flat:
            continue
        hosts = tuple(dict.fromkeys(lap.upper for lap in piece.laps if lap.glued))
        op = Operation(f"{piece.name}/{step}/laid flat", Does.GLUE, piece.name, step, say(
            "Glue the {piece} on {names} while both lie flat, an even border all round; no glue where the "
            "gum goes.", piece=piece.name, names=listed(hosts)), (piece.name, *hosts),
            panels=(*hosts, *(p.name for p in piece.panels)))
        found.update((lap.name, op) for lap in piece.laps if lap.glued)
    return found


def glued_on(host: str, tabs: Sequence[str]) -> Words:
    """What is said where a panel is glued on tabs."""
    return say("Glue the {upper} on {lowers}.", upper=host, lowers=listed(tabs))


class _Landing(NamedTuple):
    """What lands on a host from another piece: which piece, its panel, how that is called."""

    piece: Piece
    panel: str
    said: str


def wrapped(draft: Draft, by_panel: Mapping[str, str], steps: Mapping[str, int]) -> dict[str, Operation]:
    """By lap, what is folded onto a piece that stands, as operations: each is glued as it comes.

    by_panel: the operation that moves a panel; steps: of every fold.
    """
    folded = {p.name: piece for piece in draft.pieces if piece.folds for p in piece.panels}
    stiff = {p.name: piece for piece in draft.pieces if not piece.folds for p in piece.panels}
    on: dict[tuple[str, int, str], list[tuple[str, str, str]]] = {}
    for piece in draft.pieces:
        for lap in piece.laps:
            for comes, stands in ((lap.upper, lap.lower), (lap.lower, lap.upper)):
                if lap.glued and comes in by_panel and comes in folded and stands in stiff:
                    step = steps[by_panel[comes]]
                    on.setdefault((folded[comes].name, step, stands), []).append(
                        (lap.name, comes, by_panel[comes]))
    found: dict[str, Operation] = {}
    for (name, step, stands), some in on.items():
        names = tuple(dict.fromkeys(panel for _, panel, _ in some))
        op = Operation(f"{name}/{step}/on {stands}", Does.GLUE, name, step,
                       say("Glue {names} on the {panel}.", names=listed(names), panel=stands), names,
                       reasons=tuple(dict.fromkeys(Reason(key, "") for _, _, key in some)), panels=(stands,))
        found |= dict.fromkeys((lap for lap, _, _ in some), op)
    return found


def between_pieces(draft: Draft, by_panel: Mapping[str, str], known: Mapping[str, str], step: int,
                   steps: Mapping[str, int] | None = None,
                   but: Collection[str] = (),
                   folds: Mapping[str, Sequence[Operation]] | None = None) -> list[Operation]:
    """What joins pieces by tabs or face to face.  A piece joins those before it by all their common seams at
    once, when it is formed; what closes a ring or lies open yet comes before that.

    but: laps that are glued otherwise; folds: of each piece, since panels of several may share a name as
    parts of one curved face; steps: of every fold, where the pieces were one piece before and are
    folded as if they still were: what joins them is then glued as soon as both its sides are in their places.
    """
    owner = {p.name: piece.name for piece in draft.pieces for p in piece.panels}
    owner |= {p.whole: piece.name for piece in draft.pieces for p in piece.panels if p.whole}
    turn = {piece.name: i for i, piece in enumerate(draft.pieces)}
    formed: dict[str, list[str]] = {}
    for panel, key in by_panel.items():
        formed.setdefault(owner.get(panel, key.split("/")[0]), []).append(key)
    formed |= {name: [op.key for op in some] for name, some in (folds or {}).items() if some}
    laps: dict[str, list[_Landing]] = {}
    seams: dict[tuple[str, str], list[_Landing]] = {}  # by the piece that joins, and the host
    for piece in draft.pieces:
        for lap in piece.laps:
            if lap.glued and lap.name not in but and owner.get(lap.upper) != owner.get(lap.lower):
                host, lower = ((lap.upper, lap.lower) if owner.get(lap.lower) == piece.name
                               else (lap.lower, lap.upper))
                laps.setdefault(known.get(host, host),
                                []).append(_Landing(piece, lower, known.get(lower, lower)))
        for seam in piece.seams:
            other = owner.get(seam.host.panel)
            if not seam.joint.done and other is not None and other != piece.name:
                late = max(piece.name, other, key=lambda name: turn[name])
                seams.setdefault((late, seam.host.panel), []).append(
                    _Landing(piece, seam.name, seam.row or seam.name))

    table = {p.name for piece in draft.pieces if piece.under_all for p in piece.panels}

    def open_yet(host: str) -> bool:
        return host not in by_panel and host in known and owner.get(host, "") in formed

    def joined(at: str, host: str, some: Sequence[_Landing], number: int, waits: bool,
               lap: bool = True) -> Operation:
        whose = {each.piece.name for each in some}
        names = [say("{tab} of the {piece}", tab=each.said, piece=each.piece.name)
                 if len({e.said for e in some}) < len(whose) else each.said for each in some]
        keys = dict.fromkeys(key for name in whose for key in formed.get(name, ()))
        if waits:
            keys |= dict.fromkeys(formed.get(owner[host], ()))
        if steps is not None:
            sides = {host, *(each.panel for each in some), *(each.said for each in some)}
            sides |= {s.carrier.panel for each in some for s in each.piece.seams if s.name == each.panel}
            keys = dict.fromkeys(by_panel[name] for name in sorted(sides) if name in by_panel)
            number = max((steps[key] for key in keys), default=0)
        itself = set(names) == {host}
        lies = host in table or (open_yet(host) and not any(each.piece.name in formed for each in some))
        later = all(turn[each.piece.name] > turn[owner[host]] for each in some)
        wraps = any(each.piece.name in formed for each in some) and owner[host] not in formed
        moves = host in by_panel and known.get(host, host) == host  # it is folded over, whatever is there
        comes = lap and (lies or (not open_yet(host) and later and not wraps and not moves))
        words = (say("Glue the {upper} together where its strips lap.", upper=host) if itself else
                 say("Glue {names} on the {panel}.", names=listed(tuple(dict.fromkeys(names))), panel=host)
                 if comes else
                 say("Glue the {upper} on {lowers}.", upper=host,
                     lowers=listed(tuple(dict.fromkeys(names)))))
        return Operation(
            f"{at}/{step}/{'face' if lap else 'glue'} {host}", Does.GLUE, at, step + number,
            words, (*((host,) if lap else ()), *dict.fromkeys(each.said for each in some)),
            reasons=tuple(Reason(key, "") for key in keys),
            panels=tuple(each.panel for each in some))

    early = {host: min(closing_step(each.piece, each.panel) for each in some) for host, some in laps.items()}
    hosts = sorted(laps, key=lambda host: (not open_yet(host), early[host]))
    faced = {host for host in hosts if not open_yet(host) and owner[host] not in formed}  # a face laid on
    # a flat face gets what lies on it before it is glued on teeth: there it can still be pressed
    toothed = {s.host.panel for p in draft.pieces for s in p.seams if s.row
               and owner.get(s.host.panel, p.name) != p.name}
    flat = {host for host in faced if not toothed.isdisjoint((host, *(each.panel for each in laps[host])))}
    found = [joined(owner[host], host, laps[host], number, False) for number, host in enumerate(hosts)
             if host in flat]
    found += [joined(owner[host], host, laps[host], number, not open_yet(host))
              for number, host in enumerate(hosts) if host not in faced]
    order = sorted(seams, key=lambda key: turn[key[0]])
    found += [joined(late, host, seams[late, host], len(hosts) + turn[late], True, False) for late,
              host in order]
    found += [joined(owner[host], host, laps[host], len(hosts) + turn[owner[host]], True)
              for host in hosts if host in faced - flat]
    return found


def glued_open(draft: Draft, joins: Sequence[Operation], by_panel: Mapping[str, str],
               known: Mapping[str, str]) -> Mapping[str, str]:
    """Of each piece that is glued on while it lies open, the operation that does it: its folds wait for
    it."""
    folding = {key.split("/")[0] for key in by_panel.values()}
    return {op.piece: op.key for op in joins for host in [op.key.rsplit("/face ", 1)[-1]]
            if host not in by_panel and op.piece in folding and known.get(host, host) == host
            and any(lap.glued and host in (lap.upper, lap.lower) for p in draft.pieces for lap in p.laps
                    if p.name != op.piece)}
