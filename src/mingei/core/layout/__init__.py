"""Pieces on sheets: which sheets there are, where pieces lie on them, and the marks around them."""
