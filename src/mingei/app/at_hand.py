"""The project at hand, which the stations share: where it is on disk, what is selected, the moment of
folding, and undo."""

from __future__ import annotations

from collections.abc import Callable, Mapping
from functools import cached_property
from pathlib import Path
from typing import TYPE_CHECKING

from PySide6.QtCore import QObject, QTimer, Signal
from PySide6.QtGui import QGuiApplication, QUndoCommand, QUndoStack

from mingei.app.shelf import Shelf
from mingei.app.words import t
from mingei.core.amendments.amend import SeamChange, seams
from mingei.core.check import Finding
from mingei.core.document.build import NOTHING, Build, Part, build
from mingei.core.document.project import Brief, Project
from mingei.core.kinds.join import is_joined
from mingei.core.length import write_mm

if TYPE_CHECKING:
    from mingei.app.prints import Print, Prints
    from mingei.core.flat.pattern import Pattern
    from mingei.core.whole.assembly import Shown

#: Steps of undo that are kept.
_UNDO_MOST = 1000


class _Change(QUndoCommand):
    """One named step from a project to the next; steps with the same non-empty key that follow one another
    are one."""

    def __init__(self, document: AtHand, before: Project, after: Project, name: str, key: str,
                 current: int) -> None:
        super().__init__(name)
        self.document, self.before, self.after, self.key = document, before, after, key
        self.was, self.current = document.current, current

    def id(self) -> int:
        return 1 if self.key else -1

    def mergeWith(self, other: QUndoCommand) -> bool:
        if not isinstance(other, _Change) or other.key != self.key:
            return False
        self.after = other.after
        self.setText(other.text())
        self.setObsolete(self.after == self.before)
        vars(other).clear()  # Qt is done with it; its Python half is never freed, and would keep the project
        return True

    def undo(self) -> None:
        self.document._show(self.before, self.was)

    def redo(self) -> None:
        self.document._show(self.after, self.current)


class AtHand(QObject):
    """The project being worked on.

    opened: another project lies on the bench; changed: another state of it is in force; selected, hovered: a
    part; folded: the moment of folding 0..1; moved: path or dirty mark changed; measuring: the measuring tool
    was taken up or laid down; arrived: a picture of the artwork was read; settled: after a change, once what
    one types has been drawn: what is measured on the folded thing follows then.
    """

    opened = Signal()
    changed = Signal()
    settled = Signal()
    selected = Signal(object)
    hovered = Signal(object)
    folded = Signal(float)
    moved = Signal()
    measuring_changed = Signal(bool)
    arrived = Signal()

    def __init__(self, project: Project, shelf: Shelf, path: Path | None = None,
                 parent: QObject | None = None) -> None:
        super().__init__(parent)
        self.shelf = shelf
        self.project = project
        self.path = path
        self.current = 0
        self._built: tuple[Project, int, Build] | None = None
        self._builds: tuple[Project, dict[Brief, Build]] = project, {}
        self.selection = NOTHING
        self.hover = NOTHING
        self.fraction = 1.0
        self.measuring = False
        self.undo = QUndoStack(self)
        self.undo.setUndoLimit(_UNDO_MOST)
        self.undo.cleanChanged.connect(self._clean_changed)
        self._settling = QTimer(self)
        self._settling.setSingleShot(True)
        self._settling.setInterval(0)
        self._settling.timeout.connect(self.settle)
        self.changed.connect(self._settling.start)

    def settle(self) -> None:
        """Let what follows a change follow it now."""
        if self._settling.isActive():
            self._settling.stop()
        self.settled.emit()

    def _clean_changed(self) -> None:
        self.moved.emit()

    def open(self, project: Project, path: Path | None = None, clean: bool = True) -> None:
        """Put another project on the bench; its undo begins here.  clean: what is shown is what is on
        disk."""
        self.undo.clear()
        if not clean:
            self.undo.resetClean()
        self.path, self.project, self.current = path, project, 0
        self.select(NOTHING)
        self.fold(1.0)
        self.opened.emit()
        self.changed.emit()
        self.moved.emit()

    def still_this(self) -> Callable[[], bool]:
        """To ask later, of what takes long: whether what is shown is still this thing, of this recipe."""
        this = self.brief.id, self.brief.recipe
        return lambda: (self.brief.id, self.brief.recipe) == this

    # -- what is shown ---------------------------------------------------------------------------------------

    @property
    def brief(self) -> Brief:
        return self.project.briefs[self.current]

    @property
    def build(self) -> Build:
        known = self._built
        # every view asks again and again
        if known is None or known[0] is not self.project or known[1] != self.current:
            known = self._built = self.project, self.current, self.build_of(self.current)
        return known[2]

    def build_of(self, number: int) -> Build:
        """A thing of the kit worked out; kept as long as it is in the kit, however large that is."""
        if self._builds[0] is not self.project:
            kept = set(self.project.briefs) if self.project.stocks == self._builds[0].stocks else set()
            self._builds = self.project, {b: made for b, made in self._builds[1].items() if b in kept}
        brief, known = self.project.briefs[number], self._builds[1]
        if is_joined(self.project.briefs):
            from mingei.core.whole.joined import joined

            return joined(self.project).build_of(number)
        if brief not in known:
            known[brief] = build(brief, self.project.stock_of(brief), self.project.parts_of(brief))
        return known[brief]

    def artwork_findings(self, number: int) -> tuple[Finding, ...]:
        """What is to be said of the artwork of a thing, as far as its pictures have been read."""
        return self.prints.findings(self.build_of(number)) if self.project.briefs[number].arts else ()

    @cached_property
    def prints(self) -> Prints:
        """The pictures of artwork, read in the background; made when there is some."""
        from mingei.app.prints import Prints

        made = Prints(self)
        made.arrived.connect(self.arrived)
        app = QGuiApplication.instance()
        # who comes back to the window may have changed a picture meanwhile
        if isinstance(app, QGuiApplication):
            app.applicationStateChanged.connect(made.come_back)
        return made

    def whole(self, shown: Shown) -> tuple[Build, Mapping[Pattern, Print]]:
        """All that the thing in hand is joined with, where it stands, as one thing to look at; and what is
        printed on it, as far as it has been read."""
        from mingei.core.whole.assembly import whole_build, whole_sources
        from mingei.core.whole.joined import joined

        found = joined(self.project)
        made = whole_build(found, self.current, shown)
        prints: dict[Pattern, Print] = {}
        for piece, (number, source) in zip(made.patterns, whole_sources(found, self.current), strict=True):
            known = self.prints_of(self.build_of(number))
            if source in known:
                prints[piece] = known[source]
        return made, prints

    def told_whole(self) -> str:
        """What the whole is made of, how large and heavy it is, in words."""
        from mingei.core.folded.extent import outside
        from mingei.core.whole.assembly import many, order, whole_of
        from mingei.core.whole.joined import joined

        found = joined(self.project)
        counts = [(many(found, n), n) for n in reversed(order(found, self.current))]
        mass = sum(count * found.build_of(n).mass_g for count, n in counts)
        names = ", ".join(self.project.briefs[n].name if count == 1
                          else f"{count} × {self.project.briefs[n].name}"
                          for count, n in counts)
        return t("The whole: {names}; {size}, {mass:.0f} g", names=names, mass=mass,
                 size=" × ".join(write_mm(v) for v in outside(whole_of(found, self.current))))

    def order(self) -> tuple[int, ...]:
        """The things of the kit in the order they are made in: what is joined after all that is set on it."""
        numbers = tuple(range(len(self.project.briefs)))
        if not is_joined(self.project.briefs):
            return numbers
        from mingei.core.whole.assembly import order
        from mingei.core.whole.joined import joined

        found, result = joined(self.project), list[int]()
        for number in numbers:
            result += [n for n in order(found, number) if n not in result]
        return tuple(result)

    def turn_of(self, number: int) -> tuple[int, int] | None:
        """Which of how many a thing is in the order of its whole, from 1; None where it stands alone."""
        if not is_joined(self.project.briefs):
            return None
        from mingei.core.whole.assembly import order
        from mingei.core.whole.joined import joined

        every = order(joined(self.project), number)
        return (every.index(number) + 1, len(every)) if len(every) > 1 else None

    def made_after(self) -> int | None:
        """The thing that is made after the one in hand, in the order of its whole; None where it is the
        last."""
        if (turn := self.turn_of(self.current)) is None or turn[0] == turn[1]:
            return None
        from mingei.core.whole.assembly import order
        from mingei.core.whole.joined import joined

        return order(joined(self.project), self.current)[turn[0]]

    def movers(self) -> tuple[int, ...]:
        """The things of the whole in hand that turn or slide, by their numbers."""
        if not is_joined(self.project.briefs):
            return ()
        from mingei.core.whole.joined import joined

        found = joined(self.project)
        root = found.root(self.current)
        return tuple(seat.guest for seat in found.seats if found.root(seat.guest) == root and (
            seat.joint.slides or (seat.joint.turns and seat.join.most_deg)))

    def prints_of(self, build: Build) -> Mapping[Pattern, Print]:
        """What is printed on the pieces of a thing, as far as it has been read."""
        return self.prints.of(build) if build.prints else {}

    def seam_in_force(self, name: str) -> SeamChange:
        """How a seam is held now.  Raises KeyError when this build has no such seam."""
        drafted = self.brief.drafted
        usual = seams(drafted)[name]
        return next((c for c in self.brief.seams if c.seam == name), SeamChange(name, usual.joint.word))

    def seam_names(self) -> tuple[str, ...]:
        return tuple(seams(self.brief.drafted))

    # -- changing it -----------------------------------------------------------------------------------------

    def change(self, project: Project, name: str, key: str = "", current: int | None = None) -> None:
        """Put another state in force as one named undo step; a key joins steps of one kind that follow one
        another.

        current: the brief to look at afterwards.  Raises MeasureError, StockError when it cannot be built;
        then nothing changes.
        """
        same = ({id(brief) for brief in self.project.briefs} if project.stocks == self.project.stocks
                else set())
        for brief in project.briefs:
            if id(brief) not in same:
                build(brief, project.stock_of(brief), project.parts_of(brief))
        if project != self.project:
            self.undo.push(_Change(self, self.project, project, name, key,
                                   self.current if current is None else current))

    def change_brief(self, brief: Brief, name: str, key: str = "") -> None:
        self.change(self.project.with_brief(self.current, brief), name, key and f"{self.current}:{key}")

    def _show(self, project: Project, current: int) -> None:
        self.project = project
        self.current = min(current, len(project.briefs) - 1)
        self._check_selection()
        self.changed.emit()

    # -- what is looked at -----------------------------------------------------------------------------------

    def look_at(self, number: int) -> None:
        """Turn to another thing of the kit."""
        if number != self.current and 0 <= number < len(self.project.briefs):
            self.current = number
            self._check_selection()
            self.changed.emit()

    def _check_selection(self) -> None:
        if (self.selection != NOTHING and self.build.pattern_of(self.selection) is None
            and self.selection.panel not in self.seam_names()):
            self.select(NOTHING)

    def select(self, part: Part) -> None:
        if part != self.selection:
            self.selection = part
            self.selected.emit(part)

    def point_at(self, part: Part) -> None:
        if part != self.hover:
            self.hover = part
            self.hovered.emit(part)

    def fold(self, fraction: float) -> None:
        fraction = max(0.0, min(1.0, fraction))
        if fraction != self.fraction:
            self.fraction = fraction
            self.folded.emit(fraction)

    def measure(self, on: bool) -> None:
        """Take up the measuring tool, or lay it down."""
        if on != self.measuring:
            self.measuring = on
            self.measuring_changed.emit(on)

    # -- on disk ---------------------------------------------------------------------------------------------

    @property
    def dirty(self) -> bool:
        return not self.undo.isClean()

    @property
    def name(self) -> str:
        return self.path.name if self.path else self.project.title or t("untitled")

    def saved(self, path: Path, project: Project) -> None:
        """The given project is now on disk at path."""
        self.path = path
        if project == self.project:
            self.undo.setClean()
        self.moved.emit()
