<?php

/** An element of XML, its children as properties. */
class SimpleXMLElement implements \Stringable, \Countable, \RecursiveIterator
{
    public function xpath(string $expression): array|false|null {}
    public function registerXPathNamespace(string $prefix, string $namespace): bool {}
    public function asXML(?string $filename = NULL): string|bool {}
    public function saveXML(?string $filename = NULL): string|bool {}
    public function getNamespaces(bool $recursive = false): array {}
    public function getDocNamespaces(bool $recursive = false, bool $fromRoot = true): array|false {}
    public function children(?string $namespaceOrPrefix = NULL, bool $isPrefix = false): ?\SimpleXMLElement {}
    public function attributes(?string $namespaceOrPrefix = NULL, bool $isPrefix = false): ?\SimpleXMLElement {}
    public function __construct(string $data, int $options = 0, bool $dataIsURL = false, string $namespaceOrPrefix = '', bool $isPrefix = false) {}
    public function addChild(string $qualifiedName, ?string $value = NULL, ?string $namespace = NULL): ?\SimpleXMLElement {}
    public function addAttribute(string $qualifiedName, string $value, ?string $namespace = NULL): void {}
    public function getName(): string {}
    public function __toString(): string {}
    public function count(): int {}
    public function rewind(): void {}
    public function valid(): bool {}
    public function current(): \SimpleXMLElement {}
    public function key(): string {}
    public function next(): void {}
    public function hasChildren(): bool {}
    public function getChildren(): ?\SimpleXMLElement {}
}

class SimpleXMLIterator extends \SimpleXMLElement
{
}

function simplexml_load_file(string $filename, ?string $class_name = 'SimpleXMLElement', int $options = 0, string $namespace_or_prefix = '', bool $is_prefix = false): \SimpleXMLElement|false {}
function simplexml_load_string(string $data, ?string $class_name = 'SimpleXMLElement', int $options = 0, string $namespace_or_prefix = '', bool $is_prefix = false): \SimpleXMLElement|false {}
function simplexml_import_dom(\SimpleXMLElement|\DOMNode $node, ?string $class_name = 'SimpleXMLElement'): ?\SimpleXMLElement {}
