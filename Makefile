# Mingei: set up, look, test.  `make demo` and `make test` need nothing done before.
PYTHON ?= python3
BIN := .venv/bin
STAMP := .venv/.set-up

.PHONY: setup demo test soak bench lint clean

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
	@sh tools/with_display.sh $(BIN)/python -m unittest discover -s tests -t .

soak: setup
	@MINGEI_SOAK=1 sh tools/with_display.sh $(BIN)/python -m unittest discover -s tests -t .

bench: setup
	@sh tools/with_display.sh $(BIN)/python -m bench

lint: setup
	@$(BIN)/ruff check .
	@$(BIN)/mypy
	@$(BIN)/lint-imports --no-cache

clean:
	@rm -rf .venv build demo-shots
