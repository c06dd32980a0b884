"""Runs tests."""
import sys
import unittest.case
import unittest.result
import unittest.suite
from collections.abc import Callable, Iterable
from typing import TextIO
class TextTestResult(unittest.result.TestResult):
    descriptions: bool
    dots: bool
    separator1: str
    separator2: str
    showAll: bool
    stream: TextIO
    durations: unittest.result._DurationsType | None
    def __init__(self, stream, descriptions, verbosity, *, durations=None) -> None: ...
    def getDescription(self, test) -> str: ...
    def printErrorList(self, flavour, errors) -> None: ...
class TextTestRunner:
    resultclass: Any
    stream: Any
    descriptions: bool
    verbosity: int
    failfast: bool
    buffer: bool
    warnings: str | None
    tb_locals: bool
    durations: unittest.result._DurationsType | None
    def __init__(self, stream=None, descriptions=True, verbosity=1, failfast=False, buffer=False, resultclass=None, warnings=None, *, tb_locals=False, durations=None) -> None: ...
    def _makeResult(self) -> unittest.result.TestResult: ...
    def run(self, test) -> unittest.result.TestResult: ...
