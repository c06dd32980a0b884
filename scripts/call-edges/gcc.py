#!/usr/bin/env python3
"""gcc.py ROOT OUT.tsv [FLAG ...] -- FILE.c ...

The call graph of C files as gcc sees it (-fcallgraph-info), for score.py.
One line an edge: caller's path, line, column; line of the call; name of the
callee; "direct". Calls through pointers have no callee there and are left out.
"""
import os
import re
import subprocess
import sys
import tempfile

root, out, rest = sys.argv[1], sys.argv[2], sys.argv[3:]
flags, files = rest[: rest.index("--")], rest[rest.index("--") + 1 :]
node = re.compile(r'node: \{ title: "([^"]+)" label: "([^\\"]+)\\n([^\\":]+):(\d+):(\d+)')
edge = re.compile(r'edge: \{ sourcename: "([^"]+)" targetname: "([^"]+)" label: "([^":]+):(\d+):(\d+)"')
rows = set()
for file in files:
    with tempfile.TemporaryDirectory() as folder:
        command = ["gcc", "-O0", "-Dalways_inline=noinline", "-D__always_inline__=noinline", "-fcallgraph-info", "-w", *flags, "-c", file, "-o", os.path.join(folder, "a.o")]
        subprocess.run(command, cwd=root, check=True)
        graph = open(os.path.join(folder, "a.ci"), encoding="utf-8").read()
    places = {t: (n, p, int(l), int(c)) for t, n, p, l, c in node.findall(graph)}
    for source, target, _, line, _ in edge.findall(graph):
        if target == "__indirect_call" or source not in places:
            continue
        # What only a library has is not in the index.
        if target not in places or os.path.isabs(places[target][1]) or not os.path.isfile(os.path.join(root, places[target][1])):
            continue
        # A static function is titled by its file and name.
        name = target.split(":")[-1].split(".")[0]
        _, path, at, column = places[source]
        path = os.path.relpath(os.path.join(root, path), root)
        rows.add((path, at, column, int(line), name, "direct"))
with open(out, "w", encoding="utf-8") as table:
    for row in sorted(rows):
        print(*row, sep="\t", file=table)
print(len(rows), "edges")
