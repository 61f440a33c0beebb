"""A tuck: the tab is left without glue, slides in last and opens again."""

from mingei.core.draft import Joint

JOINT = Joint("tuck", "Tuck", "The same tab, left without glue: it slides in and opens again.",
              "tuck the {seam}", "On the {a}, {depth} deep; lands inside the {b}. {length} long.",
              opens=True, carrier_last=True, done="Tuck the {seam} inside the {host}.")
