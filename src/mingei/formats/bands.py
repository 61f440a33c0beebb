"""A large picture band by band, from the top down, so that it is never held whole.

Pillow reads a PNG whole or not at all.  But a row of a PNG leans on the row above it only, so a file can be
cut into low ones: the row above, written out plainly, then the rows of the band as they stand in the file
(PNG, W3C Recommendation, third edition, clauses 9 and 11).
"""

from __future__ import annotations

import io
import struct
import zlib
from collections.abc import Iterator
from pathlib import Path
from typing import TYPE_CHECKING, BinaryIO, NamedTuple

if TYPE_CHECKING:
    from PIL.Image import Image

_SIGNATURE = b"\x89PNG\r\n\x1a\n"
#: Bytes a pixel by colour type, where a channel is one byte: greys, colours, palette, greys and colours with
#: alpha.
_BYTES = {0: 1, 2: 3, 3: 1, 4: 2, 6: 4}
#: Chunks that say what the bytes of a pixel mean, and how much of the file is read at a time.
_MEANINGS, _READ = (b"PLTE", b"tRNS", b"gAMA", b"cHRM", b"sRGB"), 1 << 18
#: A plainly written row above: the first byte of a row says how it leans on others, 0: not at all.
_PLAIN = b"\0"


class Band(NamedTuple):
    """Some rows of a picture: the first's number, and their pixels."""

    top: int
    image: Image


def bands(file: Path, rows: int, image: Image) -> Iterator[Band]:
    """The rows of an opened picture, so many at a time.  image: the same file as Pillow opened it, its pixels
    not yet read.

    A PNG of one byte a channel, not interlaced, is cut; any other picture is read whole first.  Raises
    OSError and SyntaxError, as Pillow does, when the file is broken or cut short.
    """
    if image.format == "PNG" and image.height > rows:
        with file.open("rb") as stream:
            head = _Head.read(stream)
            if head is not None:
                yield from head.cut(stream, rows)
                return
    for top in range(0, image.height, rows):
        yield Band(top, image.crop((0, top, image.width, min(image.height, top + rows))))


class _Head(NamedTuple):
    """What a PNG says before its pixels."""

    width: int
    height: int
    colour: int
    meanings: bytes
    first: int

    @classmethod
    def read(cls, stream: BinaryIO) -> _Head | None:
        """The head of a PNG that can be cut, the stream left at its first pixels; None when it cannot."""
        if stream.read(8) != _SIGNATURE:
            return None
        size, height, width, depth, colour, interlaced = 0, 0, 0, 0, 0, 0
        meanings = b""
        while True:
            size, name = _chunk(stream)
            if name == b"IDAT":
                break
            data = stream.read(size + 4)
            if name == b"IHDR":
                width, height, depth, colour, _, _, interlaced = struct.unpack(">IIBBBBB", data[:13])
            elif name in _MEANINGS:
                meanings += struct.pack(">I", size) + name + data
        return (cls(width, height, colour, meanings, size) if depth == 8 and not interlaced
                and colour in _BYTES else None)

    def cut(self, stream: BinaryIO, rows: int) -> Iterator[Band]:
        """The bands of the picture."""
        from PIL import Image

        length = 1 + self.width * _BYTES[self.colour]
        pixels, above = _inflated(stream, self.first), b""
        waiting = bytearray()
        for top in range(0, self.height, rows):
            many = min(rows, self.height - top)
            while len(waiting) < many * length:
                waiting += next(pixels)
            own = bytes(waiting[:many * length])
            del waiting[:many * length]
            low = self._low(many + bool(above), (_PLAIN + above if above else b"") + own)
            with Image.open(io.BytesIO(low), formats=("PNG",)) as image:
                image.load()
                above_and_own = image.copy() if not above else image.crop((0, 1, image.width, image.height))
                above = image.crop((0, image.height - 1, image.width, image.height)).tobytes()
            yield Band(top, above_and_own)

    def _low(self, rows: int, data: bytes) -> bytes:
        """A PNG of these rows."""
        head = struct.pack(">IIBBBBB", self.width, rows, 8, self.colour, 0, 0, 0)
        body = zlib.compress(data, 0)
        return _SIGNATURE + _made(b"IHDR", head) + self.meanings + _made(b"IDAT", body) + _made(b"IEND", b"")


def _made(name: bytes, data: bytes) -> bytes:
    return struct.pack(">I", len(data)) + name + data + struct.pack(">I", zlib.crc32(name + data))


def _chunk(stream: BinaryIO) -> tuple[int, bytes]:
    """The size and the name of the next chunk.  Raises OSError at the end of the file."""
    head = stream.read(8)
    if len(head) < 8:
        raise OSError("the file ends too early")
    size: int
    size, name = struct.unpack(">I4s", head)
    return size, name


def _inflated(stream: BinaryIO, size: int) -> Iterator[bytes]:
    """The rows of a PNG as they stand in the file, some bytes at a time.  Raises OSError where there are too
    few, or broken ones."""
    inflate = zlib.decompressobj()
    try:
        while True:
            while size:
                data = stream.read(min(size, _READ))
                if not data:
                    raise OSError("the file ends too early")
                size -= len(data)
                while data:  # never more at a time, whatever a small file swells to
                    yield inflate.decompress(data, _READ)
                    data = inflate.unconsumed_tail
            stream.read(4)
            size, name = _chunk(stream)
            if name != b"IDAT":
                break
    except zlib.error as error:
        raise OSError(str(error)) from None
    raise OSError("the file holds too few pixels")
