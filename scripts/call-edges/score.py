#!/usr/bin/env python3
"""score.py TABLE ROOT PROGRAM [--by-function]

How many call edges of TABLE (gcc.py, classes.py, trace.py) the program lists
under "what does CALLER call", for an index of ROOT that is there already. An edge is
found where a row stands on the line of the call and leads to a symbol of the
callee's name, or to a macro whose text calls it; with --by-function the line does not matter, as with traces.
Prints what was found, what was listed beside it, and some of what was not.
"""
import collections
import json
import subprocess
import sys

table, root, program = sys.argv[1:4]
by_function = "--by-function" in sys.argv
wanted = collections.defaultdict(set)
kinds = {}
for row in open(table, encoding="utf-8"):
    path, line, column, at, name, kind = row.rstrip("\n").split("\t")
    edge = name if by_function else (int(at), name)
    wanted[path, int(line), int(column)].add(edge)
    kinds[path, int(line), int(column), edge] = kind
ask = subprocess.Popen(
    [program, "ask", "--root", root, "--batch", "-"], stdin=subprocess.PIPE, stdout=subprocess.PIPE, stderr=subprocess.DEVNULL, text=True, bufsize=1
)


def answer_to(question):
    ask.stdin.write(f"{question} at most {MOST}\n")
    ask.stdin.flush()
    return json.loads(ask.stdout.readline())


NEAR, MOST = 3, 100_000
behind = {}


def through_macro(name, seen=()):
    """Names that a macro calls, over other macros too."""
    if name in seen:
        return set()
    if name not in behind:
        rows = answer_to(f"what does {name} call").get("answers", [])
        behind[name] = [(n, a["kind"]) for a in rows for n in names_of(a)]
    out = {n for n, _ in behind[name]}
    for n, kind in behind[name]:
        if kind == "macro":
            out |= through_macro(n, (*seen, name))
    return out


def names_of(row):
    """What a row calls: the name there, and the function that may run where a variable or field is called."""
    told = [e["text"] for e in row["evidence"]]
    names = [row["name"] or ""] + [t.split(",")[0] for t in told if any(w in t for w in (", put there", ", by a name", ", handed to"))]
    # A name that an import gives to something else.
    names += [t.split(" is defined")[0] for t in told if " is defined" in t]
    return {n.split(".")[-1].split("::")[-1] for n in names}


found, of, listed, extra, silent = collections.Counter(), collections.Counter(), 0, 0, []
unknown = macros = near = 0
for (path, line, column), edges in sorted(wanted.items()):
    answer = answer_to(f"what does {path}:{line}:{column} call")
    if "answers" not in answer or "no name at this place" in " ".join(answer["notes"]):
        unknown += 1
        silent.extend((path, line, e, "caller unknown") for e in edges)
        for e in edges:
            of[kinds[path, line, column, e]] += 1
        continue
    rows, inside = {}, set()
    for a in answer["answers"]:
        for name in names_of(a):
            rows[name if by_function else (a["line"], name)] = a["certainty"]
            if a["kind"] == "macro":
                inside.update((a["line"], n) for n in through_macro(name))
    for e in edges:
        kind = kinds[path, line, column, e]
        of[kind] += 1
        if e in rows:
            found[kind] += 1
        elif e in inside:
            found[kind] += 1
            macros += 1
        elif not by_function and any(r[1] == e[1] and 0 < r[0] - e[0] <= NEAR for r in (*rows, *inside)):
            # Within the arguments of a macro the compiler gives the line on which that begins.
            found[kind] += 1
            near += 1
        else:
            silent.append((path, line, e, "complete" if answer["complete"] else "said to be incomplete"))
    names = {e if by_function else e[1] for e in edges}
    listed += len(rows)
    extra += sum(1 for r in rows if (r if by_function else r[1]) not in names)
for kind in of:
    print(f"{kind}: {found[kind]} of {of[kind]} found ({100 * found[kind] / of[kind]:.1f} %)")
print(f"{macros} of them by way of a macro that is listed there, {near} on one of the {NEAR} lines after")
print(f"{listed} rows, {extra} of them of names that the table does not have for their caller; {unknown} callers unknown")
print(f"{sum(1 for s in silent if s[3] == 'complete')} not found and called complete")
for s in silent[:: max(1, len(silent) // 25)]:
    print("  ", *s)
