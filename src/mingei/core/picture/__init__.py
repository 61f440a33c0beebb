"""Figures cut out of pictures: their outlines, how they stand, the boards behind them."""
