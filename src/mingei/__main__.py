"""``python -m mingei``."""

import sys

from mingei.cli import main

if __name__ == "__main__":
    sys.exit(main())
