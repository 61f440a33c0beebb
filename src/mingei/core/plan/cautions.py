"""The cautions there are: which tool, adhesive, use or age asks for which words.  One table; whoever shows
work asks it."""

from __future__ import annotations

from collections.abc import Iterable
from enum import StrEnum

from mingei.core.draft.joint import Adhesive
from mingei.core.words import say


class Risk(StrEnum):
    """What can hurt someone."""

    KNIFE = "knife"
    HOT_GLUE = "hot glue"
    SPRAY = "spray adhesive"
    IRON = "iron"
    PUNCH = "eyelet tools"
    SMALL_PARTS = "small parts"
    CANDLE = "candle"
    FOOD = "food"
    MASK = "mask"
    STANDS = "what stands tall"
    MACHINE = "machine"
    LASER = "laser"
    WALL = "wall load"
    POST = "post"
    CHILD = "child"
    SEALING = "melted ribbon ends"
    THREAD = "threads"


#: Sentences; all defer to makers' instructions, the rules of the place and people qualified.
CAUTIONS = {
    Risk.KNIFE: say(
        "Cut with a fresh blade along a metal rule, away from the holding hand; put the blade away "
                    "between cuts."),
    Risk.HOT_GLUE: say("Hot glue burns skin and softens plastic windows: follow the maker's instructions."),
    Risk.SPRAY: say("Spray adhesive only where there is a draught and no flame; follow the maker's "
                    "instructions."),
    Risk.IRON: say("Iron at low heat, the print down or covered; never leave it face down."),
    Risk.PUNCH: say("Punch and set eyelets on a firm base, fingers clear of the tool."),
    Risk.SMALL_PARTS:
    say("Small parts and magnets are not for children under three; swallowed magnets are an "
                          "emergency."),
    Risk.CANDLE: say("Never a candle in card or paper: LED lights only, as their maker allows."),
    Risk.FOOD: say("No direct contact with food unless the stock is made for it."),
    Risk.MASK: say("A mask leaves sight and breath free; nobody runs or crosses a road in it."),
    Risk.STANDS:
    say("What stands tall can fall: weigh its foot down, keep it off ways and from small children, and "
                     "bring it in from wind."),
    Risk.MACHINE: say("With cutting machines follow the maker's instructions and local rules."),
    Risk.LASER: say("A laser is never left alone and burns only what its maker and that of the stock allow."),
    Risk.WALL: say("What hangs over people is fixed as somebody qualified would fix it."),
    Risk.POST: say("Sizes and weights in the post are the carrier's to say; ask before you send many."),
    Risk.CHILD: say("Children cut, heat and glue hot only with an adult."),
    Risk.SEALING: say("Seal ribbon ends away from paper and with a draught: melted ends burn."),
    Risk.THREAD: say("What hangs by a thread hangs out of reach of small children: threads wind round "
                     "necks."),
}

_BY_ADHESIVE = {Adhesive.HOT: (Risk.HOT_GLUE, Risk.CHILD)}
_BY_PART = {"ribbon": (Risk.SEALING,), "strap": (Risk.SEALING,), "eyelet": (Risk.PUNCH,),
            "fastener": (Risk.PUNCH, Risk.SMALL_PARTS), "magnet": (Risk.SMALL_PARTS,),
            "pin": (Risk.SMALL_PARTS,)}
#: What a construction is used for, by words in its title, its purpose and what people call it.
_BY_USE = (("lantern", Risk.CANDLE), ("light", Risk.CANDLE), ("food", Risk.FOOD), ("sweets", Risk.FOOD),
           ("cake", Risk.FOOD), ("biscuit", Risk.FOOD), ("chocolate", Risk.FOOD), ("mask", Risk.MASK),
           ("standee", Risk.STANDS), ("post", Risk.POST), ("envelope", Risk.POST), ("mobile", Risk.WALL),
           ("mobile", Risk.THREAD), ("hanging", Risk.WALL))
#: By how it is joined to another.
_BY_JOINT = {"hangs": (Risk.THREAD,), "turns": (Risk.PUNCH, Risk.SMALL_PARTS),
             "slides": (Risk.PUNCH, Risk.SMALL_PARTS)}


def of_cutting(machine: str = "", beam: bool = False) -> tuple[Risk, ...]:
    """What cutting asks for: by hand, by a machine, by a beam."""
    if beam:
        return (Risk.MACHINE, Risk.LASER)
    return (Risk.MACHINE,) if machine else (Risk.KNIFE, Risk.CHILD)


def of_adhesives(some: Iterable[Adhesive]) -> tuple[Risk, ...]:
    return tuple(dict.fromkeys(risk for a in some for risk in _BY_ADHESIVE.get(a, ())))


def of_parts(names: Iterable[str]) -> tuple[Risk, ...]:
    """What bought parts ask for, by their names."""
    return tuple(dict.fromkeys(risk for name in names for risk in _BY_PART.get(name, ())))


def of_joint(how: str) -> tuple[Risk, ...]:
    """What joining a thing to another asks for, by the joint's word."""
    return _BY_JOINT.get(how, ())


def of_use(words: str) -> tuple[Risk, ...]:
    """What the use asks for, by what a thing is said to be."""
    said = words.lower()
    return tuple(dict.fromkeys(risk for word, risk in _BY_USE if word in said))


def told(risks: Iterable[Risk]) -> tuple[str, ...]:
    """The sentences, each once."""
    return tuple(CAUTIONS[risk] for risk in dict.fromkeys(risks))
