"""What was made, as values, and what it teaches."""
