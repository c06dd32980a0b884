"""Databases in a file."""
from sqlite3.dbapi2 import *
