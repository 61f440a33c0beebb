"""The window: stations over one document.  It shows and asks; the core computes."""
