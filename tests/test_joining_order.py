"""When things are joined: once the host is finished where a hand still comes there, while it is open where
none does; and the proof of it, by another way, over all that was joined before."""

from __future__ import annotations

import random
import unittest
from dataclasses import replace

from mingei.core.check.joined import whole_findings
from mingei.core.check.joining import blind
from mingei.core.document.build import build
from mingei.core.document.table import table
from mingei.core.draft import When
from mingei.core.draft.joint import Adhesive
from mingei.core.folded import extent
from mingei.core.kinds import some
from mingei.core.kinds.join import Join, join_of
from mingei.core.kinds.work import Work
from mingei.core.plan.making import USUAL
from mingei.core.plan.picture import Tint, finished_picture, step_picture
from mingei.core.whole.assembly import whole_of
from mingei.core.whole.joined import Joined, joined
from mingei.core.whole.joints import joints
from mingei.core.whole.pictures import join_picture, picture_of
from tests.test_whole import GUESTS, SOAK, kit

SMALL = {"length": 20.0, "width": 24.0, "height": 20.0}


def pair(host: str, panel: str, how: str, inside: bool = False) -> Joined:
    wide = {"length": 160.0, "width": 140.0, "height": 30.0} if how == "hinged" else {}
    post = {**SMALL, "width": 40.0} if how == "hinged" else SMALL
    return joined(kit(("deck", host, wide, None),
                      ("post", "carton", post, Join("deck", panel, how, inside=inside))))


def step_of(found: Joined) -> Work:
    (work,) = some(found.build_of(0).brief.amendments, Work)
    return work


def at_the_end(found: Joined, number: int = 0) -> Joined:
    """The same with everything joined once its host is finished: a planted fault where that is shut."""
    made = found.build_of(number)
    late = tuple(w._replace(when=When.CLOSED) if isinstance(w, Work) else w for w in made.brief.amendments)
    brief = replace(made.brief, amendments=late)
    fresh = build(brief, found.project.stock_of(brief), found.project.parts_of(brief))
    return found._replace(builds={**found.builds, number: fresh})


class Moment(unittest.TestCase):
    def test_where_a_hand_comes_to_the_finished_host_it_is_joined_then(self) -> None:
        for case in (("tray", "base", "stands", True), ("carton", "top", "stands"),
                     ("lid-base", "base", "stands", True), ("sleeve", "base", "stands", True),
                     ("cabinet", "shelf 1", "stands"), ("tray", "base", "turns", True),
                     ("prism", "base", "turns")):
            with self.subTest(case=case):
                found = pair(*case)
                self.assertEqual([str(t.error) for t in found.troubles], [])
                self.assertEqual(step_of(found).when, When.CLOSED)
                self.assertEqual(list(blind(found, 0)), [])

    def test_what_is_shut_in_is_joined_while_the_host_is_open_and_says_why(self) -> None:
        for case, why in ((("carton", "base", "stands", True), "cannot be brought in"),
                          (("carton", "front", "turns"), "back is out of reach"),
                          (("carton", "top", "hinged"), "back is out of reach")):
            with self.subTest(case=case):
                found = pair(*case)
                self.assertEqual([str(t.error) for t in found.troubles], [])
                self.assertEqual(step_of(found).when, When.OPEN)
                self.assertRegex(str(step_of(found).why), why)
                self.assertEqual(list(blind(found, 0)), [])

    def test_joined_too_late_it_is_found_out_of_reach(self) -> None:
        for case in (("carton", "base", "stands", True), ("carton", "front", "turns")):
            with self.subTest(case=case):
                (fault,) = blind(at_the_end(pair(*case)), 0)
                self.assertEqual((fault.guest, fault.behind), (1, case[2] == "turns"))

    def test_what_is_joined_before_may_be_in_the_way_and_is_named(self) -> None:
        plate = ("deck", "laminate", {"width": 160.0, "height": 160.0}, None)
        dome = ("dome", "dome", {"diameter": 90.0}, Join("deck", "upper facing", "stands"))
        pin = ("pin", "carton", SMALL, Join("deck", "upper facing", "stands"))
        over = joined(kit(plate, dome, pin))
        self.assertEqual([str(t.error) for t in over.troubles], [])
        (fault,) = blind(over, 0)
        self.assertEqual((fault.guest, fault.past), (2, (1,)))
        (told,) = [f for f in whole_findings(over.project, 0, True) if f.code == "joined-reach"]
        self.assertRegex(str(told.remedy), "before that of the dome")
        self.assertEqual(list(blind(joined(kit(plate, pin, dome)), 0)), [])


class AtTheTable(unittest.TestCase):
    def test_the_step_says_what_holds_it_and_how_much_is_glued(self) -> None:
        # a closed box stands on its base, whose outline is glued all over
        found = pair("tray", "base", "stands", True)
        at_table = table(found.build_of(0), USUAL)
        step = next(s for s in at_table.steps if any("/join post" in op.key for op in s.operations))
        (held,) = at_table.needs(step).held
        self.assertEqual(held.adhesive, Adhesive.WET)
        box = extent.outside(found.build_of(1).patterns)
        self.assertAlmostEqual(held.area_mm2, box[0] * box[1], delta=0.06 * box[0] * box[1])
        self.assertGreater(at_table.needs(step).hold_s, 0.0)
        for how in ("turns", "slides"):  # they are pinned, and told once
            pinned = joined(kit(("deck", "tray", {}, None),
                                ("post", "tag", {}, Join("deck", "base", how, inside=True, deep="20 mm"))))
            self.assertEqual([str(t.error) for t in pinned.troubles], [])
            on = table(pinned.build_of(0), USUAL)
            step = next(s for s in on.steps if any("/join post" in op.key for op in s.operations))
            self.assertEqual(on.needs(step).held, ())
            self.assertEqual([(b.name, b.many) for b in on.needs(step).bought], [("fastener", 1)])
            self.assertEqual(len(step.operations), 1)

    def test_pictures_show_what_was_set_on_it_before_and_nothing_that_comes_later(self) -> None:
        plate = ("deck", "carton", {"length": 160.0, "width": 140.0, "height": 30.0}, None)
        late = ("late", "carton", SMALL, Join("deck", "top", "stands", x="40 mm"))
        early = ("early", "tag", {}, Join("deck", "front", "turns"))
        found = joined(kit(plate, late, early))  # the later in the list is joined first
        self.assertEqual([str(t.error) for t in found.troubles], [])
        steps = found.build_of(0).plan.steps
        when = {name: next(s.number for s in steps for op in s.operations if f"/join {name} " in op.key)
                for name in ("early", "late")}
        self.assertLess(when["early"], when["late"])
        bare = found._replace(seats=())
        for step in steps:
            shown, alone = picture_of(found, 0, step), picture_of(bare, 0, step)
            self.assertIsNone(alone)
            if step.number < when["early"]:
                self.assertIsNone(shown)
                continue
            own = step_picture(found.build_of(0).plan, step, found.build_of(0).patterns)
            faces = len(shown.shapes)
            if when["early"] < step.number < when["late"]:
                # what the tag adds is seen, or it hides what is behind it
                self.assertNotEqual(faces, len(own.shapes))
            if step.number == when["early"]:
                self.assertLess(faces, len(picture_of(found, 0, steps[when["late"] - 1]).shapes))

    def test_its_picture_shows_the_host_as_it_is_by_then(self) -> None:
        found = pair("carton", "top", "hinged")
        step = next(s for s in found.build_of(0).plan.steps
                    if any("/join post" in op.key for op in s.operations))
        early = join_picture(found, 0, step)
        assert early is not None
        self.assertIn(Tint.NOW, {shape.tint for shape in early.shapes})
        # a carton that lies flat fills more of the picture than one that is closed, its flaps out of sight
        pieces = whole_of(found, 0)
        closed = finished_picture(pieces, {p.name for p in pieces if p.name.startswith("post")})
        flat, shut = (sum(s.tint is Tint.PRINTED for s in picture.shapes) for picture in (early, closed))
        self.assertGreater(flat, shut + 4)


class AtRandom(unittest.TestCase):
    HOSTS = (("tray", "base", True), ("carton", "top", False), ("carton", "top", True),
             ("carton", "front", False), ("lid-base", "base", True), ("prism", "base", False),
             ("sleeve", "base", True), ("laminate", "upper facing", False))

    def test_whatever_is_joined_where_a_hand_comes_to_it_by_the_plan(self) -> None:
        dice = random.Random(23)
        held, early = 0, 0
        for number in range(200 if SOAK else 24):
            host, panel, inside = dice.choice(self.HOSTS)
            how = dice.choice([w for w in joints() if w not in ("rests",)])
            join = Join("deck", panel, how, inside=inside, x=f"{dice.uniform(-12, 12):.1f}",
                        y=f"{dice.uniform(-12, 12):.1f}", turn_deg=dice.uniform(-180, 180),
                        deep="8 mm" if how in ("drops", "slides") else "40 mm" if how == "hangs" else "")
            guest = dice.choice(GUESTS)
            found = joined(kit(("deck", host, {}, None),
                               ("post", guest, SMALL if guest == "carton" else {}, join)))
            if found.troubles:
                continue
            with self.subTest(number=number, host=host, panel=panel, how=how, guest=guest):
                held += 1
                early += step_of(found).when is When.OPEN
                self.assertEqual(list(blind(found, 0)), [])
                self.assertIsNotNone(join_of(found.project.briefs[1]))
        self.assertGreater(held, 8)
        self.assertGreater(early, 1)


if __name__ == "__main__":
    unittest.main()
