"""Runs tests as a program."""
import sys
import unittest.case
import unittest.loader
import unittest.result
import unittest.suite
from collections.abc import Iterable
from types import ModuleType
from typing import Any, Protocol
MAIN_EXAMPLES: str
MODULE_EXAMPLES: str
class TestProgram:
    result: unittest.result.TestResult
    module: None | str | ModuleType
    verbosity: int
    failfast: bool | None
    catchbreak: bool | None
    buffer: bool | None
    progName: str | None
    warnings: str | None
    testNamePatterns: list[str] | None
    durations: unittest.result._DurationsType | None
    def __init__(self, module='__main__', defaultTest=None, argv=None, testRunner=None, testLoader=..., exit=True, verbosity=1, failfast=None, catchbreak=None, buffer=None, warnings=None, *, tb_locals=False, durations=None) -> None: ...
    def usageExit(self, msg=None) -> None: ...
    def parseArgs(self, argv) -> None: ...
    def createTests(self, from_discovery=False, Loader=None) -> None: ...
    def runTests(self) -> None: ...
main = TestProgram
