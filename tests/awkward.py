"""Awkward inputs met again and again."""

from __future__ import annotations

#: What people type into a field for a length, that is none.
NO_LENGTHS = (
    "", "   ", "twelve", "12 apples", "1/0", "3 7/0 in", "mm", "=", "=2*", "=(3", "=3)", "=w*h", "=w/h",
    "=1/0", "3 in 4", "1 in 2 ft",
    "--3", "1..2", "=nowhere", "=" + "(" * 500 + "1", "nan", "inf", "1e400", "12 mm mm", "½½", "\x00",
)

_CARTON = b'{"mingei": 1, "briefs": [{"recipe": "carton", '

#: Bytes that are no project.
NO_PROJECTS = (
    b"", b"\x00", b"\xff\xfe\x00", b"null", b"[]", b"{}", b"[" * 100_000,
    b'{"mingei": true}', b'{"mingei": 0}', b'{"mingei": 99}', b'{"mingei": 1}',
    b'{"mingei": 1, "briefs": []}', b'{"mingei": 1, "briefs": {}}', b'{"mingei": 1, "briefs": [7]}',
    b'{"mingei": 1, "briefs": [{"recipe": "none"}]}',
    _CARTON + b'"measures": {"length": NaN}}]}',
    _CARTON + b'"measures": {"length": true}}]}',
    _CARTON + b'"measures": {"length": "x"}}]}',
    _CARTON + b'"measures": {"depth": 3}}]}',
    _CARTON + b'"measures": {"length": 1e999}}]}',
    _CARTON + b'"copies": 0}]}',
    _CARTON + b'"amendments": [7]}]}',
    _CARTON + b'"amendments": [{"kind": "hem"}]}]}',
    _CARTON + b'"amendments": [{"kind": "seam", "seam": "front tab", "joint": "lap"}]}]}',
    _CARTON + b'"amendments": [{"kind": "seam", "seam": "left lip", "joint": "tuck", "moved": true}]}]}',
    _CARTON + b'"notes": 3}]}',
    _CARTON + b'"stock": "gold"}]}',
    b'{"mingei": 1, "unit": "ell", "briefs": [{"recipe": "carton"}]}',
    b'{"mingei": 1, "sheet": "B9", "briefs": [{"recipe": "carton"}]}',
    b'{"mingei": 1, "stocks": [{"id": "x"}], "briefs": [{"recipe": "carton"}]}',
    b'{"mingei": 1, "stocks": [{"id": "x", "name": "y", "grammage_gsm": 1, "caliper_mm": -3}], "briefs": '
    b'[{"recipe": "carton"}]}',
)
