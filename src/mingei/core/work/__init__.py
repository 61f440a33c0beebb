"""Scoring and cutting, worked out from the sheets as they are laid out: where the rule lies and how often,
what is cut first and with what, and what a machine is to do.

*Placement*: one lying of the rule, along which every score on one line of the sheet is made, through several
pieces too.  *Datum*: the edge of the sheet that distances are measured from.  *School*: a way of working that
people keep to, chosen once.  One value, ``Work``, holds all of it for a sheet; the station, the printed pages
and the commands read that.
"""
