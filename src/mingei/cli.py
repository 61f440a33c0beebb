"""The same work without a window.

Everything heavy is imported where it is used, so that the window's first paint waits for nothing.
"""

from __future__ import annotations

import argparse
import errno
import io
import os
import sys
from collections.abc import Sequence

from mingei.command_line import COMMANDS, INTERRUPTED, OK, REFUSED, parser
from mingei.commands import command
from mingei.core.errors import MingeiError
from mingei.core.words import quoted, say


def main(arguments: Sequence[str] | None = None) -> int:
    """Run one command; returns the exit code.  Refusals are one sentence on stderr."""
    words = list(sys.argv[1:] if arguments is None else arguments)
    if not words or (words[0] not in COMMANDS and words[0] not in ("-h", "--help", "--version")):
        words.insert(0, "window")
    for stream in (sys.stdout, sys.stderr):  # a terminal that knows few letters is shown the others by number
        if isinstance(stream, io.TextIOWrapper):
            stream.reconfigure(errors="backslashreplace")
    try:
        options = parser().parse_args(words)
        code = (_window if options.command == "window" else command(options.command))(options)
        sys.stdout.flush()
        return code
    except MingeiError as error:
        print(f"mingei: {' '.join(str(error).split())}", file=sys.stderr)
        return REFUSED
    except BrokenPipeError:  # the reader left, as `| head` does
        _say_no_more()
        return OK
    except OSError as error:
        _say_no_more()
        print(f"mingei: {' '.join(str(_unusable(error)).split())}", file=sys.stderr)
        return REFUSED
    except KeyboardInterrupt:
        return INTERRUPTED
    except Exception as error:  # noqa: BLE001 - the last door: our own fault is said like all else, and kept
        print(f"mingei: {' '.join(str(_fault(error)).split())}", file=sys.stderr)
        return REFUSED


def _say_no_more() -> None:
    """What was still to be printed goes nowhere, so that leaving does not fail on it once more."""
    if isinstance(sys.stdout, io.TextIOWrapper):
        os.dup2(os.open(os.devnull, os.O_WRONLY), sys.stdout.fileno())


def _unusable(error: OSError) -> MingeiError:
    """A file, a name or a pipe that the system refuses."""
    place = quoted(str(error.filename)) if error.filename else ""
    if error.errno == errno.ENAMETOOLONG:
        return MingeiError("the name is longer than a file's can be", place, "write a shorter one")
    return MingeiError(say("it cannot be used ({reason})", reason=error.strerror or type(error).__name__),
                       place, "write to where there is room, and name files that are there")


def _fault(error: Exception) -> MingeiError:
    """A fault of Mingei itself, written to the log of faults."""
    from platformdirs import user_state_path

    from mingei.app import faults

    log = faults.begin(user_state_path("mingei", appauthor=False))
    faults.LOG.error("fault", exc_info=error)
    kept = say("the reason is in {log}", log=log) if log else f"{type(error).__name__}: {error}"
    return MingeiError(say("something went wrong in Mingei itself ({kind})",
                           kind=type(error).__name__), "", kept)


def _window(options: argparse.Namespace) -> int:
    from mingei.app.main import run

    return run(options.file, demo=options.demo, shots=options.shots)
