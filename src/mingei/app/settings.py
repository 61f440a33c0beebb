"""What the window remembers between days, in the person's configuration folder."""

from __future__ import annotations

from pathlib import Path

from platformdirs import user_config_path, user_data_path, user_state_path
from PySide6.QtCore import QLocale, QSettings

_RECENT_MOST = 10
#: So many constructions used last are offered first.
_USED_MOST = 3
#: Countries whose paper is Letter, by territory (common practice: North America and parts of Latin America).
_LETTER_LANDS = {QLocale.Country.UnitedStates, QLocale.Country.Canada, QLocale.Country.Mexico,
                 QLocale.Country.Chile,
                 QLocale.Country.Colombia, QLocale.Country.CostaRica, QLocale.Country.Guatemala,
                 QLocale.Country.Panama,
                 QLocale.Country.Philippines, QLocale.Country.PuertoRico, QLocale.Country.Venezuela}


def state_folder() -> Path:
    """Where logs, locks and recovery files go."""
    return user_state_path("mingei", appauthor=False)


class Settings:
    """Typed access to the settings file; every value has a default and a wrong one in the file is passed
    over."""

    def __init__(self, path: Path | None = None) -> None:
        self.data = path.parent if path else user_data_path("mingei", appauthor=False)
        self.store = QSettings(str(path or user_config_path("mingei", appauthor=False) / "mingei.ini"),
                               QSettings.Format.IniFormat)

    def text(self, key: str, default: str = "") -> str:
        value = self.store.value(key, default)
        return value if isinstance(value, str) else default

    def number(self, key: str, default: float) -> float:
        try:
            return float(self.text(key, str(default)))
        except ValueError:
            return default

    def flag(self, key: str, default: bool = False) -> bool:
        return self.text(key, "yes" if default else "no") == "yes"

    def put(self, key: str, value: str | float | bool) -> None:
        words = ("yes" if value else "no") if isinstance(value, bool) else str(value)
        if self.store.value(key) != words:
            self.store.setValue(key, words)

    @property
    def recent(self) -> list[Path]:
        return [Path(line) for line in self.text("recent").split("\n") if line]

    def remember(self, path: Path) -> None:
        """Put a file first among the recent ones."""
        paths = [path.absolute(), *(p for p in self.recent if p != path.absolute())]
        self.put("recent", "\n".join(str(p) for p in paths[:_RECENT_MOST]))

    @property
    def used(self) -> list[str]:
        """The constructions used last, by id, the latest first."""
        return [name for name in self.text("used").split(",") if name][:_USED_MOST]

    def use(self, recipe: str) -> None:
        """Remember that a construction was used."""
        self.put("used", ",".join([recipe, *(r for r in self.used if r != recipe)][:_USED_MOST]))

    def forget(self, path: Path) -> None:
        self.put("recent", "\n".join(str(p) for p in self.recent if p != path.absolute()))

    @property
    def unit(self) -> str:
        """mm or in, as the locale measures, unless chosen."""
        usual = ("in" if QLocale.system().measurementSystem() is QLocale.MeasurementSystem.ImperialUSSystem
                 else "mm")
        chosen = self.text("unit", usual)
        return chosen if chosen in ("mm", "in") else usual

    @property
    def sheet(self) -> str:
        """A4 or Letter, as is usual where the person lives, unless a sheet there is was chosen."""
        from mingei.core.layout.sheets import SHEETS

        chosen = self.text("sheet")
        usual = "Letter" if QLocale.system().territory() in _LETTER_LANDS else "A4"
        return chosen if chosen in {s.name for s in SHEETS} else usual
