"""Reading meshes: OBJ, STL, PLY, OFF and glTF, through trimesh, from this machine alone."""

from __future__ import annotations

from collections.abc import Callable, Collection
from dataclasses import replace
from pathlib import Path
from typing import Any, NamedTuple

from mingei.core.covering.art import Art, Fill, free_name
from mingei.core.document.project import Brief
from mingei.core.errors import MeasureError, MingeiError, ProjectError
from mingei.core.mesh.facets import merged, reduced
from mingei.core.mesh.mending import MOST_TRIANGLES, Mended, Mending, mend
from mingei.core.mesh.mesh import Mesh, read_mesh, write_mesh
from mingei.core.words import say
from mingei.formats import assets
from mingei.formats.mesh_colours import Skin, coloured, joined, skin_of, wrapped

#: The endings that are read.
ENDINGS = (".obj", ".stl", ".ply", ".off", ".glb", ".gltf")
#: No larger file is read, bytes.
_MOST_BYTES = 60_000_000
#: A body that is lower than such a share of its size is not sized by its height.
_LOWEST = 100.0


class Taken(NamedTuple):
    """mesh: reduced, its faces merged; text: as a brief keeps it; mended: what was found; skin: what it is
    coloured like, where it bears a picture or colours that run into each other, in the mesh's own
    coordinates."""

    mesh: Mesh
    text: str
    mended: Mended
    skin: Skin | None = None

    @property
    def printed(self) -> str:
        """What its facets are printed with, unless something else is wanted."""
        return "picture" if self.skin else "plain" if self.mesh.colours is None else "colours"


def load(path: Path, facets: int = 300, upright: str = "z", step: Callable[[], None] = lambda: None,
         left: Collection[Mending] = (), merge_deg: float = 0.5) -> Taken:
    """Read a mesh, mend it and reduce it to about so many facets.  upright: which axis points up, y or z;
    step: called on the way, may raise; left: what is not to be mended; merge_deg: facets
    that turn by no more are made one.

    Raises ProjectError with the reason and the remedy.
    """
    import numpy as np

    if path.suffix.lower() not in ENDINGS:
        raise ProjectError("it is no mesh file", str(path),
                           say("choose one of: {names}", names=", ".join(ENDINGS)))
    try:
        size = path.stat().st_size
        if size > _MOST_BYTES:
            raise ProjectError(say("{size:.0f} MB are more than are read", size=size / 1e6), str(path),
                               "reduce it first, or export only the body you want")
        corners, triangles, skin = _read(path)
    except OSError as error:
        raise ProjectError(say("it cannot be read ({reason})", reason=error.strerror or str(error)),
                           str(path), "look whether it is there and may be read") from None
    step()
    if upright == "y":
        corners = _set_up(corners)
        skin = skin and skin.moved(_set_up)
    try:
        mended = mend(corners, triangles, left)
        step()
        mesh = reduced(mended.mesh, facets)
        if mesh is not mended.mesh:  # what reducing left over
            mesh = mend(mesh.corners, np.array(mesh.faces, np.int64), left).mesh
        step()
        flat = merged(mesh, merge_deg)
        if skin is not None:
            flat = Mesh(flat.corners, flat.faces, coloured(flat, skin))
        if flat.size[2] < max(flat.size) / _LOWEST:
            raise MeasureError("it lies so low that nothing can be told by its height", "mesh",
                               "choose the other axis to point up, or set it upright where it comes from")
        mesh = flat.sized(1000.0)
        text = write_mesh(mesh)
        skin = (skin.moved(lambda points: flat.seated(points, 1000.0))
                if skin is not None and not skin.even else None)
    except MingeiError as error:
        raise ProjectError(error.sentence, str(path), error.remedy) from None
    return Taken(mesh, text, mended, skin)


def with_picture(brief: Brief, taken: Taken, step: Callable[[], None] = lambda: None,
                 folder: Path | None = None) -> Brief:
    """The brief with the picture that goes round its mesh painted and kept, and the one before gone.  step:
    called on the way, may raise; folder: where pictures are kept.  Raises ExportError where it cannot be
    written."""
    brief = replace(brief, arts=tuple(a for a in brief.arts if a.fill is not Fill.ROUND))
    if taken.skin is None:
        return brief
    # on the mesh as it is kept, which is what is laid out later
    kept = assets.keep_bytes(wrapped(read_mesh(taken.text), taken.skin, step), "png", folder)
    return brief.with_art(Art(free_name(brief.arts, "picture"), "part 1", source=str(kept), fill=Fill.ROUND,
                              digest=kept.stem))


def _set_up(points: Any) -> Any:
    """Points whose second axis points up, set upright."""
    import numpy as np

    return np.stack([points[:, 0], -points[:, 2], points[:, 1]], axis=1)


def _read(path: Path) -> tuple[Any, Any, Skin | None]:
    """Corners and triangles of all bodies in a file, and what they are coloured like."""
    import numpy as np
    import trimesh

    refused = ProjectError("it holds no mesh that can be read", str(path),
                           "export it again, as a mesh of triangles")
    try:
        found: Any = trimesh.load(str(path), process=False)
        bodies: list[Any] = list(found.dump()) if isinstance(found, trimesh.Scene) else [found]
        bodies = [b for b in bodies if isinstance(b, trimesh.Trimesh) and len(b.faces) > 0]
        if not bodies or sum(len(b.faces) for b in bodies) > MOST_TRIANGLES:
            raise refused
        offsets = np.cumsum([0, *(len(b.vertices) for b in bodies)])
        corners = np.concatenate([np.asarray(b.vertices, np.float64) for b in bodies])
        triangles = np.concatenate([np.asarray(b.faces, np.int64) + off
                                    for b, off in zip(bodies, offsets, strict=False)])
        if corners.shape[1:] != (3,) or triangles.shape[1:] != (3,):
            raise refused
        skins = [found for found in map(skin_of, bodies) if found is not None]
    except (OSError, ProjectError):
        raise
    except Exception:  # noqa: BLE001 whatever a broken file makes its reader do
        raise refused from None
    return corners, triangles, joined(skins) if skins else None
