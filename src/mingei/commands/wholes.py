"""The command that tells of things joined to things."""

from __future__ import annotations

import argparse
import json
from typing import Any

from mingei.command_line import FINDINGS, OK
from mingei.core.folded.extent import outside
from mingei.core.length import write_mm
from mingei.core.whole.assembly import many, order, whole_of
from mingei.core.whole.joined import Joined, joined
from mingei.core.words import say
from mingei.formats import project_file


def whole(options: argparse.Namespace) -> int:
    """What stands on what, how many of each are needed, how large and heavy the whole is, and in which order
    it is made."""
    project = project_file.load(options.file)
    found = joined(project)
    roots = [n for n in range(len(project.briefs)) if found.seat_of(n) is None and found.on(n)]
    told = [_told(found, root) for root in roots]
    troubles = [{"thing": project.briefs[t.guest].name, "sentence": str(t.error.sentence),
                 "place": t.error.place,
                 "remedy": str(t.error.remedy)} for t in found.troubles]
    if options.json:
        print(json.dumps({"wholes": told, "troubles": troubles}, indent=1, ensure_ascii=False))
        return FINDINGS if troubles else OK
    for each in told:
        print(say("{name}: {size}, {mass:.1f} g", name=each["root"],
                  size=" x ".join(write_mm(v) for v in each["outside_mm"]), mass=each["mass_g"]))
        for thing in each["things"]:
            print(say("  {count} x {name}: {how} {host}", count=thing["count"], name=thing["name"],
                      how=thing["how"],
                      host=thing["host"]) if thing["host"] else f"  {thing['count']} x {thing['name']}")
        print(say("  made in this order: {names}", names=", ".join(each["order"])))
    for trouble in found.troubles:
        print(say("error: {name}: {error}", name=project.briefs[trouble.guest].name, error=trouble.error))
    if not told and not troubles:
        print(say("nothing is joined to anything"))
    return FINDINGS if troubles else OK


def _told(found: Joined, root: int) -> dict[str, Any]:
    briefs = found.project.briefs
    things = []
    mass = 0.0
    for number in order(found, root)[::-1]:
        seat = found.seat_of(number)
        count = many(found, number)
        made = found.build_of(number)
        mass += count * made.mass_g
        things.append({"name": briefs[number].name, "count": count, "how": seat.joint.word if seat else "",
                       "host": briefs[seat.host].name if seat else "", "panel": seat.join.panel if seat
                       else ""})
    return {"root": briefs[root].name,
            "outside_mm": [round(v, 3) for v in outside(whole_of(found, root), None)],
            "mass_g": round(mass, 2), "things": things, "order": [briefs[n].name for n in order(found, root)]}
