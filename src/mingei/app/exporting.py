"""Exporting from the window: where to, and of several pieces and sheets which."""

from __future__ import annotations

from collections.abc import Callable
from pathlib import Path
from typing import TYPE_CHECKING, NamedTuple

from PySide6.QtWidgets import QFileDialog, QInputDialog, QWidget

from mingei.app.words import t
from mingei.app.workers import Progress
from mingei.core.document.build import loads_of_all
from mingei.core.document.project import Project
from mingei.core.layout.place import lay_out

if TYPE_CHECKING:
    from mingei.formats.export import Wanted

#: The formats that hold one drawing, or the pieces of one thing.
_SINGLE, _ONE_THING = (".svg", ".dxf"), (".fold",)


class Choice(NamedTuple):
    """One answer to what shall be written: in words, what it asks of the exporter, and whether it fills a
    folder."""

    words: str
    wanted: Wanted
    folder: bool = False


def choices(project: Project, ending: str) -> list[Choice]:
    """What can be written in a format; one where there is nothing to choose."""
    from mingei.core.whole.joined import builds_of
    from mingei.formats.export import Wanted

    plain = Wanted(speak=t)
    if ending in _ONE_THING:
        names = [b.name for b in project.briefs]
        return ([Choice(name, plain._replace(piece=name)) for name in dict.fromkeys(names)] if len(names) > 1
                else [Choice("", plain)])
    if ending not in _SINGLE:
        return [Choice("", plain)]
    loads = loads_of_all(builds_of(project))
    if len(loads) <= 1:
        return [Choice("", plain)]
    found = [Choice(t("Every piece and every sheet, each in a file of its own"), plain, True),
             Choice(t("Every piece, each in a file of its own"), plain._replace(layout=False), True),
             Choice(t("Every sheet as laid out, each in a file of its own"), plain._replace(layout=True),
                    True)]
    named = dict.fromkeys(load.words for load in loads)  # two things of one name are asked for together
    found += [Choice(t("Only {piece}", piece=t(words)), plain._replace(piece=words)) for words in named]
    pages = lay_out(loads, project.paper, project.spots)
    return found + [Choice(t("Only sheet {number} of {count}", number=p.number, count=p.count),
                           plain._replace(pages=(p.number,)))
                    for p in pages]


def ask(project: Project, suggestion: Path, parent: QWidget) -> tuple[Path, Choice] | None:
    """Ask for a file, and where the format cannot hold all, for what shall be written.  Raises MingeiError
    when nothing can be laid out."""
    from mingei.formats.export import FORMATS

    filters = ";;".join(f"{t(f.words)} (*{ending})" for ending, f in FORMATS.items())
    name, chosen = QFileDialog.getSaveFileName(parent, t("Export"), str(suggestion), filters)
    if not name:
        return None
    path = Path(name)
    if path.suffix.lower() not in FORMATS:
        path = path.with_name(path.name + chosen.rpartition("*")[2].rstrip(")"))
    found = choices(project, path.suffix.lower())
    if len(found) == 1:
        return path, found[0]
    picked = pick(parent, t("This format holds one drawing. What shall be written?"),
                  [c.words for c in found])
    return None if picked is None else (path, found[picked])


def pick(parent: QWidget, question: str, answers: list[str]) -> int | None:
    """Ask for one of several answers; None when nothing is wanted."""
    answer, accepted = QInputDialog.getItem(parent, t("Export"), question, answers, 0, False)
    return answers.index(answer) if accepted else None


def ask_sheets(parent: QWidget, count: int) -> tuple[int, ...] | None:
    """Ask for the numbers of some sheets, as in 1,3-5; None when nothing is wanted.  Raises MingeiError for
    what is no such numbers."""
    from mingei.formats.export import read_numbers

    text, accepted = QInputDialog.getText(parent, t("Export some sheets"),
                                          t("Which of the {count} sheets, such as 2 or 1,3-5?", count=count))
    return read_numbers(text, t("sheets")) if accepted and text.strip() else None


def work_of(project: Project, path: Path, choice: Choice,
            say: Callable[[str], None]) -> Callable[[Progress], None]:
    """What is done in the background.  say: takes what is to be said of what was written."""
    def work(progress: Progress) -> None:
        progress.stop_if_asked()
        from mingei.formats.export import export, export_all

        if choice.folder:
            _, remarks = export_all(project, path.with_suffix(""), [path.suffix[1:].lower()], choice.wanted,
                                    progress.report)
        else:
            remarks = export(project, path, choice.wanted)
        if remarks:
            say(" ".join(f"{t(words)}." for words in remarks))

    return work
