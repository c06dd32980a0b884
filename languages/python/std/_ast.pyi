import sys
import typing_extensions
from typing import Any, ClassVar, Generic, Literal, TypedDict, overload
PyCF_ONLY_AST: int
PyCF_TYPE_COMMENTS: int
PyCF_ALLOW_TOP_LEVEL_AWAIT: int
_Identifier: typing_extensions.TypeAlias
class _Attributes(TypedDict):
    lineno: int
    col_offset: int
    end_lineno: Any
    end_col_offset: Any
class AST:
    __match_args__ = ()
    _attributes: ClassVar[tuple[str, ...]]
    _fields: ClassVar[tuple[str, ...]]
class mod(AST):
    ...
class type_ignore(AST):
    ...
class TypeIgnore(type_ignore):
    __match_args__ = ('lineno', 'tag')
    lineno: int
    tag: str
    def __init__(self, lineno, tag) -> None: ...
class FunctionType(mod):
    __match_args__ = ('argtypes', 'returns')
    argtypes: list[expr]
    returns: expr
    def __init__(self, argtypes, returns) -> None: ...
class Module(mod):
    __match_args__ = ('body', 'type_ignores')
    body: list[stmt]
    type_ignores: list[TypeIgnore]
    def __init__(self, body, type_ignores) -> None: ...
class Interactive(mod):
    __match_args__ = ('body',)
    body: list[stmt]
    def __init__(self, body) -> None: ...
class Expression(mod):
    __match_args__ = ('body',)
    body: expr
    def __init__(self, body) -> None: ...
class stmt(AST):
    lineno: int
    col_offset: int
    end_lineno: int | None
    end_col_offset: int | None
    def __init__(self, **kwargs) -> None: ...
class FunctionDef(stmt):
    __match_args__ = ('name', 'args', 'body', 'decorator_list', 'returns', 'type_comment', 'type_params')
    name: _Identifier
    args: arguments
    body: list[stmt]
    decorator_list: list[expr]
    returns: expr | None
    type_comment: str | None
    type_params: list[type_param]
    def __init__(self, name, args, body, decorator_list, returns, type_comment, type_params, **kwargs) -> None: ...
class AsyncFunctionDef(stmt):
    __match_args__ = ('name', 'args', 'body', 'decorator_list', 'returns', 'type_comment', 'type_params')
    name: _Identifier
    args: arguments
    body: list[stmt]
    decorator_list: list[expr]
    returns: expr | None
    type_comment: str | None
    type_params: list[type_param]
    def __init__(self, name, args, body, decorator_list, returns, type_comment, type_params, **kwargs) -> None: ...
class ClassDef(stmt):
    __match_args__ = ('name', 'bases', 'keywords', 'body', 'decorator_list', 'type_params')
    name: _Identifier
    bases: list[expr]
    keywords: list[keyword]
    body: list[stmt]
    decorator_list: list[expr]
    type_params: list[type_param]
    def __init__(self, name, bases, keywords, body, decorator_list, type_params, **kwargs) -> None: ...
class Return(stmt):
    __match_args__ = ('value',)
    value: expr | None
    def __init__(self, value=None, **kwargs) -> None: ...
class Delete(stmt):
    __match_args__ = ('targets',)
    targets: list[expr]
    def __init__(self, targets, **kwargs) -> None: ...
class Assign(stmt):
    __match_args__ = ('targets', 'value', 'type_comment')
    targets: list[expr]
    value: expr
    type_comment: str | None
    def __init__(self, targets, value, type_comment=None, **kwargs) -> None: ...
class AugAssign(stmt):
    __match_args__ = ('target', 'op', 'value')
    target: Name | Attribute | Subscript
    op: operator
    value: expr
    def __init__(self, target, op, value, **kwargs) -> None: ...
class AnnAssign(stmt):
    __match_args__ = ('target', 'annotation', 'value', 'simple')
    target: Name | Attribute | Subscript
    annotation: expr
    value: expr | None
    simple: int
    def __init__(self, target, annotation, value, simple, **kwargs) -> None: ...
class For(stmt):
    __match_args__ = ('target', 'iter', 'body', 'orelse', 'type_comment')
    target: expr
    iter: expr
    body: list[stmt]
    orelse: list[stmt]
    type_comment: str | None
    def __init__(self, target, iter, body, orelse, type_comment=None, **kwargs) -> None: ...
class AsyncFor(stmt):
    __match_args__ = ('target', 'iter', 'body', 'orelse', 'type_comment')
    target: expr
    iter: expr
    body: list[stmt]
    orelse: list[stmt]
    type_comment: str | None
    def __init__(self, target, iter, body, orelse, type_comment=None, **kwargs) -> None: ...
class While(stmt):
    __match_args__ = ('test', 'body', 'orelse')
    test: expr
    body: list[stmt]
    orelse: list[stmt]
    def __init__(self, test, body, orelse, **kwargs) -> None: ...
class If(stmt):
    __match_args__ = ('test', 'body', 'orelse')
    test: expr
    body: list[stmt]
    orelse: list[stmt]
    def __init__(self, test, body, orelse, **kwargs) -> None: ...
class With(stmt):
    __match_args__ = ('items', 'body', 'type_comment')
    items: list[withitem]
    body: list[stmt]
    type_comment: str | None
    def __init__(self, items, body, type_comment=None, **kwargs) -> None: ...
class AsyncWith(stmt):
    __match_args__ = ('items', 'body', 'type_comment')
    items: list[withitem]
    body: list[stmt]
    type_comment: str | None
    def __init__(self, items, body, type_comment=None, **kwargs) -> None: ...
class Raise(stmt):
    __match_args__ = ('exc', 'cause')
    exc: expr | None
    cause: expr | None
    def __init__(self, exc=None, cause=None, **kwargs) -> None: ...
class Try(stmt):
    __match_args__ = ('body', 'handlers', 'orelse', 'finalbody')
    body: list[stmt]
    handlers: list[ExceptHandler]
    orelse: list[stmt]
    finalbody: list[stmt]
    def __init__(self, body, handlers, orelse, finalbody, **kwargs) -> None: ...
class TryStar(stmt):
    __match_args__ = ('body', 'handlers', 'orelse', 'finalbody')
    body: list[stmt]
    handlers: list[ExceptHandler]
    orelse: list[stmt]
    finalbody: list[stmt]
    def __init__(self, body, handlers, orelse, finalbody, **kwargs) -> None: ...
class Assert(stmt):
    __match_args__ = ('test', 'msg')
    test: expr
    msg: expr | None
    def __init__(self, test, msg=None, **kwargs) -> None: ...
class Import(stmt):
    __match_args__ = ('names',)
    names: list[alias]
    def __init__(self, names, **kwargs) -> None: ...
class ImportFrom(stmt):
    __match_args__ = ('module', 'names', 'level')
    module: str | None
    names: list[alias]
    level: int
    def __init__(self, module, names, level, **kwargs) -> None: ...
class Global(stmt):
    __match_args__ = ('names',)
    names: list[_Identifier]
    def __init__(self, names, **kwargs) -> None: ...
class Nonlocal(stmt):
    __match_args__ = ('names',)
    names: list[_Identifier]
    def __init__(self, names, **kwargs) -> None: ...
class Expr(stmt):
    __match_args__ = ('value',)
    value: expr
    def __init__(self, value, **kwargs) -> None: ...
class Pass(stmt):
    ...
class Break(stmt):
    ...
class Continue(stmt):
    ...
class expr(AST):
    lineno: int
    col_offset: int
    end_lineno: int | None
    end_col_offset: int | None
    def __init__(self, **kwargs) -> None: ...
class BoolOp(expr):
    __match_args__ = ('op', 'values')
    op: boolop
    values: list[expr]
    def __init__(self, op, values, **kwargs) -> None: ...
class BinOp(expr):
    __match_args__ = ('left', 'op', 'right')
    left: expr
    op: operator
    right: expr
    def __init__(self, left, op, right, **kwargs) -> None: ...
class UnaryOp(expr):
    __match_args__ = ('op', 'operand')
    op: unaryop
    operand: expr
    def __init__(self, op, operand, **kwargs) -> None: ...
class Lambda(expr):
    __match_args__ = ('args', 'body')
    args: arguments
    body: expr
    def __init__(self, args, body, **kwargs) -> None: ...
class IfExp(expr):
    __match_args__ = ('test', 'body', 'orelse')
    test: expr
    body: expr
    orelse: expr
    def __init__(self, test, body, orelse, **kwargs) -> None: ...
class Dict(expr):
    __match_args__ = ('keys', 'values')
    keys: list[expr | None]
    values: list[expr]
    def __init__(self, keys, values, **kwargs) -> None: ...
class Set(expr):
    __match_args__ = ('elts',)
    elts: list[expr]
    def __init__(self, elts, **kwargs) -> None: ...
class ListComp(expr):
    __match_args__ = ('elt', 'generators')
    elt: expr
    generators: list[comprehension]
    def __init__(self, elt, generators, **kwargs) -> None: ...
class SetComp(expr):
    __match_args__ = ('elt', 'generators')
    elt: expr
    generators: list[comprehension]
    def __init__(self, elt, generators, **kwargs) -> None: ...
class DictComp(expr):
    __match_args__ = ('key', 'value', 'generators')
    key: expr
    value: expr
    generators: list[comprehension]
    def __init__(self, key, value, generators, **kwargs) -> None: ...
class GeneratorExp(expr):
    __match_args__ = ('elt', 'generators')
    elt: expr
    generators: list[comprehension]
    def __init__(self, elt, generators, **kwargs) -> None: ...
class Await(expr):
    __match_args__ = ('value',)
    value: expr
    def __init__(self, value, **kwargs) -> None: ...
class Yield(expr):
    __match_args__ = ('value',)
    value: expr | None
    def __init__(self, value=None, **kwargs) -> None: ...
class YieldFrom(expr):
    __match_args__ = ('value',)
    value: expr
    def __init__(self, value, **kwargs) -> None: ...
class Compare(expr):
    __match_args__ = ('left', 'ops', 'comparators')
    left: expr
    ops: list[cmpop]
    comparators: list[expr]
    def __init__(self, left, ops, comparators, **kwargs) -> None: ...
class Call(expr):
    __match_args__ = ('func', 'args', 'keywords')
    func: expr
    args: list[expr]
    keywords: list[keyword]
    def __init__(self, func, args, keywords, **kwargs) -> None: ...
class FormattedValue(expr):
    __match_args__ = ('value', 'conversion', 'format_spec')
    value: expr
    conversion: int
    format_spec: expr | None
    def __init__(self, value, conversion, format_spec=None, **kwargs) -> None: ...
class JoinedStr(expr):
    __match_args__ = ('values',)
    values: list[expr]
    def __init__(self, values, **kwargs) -> None: ...
class Constant(expr):
    __match_args__ = ('value', 'kind')
    value: Any
    kind: str | None
    s: Any
    n: int | float | complex
    def __init__(self, value, kind=None, **kwargs) -> None: ...
class NamedExpr(expr):
    __match_args__ = ('target', 'value')
    target: Name
    value: expr
    def __init__(self, target, value, **kwargs) -> None: ...
class Attribute(expr):
    __match_args__ = ('value', 'attr', 'ctx')
    value: expr
    attr: _Identifier
    ctx: expr_context
    def __init__(self, value, attr, ctx=..., **kwargs) -> None: ...
_Slice: typing_extensions.TypeAlias
_SliceAttributes: typing_extensions.TypeAlias
class Slice(_Slice):
    __match_args__ = ('lower', 'upper', 'step')
    lower: expr | None
    upper: expr | None
    step: expr | None
    def __init__(self, lower=None, upper=None, step=None, **kwargs) -> None: ...
class Subscript(expr):
    __match_args__ = ('value', 'slice', 'ctx')
    value: expr
    slice: _Slice
    ctx: expr_context
    def __init__(self, value, slice, ctx=..., **kwargs) -> None: ...
class Starred(expr):
    __match_args__ = ('value', 'ctx')
    value: expr
    ctx: expr_context
    def __init__(self, value, ctx=..., **kwargs) -> None: ...
class Name(expr):
    __match_args__ = ('id', 'ctx')
    id: _Identifier
    ctx: expr_context
    def __init__(self, id, ctx=..., **kwargs) -> None: ...
class List(expr):
    __match_args__ = ('elts', 'ctx')
    elts: list[expr]
    ctx: expr_context
    def __init__(self, elts, ctx=..., **kwargs) -> None: ...
class Tuple(expr):
    __match_args__ = ('elts', 'ctx')
    elts: list[expr]
    ctx: expr_context
    dims: list[expr]
    def __init__(self, elts, ctx=..., **kwargs) -> None: ...
class expr_context(AST):
    ...
class Del(expr_context):
    ...
class Load(expr_context):
    ...
class Store(expr_context):
    ...
class boolop(AST):
    ...
class And(boolop):
    ...
class Or(boolop):
    ...
class operator(AST):
    ...
class Add(operator):
    ...
class BitAnd(operator):
    ...
class BitOr(operator):
    ...
class BitXor(operator):
    ...
class Div(operator):
    ...
class FloorDiv(operator):
    ...
class LShift(operator):
    ...
class Mod(operator):
    ...
class Mult(operator):
    ...
class MatMult(operator):
    ...
class Pow(operator):
    ...
class RShift(operator):
    ...
class Sub(operator):
    ...
class unaryop(AST):
    ...
class Invert(unaryop):
    ...
class Not(unaryop):
    ...
class UAdd(unaryop):
    ...
class USub(unaryop):
    ...
class cmpop(AST):
    ...
class Eq(cmpop):
    ...
class Gt(cmpop):
    ...
class GtE(cmpop):
    ...
class In(cmpop):
    ...
class Is(cmpop):
    ...
class IsNot(cmpop):
    ...
class Lt(cmpop):
    ...
class LtE(cmpop):
    ...
class NotEq(cmpop):
    ...
class NotIn(cmpop):
    ...
class comprehension(AST):
    __match_args__ = ('target', 'iter', 'ifs', 'is_async')
    target: expr
    iter: expr
    ifs: list[expr]
    is_async: int
    def __init__(self, target, iter, ifs, is_async) -> None: ...
class excepthandler(AST):
    lineno: int
    col_offset: int
    end_lineno: int | None
    end_col_offset: int | None
    def __init__(self, **kwargs) -> None: ...
class ExceptHandler(excepthandler):
    __match_args__ = ('type', 'name', 'body')
    type: expr | None
    name: _Identifier | None
    body: list[stmt]
    def __init__(self, type, name, body, **kwargs) -> None: ...
class arguments(AST):
    __match_args__ = ('posonlyargs', 'args', 'vararg', 'kwonlyargs', 'kw_defaults', 'kwarg', 'defaults')
    posonlyargs: list[arg]
    args: list[arg]
    vararg: arg | None
    kwonlyargs: list[arg]
    kw_defaults: list[expr | None]
    kwarg: arg | None
    defaults: list[expr]
    def __init__(self, posonlyargs, args, vararg, kwonlyargs, kw_defaults, kwarg, defaults) -> None: ...
class arg(AST):
    lineno: int
    col_offset: int
    end_lineno: int | None
    end_col_offset: int | None
    __match_args__ = ('arg', 'annotation', 'type_comment')
    arg: _Identifier
    annotation: expr | None
    type_comment: str | None
    def __init__(self, arg, annotation=None, type_comment=None, **kwargs) -> None: ...
class keyword(AST):
    lineno: int
    col_offset: int
    end_lineno: int | None
    end_col_offset: int | None
    __match_args__ = ('arg', 'value')
    arg: _Identifier | None
    value: expr
    def __init__(self, arg, value, **kwargs) -> None: ...
class alias(AST):
    lineno: int
    col_offset: int
    end_lineno: int | None
    end_col_offset: int | None
    __match_args__ = ('name', 'asname')
    name: str
    asname: _Identifier | None
    def __init__(self, name, asname=None, **kwargs) -> None: ...
class withitem(AST):
    __match_args__ = ('context_expr', 'optional_vars')
    context_expr: expr
    optional_vars: expr | None
    def __init__(self, context_expr, optional_vars=None) -> None: ...
class Match(stmt):
    __match_args__ = ('subject', 'cases')
    subject: expr
    cases: list[match_case]
    def __init__(self, subject, cases, **kwargs) -> None: ...
class pattern(AST):
    lineno: int
    col_offset: int
    end_lineno: int
    end_col_offset: int
    def __init__(self, **kwargs) -> None: ...
_Pattern: typing_extensions.TypeAlias
class match_case(AST):
    __match_args__ = ('pattern', 'guard', 'body')
    pattern: _Pattern
    guard: expr | None
    body: list[stmt]
    def __init__(self, pattern, guard, body) -> None: ...
class MatchValue(pattern):
    __match_args__ = ('value',)
    value: expr
    def __init__(self, value, **kwargs) -> None: ...
class MatchSingleton(pattern):
    __match_args__ = ('value',)
    value: bool | None
    def __init__(self, value, **kwargs) -> None: ...
class MatchSequence(pattern):
    __match_args__ = ('patterns',)
    patterns: list[pattern]
    def __init__(self, patterns, **kwargs) -> None: ...
class MatchStar(pattern):
    __match_args__ = ('name',)
    name: _Identifier | None
    def __init__(self, name, **kwargs) -> None: ...
class MatchMapping(pattern):
    __match_args__ = ('keys', 'patterns', 'rest')
    keys: list[expr]
    patterns: list[pattern]
    rest: _Identifier | None
    def __init__(self, keys, patterns, rest=None, **kwargs) -> None: ...
class MatchClass(pattern):
    __match_args__ = ('cls', 'patterns', 'kwd_attrs', 'kwd_patterns')
    cls: expr
    patterns: list[pattern]
    kwd_attrs: list[_Identifier]
    kwd_patterns: list[pattern]
    def __init__(self, cls, patterns, kwd_attrs, kwd_patterns, **kwargs) -> None: ...
class MatchAs(pattern):
    __match_args__ = ('pattern', 'name')
    pattern: _Pattern | None
    name: _Identifier | None
    def __init__(self, pattern=None, name=None, **kwargs) -> None: ...
class MatchOr(pattern):
    __match_args__ = ('patterns',)
    patterns: list[pattern]
    def __init__(self, patterns, **kwargs) -> None: ...
class type_param(AST):
    lineno: int
    col_offset: int
    end_lineno: int
    end_col_offset: int
    def __init__(self, **kwargs) -> None: ...
class TypeVar(type_param):
    __match_args__ = ('name', 'bound')
    name: _Identifier
    bound: expr | None
    def __init__(self, name, bound=None, **kwargs) -> None: ...
class ParamSpec(type_param):
    __match_args__ = ('name',)
    name: _Identifier
    def __init__(self, name, **kwargs) -> None: ...
class TypeVarTuple(type_param):
    __match_args__ = ('name',)
    name: _Identifier
    def __init__(self, name, **kwargs) -> None: ...
class TypeAlias(stmt):
    __match_args__ = ('name', 'type_params', 'value')
    name: Name
    type_params: list[type_param]
    value: expr
    def __init__(self, name, type_params, value, **kwargs) -> None: ...
