"""Fonts, icons, languages and the demo, found by name wherever the package lies."""

from __future__ import annotations

from pathlib import Path

HERE = Path(__file__).resolve().parent

TEXT_FONT = HERE / "fonts" / "IBMPlexSans-Regular.ttf"
BOLD_FONT = HERE / "fonts" / "IBMPlexSans-SemiBold.ttf"
FIGURE_FONT = HERE / "fonts" / "IBMPlexMono-Regular.ttf"
#: The machines that come with it, as data.
DEVICES = HERE / "devices"
#: The compiled languages.
LANGUAGES = HERE / "languages"


def icon_svg(name: str) -> str:
    """The text of a shipped icon.  Raises FileNotFoundError when there is none of that name."""
    return (HERE / "icons" / f"{name}.svg").read_text(encoding="utf-8")


def make_style() -> str:
    """How the make sheet looks in a browser."""
    return (HERE / "make.css").read_text(encoding="utf-8")


def demo_log() -> bytes:
    """What the Tern Point shop wrote down, as a logbook is exported."""
    return (HERE / "demo" / "tern-point-log.json").read_bytes()


def demo_models() -> Path:
    """The models of Tern Point: things joined to things."""
    return HERE / "demo" / "tern-point-models.mingei"


def demo_file() -> Path:
    """The Tern Point demo project."""
    return HERE / "demo" / "tern-point.mingei"
