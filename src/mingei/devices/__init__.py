"""Stand-ins for machines: they read the files that were written, with readers of their own, and say what
would come of them."""
