"""From a draft at finished size to the flat: what thickness does to every side, the tabs, the pattern."""
