"""All tests.  Properties run derandomised here, long and random with MINGEI_SOAK=1."""

import os

from hypothesis import HealthCheck, settings

settings.register_profile("test", derandomize=True, max_examples=20, deadline=None, database=None,
                          suppress_health_check=[HealthCheck.too_slow])
settings.register_profile("soak", max_examples=3000, deadline=None, print_blob=True,
                          suppress_health_check=[HealthCheck.too_slow])
settings.load_profile("soak" if os.environ.get("MINGEI_SOAK") else "test")
