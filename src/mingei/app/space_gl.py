"""Drawing solids with OpenGL into memory: no window system needed, so it works the same on every screen and on none."""

from __future__ import annotations

from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.solid import Solids

#: Colours for one picture, each (r, g, b) 0..1.
Colour = tuple[float, float, float]


class Scene(NamedTuple):
    """What to draw: solids, the colour of each triangle (n, 3) and of each edge (m, 3), of the ground and of cut card."""

    solids: Solids
    faces: NDArray[np.float32]
    edges: NDArray[np.float32]
    ground: Colour
    cut: Colour


#: A plane (a, b, c, d): what lies where ax + by + cz + d < 0 is cut away.
Plane = tuple[float, float, float, float]
NO_PLANE: Plane = (0.0, 0.0, 0.0, 1.0)


_FACES_VERTEX = """
#version 330
uniform mat4 camera;
in vec3 at; in vec3 normal; in vec3 tint;
out vec3 n; out vec3 c; out float kept;
uniform vec4 section;
void main() { gl_Position = camera * vec4(at, 1.0); n = normal; c = tint; kept = dot(section, vec4(at, 1.0)); }
"""
_FACES_FRAGMENT = """
#version 330
uniform vec3 light; uniform vec3 cut;
in vec3 n; in vec3 c; in float kept;
out vec4 colour;
void main() {
    if (kept < 0.0) discard;
    // the inside of a solid shows only where it is cut open: painted flat, it is the cut
    colour = gl_FrontFacing ? vec4(c * (0.66 + 0.34 * max(dot(normalize(n), light), 0.0)), 1.0) : vec4(cut, 1.0);
}
"""
_EDGES_VERTEX = """
#version 330
uniform mat4 camera;
uniform vec4 section;
in vec3 at; in vec3 tint;
out vec3 c; out float kept;
void main() { gl_Position = camera * vec4(at, 1.0); gl_Position.z -= 0.0004 * gl_Position.w; c = tint; kept = dot(section, vec4(at, 1.0)); }
"""
_EDGES_FRAGMENT = """
#version 330
in vec3 c; in float kept;
out vec4 colour;
void main() { if (kept < 0.0) discard; colour = vec4(c, 1.0); }
"""


class NoGraphics(Exception):
    """OpenGL is not to be had on this machine."""


class Renderer:
    """One OpenGL context with its buffers.  Raises NoGraphics when there is none."""

    def __init__(self) -> None:
        import moderngl

        egl: dict[str, Any] = {"backend": "egl"}
        try:
            self.context: Any = moderngl.create_context(require=330, standalone=True, **egl)
        except Exception as error:  # noqa: BLE001 - drivers fail in many ways, all of them mean the same here
            raise NoGraphics(str(error)) from None
        self.faces: Any = self.context.program(vertex_shader=_FACES_VERTEX, fragment_shader=_FACES_FRAGMENT)
        self.lines: Any = self.context.program(vertex_shader=_EDGES_VERTEX, fragment_shader=_EDGES_FRAGMENT)
        self.context.enable(moderngl.DEPTH_TEST | moderngl.CULL_FACE)
        self._targets: dict[tuple[int, int, int], tuple[Any, Any]] = {}
        self._buffers: list[Any] = []
        self._loaded: Scene | None = None
        self._vertex_arrays: tuple[Any, Any] | None = None

    def draw(self, scene: Scene, camera: NDArray[np.float64], light: NDArray[np.float64], width: int, height: int, samples: int,
             section: Plane = NO_PLANE) -> bytes:
        """The picture as RGBA rows from the bottom up.  samples: 0 while moving, 4 at rest; section: what is cut away."""
        import moderngl

        self._load(scene)
        assert self._vertex_arrays is not None
        drawn, read = self._target(width, height, samples)
        drawn.use()
        self.context.clear(*scene.ground, 1.0)
        matrix = camera.T.astype("f4").tobytes()
        self.faces["camera"].write(matrix)
        self.lines["camera"].write(matrix)
        self.faces["light"].value = tuple(float(v) for v in light)
        self.faces["cut"].value = scene.cut
        self.faces["section"].value = self.lines["section"].value = section
        if section == NO_PLANE:
            self.context.enable(moderngl.CULL_FACE)
        else:
            self.context.disable(moderngl.CULL_FACE)
        self._vertex_arrays[0].render(moderngl.TRIANGLES)
        self._vertex_arrays[1].render(moderngl.LINES)
        if drawn is not read:
            self.context.copy_framebuffer(read, drawn)
        data: bytes = read.read(components=4, alignment=1)
        return data

    def _load(self, scene: Scene) -> None:
        if scene is self._loaded:
            return
        for old in (*self._buffers, *(self._vertex_arrays or ())):
            old.release()
        shape = scene.solids
        faces = np.concatenate([shape.triangles.reshape(-1, 3), np.repeat(shape.normals, 3, axis=0), np.repeat(scene.faces, 3, axis=0)],
                               axis=1).astype("f4")
        lines = np.concatenate([shape.edges.reshape(-1, 3), np.repeat(scene.edges, 2, axis=0)], axis=1).astype("f4")
        self._buffers = [self.context.buffer(faces.tobytes()), self.context.buffer(lines.tobytes())]
        self._vertex_arrays = (
            self.context.vertex_array(self.faces, [(self._buffers[0], "3f 3f 3f", "at", "normal", "tint")]),
            self.context.vertex_array(self.lines, [(self._buffers[1], "3f 3f", "at", "tint")]))
        self._loaded = scene

    def _target(self, width: int, height: int, samples: int) -> tuple[Any, Any]:
        key = (width, height, samples)
        if key not in self._targets:
            if len(self._targets) >= 4:  # a few sizes are kept, no more
                for frames in self._targets.values():
                    for frame in set(frames):
                        frame.release()
                self._targets.clear()
            read = self.context.simple_framebuffer((width, height), components=4)
            drawn = read if samples == 0 else self.context.framebuffer(
                [self.context.renderbuffer((width, height), 4, samples=samples)],
                self.context.depth_renderbuffer((width, height), samples=samples))
            self._targets[key] = (drawn, read)
        return self._targets[key]
