"""Commands that hand work out: the make sheet, and the pack of a designer."""

from __future__ import annotations

import argparse
from dataclasses import replace

from mingei.command_line import OK
from mingei.core.document.make_sheet import ALL, Section, make_sheet
from mingei.core.document.publishing import check_publishing
from mingei.core.errors import ExportError
from mingei.core.layout.sheets import find_sheet
from mingei.core.whole.pictures import drawn_of, in_order
from mingei.core.words import say, some_of
from mingei.formats import atomic, project_file
from mingei.formats.make_html import make_html
from mingei.formats.make_pdf import make_pdf
from mingei.formats.publish import publish


def make(options: argparse.Namespace) -> int:
    """The make sheet as PDF or as a page for a browser."""
    project = project_file.load(options.file)
    sections = _sections(options.sections)
    ending = options.output.suffix.lower()
    if ending not in (".pdf", ".html"):
        raise ExportError(say("{suffix} is no make sheet", suffix=ending or "a name without an ending"),
                          str(options.output), "end the name in .pdf or .html")
    paper = find_sheet(options.sheet) if options.sheet else project.paper
    told = make_sheet(project, in_order(project), drawn_of(project))
    atomic.write(options.output, make_html(told, sections=sections) if ending == ".html"
                 else make_pdf(told, paper, sections=sections))
    print(options.output)
    return OK


def _sections(names: str) -> tuple[Section, ...]:
    wanted = [n.strip() for n in names.split(",") if n.strip()]
    strange = next((n for n in wanted if n not in ALL), None)
    if strange is not None:
        raise ExportError(say("{name!r} is no section of a make sheet", name=strange), "--sections",
                          say("choose among: {names}", names=some_of(list(ALL))))
    return tuple(s for s in ALL if s in wanted) if wanted else ALL


def hand_out(options: argparse.Namespace) -> int:
    """The pack, into a folder or one file."""
    project = project_file.load(options.file)
    said = project.publishing
    for word, value in (("author", options.author), ("words", options.words), ("licence", options.licence),
                        ("version", options.edition)):
        said = said._replace(**{word: value}) if value is not None else said
    if options.terms is not None:
        said = said._replace(terms=options.terms, licence="")
    said = said._replace(project=said.project or options.with_project)
    check_publishing(said)
    count = publish(replace(project, publishing=said), options.output)
    print(f"{options.output}: {count} files")
    return OK
