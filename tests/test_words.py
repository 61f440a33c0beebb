"""Sentences that can still be translated after they were filled in."""

from __future__ import annotations

import ast
import unittest
from pathlib import Path

import mingei
from mingei.core.document.project import differences, new_brief, new_project
from mingei.core.errors import LengthError, MeasureError, MingeiError
from mingei.core.length import parse
from mingei.core.words import joined, placed, say, told

_SOURCE = Path(mingei.__file__).parent
_FOREIGN = {"{count} of {things}": "{things}: {count}", "the {name}": "der {name}", "lid": "Deckel",
            "{names} and {last}": "{names} und {last}"}


def _foreign(text: str) -> str:
    return _FOREIGN.get(text, text)


def _marked(text: str) -> str:
    return f"<{text}>"


class Telling(unittest.TestCase):
    def test_a_sentence_reads_as_plain_text_where_nobody_translates(self) -> None:
        self.assertEqual(say("{count} of {things}", count=3, things="lids"), "3 of lids")
        self.assertEqual(joined(["a", "b"], ", "), "a, b")
        self.assertEqual(placed("seam x", "it is open", "glue it"), "seam x: it is open; glue it.")
        self.assertEqual(placed("", "it is open", ""), "it is open.")

    def test_another_language_may_order_the_values_otherwise(self) -> None:
        self.assertEqual(told(say("{count} of {things}", count=3, things="lid"), _foreign), "Deckel: 3")

    def test_words_within_words_are_translated_too(self) -> None:
        both = say("{names} and {last}", names=joined([say("the {name}", name="lid")]),
                   last=say("the {name}", name="base"))
        self.assertEqual(told(both, _foreign), "der Deckel und der base")

    def test_a_value_keeps_its_own_braces(self) -> None:
        self.assertEqual(told(say("{name} was added", name="a {lid}"), str), "a {lid} was added")

    def test_an_error_named_for_a_wider_place_stays_translatable(self) -> None:
        error = LengthError(say("{text!r} is not a number", text="x"), "column 3", "write one").at("length")
        self.assertEqual(str(error), "length: column 3: 'x' is not a number; write one.")
        self.assertEqual(told(error.words, _marked),
                         "<<<length>: <column 3>>: <'<x>' is not a number>; <write one>.>")

    def test_what_the_core_says_about_differences_is_translatable(self) -> None:
        a, b = (new_project(new_brief("carton", {"length": mm})) for mm in (100.0, 120.0))
        (sentence,) = differences(a, b)
        self.assertIn("<length>", told(sentence, _marked))

    def test_a_refused_length_says_its_column_in_the_other_language(self) -> None:
        with self.assertRaises(MingeiError) as caught:
            parse("3 mm x")
        self.assertIn("Spalte 6", told(caught.exception.words, lambda text: "Spalte {column}" if text
                                       == "column {column}" else text))


class Source(unittest.TestCase):
    def test_no_refusal_and_no_finding_is_composed_out_of_reach_of_a_translator(self) -> None:
        composed = []
        for path in sorted(_SOURCE.rglob("*.py")):
            for node in ast.walk(ast.parse(path.read_text(encoding="utf-8"))):
                if isinstance(node, ast.Call) and _names_a_text(node):
                    texts = (node.args[2:5] if _called(node) == "Finding"
                             else [a for i, a in enumerate(node.args) if i != 1])
                    composed += [f"{path.name}:{a.lineno}"
                                 for a in texts if any(_formats(n) for n in ast.walk(a))]
        self.assertEqual(composed, [])

    def test_every_template_names_its_values(self) -> None:
        unnamed = [f"{path.name}:{node.lineno}" for path in sorted((_SOURCE / "core").rglob("*.py"))
                   for node in ast.walk(ast.parse(path.read_text(encoding="utf-8")))
                   if isinstance(node, ast.Call) and _called(node) == "say" and node.args
                   and isinstance(node.args[0], ast.JoinedStr)]
        self.assertEqual(unnamed, [])

    def test_an_error_is_still_an_error(self) -> None:
        with self.assertRaises(MeasureError):
            new_brief("carton", {"length": -1.0})


def _called(node: ast.Call) -> str:
    return (node.func.id if isinstance(node.func, ast.Name) else node.func.attr
            if isinstance(node.func, ast.Attribute) else "")


def _names_a_text(node: ast.Call) -> bool:
    name = _called(node)
    return (name in ("Finding", "Fix")
            or (name.endswith("Error") and name not in ("GeometryError", "ValueError", "OSError")))


def _formats(node: ast.AST) -> bool:
    return isinstance(node, ast.JoinedStr)


if __name__ == "__main__":
    unittest.main()
