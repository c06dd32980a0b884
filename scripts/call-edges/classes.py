#!/usr/bin/env python3
"""classes.py ROOT JAR OUT.tsv

Invocations in the class files of a jar whose sources lie under ROOT, as javap
prints them, for callers.py. One line an edge: path, line, class that declares the
callee (or that is made), callee, "written" or "implicit" (no such word near the
line: an iterator of a loop, a resource that is closed). Left out: what other
libraries declare, methods the compiler makes, and calls of super and this.
"""
import collections
import os
import re
import subprocess
import sys
import zipfile

root, jar, out = sys.argv[1:4]
names = [n for n in zipfile.ZipFile(jar).namelist() if n.endswith(".class") and "META-INF" not in n and not n.endswith("-info.class")]
text = subprocess.run(
    ["javap", "-c", "-p", "-l", "-classpath", jar, *(n[:-6].replace("/", ".") for n in names)], check=True, capture_output=True, text=True
).stdout
sources = collections.defaultdict(list)
for folder, _, files in os.walk(root):
    for f in files:
        if f.endswith((".java", ".kt")):
            sources[f].append(os.path.relpath(os.path.join(folder, f), root))

head = re.compile(r"^(?:[a-z]+ )*(?:class|interface|enum) ([\w.$]+)(?:<.*?>+)?(?: extends ([^{]*?))?(?: implements ([^{]*?))? \{$")
member = re.compile(r"^  (?:.* )?([\w.$<>]+)\((.*)\)(?: throws .*)?;$")
invoke = re.compile(r"^\s+(\d+): invoke(?:virtual|special|static|interface) .*// (?:Interface)?Method (?:([\w/$]+)\.)?\"?([\w$<>]+)\"?:")
classes = {}
current = method = path = None
for line in text.splitlines():
    if line.startswith("Compiled from"):
        path = line.split('"')[1]
    elif m := head.match(line):
        bare = lambda s: [re.sub(r"<.*", "", b).strip() for b in re.sub(r"<[^<>]*(?:<[^<>]*>[^<>]*)*>", "", s or "").split(",") if b.strip()]
        current = {"file": path, "name": m[1], "bases": bare(m[2]) + bare(m[3]), "methods": set(), "calls": []}
        classes[m[1]] = current
    elif current is None:
        continue
    elif m := member.match(line):
        method = {"name": m[1].split(".")[-1], "calls": [], "lines": []}
        current["methods"].add("<init>" if m[1] == current["name"] else m[1])
        current["calls"].append(method)
    elif line.startswith("  static {}"):
        method = {"name": "<clinit>", "calls": [], "lines": []}
        current["calls"].append(method)
    elif method and (m := invoke.match(line)):
        method["calls"].append((int(m[1]), (m[2] or current["name"]).replace("/", "."), m[3]))
    elif method and (m := re.match(r"^\s+line (\d+): (\d+)$", line)):
        method["lines"].append((int(m[2]), int(m[1])))


def declaring(owner, name):
    """The class of the jar that declares a method as seen from another."""
    open_, seen = [owner], set()
    while open_:
        c = open_.pop(0)
        if c in seen or c not in classes:
            continue
        seen.add(c)
        if name in classes[c]["methods"]:
            return c
        open_ += classes[c]["bases"]
    return None


def source_of(c):
    folder = os.path.dirname(c["name"].replace(".", "/"))
    found = [s for s in sources.get(c["file"], []) if os.path.dirname(s).endswith(folder)]
    return found[0] if found else None


rows = set()
for c in classes.values():
    path = source_of(c)
    if path is None:
        continue
    lines = open(os.path.join(root, path), encoding="utf-8").read().splitlines()
    for m in c["calls"]:
        if re.match(r"access\$|\$values|values$|valueOf$", m["name"]):
            continue
        for at, owner, name in m["calls"]:
            where = declaring(owner, name)
            if where is None or "$$" in name or re.match(r"access\$|lambda\$|\$values|values$|valueOf$|ordinal$", name):
                continue
            if name == "<init>" and (m["name"] in ("<init>", c["name"].split(".")[-1].split("$")[-1], c["name"].split(".")[-1])) and owner in (c["name"], *c["bases"]):
                continue
            simple = where.split(".")[-1]
            if simple != classes[where]["file"].split(".")[0]:
                simple = simple.split("$")[-1]
            if simple.isdigit():
                continue
            line = max(((a, l) for a, l in m["lines"] if a <= at), default=(0, 0))[1]
            word = simple if name == "<init>" else name
            near = " ".join(lines[max(0, line - 2) : line + 2])
            kind = "written" if re.search(rf"\b{re.escape(word)}\b", near) else "implicit"
            rows.add((path, line, simple, word, kind))
with open(out, "w", encoding="utf-8") as table:
    for row in sorted(rows):
        print(*row, sep="\t", file=table)
print(len(rows), "edges")
