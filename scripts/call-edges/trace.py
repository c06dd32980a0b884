#!/usr/bin/env python3
"""trace.py ROOT PACKAGE OUT.tsv -- PYTEST-ARGUMENT ...

Runs a test suite with pytest, in the folder it is started from, and writes which
functions below ROOT/PACKAGE called which, for score.py --by-function. One line an
edge: caller's path, line, column of its name; 0; name of the callee; "dynamic" where
no such name is written in the caller, "unwritten" where the language calls it
(__init__, __enter__ ...), else "named".

What is called is told by the interpreter (sys.monitoring, Python 3.12 or later): each
call with what it calls, and each function that begins with the frame that waits for it,
for those that code in C calls. Who asks a generator or a coroutine for its next value
does not call it: it begins with whoever takes the first value.
"""
import ast
import inspect
import os
import sys

root, package, out = sys.argv[1:4]
folder = os.path.realpath(os.path.join(root, package)) + os.sep
edges = set()
RESUMED = inspect.CO_GENERATOR | inspect.CO_COROUTINE | inspect.CO_ASYNC_GENERATOR
watch = sys.monitoring
TOOL = watch.PROFILER_ID


def keep(caller, callee):
    if callee.co_filename.startswith(folder) and caller.co_filename.startswith(folder):
        edges.add((caller.co_filename, caller.co_firstlineno, caller.co_name, callee.co_name))


def called(code, _offset, what, _first):
    if not code.co_filename.startswith(folder):
        return watch.DISABLE
    what = getattr(what, "__func__", what)
    callee = getattr(what, "__code__", None)
    if callee is not None:
        keep(code, callee)


def begun(code, _offset):
    if not code.co_filename.startswith(folder):
        return watch.DISABLE
    caller = sys._getframe(1).f_back
    if caller is not None and not code.co_flags & RESUMED:
        keep(caller.f_code, code)


watch.use_tool_id(TOOL, "call-edges")
watch.register_callback(TOOL, watch.events.CALL, called)
watch.register_callback(TOOL, watch.events.PY_START, begun)
watch.set_events(TOOL, watch.events.CALL | watch.events.PY_START)
import pytest  # noqa: E402

code = pytest.main(sys.argv[sys.argv.index("--") + 1 :])
watch.set_events(TOOL, 0)
print("pytest ended with", code)

places, texts = {}, {}
for path in {e[0] for e in edges}:
    source = open(path, encoding="utf-8").read()
    lines = source.splitlines()
    tree = ast.parse(source)
    for node in ast.walk(tree):
        if isinstance(node, (ast.FunctionDef, ast.AsyncFunctionDef)):
            first = min([node.lineno] + [d.lineno for d in node.decorator_list])
            column = lines[node.lineno - 1].index(node.name, lines[node.lineno - 1].index("def ") + 4) + 1
            places[path, first, node.name] = (node.lineno, column)
            renamed = {a.asname: a.name for n in ast.walk(tree) if isinstance(n, (ast.Import, ast.ImportFrom)) for a in n.names if a.asname}
            words = {n.id for n in ast.walk(node) if isinstance(n, ast.Name)} | {n.attr for n in ast.walk(node) if isinstance(n, ast.Attribute)}
            texts[path, first, node.name] = words | {renamed[w] for w in words if w in renamed}
rows = set()
for path, first, caller, callee in edges:
    key = (path, first, caller)
    # Lambdas, comprehensions and the like have no name to ask for, nor has what is called so.
    if key not in places or callee.startswith("<"):
        continue
    line, column = places[key]
    kind = "named" if callee in texts[key] else "unwritten" if callee.startswith("__") else "dynamic"
    rows.add((os.path.relpath(path, os.path.realpath(root)), line, column, 0, callee, kind))
with open(out, "w", encoding="utf-8") as table:
    for row in sorted(rows):
        print(*row, sep="\t", file=table)
print(len(rows), "edges")
