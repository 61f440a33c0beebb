"""What a person changes by hand, kept by name and applied again to every new draft."""
