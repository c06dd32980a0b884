import sys
from abc import abstractmethod
from types import MappingProxyType
from typing import AbstractSet as Set, AsyncGenerator as AsyncGenerator, AsyncIterable as AsyncIterable, AsyncIterator as AsyncIterator, Awaitable as Awaitable, ByteString as ByteString, Callable as Callable, Collection as Collection, Container as Container, Coroutine as Coroutine, Generator as Generator, Generic, Hashable as Hashable, ItemsView as ItemsView, Iterable as Iterable, Iterator as Iterator, KeysView as KeysView, Mapping as Mapping, MappingView as MappingView, MutableMapping as MutableMapping, MutableSequence as MutableSequence, MutableSet as MutableSet, Protocol, Reversible as Reversible, Sequence as Sequence, Sized as Sized, ValuesView as ValuesView, final, runtime_checkable
class dict_keys[K, V](KeysView[K]):
    @property
    def mapping(self) -> MappingProxyType[K, V]: ...
class dict_values[V, K](ValuesView[V]):
    @property
    def mapping(self) -> MappingProxyType[K, V]: ...
class dict_items[K, V](ItemsView[K, V]):
    @property
    def mapping(self) -> MappingProxyType[K, V]: ...
class Buffer(Protocol):
    ...
