"""Writes the public declarations of the Kotlin library, one file a package.

Arguments: folder with the unpacked sources of the library (`commonMain`, `jvmMain`), list of names with a line of documentation each, folder to
write to. Bodies, annotations and what is deprecated or not public are left out; of functions on arrays of numbers only the usual ones stay.
"""

import os
import re
import sys

PACKAGES = {
    "kotlin", "kotlin.collections", "kotlin.comparisons", "kotlin.concurrent", "kotlin.coroutines", "kotlin.enums", "kotlin.experimental", "kotlin.io", "kotlin.io.path",
    "kotlin.jvm", "kotlin.jvm.optionals", "kotlin.math", "kotlin.properties", "kotlin.random", "kotlin.ranges", "kotlin.reflect", "kotlin.sequences", "kotlin.streams", "kotlin.system", "kotlin.text", "kotlin.time",
    "kotlin.annotation",
}
RARE = re.compile(r"\b(UByte|UShort|UInt|ULong|Short|Float|Boolean)Array\b|\bArray<out U(Byte|Short|Int|Long)|\bU(Byte|Short)\b")
TOKEN = re.compile(
    r"(?P<comment>/\*.*?\*/|//[^\n]*)|(?P<text>\"\"\".*?\"\"\"|\"(?:\\.|[^\"\\\n])*\"|'(?:\\.|[^'\\\n])*')|(?P<word>`[^`]+`|[A-Za-z_]\w*)|(?P<number>\d[\w.]*)|(?P<line>\n)|(?P<space>[ \t\r]+)|(?P<sign>->|\?\.|::|&&|\|\||[^\w\s])",
    re.S,
)
MODIFIERS = {
    "public", "private", "internal", "protected", "actual", "expect", "inline", "infix", "operator", "tailrec", "external", "override", "open", "abstract", "sealed", "data", "enum", "annotation",
    "inner", "value", "const", "lateinit", "suspend", "final", "companion", "crossinline", "noinline",
}
KEPT = {"infix", "operator", "open", "abstract", "sealed", "data", "enum", "annotation", "inner", "value", "const", "suspend", "companion", "protected", "override"}
HEADS = {"fun", "val", "var", "class", "interface", "object", "typealias", "constructor", "init"}


def tokens(text):
    out = []
    for m in TOKEN.finditer(text):
        kind = m.lastgroup
        if kind == "space":
            continue
        if kind == "comment":
            if "\n" in m.group():
                out.append(("line", "\n"))
            continue
        out.append((kind, m.group()))
    return out


class Reader:
    def __init__(self, text):
        self.t = tokens(text)
        self.i = 0

    def peek(self, k=0):
        return self.t[self.i + k][1] if self.i + k < len(self.t) else ""

    def lines(self):
        while self.peek() == "\n" or self.peek() == ";":
            self.i += 1

    def skip_group(self):
        """Past a bracket and what it holds; the text of it."""
        pairs = {"(": ")", "{": "}", "[": "]"}
        depth, out = 0, []
        while self.i < len(self.t):
            word = self.peek()
            if word in pairs:
                depth += 1
            elif word in pairs.values():
                depth -= 1
            out.append(word)
            self.i += 1
            if depth == 0:
                break
        return out

    def annotation(self):
        """Past `@Name(...)`; its words."""
        out = [self.peek()]
        self.i += 1
        if self.peek() == "[":
            return out + self.skip_group()
        while True:
            out.append(self.peek())
            self.i += 1
            if self.peek() in (":", ".") and out[-1] != ":":
                out.append(self.peek())
                self.i += 1
                continue
            break
        if self.peek() == "<":
            while self.peek() != ">":
                self.i += 1
            self.i += 1
        if self.peek() == "(":
            out += self.skip_group()
        return out

    def begins(self):
        """Does a declaration begin here?"""
        k = self.i
        while k < len(self.t) and self.t[k][1] in ("\n", ";"):
            k += 1
        word = self.t[k][1] if k < len(self.t) else "}"
        following = self.t[k + 1] if k + 1 < len(self.t) else ("", "")
        return word in HEADS or word in MODIFIERS and following[0] == "word" or word in ("@", "}") or word in ("get", "set") and following[1] in ("(", "\n")

    def rest_of_expression(self):
        self.lines()
        if self.peek() == "object":
            self.i += 1
        while self.i < len(self.t):
            word = self.peek()
            if word in "([{" and word:
                self.skip_group()
                continue
            if word in ("}", ")"):
                return
            if word == "\n" and self.begins():
                return
            self.i += 1

    def header(self):
        """The words of a declaration up to its body."""
        out, angle = [], 0
        while self.i < len(self.t):
            word = self.peek()
            if word in ("{", "=", "}"):
                break
            if word == "\n":
                self.lines()
                following = self.peek()
                if following in (":", "where") or out and out[-1] in (",", ":", "where", "->", "fun", "val", "class") or angle > 0 or following == "constructor" and "class" in out and not out[-1].endswith(")"):
                    continue
                break
            if word == "by" or word in ("get", "set") and out[:1] in (["val"], ["var"]) and len(out) > 1 and self.peek(1) == "(":
                break
            if word == ";":
                break
            if word == "@":
                self.annotation()
                continue
            if word == "(":
                out.append(self.parameters())
                continue
            angle += (word == "<") - (word == ">")
            out.append(word)
            self.i += 1
        return out

    def parameters(self):
        """Brackets with annotations left out, and defaults in short."""
        self.i += 1
        out = ["("]
        while self.i < len(self.t):
            word = self.peek()
            if word == ")":
                self.i += 1
                break
            if word == "@":
                self.annotation()
            elif word == "(":
                out.append(self.parameters())
            elif word == "=":
                self.i += 1
                depth, value = 0, []
                while self.i < len(self.t):
                    w = self.peek()
                    if depth == 0 and w in (",", ")"):
                        break
                    depth += (w in "([{<") - (w in ")]}>") if len(w) == 1 else 0
                    if w != "\n":
                        value.append(w)
                    self.i += 1
                short = value[0] if len(value) == 1 and not re.match(r"[a-zA-Z]", value[0]) or value[0] in ("true", "false") else "null"
                out.append(f"= {short}")
            elif word == "\n":
                self.i += 1
            elif word in ("crossinline", "noinline", "public", "inline"):
                self.i += 1
            else:
                out.append(word)
                self.i += 1
        if out[-1] == ",":
            out.pop()
        return put(out + [")"])


def put(words):
    """Words as a person would space them."""
    out = ""
    for w in words:
        if w in (",", ":", ")", "?", ".", ">", "?.", "::", "<") or w.startswith("(") and (out and (out[-1].isalnum() or out[-1] in "`>_")) and not out.endswith((" in", " out", "vararg", "suspend")):
            out += w
        elif out and out[-1] in "(.<@" or out.endswith("::"):
            out += w
        elif not out:
            out = w
        else:
            out += " " + w
    return out.replace("* >", "*>").replace(">(", ">(").replace("fun<", "fun <").replace("val<", "val <").replace("var<", "var <").replace("fun(", "fun (")


def declarations(r, indent, docs, package, owner):
    """The lines of what is declared up to a closing brace or the end."""
    out = []
    while True:
        r.lines()
        if r.i >= len(r.t) or r.peek() == "}":
            return out
        hidden = False
        words = []
        start = r.i
        while True:
            r.lines()
            word = r.peek()
            if word == "@":
                a = r.annotation()
                hidden |= "Deprecated" in a or "DeprecatedSinceKotlin" in a
                continue
            if word in MODIFIERS and not (word in ("value", "data", "inner", "open", "enum", "annotation", "const") and r.peek(1) in (":", "=", ",", ")", ".")):
                words.append(word)
                r.i += 1
                continue
            break
        hidden |= "private" in words or "internal" in words
        if not words and r.peek() not in HEADS and r.peek() not in ("get", "set"):
            # An entry of an enum, or something unknown.
            if owner and r.t[r.i][0] == "word" and r.peek(1) in (",", ";", "(", "\n", "}"):
                name = r.peek()
                r.i += 1
                if r.peek() == "(":
                    r.skip_group()
                ends = r.peek()
                out.append((None, f"{indent}{name}{',' if ends == ',' else ';' if ends == ';' else ''}"))
                if ends in (",", ";"):
                    r.i += 1
                continue
            r.i = max(r.i, start) + 1
            continue
        head = r.peek()
        if head == "class" and r.peek(1) == ".":
            r.i += 1
            continue
        if head in ("get", "set"):
            r.i += 1
            if r.peek() == "(":
                r.skip_group()
            r.header()
            if r.peek() == "{":
                r.skip_group()
            elif r.peek() == "=":
                r.i += 1
                r.rest_of_expression()
            continue
        if head == "init":
            r.i += 1
            if r.peek() == "{":
                r.skip_group()
            continue
        header = r.header()
        if header[-2:] == [":", "Serializable"] or header[-2:] == [",", "Serializable"]:
            header = header[:-2]
        text = put([w for w in words if w in KEPT] + header)
        kind = "interface" if header[:2] == ["fun", "interface"] else next((w for w in header if w in HEADS), "")
        name = name_of(header, kind)
        body = None
        if r.peek() == "by":
            r.rest_of_expression()
        if r.peek() == "=":
            r.i += 1
            if kind == "typealias":
                target = r.header()
                text += " = " + put(target)
            else:
                r.rest_of_expression()
        if r.peek() == "{":
            if kind in ("class", "interface", "object"):
                r.i += 1
                body = declarations(r, indent + "    ", docs, package, f"{owner}.{name}" if owner else name)
                r.i += 1
            else:
                r.skip_group()
        hidden |= bool(RARE.search(text)) and kind in ("fun", "val", "var") and not owner
        if hidden or not kind or name == "suspend":
            continue
        key = f"{package}.{owner + '.' if owner else ''}{name}"
        doc = docs.get(key) if kind != "constructor" else None
        if doc:
            out.append((None, f"{indent}/** {doc} */"))
        out.append((text, f"{indent}{text}{' {' if body else ''}"))
        if body:
            out.extend(body)
            out.append((None, f"{indent}}}"))


def name_of(header, kind):
    if kind == "object" and header[-1] == "object":
        return "Companion"
    before = []
    for w in header[header.index(kind) + 1 :] if kind else []:
        if w.startswith("(") or w == ":":
            break
        before.append(w)
    depth, name = 0, ""
    for w in before:
        depth += (w == "<") - (w == ">")
        if depth == 0 and re.match(r"[`\w]", w):
            name = w
    return name.strip("`")


def main():
    sources, names, folder = sys.argv[1:]
    docs = dict(line.rstrip("\n").split("\t", 1) for line in open(names) if "\t" in line)
    packages, seen = {}, set()
    for part in ("jvmMain", "commonMain"):
        for top, _, files in sorted(os.walk(os.path.join(sources, part))):
            for file in sorted(files):
                if not file.endswith(".kt"):
                    continue
                text = open(os.path.join(top, file)).read()
                package = re.search(r"^package ([\w.]+)", text, re.M)
                if not package or package.group(1) not in PACKAGES:
                    continue
                package = package.group(1)
                body = text[text.index("package " + package) + len("package " + package) :]
                imports = sorted(set(re.findall(r"^import (?!kotlin\.internal|kotlin\.contracts)([\w.*]+(?: as \w+)?)", body, re.M)))
                body = re.sub(r"^import .*$", "", body, flags=re.M)
                lines = declarations(Reader(body), "", docs, package, "")
                kept, keep = [], True
                depth = 0
                for key, line in lines:
                    if depth == 0 and key is not None:
                        plain = re.sub(r"\s+", "", re.sub(r"\bexpect\b|= [^,)]*", "", key))
                        keep = plain not in seen
                        seen.add(plain)
                        # What stands for a class of Java and is declared in common once more.
                        m = re.match(r"(?:\w+ )*(?:class|interface|typealias) (\w+)", key)
                        if m:
                            keep = keep and (package, m.group(1)) not in seen
                            seen.add((package, m.group(1)))
                    if keep:
                        kept.append(line)
                    elif depth == 0 and kept and kept[-1].lstrip().startswith("/**"):
                        kept.pop()
                    depth += line.endswith("{")
                    depth -= line.strip() == "}"
                if kept:
                    entry = packages.setdefault(package, (set(), []))
                    entry[0].update(imports)
                    entry[1].extend(kept)
    for package, (imports, lines) in sorted(packages.items()):
        place = os.path.join(folder, package.replace(".", "/") + ".kt")
        os.makedirs(os.path.dirname(place), exist_ok=True)
        with open(place, "w") as out:
            out.write(f"package {package}\n\n")
            out.writelines(f"import {i}\n" for i in sorted(imports) if i.startswith(("java", "kotlin")))
            out.write("\n" if imports else "")
            out.writelines(line + "\n" for line in lines)


main()
