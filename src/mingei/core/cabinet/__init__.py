"""A person's own stocks, and the strip they are measured by."""
