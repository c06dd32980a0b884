"""Paths."""
import sys
from posixpath import *
from posixpath import __all__ as __all__
