"""Decimal numbers of any precision."""
from _decimal import *
from _decimal import __libmpdec_version__ as __libmpdec_version__, __version__ as __version__
