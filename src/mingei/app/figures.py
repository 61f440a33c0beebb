"""Lengths as the window shows them: fractions set as fractions.  Fields that are written into keep plain
figures."""

from __future__ import annotations

from mingei.core import length


def write(mm: float, unit: str) -> str:
    """In the person's unit."""
    return length.typeset(length.write(mm, unit))


def write_both(mm: float) -> str:
    """Metric first, inches beside it."""
    return length.typeset(length.write_both(mm))


def write_inches(mm: float) -> str:
    return length.typeset(length.write_inches(mm))
