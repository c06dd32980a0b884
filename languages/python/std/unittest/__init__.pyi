"""Tests."""
import sys
from unittest.async_case import *
from .case import FunctionTestCase as FunctionTestCase, SkipTest as SkipTest, TestCase as TestCase, addModuleCleanup as addModuleCleanup, expectedFailure as expectedFailure, skip as skip, skipIf as skipIf, skipUnless as skipUnless
from .loader import TestLoader as TestLoader, defaultTestLoader as defaultTestLoader, findTestCases as findTestCases, getTestCaseNames as getTestCaseNames, makeSuite as makeSuite
from .main import TestProgram as TestProgram, main as main
from .result import TestResult as TestResult
from .runner import TextTestResult as TextTestResult, TextTestRunner as TextTestRunner
from .signals import installHandler as installHandler, registerResult as registerResult, removeHandler as removeHandler, removeResult as removeResult
from .suite import BaseTestSuite as BaseTestSuite, TestSuite as TestSuite
from .case import doModuleCleanups as doModuleCleanups, enterModuleContext as enterModuleContext
