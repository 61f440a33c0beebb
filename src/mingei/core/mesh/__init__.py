"""Meshes: bodies given as corners and triangles, mended, sized, and cut into pieces that can be folded."""
