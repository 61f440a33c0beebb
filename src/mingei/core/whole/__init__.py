"""Things joined to things: where each stands on another, what that adds to both, and the whole they make."""
