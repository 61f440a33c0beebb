"""How large it is made: for a thing, for what it must fit into, at another scale; sizes people
know, and what the post takes."""
