#!/bin/sh
# Run a command on this display, or on a virtual one where there is none.
if [ -n "${DISPLAY:-}${WAYLAND_DISPLAY:-}" ]; then
    exec "$@"
fi
exec xvfb-run -a -s "-screen 0 1600x1200x24 -nolisten tcp" "$@"
