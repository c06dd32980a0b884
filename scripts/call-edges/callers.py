#!/usr/bin/env python3
"""callers.py TABLE ROOT PROGRAM

How many call edges of TABLE (classes.py) the program lists under "who calls
CLASS.NAME in PATH", for an index of ROOT that is there already. An edge is found
where a row stands on its line or on one beside it.
"""
import collections
import json
import subprocess
import sys

table, root, program = sys.argv[1:4]
wanted = collections.defaultdict(dict)
for row in open(table, encoding="utf-8"):
    path, line, owner, name, kind = row.rstrip("\n").split("\t")
    wanted[owner, name, path][int(line)] = kind
ask = subprocess.Popen(
    [program, "ask", "--root", root, "--batch", "-"], stdin=subprocess.PIPE, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True, bufsize=1
)
found, of, certain, listed, beside, missed = collections.Counter(), collections.Counter(), collections.Counter(), 0, 0, []
for (owner, name, path), lines in sorted(wanted.items()):
    subject = owner if owner == name else f"{owner}.{name}"
    ask.stdin.write(f"who calls {subject} in {path} at most 100000\n")
    ask.stdin.flush()
    answer = json.loads(ask.stdout.readline())
    rows = {a["line"]: a["certainty"] for a in answer.get("answers", [])}
    for line, kind in lines.items():
        of[kind] += 1
        at = next((l for l in (line, line + 1, line - 1) if l in rows), None)
        if at is not None:
            found[kind] += 1
            certain[rows[at]] += 1
        else:
            missed.append((path, line, subject, kind, "complete" if answer.get("complete") else "said to be incomplete"))
    listed += len(rows)
    beside += sum(1 for r in rows if not any(abs(r - line) <= 1 for line in lines))
for kind in of:
    print(f"{kind}: {found[kind]} of {of[kind]} found ({100 * found[kind] / of[kind]:.1f} %)")
print(f"{listed} rows, {beside} of them on lines where the class files have no such call; found ones are", dict(certain))
print(f"{sum(1 for m in missed if m[3] == 'written' and m[4] == 'complete')} written ones not found and called complete")
for m in [m for m in missed if m[3] == "written"][:30]:
    print("  ", *m)
