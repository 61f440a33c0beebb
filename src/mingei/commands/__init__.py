"""The commands of the command line, in rooms by what they are for.

Only the room of the command that is run is loaded, so that the window's first paint waits for none of them.
"""

from __future__ import annotations

import argparse
from collections.abc import Callable
from importlib import import_module

#: Where each command is: its room, and the name of its function there.
_WHERE = {
    "recipes": ("asking", "constructions"), "stock": ("asking", "stocks"), "fits": ("asking", "envelopes"),
    "offers": ("asking", "offered"), "new": ("making", "begin"), "unfold": ("making", "unfold"),
    "cutout": ("making", "cutout"),
    "edit": ("making", "edit"), "pack": ("making", "pack"),
    "export": ("sheets", "write"), "material": ("sheets", "takes"), "nest": ("sheets", "nested"),
    "rehearse": ("sheets", "rehearsed"), "check": ("judging", "checked"), "plan": ("planning", "planned"),
    "devices": ("planning", "machines"),
    "scale": ("judging", "rescaled"), "make": ("publishing", "make"), "publish": ("publishing", "hand_out"),
    "log": ("keeping", "log"), "whole": ("wholes", "whole"),
}


def command(name: str) -> Callable[[argparse.Namespace], int]:
    """What runs a command, from its options to the exit code.  Raises KeyError for a name without one."""
    room, function = _WHERE[name]
    found: Callable[[argparse.Namespace], int] = getattr(import_module(f"{__name__}.{room}"), function)
    return found
