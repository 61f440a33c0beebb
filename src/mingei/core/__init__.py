"""The computation: no windows, no files, no clock.

Values flow one way: Brief -> Draft -> Pattern -> Layout.  Lengths are millimetres,
angles are degrees, grammage is g/m2, unless a name says otherwise.
"""
