"""What containers can do."""
from _collections_abc import *
from _collections_abc import __all__ as __all__
