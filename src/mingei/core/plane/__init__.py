"""Shapes in the plane: points, lines and arcs, the cuts a knife follows, outlines as a person keeps them."""
