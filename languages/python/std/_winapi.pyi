import sys
from collections.abc import Sequence
from typing import Any, Literal, NoReturn, final, overload
