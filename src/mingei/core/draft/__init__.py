"""The draft: panels at finished size, the folds between them, and the seams that close them.

Nothing here knows thickness.  A panel's outline is its *nominal* outline: the size between the faces the
brief measures.  Which layer a panel lies on, what its free edges cover or meet, and which seam lands on
which panel is all that ``develop`` needs to give it thickness.

``panel`` has one flat face and the sites on it, ``joint`` how two sites may be held together, ``piece`` what
is cut as one, ``thing`` the whole.
"""

from mingei.core.draft.bought import Bought, Handwork, When
from mingei.core.draft.joint import Joint, Meeting
from mingei.core.draft.panel import (
    Against,
    Edge,
    EdgeRef,
    Inset,
    Led,
    Level,
    LineOn,
    Meets,
    Mitred,
    Over,
    Panel,
    Pierced,
    Plain,
    Raised,
    Role,
    Rolled,
    Site,
    Slot,
    Stretch,
    Tongued,
    Within,
    Wound,
    Wrap,
)
from mingei.core.draft.piece import (
    FORMED,
    Crease,
    Fold,
    Lap,
    Past,
    Piece,
    Placement,
    Seam,
    fellow,
    strap,
    strap_name,
)
from mingei.core.draft.thing import PIVOT, Backed, Dimension, Draft, Glued, Place, Round, Slide, Spine, Swing

__all__ = ["FORMED", "PIVOT", "Against", "Backed", "Bought", "Crease", "Dimension", "Draft", "Edge",
           "EdgeRef", "Fold", "Glued", "Handwork", "Inset", "Joint", "Lap", "Led", "Level", "LineOn",
           "Meeting", "Meets", "Mitred", "Over", "Panel", "Past", "Piece", "Pierced", "Place",
           "Placement", "Plain", "Raised", "Role", "Rolled", "Round", "Seam", "Site", "Slide", "Slot",
           "Spine", "Stretch", "Swing", "Tongued", "When", "Within", "Wound", "Wrap", "fellow", "strap",
           "strap_name"]
