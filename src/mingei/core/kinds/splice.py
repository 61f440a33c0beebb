"""A line that a piece is cut across by; it parts the pieces once they are flat."""

from mingei.core.kinds import Kind
from mingei.core.layout.splice import MOST_SPLICES, Splice, check_splice

KIND = Kind(word="splice", record=Splice, of="", always=("piece", "turn_deg", "share"),
            differ="lines cut across", check=check_splice, most=MOST_SPLICES, order=40)
