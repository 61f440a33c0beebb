"""What lies on panels: pieces glued on, bands round cut edges, pictures and words."""
