//! Python.

use rstest::rstest;
use testkit::marked::{check, compiles};

#[rstest]
#[case::scopes(&[(
    "scopes.py",
    r#"
⟦limit:limit⟧ = 3

def ⟦outer:outer⟧(⟦param:n⟧, *⟦rest:rest⟧, ⟦key:key⟧=«limit=limit»):
    ⟦total:total⟧ = «param=n»

    def ⟦inner:inner⟧(⟦own:n⟧):
        nonlocal total
        «total=total» += «own=n» + «key=key»
        return «total=total»

    ⟦squares:squares⟧ = [⟦item:i⟧ * «item=i» for i in «rest=rest» if «item=i»]
    ⟦by:by⟧ = lambda ⟦a:a⟧, b=«param=n»: «a=a» + b
    return «inner=inner»(1) + sum(«squares=squares») + «by=by»(2)

class ⟦Box:Box⟧:
    ⟦size:size⟧ = «limit=limit»
    ⟦double:double⟧ = «size=size» * 2

    def ⟦grow:grow⟧(⟦self:self⟧):
        return «outer=outer»(«self=self».«size=size», key=«limit=limit») + «Box=Box».«double=double»
"#,
)])]
#[case::classes(&[(
    "classes.py",
    r#"
from __future__ import annotations
from dataclasses import dataclass, field


class ⟦Disc:Disc⟧:
    def __init__(self, grams: int) -> None:
        self.⟦grams:grams⟧ = grams

    def ⟦weigh:weigh⟧(self) -> int:
        return self.«grams=grams»

    @classmethod
    def ⟦make:make⟧(cls, n: int) -> Disc:
        return cls(n)

    @property
    def ⟦heavy:heavy⟧(self) -> bool:
        return self.«weigh=weigh»() > 3

    @staticmethod
    def ⟦unit:unit⟧() -> str:
        return "g"


class ⟦Wheel:Wheel⟧(«Disc=Disc»):
    def ⟦turn:turn⟧(self, by: int = 1) -> «Wheel=Wheel»:
        super().«weigh~weigh»()
        return self


@dataclass
class ⟦Slot:Slot⟧:
    ⟦wheel:wheel⟧: «Wheel=Wheel»
    ⟦notes:notes⟧: list[str] = field(default_factory=list)


def ⟦use:use⟧(slot: «Slot=Slot») -> int:
    w = «Wheel=Wheel»(3)
    w.«turn~turn»(2).«turn~turn»().«weigh~weigh»()
    s = «Slot=Slot»(wheel=w)
    if slot.«wheel=wheel».«heavy=heavy»:
        return s.«wheel~wheel».«grams~grams»
    return «Disc=Disc».«make=make»(2).«weigh=weigh»() + len(«Disc=Disc».«unit=unit»())
"#,
)])]
#[case::modules(&[
    ("larder/__init__.py", "from .rack import «Rack=Rack», ⟦unused:make_rack⟧ as ⟦unused2:make⟧\nfrom . import tools\n__all__ = [\"Rack\", \"make\"]\n"),
    ("larder/rack.py", "class ⟦Rack:Rack⟧:\n    def ⟦fill:fill⟧(self): return 1\n\ndef ⟦make_rack:make_rack⟧():\n    return «Rack=Rack»()\n"),
    ("larder/tools/__init__.py", "from ..rack import «make_rack=make_rack»\n⟦SIZE:SIZE⟧ = 4\n"),
    ("larder/tools/deep.py", "from .. import tools as ⟦unused3:t⟧\nfrom . import «SIZE=SIZE»\nprint(t.«SIZE=SIZE»)\n"),
    (
        "main.py",
        "import larder\nimport larder.tools.deep as deep\nfrom larder import make\nfrom larder.rack import *\n\nmake().«fill~fill»()\nlarder.«Rack=Rack»().«fill=fill»()\nlarder.tools.«SIZE=SIZE»\n«Rack=Rack»().«fill=fill»()\n",
    ),
])]
#[case::flow(&[(
    "flow.py",
    r#"
import contextlib


class ⟦Job:Job⟧:
    def ⟦run:run⟧(self): ...
    def __enter__(self) -> "Job": return self
    def __exit__(self, *a): ...


def ⟦jobs:jobs⟧():
    yield «Job=Job»()


def main(plan):
    with «Job=Job»() as ⟦j:j⟧:
        «j=j».«run~run»()
    for ⟦k:k⟧ in «jobs=jobs»():
        «k=k».«run~run»()
    try:
        pass
    except ValueError as ⟦e:e⟧:
        print(«e=e»)
    match plan:
        case {"job": ⟦first:first⟧}:
            print(«first=first»)
        case [⟦head:head⟧, *⟦tail:tail⟧]:
            print(«head=head», «tail=tail»)
    if (⟦n:n⟧ := len(plan)) > 1:
        print(«n=n»)
    del «n=n»
"#,
)])]
fn names_of_python_lead_to_what_they_mean(#[case] files: &[(&str, &str)]) {
    compiles(files, &["python3", "-m", "py_compile"], &[".py"]);
    check(files);
}

#[rstest]
#[case::decorated(&[(
    "decorated.py",
    r#"
import functools
from typing import Callable, Protocol, TypeVar, Generic

⟦T:T⟧ = TypeVar("T")


def ⟦logged:logged⟧(⟦fn:fn⟧: Callable):
    @functools.wraps(«fn=fn»)
    def ⟦wrapper:wrapper⟧(*⟦args:args⟧, **⟦kw:kw⟧):
        return «fn=fn»(*«args=args», **«kw=kw»)
    return «wrapper=wrapper»


class ⟦Salted:Salted⟧(Protocol):
    def ⟦salt:salt⟧(self) -> int: ...


class ⟦Shelf:Shelf⟧(Generic[«T=T»]):
    def __init__(self, items: list[«T=T»]):
        self.⟦items:items⟧ = items

    @«logged=logged»
    def ⟦first:first⟧(self) -> «T=T»:
        return self.«items=items»[0]

    def __len__(self):
        return len(self.«items=items»)


class ⟦Brie:Brie⟧:
    def ⟦brie_salt:salt⟧(self) -> int:
        return 1


def use(thing: «Salted=Salted», shelf: «Shelf=Shelf»[«Brie=Brie»]):
    return thing.«salt~salt»() + shelf.«first=first»().salt() + «Brie=Brie»().«brie_salt~salt»()
"#,
)])]
#[case::names_of_the_module(&[(
    "module.py",
    r#"
⟦count:count⟧ = 0
⟦first:pair_a⟧, ⟦second:pair_b⟧ = 1, 2


def ⟦bump:bump⟧(by=«first=pair_a»):
    global count
    «count=count» += by
    return «count=count»


async def ⟦later:later⟧(⟦jobs:jobs⟧):
    async for ⟦j:j⟧ in «jobs=jobs»:
        await «j=j»
    return [«row=row» for ⟦row:row⟧ in [«cell=c» for ⟦cell:c⟧ in «jobs=jobs»] if «row=row»]


if __name__ == "__main__":
    «bump=bump»(by=«second=pair_b»)
    print(«count=count», {⟦k:k⟧: 1 for k in "ab"})
    «later=later»([])
"#,
)])]
#[case::inherited_parts(&[(
    "parts.py",
    r#"
class ⟦Salt:Salt⟧:
    ⟦amount:amount⟧ = 1

    def ⟦prepare:prepare⟧(self):
        return self.«finish~finish»()

    def ⟦finish:finish⟧(self):
        return self.«amount=amount»


class ⟦Smoke:Smoke⟧:
    def ⟦smoke_finish:finish⟧(self):
        return 2

    @property
    def ⟦dark:dark⟧(self):
        return True


class ⟦Both:Both⟧(«Salt=Salt», «Smoke=Smoke»):
    def ⟦run:run⟧(self):
        «Salt=Salt».«prepare=prepare»(self)
        «Smoke=Smoke».«smoke_finish=finish»(self)
        return self.«prepare=prepare»() + self.«amount=amount» + self.«dark=dark»

    class ⟦Inner:Inner⟧:
        ⟦deep:deep⟧ = 3


print(«Both=Both»().«run=run»(), «Both=Both».«Inner=Inner».«deep=deep»)
"#,
)])]
fn more_names_of_python(#[case] files: &[(&str, &str)]) {
    compiles(files, &["python3", "-m", "py_compile"], &[".py"]);
    check(files);
}

#[rstest]
#[case::types_that_are_written(&[(
    "typed.py",
    r#"
from typing import Iterator, NamedTuple, Optional
from enum import Enum
from collections.abc import Callable


class ⟦Level:Level⟧(Enum):
    ⟦LOW:LOW⟧ = 1
    ⟦HIGH:HIGH⟧ = 2


class ⟦Point:Point⟧(NamedTuple):
    ⟦x:x⟧: int
    ⟦y:y⟧: int = 0


class ⟦Wheel:Wheel⟧:
    ⟦level:level⟧: «Level=Level» = «Level=Level».«LOW=LOW»

    def ⟦turn:turn⟧(self) -> "Wheel":
        return self

    def ⟦parts:parts⟧(self) -> Iterator["Point"]:
        yield «Point=Point»(1)


def use(maybe: Optional[«Wheel=Wheel»], many: list[«Wheel=Wheel»], named: dict[str, «Wheel=Wheel»], make: Callable[[], «Wheel=Wheel»], either: «Wheel=Wheel» | None):
    if maybe:
        maybe.«turn=turn»()
    many[0].«turn=turn»().«level=level»
    for w in many:
        w.«turn~turn»()
    named["a"].«turn=turn»()
    for key, value in named.items():
        value.«turn~turn»()
    for p in many[0].«parts=parts»():
        p.«x~x» + p.«y~y»
    [v.«turn~turn»() for v in named.values()]
    assert either is not None
    either.«turn=turn»()
    make().«turn=turn»()
"#,
)])]
#[case::helpers(&[(
    "helpers.py",
    r#"
import os.path as ⟦unused:path⟧
from contextlib import contextmanager


@contextmanager
def ⟦opened:opened⟧(⟦name:name⟧):
    yield «name=name»


def ⟦outer:outer⟧(⟦depth:depth⟧=3):
    ⟦seen:seen⟧ = set()

    def ⟦walk:walk⟧(⟦node:node⟧):
        if «node=node» in «seen=seen» or len(«seen=seen») > «depth=depth»:
            return
        «seen=seen».add(«node=node»)
        for ⟦child:child⟧ in «node=node».children:
            «walk=walk»(«child=child»)

    with «opened=opened»("x") as ⟦f:f⟧, open("y") as ⟦g:g⟧:
        «walk=walk»(«f=f»)
        print(«g=g», f"{«depth=depth»!r:>{«depth=depth»}}")
    return «walk=walk»


«outer=outer»(depth=2)
"#,
)])]
#[case::class_bodies(&[("shelf.py", "class ⟦Day:Day⟧:\n    pass\n"), (
    "forms.py",
    r#"
import shelf as widgets
⟦size:size⟧ = 3


class ⟦Form:Form⟧:
    ⟦inner:size⟧ = «size=size»
    ⟦made:made⟧ = [«size=size» for ⟦i:i⟧ in range(2)]

    class ⟦Meta:Meta⟧:
        ⟦w:widgets⟧ = {"day": widgets.«Day=Day»()}
        ⟦later:later⟧ = «w=widgets»
        ⟦depth:depth⟧ = «size=size»
"#,
)])]
#[case::generic_bases(&[(
    "holders.py",
    r#"
from typing import Generic, TypeVar

T = TypeVar("T")


class ⟦Holder:Holder⟧(Generic[T]):
    def ⟦init:__init__⟧(self, first):
        self.first = first

    def ⟦take:take⟧(self):
        return self.first


class ⟦Mixin:Mixin⟧(Generic[T]):
    def ⟦tidy:tidy⟧(self):
        pass


class ⟦Rack:Rack⟧(«Mixin=Mixin»[int], «Holder=Holder»[str]):
    def __init__(self):
        super().«init~__init__»("oak")

    def run(self):
        self.«tidy=tidy»()
        return self.«take=take»()


«Rack=Rack»().«take=take»()
"#,
)])]
#[case::members_that_others_may_replace(&[(
    "open.py",
    r#"
from typing import Protocol


class ⟦Shelf:Shelf⟧:
    def __init__(self, how):
        self.⟦how:how⟧ = how

    def ⟦turn:turn⟧(self):
        return self.«how~how»(1) + self.«alone=alone»()

    def ⟦alone:alone⟧(self):
        return self.«turn~turn»()


class Rack(«Shelf=Shelf»):
    def ⟦rack_turn:turn⟧(self):
        return self.«alone=alone»() + self.«rack_turn=turn»()


class ⟦Dumps:Dumps⟧(Protocol):
    def ⟦dumps:dumps⟧(self): ...


def run(by: «Dumps=Dumps»):
    return by.«dumps~dumps»()


class Named:
    def ⟦named:name⟧(self):
        return 1


class ⟦Tokens:Tokens⟧:
    def ⟦tokens:name⟧(self):
        return 2

    def all(self):
        return self.«tokens~name»()


class Both(Named, «Tokens=Tokens»):
    pass
"#,
)])]
fn names_of_python_in_harder_places(#[case] files: &[(&str, &str)]) {
    compiles(files, &["python3", "-m", "py_compile"], &[".py"]);
    check(files);
}
