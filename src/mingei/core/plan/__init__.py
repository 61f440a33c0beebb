"""The plan of the work: in what order a thing is folded and joined."""
