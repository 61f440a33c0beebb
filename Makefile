# Mingei: set up, look, test.  `make demo` and `make test` need nothing done before.
PYTHON ?= python3
BIN := .venv/bin
STAMP := .venv/.set-up

PREFIX ?= $(HOME)/.local
SHARE := $(DESTDIR)$(PREFIX)/share
ID := org.mingei.Mingei

.PHONY: setup demo test soak bench lint desktop wheel deb deb-trial clean

setup: $(STAMP)

$(STAMP): requirements.txt requirements-dev.txt pyproject.toml tools/system_libs.sh
	@sh tools/system_libs.sh "$(PYTHON)"
	@test -x $(BIN)/python || $(PYTHON) -m venv .venv
	@echo "setting up the packages Mingei runs on"
	@$(BIN)/python -m pip install --quiet --disable-pip-version-check -r requirements.txt -r requirements-dev.txt
	@$(BIN)/python -m pip install --quiet --disable-pip-version-check --no-deps --no-build-isolation -e .
	@touch $(STAMP)

demo: setup
	@if [ -n "$$DISPLAY$$WAYLAND_DISPLAY" ]; then $(BIN)/mingei --demo; \
	else echo "no display here: drawing each view to a picture instead"; sh tools/with_display.sh $(BIN)/mingei --demo --shots demo-shots; fi

test: setup
	@$(BIN)/python tools/run_tests.py

soak: setup
	@MINGEI_SOAK=1 sh tools/with_display.sh $(BIN)/python -m unittest discover -s tests -t .

bench: setup
	@sh tools/with_display.sh $(BIN)/python -m bench

lint: setup
	@$(BIN)/ruff check .
	@$(BIN)/mypy
	@$(BIN)/lint-imports --no-cache

# the entry in the desktop's menu, the icon, the file type and the man page, for this user or below PREFIX
desktop: setup
	@install -D -m 644 desktop/$(ID).desktop $(SHARE)/applications/$(ID).desktop
	@sed -i "s|^Exec=mingei|Exec=$(abspath $(BIN))/mingei|" $(SHARE)/applications/$(ID).desktop
	@install -D -m 644 desktop/$(ID).svg $(SHARE)/icons/hicolor/scalable/apps/$(ID).svg
	@install -D -m 644 desktop/$(ID).xml $(SHARE)/mime/packages/$(ID).xml
	@install -D -m 644 desktop/$(ID).metainfo.xml $(SHARE)/metainfo/$(ID).metainfo.xml
	@install -D -m 644 desktop/mingei.1 $(SHARE)/man/man1/mingei.1
	@if command -v update-mime-database >/dev/null; then update-mime-database $(SHARE)/mime; fi
	@if command -v update-desktop-database >/dev/null; then update-desktop-database $(SHARE)/applications; fi
	@echo "installed below $(SHARE)"

wheel: setup
	@$(BIN)/python -m pip wheel --quiet --disable-pip-version-check --no-deps --no-build-isolation -w dist .
	@ls dist/*.whl

# a package for Debian and its kin, for the Python it is built with
deb: setup
	@sh tools/deb.sh $(BIN)/python dist

# as root: the package in a fresh Debian
deb-trial: deb
	@sh tools/deb_trial.sh dist/mingei_*.deb

clean:
	@rm -rf .venv build dist demo-shots
