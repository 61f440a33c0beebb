"""Drawing solids with OpenGL into memory: no window system needed, so it works the same on every screen and
on none."""

from __future__ import annotations

import math
import os
from functools import cache
from typing import Any, NamedTuple

import numpy as np
from numpy.typing import NDArray

from mingei.core.folded.solid import RIM, Solids

#: Colours for one picture, each (r, g, b) 0..1.
Colour = tuple[float, float, float]


class ArtFaces(NamedTuple):
    """Triangles that bear a print: the first's number in the scene, and how many; where their corners lie in
    the image, (n, 3, 2) 0..1 from its upper left; the image as rows of red, green, blue and alpha, its size,
    px, and a number to know it by."""

    first: int
    many: int
    at: NDArray[np.float32]
    pixels: bytes
    size: tuple[int, int]
    key: int


class Scene(NamedTuple):
    """What to draw: solids, the colour of each triangle (n, 3) and of each edge (m, 3), of the ground and of
    cut card; art: its prints."""

    solids: Solids
    faces: NDArray[np.float32]
    edges: NDArray[np.float32]
    ground: Colour
    cut: Colour
    art: tuple[ArtFaces, ...] = ()


#: A plane (a, b, c, d): what lies where ax + by + cz + d < 0 is cut away.
Plane = tuple[float, float, float, float]
NO_PLANE: Plane = (0.0, 0.0, 0.0, 1.0)
#: How many times denser the faces that show are found at rest, and up to which size of picture: beyond it
#: that takes too long.
_FINER, _FINER_MOST_PX = 2, 400_000
#: Pictures are drawn in sizes that are multiples of this (px), so that a thing that grows a little is drawn
#: where it was.
_STEP_PX = 64
#: A picture at rest is drawn in bands so high.
_BAND_PX = 2 * _STEP_PX
#: A face so little turned away (the sine of the angle) may show still: after a mitre it is not quite plane.
_GRAZING = 0.01
_CLIP_DISTANCE0 = 0x3000  # OpenGL's own number for the first clipping plane


# Besides its colour every pixel gets the number of the face that shows there.  Card is thinner than a pixel,
# so depth alone cannot tell an edge from one hidden just beneath: an edge is drawn where a face it bounds
# shows.
_FACES_VERTEX = """
#version 330
uniform mat4 camera; uniform vec4 section; uniform vec3 light;
in vec3 at; in vec3 normal; in vec3 tint; in float number;
out float shade; flat out vec3 c; flat out float f;
void main() {
    gl_Position = camera * vec4(at, 1.0);
    gl_ClipDistance[0] = dot(section, vec4(at, 1.0));
    shade = 0.66 + 0.34 * max(dot(normalize(normal), light), 0.0);
    c = tint.bgr; f = number;
}
"""
_FACES_FRAGMENT = """
#version 330
uniform vec3 cut;
in float shade; flat in vec3 c; flat in float f;
layout(location = 0) out vec4 colour;
layout(location = 1) out float face;
void main() {
    // the inside of a solid shows only where it is cut open: painted flat, it is the cut
    colour = vec4(gl_FrontFacing ? c * shade : cut.bgr, 1.0);
    face = gl_FrontFacing ? f : -2.0;
}
"""
_ART_VERTEX = """
#version 330
uniform mat4 camera; uniform vec4 section; uniform vec3 light;
in vec3 at; in vec3 normal; in vec3 tint; in float number; in vec2 place;
out float shade; flat out vec3 c; flat out float f; out vec2 where;
void main() {
    gl_Position = camera * vec4(at, 1.0);
    gl_ClipDistance[0] = dot(section, vec4(at, 1.0));
    shade = 0.66 + 0.34 * max(dot(normalize(normal), light), 0.0);
    c = tint; f = number; where = place;
}
"""
_ART_FRAGMENT = """
#version 330
uniform sampler2D print;
in float shade; flat in vec3 c; flat in float f; in vec2 where;
layout(location = 0) out vec4 colour;
layout(location = 1) out float face;
void main() {
    vec4 ink = texture(print, where);
    if (!gl_FrontFacing || ink.a < 0.004) discard;
    colour = vec4(mix(c, ink.rgb, ink.a).bgr * shade, 1.0);
    face = f;
}
"""
_EDGES_VERTEX = """
#version 330
uniform mat4 camera; uniform vec4 section;
in vec3 at; in vec3 tint; in vec2 bounds; in vec3 end;
uniform vec2 size;
out vec3 c; flat out vec2 faces; flat out ivec2 beside;
void main() {
    gl_Position = camera * vec4(at, 1.0);
    vec4 far = camera * vec4(end, 1.0);
    vec2 way = abs(size * (far.xy / far.w - gl_Position.xy / gl_Position.w));
    beside = way.x > way.y ? ivec2(0, 1) : ivec2(1, 0);
    gl_ClipDistance[0] = dot(section, vec4(at, 1.0));
    c = tint; faces = bounds;
}
"""
_EDGES_FRAGMENT = """
#version 330
uniform sampler2D seen;
in vec3 c; flat in vec2 faces; flat in ivec2 beside;
out vec4 colour;
bool at(ivec2 place) {
    float f = texelFetch(seen, place, 0).r;
    return f == faces.x || f == faces.y;
}
void main() {
    LOOK
    if (!shows) discard;
    colour = vec4(c.bgr, 1.0);
}
"""
# where a face shows beside an edge's pixel; spelled out or unrolled, since both count in time (measured)
_LOOK_PLAIN = """
    ivec2 here = clamp(ivec2(gl_FragCoord.xy), ivec2(1), textureSize(seen, 0) - 2);
    bool shows = at(here) || at(here + beside) || at(here - beside);
"""
_LOOK_FINE = """
    const int finer = 2;
    ivec2 here = clamp(ivec2(gl_FragCoord.xy) * finer, ivec2(finer), textureSize(seen, 0) - 2 * finer);
    bool shows = false;
    for (int i = -finer; i < 2 * finer; i++)
        for (int j = -finer; j < 2 * finer; j++) shows = shows || at(here + ivec2(i, j));
"""
#: What each of them is handed of an edge's end: only the plain one asks where its other end lies.
_EDGE_FORMS = {1: ("3f 3f 2f 3f", "at", "tint", "bounds", "end"), 2: ("3f 3f 2f 12x", "at", "tint", "bounds")}
_LOOKS = {1: _LOOK_PLAIN, 2: _LOOK_FINE}


class Region(NamedTuple):
    """A part of a picture, px from its upper left corner; it may reach past the picture's edges."""

    left: int
    top: int
    width: int
    height: int

    @property
    def bands(self) -> tuple[Region, ...]:
        """It cut into bands from the top down, none so large that drawing it keeps a person waiting."""
        return tuple(self._replace(top=self.top + y, height=min(_BAND_PX, self.height - y))
                     for y in range(0, self.height, _BAND_PX))

    def seen_by(self, matrix: NDArray[np.float64], width: int, height: int) -> NDArray[np.float64]:
        """A camera's matrix for a whole picture of width x height px, narrowed to this part, its rows from
        the top down."""
        part = matrix.copy()
        part[0] = matrix[0] * (width / self.width) + matrix[3] * ((width - 2 * self.left) / self.width - 1)
        part[1] = (-matrix[1] * (height / self.height) + matrix[3]
                   * ((height - 2 * self.top) / self.height - 1))
        return part


def region(solids: Solids, matrix: NDArray[np.float64], width: int, height: int) -> Region:
    """The part of a picture of width x height px that the solids fill: only that much is drawn."""
    corners = solids.triangles.reshape(-1, 3) @ matrix[[0, 1, 3], :3].T + matrix[[0, 1, 3], 3]
    far = np.maximum(corners[:, 2:], 1e-9)
    low, high = (corners[:, :2] / far).min(axis=0), (corners[:, :2] / far).max(axis=0)
    (left, bottom), (right, top) = ((((low if end == 0 else high) + 1) / 2 * (width, height)).tolist()
                                    for end in (0, 1))
    bottom, top = height - bottom, height - top
    first_x, last_x = max(0, math.floor(left) - 2), min(width, math.ceil(right) + 2)
    first_y, last_y = max(0, math.floor(top) - 2), min(height, math.ceil(bottom) + 2)
    return Region(first_x, first_y, max(1, math.ceil((last_x - first_x) / _STEP_PX)) * _STEP_PX,
                  max(1, math.ceil((last_y - first_y) / _STEP_PX)) * _STEP_PX)


def _turned_to(solids: Solids, camera: NDArray[np.float64]) -> NDArray[np.bool_]:
    """The edges that may show: a face beside them looks at the camera.  Of most things half the edges do
    not."""
    rows = camera[[0, 1, 3]]
    eye = np.linalg.solve(rows[:, :3], -rows[:, 3])
    sight = eye - solids.edges[:, 0]
    turned = (np.einsum("mfi,mi->mf", solids.edge_normals, sight) > -_GRAZING
              * np.sqrt((sight**2).sum(axis=1))[:, None])
    return turned[:, 0] | turned[:, 1]  # type: ignore[no-any-return]  # numpy's own types do not say


#: Frames of so many bytes in all are kept for the sizes drawn last.
_ROOM_BYTES = 96 * 1024 * 1024


class NoGraphics(Exception):
    """OpenGL is not to be had on this machine."""


class _Target(NamedTuple):
    """Where one size of picture is drawn: colours with the faces that show, colours to read, smooth colours,
    the faces that show, and how many times denser than the picture these are found; held: all that was made
    for it and is let go with it, room: what that takes, bytes."""

    faces: Any
    plain: Any
    smooth: Any
    texture: Any
    finer: int
    held: tuple[Any, ...]
    room: int

    def release(self) -> None:
        for held in self.held:  # what a frame is made of does not go with the frame
            held.release()


@cache
def renderer() -> Renderer:
    """The one renderer all views share.  Raises NoGraphics when there can be none."""
    return Renderer()


class Renderer:
    """One OpenGL context with its buffers.  Raises NoGraphics when there is none."""

    def __init__(self) -> None:
        import moderngl

        # the software rasteriser's own threads, even idle, take half the speed of everything else on a small
        # machine (measured)
        os.environ.setdefault("LP_NUM_THREADS", "0")
        egl: dict[str, Any] = {"backend": "egl"}
        try:
            self.context: Any = moderngl.create_context(require=330, standalone=True, **egl)
        except Exception as error:  # noqa: BLE001 - drivers fail in many ways, all of them mean the same here
            raise NoGraphics(str(error)) from None
        self.faces: Any = self.context.program(vertex_shader=_FACES_VERTEX, fragment_shader=_FACES_FRAGMENT)
        self.prints: Any = self.context.program(vertex_shader=_ART_VERTEX, fragment_shader=_ART_FRAGMENT)
        self.context.depth_func = "<="  # a print lies in its face
        self._textures: dict[int, Any] = {}
        self._art: list[tuple[Any, Any]] = []
        self._art_buffers: list[Any] = []
        self._corners = 0  # of all triangles
        self.lines: dict[int, Any] = {
            finer: self.context.program(vertex_shader=_EDGES_VERTEX,
                                        fragment_shader=_EDGES_FRAGMENT.replace("LOOK", look))
            for finer, look in _LOOKS.items()}
        self.context.enable(moderngl.DEPTH_TEST | moderngl.CULL_FACE)
        self.context.front_face = "cw"  # since the rows run from the top down
        self._targets: dict[tuple[int, int, int], _Target] = {}
        self._buffers: list[Any] = []
        self._loaded: Scene | None = None
        self._vertex_arrays: tuple[Any, ...] | None = None

    def draw(self, scene: Scene, camera: NDArray[np.float64], light: NDArray[np.float64], width: int,
             height: int, samples: int,
             section: Plane = NO_PLANE, part: Region | None = None) -> tuple[bytes, Region]:
        """The part of a picture of width x height px that shows anything, or the one given: rows of blue,
        green, red and 255, top first.

        samples: 0 while moving, 4 at rest; section: what is cut away.
        """
        import moderngl

        self._load(scene)
        assert self._vertex_arrays is not None
        part = part or region(scene.solids, camera, width, height)
        target = self._target(part.width, part.height, samples)
        matrix = part.seen_by(camera, width, height).T.astype("f4").tobytes()
        lines_program = self.lines[target.finer]
        for program in (self.faces, lines_program, *((self.prints,) if self._art else ())):
            program["camera"].write(matrix)
            program["section"].value = section
        if "size" in lines_program:
            lines_program["size"].value = (float(part.width), float(part.height))
        self.faces["light"].value = tuple(float(v) for v in light)
        if self._art:
            self.prints["light"].value = tuple(float(v) for v in light)
        self.faces["cut"].value = scene.cut
        if section == NO_PLANE:
            self.context.enable(moderngl.CULL_FACE)
            self.context.disable_direct(_CLIP_DISTANCE0)
        else:
            self.context.disable(moderngl.CULL_FACE)
            self.context.enable_direct(_CLIP_DISTANCE0)
        faces, lines = self._vertex_arrays[0], self._vertex_arrays[target.finer]
        target.faces.use()
        target.faces.clear(*scene.ground[::-1], 1.0)
        self._draw_faces(faces)
        if target.smooth is not None:
            target.smooth.use()
            target.smooth.clear(*scene.ground[::-1], 1.0)
            self._draw_faces(faces)
        self.context.disable(moderngl.DEPTH_TEST)
        (target.smooth or target.plain).use()
        target.texture.use(0)
        whole = section == NO_PLANE
        turned = (np.flatnonzero(_turned_to(scene.solids, camera)) if whole
                  else np.arange(len(scene.solids.edges)))
        if len(turned):
            self._buffers[2].write((2 * turned[:, None] + (0, 1)).astype("i4").tobytes())
            lines.render(moderngl.LINES, vertices=2 * len(turned))
        self.context.enable(moderngl.DEPTH_TEST)
        if target.smooth is not None:
            self.context.copy_framebuffer(target.plain, target.smooth)
        data: bytes = target.plain.read(components=4, alignment=1)
        return data, part

    def _draw_faces(self, faces: Any) -> None:
        import moderngl

        faces.render(moderngl.TRIANGLES, vertices=self._corners)
        for texture, array in self._art:
            texture.use(0)
            array.render(moderngl.TRIANGLES)

    def _load_art(self, scene: Scene, faces: NDArray[np.float32]) -> None:
        """Buffers and textures of the prints; textures are kept while they are shown."""
        import moderngl

        for old in (*(array for _, array in self._art), *self._art_buffers):
            old.release()
        self._art, self._art_buffers = [], []
        keys = {a.key for a in scene.art}
        for key in [k for k in self._textures if k not in keys]:
            self._textures.pop(key).release()
        for art in scene.art:
            if art.key not in self._textures:
                texture = self._textures[art.key] = self.context.texture(art.size, 4, art.pixels)
                # no smaller copies: made by the software rasteriser they hold everything up (measured), and
                # the image comes near its size
                texture.filter = (moderngl.LINEAR, moderngl.LINEAR)
                texture.repeat_x = texture.repeat_y = False
            own = faces[3 * art.first:3 * (art.first + art.many)]
            held = self.context.buffer(np.concatenate([own, art.at.reshape(-1, 2)],
                                                      axis=1).astype("f4").tobytes())
            self._art_buffers.append(held)
            self._art.append((self._textures[art.key], self.context.vertex_array(
                self.prints, [(held, "3f 3f 3f 1f 2f", "at", "normal", "tint", "number", "place")])))

    def _load(self, scene: Scene) -> None:
        if scene is self._loaded:
            return
        shape = scene.solids
        numbers = np.repeat(3 * shape.panel + shape.face, 3)[:, None]
        faces = np.concatenate([shape.triangles.reshape(-1, 3), shape.shading.reshape(-1, 3),
                                np.repeat(scene.faces, 3, axis=0),
                                numbers], axis=1).astype("f4")
        # an edge bounds its own face and the rim
        bounds = np.stack([3 * shape.edge_panel + shape.edge_face, 3 * shape.edge_panel + RIM], axis=1)
        lines = np.concatenate([shape.edges.reshape(-1, 3), np.repeat(scene.edges, 2, axis=0),
                                np.repeat(bounds, 2, axis=0),
                                shape.edges[:, ::-1].reshape(-1, 3)], axis=1).astype("f4")
        data = faces.tobytes(), lines.tobytes(), bytes(8 * len(shape.edges))
        if (self._vertex_arrays is None
            or any(len(d) > b.size for d, b in zip(data, self._buffers, strict=True))):
            for old in (*self._buffers, *(self._vertex_arrays or ())):
                old.release()
            # room for more: while a thing changes they are written again and again, and made anew only when
            # it outgrows them
            self._buffers = [self.context.buffer(reserve=max(1024, 2 * len(d)), dynamic=True) for d in data]
            self._vertex_arrays = (
                self.context.vertex_array(self.faces,
                                          [(self._buffers[0], "3f 3f 3f 1f", "at", "normal", "tint",
                                            "number")]),
                *(self.context.vertex_array(self.lines[finer], [(self._buffers[1], *form)],
                                            index_buffer=self._buffers[2])
                  for finer, form in _EDGE_FORMS.items()))
        for held, written in zip(self._buffers[:2], data, strict=False):
            held.write(written)
        self._corners = len(faces)
        self._load_art(scene, faces)
        self._loaded = scene

    def _target(self, width: int, height: int, samples: int) -> _Target:
        key = (width, height, samples)
        if key in self._targets:
            self._targets[key] = self._targets.pop(key)  # the last one used is the last one let go
        else:
            # at rest the faces that show are found at twice the density: a rim of card may be thinner than a
            # pixel
            finer = _FINER if samples and width * height <= _FINER_MOST_PX else 1
            size, fine = (width, height), (width * finer, height * finer)
            colour, texture = self.context.renderbuffer(fine, 4), self.context.texture(fine, 1, dtype="f4")
            depth = self.context.depth_renderbuffer(fine)
            faces = self.context.framebuffer([colour, texture], depth)
            read = [self.context.renderbuffer(size, 4)] if samples else [colour]
            plain = self.context.framebuffer(read)
            smooth, fair = None, list[Any]()
            if samples:
                fair = [self.context.renderbuffer(size, 4, samples=samples),
                        self.context.depth_renderbuffer(size, samples=samples)]
                smooth = self.context.framebuffer(fair[:1], fair[1])
            held = (faces, plain, *([smooth] if smooth else []), colour, texture, depth,
                    *(read if samples else []), *fair)
            room = width * height * (12 * finer ** 2 + (4 + 8 * samples if samples else 0))
            while self._targets and room + sum(each.room for each in self._targets.values()) > _ROOM_BYTES:
                self._targets.pop(next(iter(self._targets))).release()
            self._targets[key] = _Target(faces, plain, smooth, texture, finer, held, room)
        return self._targets[key]
