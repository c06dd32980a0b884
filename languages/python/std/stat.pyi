"""What modes of files mean."""
import sys
from _stat import *
from typing import Literal
