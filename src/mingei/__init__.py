"""Mingei drafts, scales and builds things of card."""

__version__ = "0.1.0"
