"""Operators as functions."""
import sys
from _operator import *
