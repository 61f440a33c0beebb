"""The stock cabinet: the person's own stocks before the catalogue's, how to find one, and what a stock
measured anew changes."""

from __future__ import annotations

from collections.abc import Sequence
from dataclasses import dataclass, replace
from itertools import count

from mingei.core.document.build import build
from mingei.core.document.project import Project
from mingei.core.errors import MingeiError
from mingei.core.layout.laying import Printer
from mingei.core.layout.offcuts import Offcut
from mingei.core.length import write_mm
from mingei.core.stock import CATALOGUE, Stock, basis_from_gsm, plies_for, points_from_mm
from mingei.core.words import say


@dataclass(frozen=True)
class Cabinet:
    """own: the person's stocks; one with the id of a catalogue stock stands in its place; printers: as they
    were measured; offcuts: what was kept of sheets."""

    own: tuple[Stock, ...] = ()
    printers: tuple[Printer, ...] = ()
    offcuts: tuple[Offcut, ...] = ()

    @property
    def stocks(self) -> tuple[Stock, ...]:
        """All there are, thinnest first."""
        mine = {s.id for s in self.own}
        return tuple(sorted((*self.own, *(s for s in CATALOGUE if s.id not in mine)),
                            key=lambda s: (s.caliper_mm, s.name)))

    def is_own(self, stock_id: str) -> bool:
        return any(s.id == stock_id for s in self.own)

    def find(self, stock_id: str) -> Stock | None:
        return next((s for s in self.stocks if s.id == stock_id), None)

    def with_stock(self, stock: Stock) -> Cabinet:
        """The stock put in, in the place of the one of its id."""
        if self.is_own(stock.id):
            return replace(self, own=tuple(stock if s.id == stock.id else s for s in self.own))
        return replace(self, own=(*self.own, stock))

    def without(self, stock_id: str) -> Cabinet:
        """A stock of one's own taken out; where it stood for a catalogue stock, that comes back."""
        return replace(self, own=tuple(s for s in self.own if s.id != stock_id))

    def with_printer(self, printer: Printer) -> Cabinet:
        """The printer put in, in the place of the one of its name."""
        if any(p.name == printer.name for p in self.printers):
            return replace(self, printers=tuple(printer if p.name == printer.name else p
                                                for p in self.printers))
        return replace(self, printers=(*self.printers, printer))

    def without_printer(self, name: str) -> Cabinet:
        return replace(self, printers=tuple(p for p in self.printers if p.name != name))

    def with_offcuts(self, offcuts: Sequence[Offcut]) -> Cabinet:
        """What is kept of sheets, besides what was there."""
        return replace(self, offcuts=(*self.offcuts, *offcuts))

    def without_offcut(self, offcut: Offcut) -> Cabinet:
        """One of them used up."""
        kept = list(self.offcuts)
        if offcut in kept:
            kept.remove(offcut)
        return replace(self, offcuts=tuple(kept))

    def copy_of(self, stock: Stock) -> Stock:
        """The same stock under a name and an id that are free, to be changed."""
        ids, names = {s.id for s in self.stocks}, {s.name for s in self.stocks}
        number = next(n for n in count(2) if f"{stock.id}-{n}" not in ids
                      and f"{stock.name}, {n}" not in names)
        return replace(stock, id=f"{stock.id}-{number}", name=f"{stock.name}, {number}")


def matching(stocks: Sequence[Stock], words: str) -> tuple[Stock, ...]:
    """The stocks whose name, kind, grammage, US weights, points or thickness hold every word looked for."""
    wanted = words.lower().replace(",", ".").split()
    return tuple(s for s in stocks if all(w in _described(s) for w in wanted))


def _described(stock: Stock) -> str:
    """Everything a person may call a stock by, in small letters: 65 lb cover finds 176 g/m2, 14 pt finds 0.35
    mm."""
    said = [stock.name, stock.id, stock.kind, f"{stock.grammage_gsm:g}", f"{stock.grammage_gsm:g}g",
            f"{stock.caliper_mm:g}",
            f"{stock.caliper_mm:g}mm", f"{points_from_mm(stock.caliper_mm):.0f}pt"]
    said += [f"{basis_from_gsm(stock.grammage_gsm, grade):.0f}lb {grade}"
             for grade in ("bond", "text", "cover", "index", "bristol", "tag")]
    return " ".join(said).lower()


def built_up(stock: Stock, target_mm: float, film_mm: float = 0.05) -> Stock:
    """Board made of layers of a stock, as a stock of its own: as near to a thickness as whole layers come.

    film_mm: the glue between two layers, about as heavy as water.  Raises StockError when a figure cannot be
    true.
    """
    made = plies_for(target_mm, stock, film_mm)
    board = made.as_stock(f"{stock.id}-x{len(made.plies)}", f"{stock.name}, {len(made.plies)} layers")
    return replace(stock, id=board.id, name=board.name, caliper_mm=board.caliper_mm,
                   grammage_gsm=board.grammage_gsm, kind="board", layers=board.layers, crease_gain_mm=0.0,
                   price=board.price)


def differs(project: Project, cabinet: Cabinet) -> tuple[Stock, ...]:
    """The stocks in the cabinet that this project carries as they were before they were measured anew."""
    found = []
    for carried in project.stocks:
        now = cabinet.find(carried.id)
        if now is not None and cabinet.is_own(now.id) and _geometry(now) != _geometry(carried):
            found.append(now)
    return tuple(found)


def _geometry(stock: Stock) -> tuple[float, float]:
    return stock.caliper_mm, stock.crease_gain_mm


def redrafted(project: Project, stock: Stock) -> tuple[str, ...]:
    """What drafting anew with a stock of the same id would change, in words, a sentence for each thing made
    of it."""
    said: list[str] = []
    carried = next((s for s in project.stocks if s.id == stock.id), None)
    for brief in project.briefs:
        if brief.stock != stock.id or carried is None:
            continue
        try:
            before, after = build(brief, carried), build(brief, stock)
        except MingeiError as error:
            said.append(say("{name} cannot be built from it: {reason}", name=brief.name,
                            reason=error.sentence))
            continue
        shifts = [(b.box.width - a.box.width, b.box.height - a.box.height)
                  for a, b in zip(before.patterns, after.patterns, strict=True)]
        wide, high = (max((s[axis] for s in shifts), key=abs) for axis in (0, 1))
        said.append(say("{name}: its blank {wide} across and {high} up, outside {out}", name=brief.name,
                        wide=_signed(wide),
                        high=_signed(high),
                        out=", ".join(_signed(b - a)
                                      for a, b in zip(before.outside, after.outside, strict=True))))
    return tuple(said)


def _signed(mm: float) -> str:
    return f"{'+' if mm >= 0 else '−'}{write_mm(abs(mm))}"
