"""What a file says beyond what is known here, kept so that it is written back."""

from __future__ import annotations

import json
from collections.abc import Collection, Mapping
from typing import Any, TypeAlias

#: Unknown keys with their values as JSON text, which is frozen and can be compared.
Extra: TypeAlias = tuple[tuple[str, str], ...]


def freeze(data: Mapping[str, Any], known: Collection[str]) -> Extra:
    """The keys of a mapping that are not known."""
    return tuple((k, json.dumps(v, ensure_ascii=False)) for k, v in data.items() if k not in known)


def thaw(extra: Extra) -> dict[str, Any]:
    """The same as data again."""
    return {k: json.loads(v) for k, v in extra}
