"""Readers and writers.  Each writer makes the bytes of one format from a drawing or a pattern; ``atomic``
puts them on disk."""
