"""The document the stations share: the project at hand, and every way a person changes it, each one step of
undo."""

from __future__ import annotations

from dataclasses import replace

from mingei.app.at_hand import AtHand
from mingei.app.words import t
from mingei.core.amendments.amend import SeamChange
from mingei.core.amendments.opening import MOST_MM, Opening, Trim
from mingei.core.check import Fix
from mingei.core.covering.art import Art, place
from mingei.core.covering.overlay import BAND_STOCK_ID, Overlay, free_name, visible
from mingei.core.document.build import NOTHING, build
from mingei.core.document.project import Brief, Need
from mingei.core.document.publishing import Publishing, check_publishing
from mingei.core.errors import MeasureError
from mingei.core.joints import find_joint
from mingei.core.kinds import some, without
from mingei.core.kinds.hold import Hold
from mingei.core.kinds.join import Join, is_joined, join_of
from mingei.core.kinds.look import Look
from mingei.core.layout.laying import Laying, Printer, Spot, check_laying, check_printer
from mingei.core.layout.sheets import find_sheet
from mingei.core.layout.splice import Splice
from mingei.core.layout.tile import LEAST_MM
from mingei.core.layout.tile import MOST_MM as MOST_OVERLAP_MM
from mingei.core.length import write_both, write_mm
from mingei.core.plan.making import Making, check_making
from mingei.core.recipes import Value, Values, find_recipe
from mingei.core.sizing.fit import Drawer, fill_drawer, fit_blank, fit_into
from mingei.core.sizing.offer import Offer, for_need
from mingei.core.sizing.sizes import Size
from mingei.core.stock import Stock, find_stock
from mingei.core.words import say
from mingei.core.work.plan import Working, check_working


class Document(AtHand):
    """The project being worked on, and its edits.

    Each edit is one named step of undo, or joins the last one of its kind; what cannot be built is refused
    with its reason, and then nothing changes.
    """

    def set_measure(self, name: str, value: Value) -> None:
        """Change one measure.  Raises MeasureError when the recipe cannot build it so; then nothing
        changes."""
        measure = find_recipe(self.brief.recipe).measure(name)
        self.change_brief(
            self.brief.with_measure(name, value),
            t("{measure} to {value}", measure=t(measure.title), value=t(measure.say(value))),
            f"measure:{name}",
        )

    def set_measures(self, values: Values, name: str) -> None:
        """Change some measures at once, the named one first of them.  Raises MeasureError when the recipe
        cannot build it so."""
        measure, value = find_recipe(self.brief.recipe).measure(name), values[name]
        self.change_brief(
            self.brief.with_measures(values), t("{measure} to {value}", measure=t(measure.title),
                                                value=t(measure.say(value)))
        )

    def set_outline(self, name: str, text: str) -> None:
        """Take an outline of the person's own.  Raises MeasureError when the recipe cannot build it."""
        recipe = find_recipe(self.brief.recipe)
        own = {m.name: "own" for m in recipe.measures if "own" in dict(m.choices)}
        accepted = recipe.accept({**self.brief.values, **own, name: text})
        self.change_brief(replace(self.brief, measures=tuple(accepted.items())),
                          t("take an outline from a drawing"))

    def set_by_hand(self, text: str) -> None:
        """Take the edges of a mesh that were joined or parted by hand.  Raises MeasureError."""
        accepted = find_recipe(self.brief.recipe).accept({**self.brief.values, "hand": text})
        self.change_brief(replace(self.brief, measures=tuple(accepted.items())), t("join or cut by hand"))

    def set_join(self, join: Join | None, key: str = "") -> None:
        """Join the thing in hand to another, or take its joint away; as many are made of it as the whole
        needs. Raises MeasureError where it cannot be joined so; then nothing changes."""
        brief = replace(self.brief,
                        amendments=tuple(a for a in self.brief.amendments if not isinstance(a, Join)))
        if join is None:
            self.change_brief(replace(brief, copies=1), t("take the joint away"))
            return
        from mingei.core.whole.assembly import seated

        host = next((b.name for b in self.project.briefs if b.id == join.host), "")
        project = seated(self.project.with_brief(self.current, brief.amended(join)), self.current)
        words = t("place it") if key else t("join it to {host}", host=host)
        self.change(project, words, key and f"{self.current}:join:{key}")

    def set_thing(self, size: Size) -> None:
        """Make it for a thing people know by name.  Raises MeasureError when the recipe cannot build it
        so."""
        recipe = find_recipe(self.brief.recipe)
        accepted = recipe.accept({**self.brief.values,
                                  **dict(zip(recipe.holds, (size.long, size.short), strict=True))})
        brief = replace(self.brief, measures=tuple(accepted.items()))
        self.change_brief(brief.with_need(Need(size.long, size.short, brief.need.thick)),
                          t("for {thing}", thing=t(size.name)))

    def set_art(self, art: Art, name: str) -> None:
        """Put artwork on a panel or a piece, or change it.  Raises MeasureError when it cannot be printed."""
        before = next((a for a in self.brief.arts if a.name == art.name), None)
        touched = ([] if before is None
                   else [word for word, value in art._asdict().items() if getattr(before, word) != value])
        brief = self.brief.with_art(art)
        for pattern in self.build_of(self.current).patterns:
            if pattern.name == art.piece:
                place(art, pattern, 1.0)  # refuses too many repeats before anything changes
        self.change_brief(brief, name, f"art:{art.name}:{','.join(touched)}" if touched else "")

    def remove_art(self, name: str) -> None:
        self.change_brief(self.brief.without_art(name), t("take {name} off", name=name))

    def set_need(self, need: Need) -> None:
        """Say what must fit: where the construction takes such a thing, it is made for it.  Raises
        MeasureError when it cannot be."""
        words = t("for a thing {long} by {wide}", long=write_both(need.long),
                  wide=write_both(need.wide)) if need.is_some else t(
            "for nothing in particular")
        self.change_brief(for_need(self.brief, need), words, "need")

    def note_need(self, need: Need) -> None:
        """Write down what must fit, though what is in hand does not take it.  Raises MeasureError when it is
        no thing."""
        self.change_brief(self.brief.with_need(need), t("what must fit"), "need")

    def take_offer(self, offer: Offer) -> None:
        """Make the thing as an offer has it, in its stock; a name of one's own, copies and notes stay."""
        made = offer.build.brief
        brief = replace(made, name=self.brief.renamed_for(made.recipe), copies=self.brief.copies,
                        notes=self.brief.notes)
        self.change_brief(brief, t("make it as {title}", title=t(offer.recipe.title)))

    def set_tape(self, width: float) -> None:
        """Glue it with double-sided tape so wide, mm, or with wet glue (0).  Raises MeasureError when its
        tabs cannot be made so."""
        words = t("{width} tape", width=write_mm(width)) if width else t("wet glue")
        self.change_brief(self.brief.with_tape(width), t("glue with {what}", what=words))

    def set_outside(self, axis: int, mm: float) -> None:
        """Make it so large outside along an axis.  Raises MeasureError when the recipe cannot build it so."""
        name = find_recipe(self.brief.recipe).inside[axis]
        brief = fit_into(self.brief, self.project.stock_of(self.brief), axis, mm)
        self.change_brief(brief, t("{measure} to fit into {value}", measure=t(name), value=write_both(mm)),
                          f"outside:{axis}")

    def set_blank(self, across: float, up: float) -> None:
        """Make it from a blank of that size, mm.  Raises MeasureError when the recipe cannot build it so."""
        brief = fit_blank(self.brief, self.project.stock_of(self.brief), across, up)
        self.change_brief(brief, t("a blank of {across} by {up}", across=write_both(across),
                                   up=write_both(up)), "blank")

    def fill_drawer(self, drawer: Drawer) -> None:
        """Make it fill a drawer.  Raises MeasureError when the recipe cannot build it so."""
        brief = fill_drawer(self.brief, self.project.stock_of(self.brief), drawer)
        self.change_brief(brief, t("fill a drawer {columns} by {rows}", columns=drawer.columns,
                                   rows=drawer.rows))

    def set_recipe(self, recipe_id: str) -> None:
        """Another construction for the same thing: what a person wrote of the same name is kept where it can
        be built so."""
        self.change_brief(self.brief.as_recipe(recipe_id, self.project.stock_of(self.brief)),
                          t("make it as {title}", title=t(find_recipe(recipe_id).title)))

    def set_stock(self, stock: Stock) -> None:
        """Build it from another stock.  Raises StockError when the recipe cannot be."""
        project = self.project.with_stock(self.current, stock)
        self.change(project, t("stock to {name}", name=t(stock.name)), f"{self.current}:stock")

    def follow_stock(self, stock: Stock) -> None:
        """Draft everything made of a stock anew, now that it was measured again.  Raises StockError when
        something cannot be."""
        self.change(self.project.with_stock_as(stock), t("draft anew with {name}", name=t(stock.name)))

    def set_seam(self, change: SeamChange) -> None:
        """Hold a seam another way.  Raises MeasureError when its tab cannot be moved."""
        words = t(find_joint(change.joint).change)
        if change.moved != self.seam_in_force(change.seam).moved:
            words = t("move the {seam}")
        self.change_brief(self.brief.with_seam(change), words.format(seam=t(change.seam)))

    def set_opening(self, opening: Opening, name: str) -> None:
        """Cut an opening into a panel, or change it.  Raises MeasureError when it does not lie within its
        panel."""
        before = next((o for o in self.brief.openings if o.name == opening.name), None)
        # cutting it is one step, and so is each run of changes to the same measure of it
        touched = ([] if before is None
                   else [word for word, value in opening._asdict().items() if getattr(before, word) != value])
        self.change_brief(self.brief.with_opening(opening), name,
                          f"opening:{opening.name}:{','.join(touched)}" if touched else "")

    def remove_opening(self, name: str) -> None:
        self.change_brief(self.brief.without_opening(name), t("close {name}", name=name))

    def set_overlay(self, overlay: Overlay, name: str) -> None:
        """Glue an overlay on a panel, or change it.  Raises MeasureError when it cannot be made, or finds no
        room there."""
        before = next((o for o in self.brief.overlays if o.name == overlay.name), None)
        touched = ([] if before is None
                   else [word for word, value in overlay._asdict().items() if getattr(before, word) != value])
        project = self.project
        if overlay.is_band and overlay.part not in dict(self.brief.parts):  # board does not go round an edge
            project = project.with_part(self.current, overlay.part, find_stock(BAND_STOCK_ID))
        brief = project.briefs[self.current].with_overlay(overlay)
        made = build(brief, project.stock_of(brief), project.parts_of(brief))
        if overlay in made.left_out:
            raise MeasureError("it finds no room there", say("overlay {name}", name=overlay.name),
                               "use a narrower border or a smaller label, or move it")
        self.change(project.with_brief(self.current, brief), name,
                    f"overlay:{overlay.name}:{','.join(touched)}" if touched else "")

    def cover_all(self) -> None:
        """A mat on every panel that is seen and has none."""
        brief = self.brief
        taken = {o.panel for o in brief.overlays if not (o.is_label or o.is_band or o.inside)}
        for panel in visible(self.build.patterns):
            if panel not in taken:
                brief = brief.with_overlay(Overlay(free_name(brief.overlays,
                                                             t("{panel} mat", panel=t(panel))), panel))
        made = build(brief, self.project.stock_of(brief), self.project.parts_of(brief))
        for overlay in made.left_out:
            brief = brief.without_overlay(overlay.name)
        self.change_brief(brief, t("mats all round"))

    def remove_overlay(self, name: str) -> None:
        self.change_brief(self.brief.without_overlay(name), t("take off {name}", name=name))

    def set_part_stock(self, part: str, stock: Stock | None) -> None:
        """Cut a part from a stock of its own, or (None) from the body's.  Raises StockError when it cannot
        be."""
        project = self.project.with_part(self.current, part, stock)
        words = (t("{part}: {stock}", part=t(part), stock=t(stock.name)) if stock
                 else t("{part}: the same stock", part=t(part)))
        self.change(project, words, f"{self.current}:part:{part}")

    def set_split(self, panel: str, apart: bool) -> None:
        """Make a panel a piece of its own, or join it again.  Raises MeasureError with the reason when it
        cannot be."""
        brief = self.brief.with_split(panel, apart)
        words = (t("cut off the {panel}", panel=t(panel)) if apart
                 else t("join the {panel} again", panel=t(panel)))
        self.change_brief(brief, words)
        self.select(next((p for p in self.build.parts if p.panel == panel), NOTHING))

    def set_splice(self, splice: Splice, number: int | None = None) -> None:
        """Cut a piece across along a line, to be joined by a lap, or move the line of a number.  Raises
        MeasureError."""
        words = (t("cut across the {piece}", piece=t(splice.piece)) if number is None
                 else t("move the join across the {piece}", piece=t(splice.piece)))
        self.change_brief(self.brief.with_splice(splice, number), words, "" if number is None
                          else f"splice:{number}")

    def remove_splice(self, number: int) -> None:
        """A piece is whole again along a line."""
        piece = self.brief.splices[number].piece
        self.change_brief(self.brief.without_splice(number),
                          t("take out a join across the {piece}", piece=t(piece)))

    def set_trim(self, trim: Trim) -> None:
        """Round a panel's corners, or notch its edge.  Raises MeasureError."""
        for word, mm in (("radius", trim.round_mm), ("notch", trim.notch_mm)):
            if not 0.0 <= mm <= MOST_MM:
                raise MeasureError(say("{mm:g} mm cannot be cut", mm=mm), word, "write 0 or more")
        self.change_brief(self.brief.with_trim(trim), t("edges of the {panel}", panel=t(trim.panel)),
                          f"trim:{trim.panel}")

    def set_copies(self, copies: int) -> None:
        words, fresh = t("make {count}", count=copies), replace(self.brief, copies=copies)
        if join_of(self.brief) is None and is_joined(self.project.briefs):
            from mingei.core.whole.assembly import counted_out

            # what stands on it is made as often
            project = counted_out(self.project.with_brief(self.current, fresh), self.current)
            self.change(project, words, f"{self.current}:copies")
            return
        self.change_brief(fresh, words, "copies")

    def set_model(self, times: float) -> None:
        """It is a model of a thing so many times larger; 1: it is none."""
        self.change_brief(self.brief.with_model(times), t("scale 1:{times}", times=f"{times:g}"), "model")

    def set_name(self, name: str) -> None:
        if name.strip() and name.strip() != self.brief.name:
            self.change(self.project.renamed(self.current, name.strip()),
                        t("name it {name}", name=name.strip()), f"{self.current}:name")

    def set_notes(self, notes: str) -> None:
        self.change_brief(replace(self.brief, notes=notes), t("notes"), "notes")

    def set_order(self, keys: tuple[str, ...]) -> None:
        """The steps in a person's own order; () for the plan's."""
        self.change_brief(replace(self.brief, order=keys), t("order of the steps"))

    def set_hold(self, seam: str, adhesive: str) -> None:
        """What a seam is held with; "" for what is usual there.  Raises MeasureError."""
        words = t("hold the {seam} with another adhesive", seam=t(seam))
        brief = self.brief
        if adhesive:
            self.change_brief(brief.amended(Hold(seam, adhesive)), words)
        elif any(h.seam == seam for h in some(brief.amendments, Hold)):
            self.change_brief(replace(brief, amendments=without(brief.amendments, Hold, seam)), words)

    def put_look(self, look: Look) -> None:
        """How the picture of a step is turned.  Raises MeasureError."""
        self.change_brief(self.brief.amended(look), t("turn the picture"), f"look:{look.step}")

    def set_making(self, making: Making) -> None:
        """Pace, prices and how long glue is held.  Raises MeasureError."""
        check_making(making)
        self.change(replace(self.project, making=making), t("pace and prices"), "making")

    def set_publishing(self, said: Publishing) -> None:
        """What is said where it is handed out.  Raises MeasureError."""
        check_publishing(said)
        self.change(replace(self.project, publishing=said), t("what is published"), "publishing")

    def set_title(self, title: str) -> None:
        self.change(replace(self.project, title=title.strip()), t("title to {title}", title=title.strip()),
                    "title")

    def set_unit(self, unit: str) -> None:
        self.change(replace(self.project, unit=unit), t("work in {unit}", unit=unit))

    def set_sheet(self, sheet: str) -> None:
        self.change(replace(self.project, sheet=find_sheet(sheet).name), t("sheet to {name}", name=sheet))

    def set_laying(self, laying: Laying) -> None:
        """How pieces are laid on sheets and what is printed round them.  Raises MeasureError."""
        check_laying(laying)
        self.change(replace(self.project, laying=laying), t("choices for the sheets"), "laying")

    def set_working(self, working: Working) -> None:
        """How it is scored and cut.  Raises MeasureError."""
        check_working(working)
        self.change(replace(self.project, working=working), t("ways of scoring and cutting"), "working")

    def set_printer(self, printer: Printer) -> None:
        """What prints the sheets, as it was measured.  Raises MeasureError."""
        check_printer(printer)
        words = t("printer: {name}", name=printer.name) if printer.name else t("printer")
        self.change(replace(self.project, printer=printer), words, "printer")

    def set_spots(self, spots: tuple[Spot, ...], name: str, key: str = "") -> None:
        """Where pieces lie on sheets."""
        self.change(self.project.with_spots(spots), name, key)

    def set_tiles(self, overlap: float) -> None:
        """Tile larger pieces over sheets that overlap by so much, mm; 0: not.  Raises MeasureError."""
        if overlap and not LEAST_MM <= overlap <= MOST_OVERLAP_MM:
            raise MeasureError(say("{mm:g} mm is no overlap to join sheets by", mm=overlap), "overlap",
                               say("write {least:g} to {most:g} mm", least=LEAST_MM, most=MOST_OVERLAP_MM))
        words = (t("tile with {overlap} of overlap", overlap=write_mm(overlap)) if overlap
                 else t("tile nothing"))
        self.change(replace(self.project, tile_mm=overlap), words, "tiles")

    def add_brief(self, brief: Brief, tile_mm: float | None = None) -> None:
        """One more thing in the kit, after the others, and look at it.  tile_mm: how larger pieces are tiled
        from now on, None for as before."""
        named = replace(brief, name=self.project.free_name(brief.name))
        briefs = (*self.project.briefs, named)
        project = self.project.with_briefs(briefs)
        if tile_mm is not None:
            project = replace(project, tile_mm=tile_mm)
        self.change(project, t("add {name}", name=named.name),
                    current=len(briefs) - 1)

    def double_brief(self) -> None:
        self.add_brief(self.brief)

    def remove_brief(self) -> None:
        """Take the thing looked at out of the kit; the last one stays."""
        briefs = self.project.briefs
        if len(briefs) > 1:
            rest = (*briefs[:self.current], *briefs[self.current + 1:])
            self.change(self.project.with_briefs(rest), t("remove {name}", name=self.brief.name),
                        current=min(self.current, len(rest) - 1))

    def move_brief(self, by: int) -> None:
        """Move the thing looked at up or down the kit."""
        briefs, to = list(self.project.briefs), self.current + by
        if 0 <= to < len(briefs):
            briefs.insert(to, briefs.pop(self.current))
            self.change(self.project.with_briefs(tuple(briefs)), t("move {name}", name=self.brief.name),
                        current=to)

    def carry_out(self, fix: Fix, number: int | None = None) -> None:
        """Put a remedy in force.  number: of the thing it was found on, usually the one in hand; it is turned
        to when it changes."""
        project = self.project
        if fix.brief is not None:
            number = self.current if number is None else number
            project = project.with_brief(number, fix.brief)
        if fix.sheet is not None:
            project = replace(project, sheet=fix.sheet)
        if fix.tile_mm is not None:
            project = replace(project, tile_mm=fix.tile_mm)
        self.change(project, t(fix.words), current=number if fix.brief is not None else None)
