"""What a designer says of a thing that is handed out: author, words, terms, version; and the text that goes
with the pack."""

from __future__ import annotations

from collections.abc import Callable, Sequence
from typing import NamedTuple

from mingei.core.data.extra import Extra
from mingei.core.errors import MeasureError
from mingei.core.words import say, some_of

#: Open licences a person may choose, by the short names they are known by.
LICENCES = {
    "CC0-1.0": say("Given to all, no rights kept (CC0 1.0)."),
    "CC-BY-4.0": say("Use and change it, also for money, and name the author (CC BY 4.0)."),
    "CC-BY-SA-4.0":
    say("Use and change it, name the author, and hand on under the same terms (CC BY-SA 4.0)."),
    "CC-BY-NC-4.0": say("Use and change it, but not for money, and name the author (CC BY-NC 4.0)."),
}
_LONGEST = 20_000


class Publishing(NamedTuple):
    """author; words: the author's own; licence: one of the open ones by its short name, "" for own terms;
    terms: own ones; version; project: whether the project file goes with it."""

    author: str = ""
    words: str = ""
    licence: str = "CC-BY-4.0"
    terms: str = ""
    version: str = "1"
    project: bool = False
    extra: Extra = ()


USUAL = Publishing()


def check_publishing(said: Publishing) -> None:
    """Raises MeasureError naming what cannot be handed out."""
    if said.licence and said.licence not in LICENCES:
        raise MeasureError("no open licence has that name", "publishing licence",
                           say("write one of: {names}; or leave it empty and write terms of your own",
                               names=some_of(LICENCES)))
    for word in ("author", "words", "terms", "version"):
        if len(getattr(said, word)) > _LONGEST:
            raise MeasureError(say("it is longer than {most} letters", most=_LONGEST),
                               say("publishing {word}", word=word), "write less")


def text(title: str, said: Publishing, sizes: Sequence[tuple[str, Sequence[str]]], stocks: Sequence[str],
         files: Sequence[tuple[str, str]], speak: Callable[[str], str] = str) -> str:
    """The text that goes with a pack.  sizes: of each thing its name and its sizes in words; files: of each
    its name and what it is."""
    t = speak
    lines = [title, "=" * len(title), ""]
    if said.author:
        lines += [t(say("By {author}, version {version}", author=said.author, version=said.version)), ""]
    else:
        lines += [t(say("Version {version}", version=said.version)), ""]
    if said.words:
        lines += [said.words.strip(), ""]
    lines += [t("Terms"), "-----", t(LICENCES[said.licence]) if said.licence else said.terms.strip()
              or t("Ask the author."), ""]
    lines += [t("What it becomes"), "---------------"]
    for name, words in sizes:
        lines.append(f"{name}: {'; '.join(t(w) for w in words)}")
    lines += ["", t("Stock"), "-----", *(t(s) for s in stocks), ""]
    lines += [t("Files"), "-----", *(f"{name}: {t(what)}" for name, what in files), ""]
    lines.append(t("Print at actual size and measure both check bars before you cut."))
    return "\n".join(lines) + "\n"
