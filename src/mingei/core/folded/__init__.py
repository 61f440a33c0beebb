"""The folded form: posed, proved, measured and looked at."""
