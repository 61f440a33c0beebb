"""The standard sides to look from; apart from the camera, so that a menu can name them before anything is
drawn."""

from __future__ import annotations

#: Standard views: name, yaw, pitch (degrees).
STANDARD_VIEWS: tuple[tuple[str, float, float], ...] = (
    ("corner", -52.0, 28.0), ("front", -90.0, 0.0), ("right", 0.0, 0.0), ("top", -90.0, 89.0),
    ("back", 90.0, 0.0), ("left", 180.0, 0.0),
    ("underneath", -90.0, -89.0),
)
