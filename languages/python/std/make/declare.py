"""Writes declarations of the standard library: one stub file a module, with our own line of documentation where names.txt has one.

python3.12 declare.py FOLDER-OF-STUBS NAMES OUT

FOLDER-OF-STUBS: the declarations of the standard library that a checker of types comes with. Names, parameters and types are taken from
there, for Linux and the version below; texts are not. Of overloads the first gives the type and the longest the parameters.
NAMES: under `@module`, with what the module is for, a name (`open`, `dict.get`) and a line of documentation, with a tab between them. Only modules named there are
written.
"""
import ast
import os
import sys

VERSION = (3, 12)
stubs, names, out = sys.argv[1:4]

documented, modules, at = {}, {}, ""
for line in open(names):
    name, _, text = line.rstrip("\n").partition("\t")
    if name.startswith("@"):
        at = name[1:]
        modules[at] = text
    elif text:
        documented[at, name] = text


def holds(test):
    """Whether a condition on version or platform is met; None where it asks for something else."""
    match test:
        case ast.BoolOp(op=ast.And(), values=parts):
            return all(holds(p) is not False for p in parts)
        case ast.BoolOp(values=parts):
            return any(holds(p) for p in parts)
        case ast.Compare(left=left, ops=[op], comparators=[right]):
            said = ast.unparse(left)
            try:
                wanted = ast.literal_eval(right)
            except ValueError:
                return None
            known = {"sys.platform": "linux", "sys.version_info": VERSION}.get(said)
            if known is None:
                return None
            if isinstance(wanted, tuple):
                known = known[: len(wanted)]
            return {ast.GtE: known >= wanted, ast.Lt: known < wanted, ast.Eq: known == wanted, ast.NotEq: known != wanted}.get(type(op))
    return ast.unparse(test) == "TYPE_CHECKING" or None


def flat(body):
    for s in body:
        if isinstance(s, ast.If):
            yield from flat(s.body if holds(s.test) is not False else s.orelse)
        elif isinstance(s, ast.Try):
            yield from flat(s.body)
        else:
            yield s


PLAIN = {"AnyStr": "str", "Self": "Self", "LiteralString": "str", "ReadableBuffer": "bytes", "SupportsKeysAndGetItem": "dict"}


class Types(ast.NodeTransformer):
    """Types as they are written here: type variables by letters, no names of the checker's own helpers."""

    def __init__(self, variables, helpers, owner):
        self.variables, self.helpers, self.owner, self.seen = variables, helpers, owner, []

    def visit_Name(self, node):
        if node.id == "Self" and self.owner:
            return ast.parse(self.owner, mode="eval").body
        if node.id in PLAIN:
            return ast.Name(PLAIN[node.id])
        if node.id in self.variables:
            letter = letters(node.id)
            if letter not in self.seen:
                self.seen.append(letter)
            return ast.Name(letter)
        return ast.Name("Any") if node.id in self.helpers else node

    def visit_Attribute(self, node):
        whole = ast.unparse(node)
        return ast.Name(node.attr) if whole.startswith(("builtins.", "typing.")) else node

    def visit_Constant(self, node):
        if isinstance(node.value, str):
            return self.visit(ast.parse(node.value, mode="eval").body)
        return node

    def visit_Subscript(self, node):
        if ast.unparse(node.value) in ("Literal", "typing.Literal"):
            value = node.slice.elts[0] if isinstance(node.slice, ast.Tuple) else node.slice
            is_member = isinstance(value, ast.Attribute)
            return value.value if is_member else ast.Name(type(ast.literal_eval(value)).__name__.replace("NoneType", "None"))
        return self.generic_visit(node)


def letters(variable):
    bare = variable.strip("_").removesuffix("_co").removesuffix("_contra")
    return {"KT": "K", "VT": "V"}.get(bare, "T" if not bare else bare)


def typed(annotation, variables, helpers, owner=""):
    types = Types(variables, helpers, owner)
    return (ast.unparse(types.visit(ast.parse(ast.unparse(annotation), mode="eval").body)), types.seen) if annotation else ("", [])


class Module:
    def __init__(self, name, tree):
        self.name, self.lines, self.used = name, [], []
        self.body = list(flat(tree.body))
        self.variables, self.helpers = set(), set()
        for s in self.body:
            match s:
                case ast.Assign(targets=[ast.Name(id=v)], value=ast.Call(func=ast.Name(id="TypeVar" | "ParamSpec" | "TypeVarTuple"))):
                    self.variables.add(v)
                case ast.ImportFrom(module="_typeshed" | "_typeshed.importlib" | "_typeshed.wsgi", names=found):
                    self.helpers |= {a.asname or a.name for a in found}
                case ast.AnnAssign(target=ast.Name(id=v), annotation=ast.Name(id="TypeAlias")) if v.startswith("_"):
                    self.helpers.add(v)
                case ast.ClassDef(name=v, bases=bases) if v.startswith("_") and any("Protocol" in ast.unparse(b) for b in bases):
                    self.helpers.add(v)
                case ast.Assign(targets=[ast.Name(id=v)]) if v.startswith("_"):
                    self.helpers.add(v)
        # A function whose type is a helper that says how it is called.
        of_call = lambda c: [f for f in flat(c.body) if isinstance(f, ast.FunctionDef) and f.name == "__call__"]
        self.calls = {s.name: of_call(s) for s in self.body if isinstance(s, ast.ClassDef) and s.name in self.helpers and of_call(s)}
        self.variables -= set(PLAIN)
        self.helpers -= self.variables
        self.owner = ""

    def doc(self, name, indent):
        text = documented.get((self.name, name))
        return [f'{indent}"""{text}"""'] if text else []

    def write(self):
        if modules[self.name]:
            self.lines.append(f'"""{modules[self.name]}"""')
        self.block(self.body, "", "", set())
        return "\n".join(self.lines) + "\n"

    def block(self, body, indent, owner, bound):
        """The lines of a block; `bound` are the type variables of the class around."""
        functions = {}
        for s in body:
            if isinstance(s, ast.FunctionDef | ast.AsyncFunctionDef):
                functions.setdefault((s.name, kind(s)), []).append(s)
        before = len(self.lines)
        for s in body:
            match s:
                case ast.FunctionDef() | ast.AsyncFunctionDef():
                    if found := functions.pop((s.name, kind(s)), None):
                        self.function(found, indent, owner, bound)
                case ast.ClassDef() if s.name not in self.helpers:
                    self.type(s, indent, owner)
                case ast.AnnAssign(target=ast.Name(id=name), annotation=ast.Name(id=helper)) if helper in self.calls:
                    found = [ast.FunctionDef(name, without_receiver(c.args), c.body, [], c.returns) for c in self.calls[helper]]
                    self.function(found, indent, owner, bound)
                case ast.AnnAssign(target=ast.Name(id=name)) if name not in self.helpers:
                    said, _ = typed(s.annotation, self.variables, self.helpers, self.owner)
                    self.lines.append(f"{indent}{name}: {said}" if said != "TypeAlias" else f"{indent}{name} = {ast.unparse(s.value)}")
                case ast.Assign(targets=[ast.Name(id=name)]) if name not in self.variables | self.helpers | set(PLAIN) | {"__slots__"}:
                    self.lines.append(f"{indent}{name} = {ast.unparse(s.value) if not isinstance(s.value, ast.Call) else '...'}")
                case ast.ImportFrom(module=module, names=found, level=level) if not (module or "").startswith(("_typeshed", "typing_extensions")):
                    kept = [ast.unparse(a) for a in found if a.name not in ("TypeVar", "ParamSpec", "TypeVarTuple", "Self", "AnyStr", "LiteralString", "TypeAlias")]
                    if kept:
                        self.lines.append(f"{indent}from {'.' * level}{module or ''} import {', '.join(kept)}")
                case ast.Import():
                    if kept := [ast.unparse(a) for a in s.names if not a.name.startswith("_typeshed")]:
                        self.lines.append(f"{indent}import {', '.join(kept)}")
        if len(self.lines) == before:
            self.lines.append(indent + "...")

    def type(self, s, indent, owner):
        bases, variables = [], []
        for base in s.bases:
            said, seen = typed(base, self.variables, self.helpers)
            variables += [v for v in seen if v not in variables]
            if not said.startswith("Generic[") and said not in ("Any", "object"):
                bases.append(said.split("[")[0] if said.startswith("Protocol[") else said)
        path = f"{owner}{s.name}"
        generic = f"[{', '.join(variables)}]" if variables else ""
        self.lines.append(f"{indent}class {s.name}{generic}{'(' + ', '.join(bases) + ')' if bases else ''}:")
        self.lines += self.doc(path, indent + "    ")
        around, self.owner = self.owner, s.name + generic
        self.block(list(flat(s.body)), indent + "    ", path + ".", set(variables))
        self.owner = around

    def function(self, found, indent, owner, bound):
        longest = max(found, key=lambda f: len(f.args.args) + len(f.args.kwonlyargs) + len(f.args.posonlyargs))
        first = found[0]
        path = owner + first.name
        if first.name.startswith("__") and first.name not in KEPT and not self.doc(path, ""):
            return
        result, own = typed(first.returns, self.variables, self.helpers, self.owner)
        parameters, seen = self.parameters(longest.args, bound)
        own = [v for v in own + seen if v not in bound]
        own = list(dict.fromkeys(own))
        for d in first.decorator_list:
            said = ast.unparse(d)
            if said in ("property", "classmethod", "staticmethod", "abstractmethod", "contextmanager") or said.endswith((".setter", ".deleter")):
                self.lines.append(f"{indent}@{said}")
        word = "async def" if isinstance(first, ast.AsyncFunctionDef) else "def"
        generic = f"[{', '.join(own)}]" if own else ""
        head = f"{indent}{word} {first.name}{generic}({parameters}){f' -> {result}' if result else ''}:"
        doc = self.doc(path, indent + "    ")
        self.lines += [head, *doc] if doc else [head + " ..."]

    def parameters(self, a, bound):
        """Parameters by name and default; types where they say what a type variable is."""
        out, own = [], []

        def one(arg, default, star=""):
            said, seen = typed(arg.annotation, self.variables, self.helpers, self.owner) if arg.annotation else ("", [])
            tells = [v for v in seen if v not in bound]
            own.extend(tells)
            text = star + (arg.arg.lstrip("_") if arg.arg.startswith("__") else arg.arg) + (f": {said}" if tells and "Any" not in said else "")
            if default is not None:
                text += "=" + ast.unparse(default)
            out.append(text)

        positional = a.posonlyargs + a.args
        defaults = [None] * (len(positional) - len(a.defaults)) + a.defaults
        for arg, default in zip(positional, defaults):
            one(arg, default)
        if a.vararg:
            one(a.vararg, None, "*")
        elif a.kwonlyargs:
            out.append("*")
        for arg, default in zip(a.kwonlyargs, a.kw_defaults):
            one(arg, default)
        if a.kwarg:
            one(a.kwarg, None, "**")
        return ", ".join(out), own


KEPT = {"__init__", "__new__", "__enter__", "__aenter__", "__iter__", "__aiter__", "__next__", "__anext__", "__getitem__", "__call__", "__await__", "__import__"}


def without_receiver(a):
    return ast.arguments(a.posonlyargs[1:] if a.posonlyargs else [], a.args if a.posonlyargs else a.args[1:], a.vararg, a.kwonlyargs, a.kw_defaults, a.kwarg, a.defaults)


def kind(function):
    """Getters and setters of one name are told apart."""
    said = [ast.unparse(d) for d in function.decorator_list]
    return next((d.rsplit(".", 1)[1] for d in said if d.endswith((".setter", ".deleter"))), "")


def file_of(module):
    path = module.replace(".", "/")
    return next((f for f in (f"{path}/__init__.pyi", f"{path}.pyi") if os.path.exists(os.path.join(stubs, f))), None)


def tree_of(module):
    """The declarations of a module; people say `os.path` for what stands in two others."""
    if module == "os.path":
        inner = [tree_of("genericpath"), tree_of("posixpath")]
        return ast.Module([s for tree in inner for s in tree.body if getattr(s, "module", "") != "genericpath"], [])
    return ast.parse(open(os.path.join(stubs, file_of(module))).read())


def private_modules(wanted):
    """Modules that stand behind others, and theirs."""
    found, left = set(), list(wanted)
    while left:
        for s in ast.walk(tree_of(left.pop())):
            module = s.module if isinstance(s, ast.ImportFrom) and not s.level else None
            behind = module and (module.startswith("_") and not module.startswith("_typeshed") or module == "genericpath") and file_of(module)
            if behind and module not in found and module not in wanted:
                found.add(module)
                left.append(module)
    return found


for module in list(modules):
    while "." in module:
        module = module.rpartition(".")[0]
        modules.setdefault(module, "")
for module in sorted(private_modules(list(modules))):
    modules[module] = ""
for module in modules:
    text = Module(module, tree_of(module)).write() if file_of(module) else ""
    ast.parse(text)
    target = os.path.join(out, file_of(module))
    os.makedirs(os.path.dirname(target), exist_ok=True)
    open(target, "w").write(text)
