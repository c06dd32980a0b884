"""Tasks that wait for each other."""
import sys
from collections.abc import Awaitable, Coroutine, Generator
from typing import Any
from .base_events import *
from .coroutines import *
from .events import *
from .exceptions import *
from .futures import *
from .locks import *
from .protocols import *
from .queues import *
from .runners import *
from .streams import *
from .subprocess import *
from .tasks import *
from .transports import *
from .threads import *
from .taskgroups import *
from .timeouts import *
from .unix_events import *
