<?php

/** Reads XML step by step. */
class XMLReader
{
    public const NONE = 0;
    public const ELEMENT = 1;
    public const ATTRIBUTE = 2;
    public const TEXT = 3;
    public const CDATA = 4;
    public const ENTITY_REF = 5;
    public const ENTITY = 6;
    public const PI = 7;
    public const COMMENT = 8;
    public const DOC = 9;
    public const DOC_TYPE = 10;
    public const DOC_FRAGMENT = 11;
    public const NOTATION = 12;
    public const WHITESPACE = 13;
    public const SIGNIFICANT_WHITESPACE = 14;
    public const END_ELEMENT = 15;
    public const END_ENTITY = 16;
    public const XML_DECLARATION = 17;
    public const LOADDTD = 1;
    public const DEFAULTATTRS = 2;
    public const VALIDATE = 3;
    public const SUBST_ENTITIES = 4;
    public int $attributeCount;
    public string $baseURI;
    public int $depth;
    public bool $hasAttributes;
    public bool $hasValue;
    public bool $isDefault;
    public bool $isEmptyElement;
    public string $localName;
    public string $name;
    public string $namespaceURI;
    public int $nodeType;
    public string $prefix;
    public string $value;
    public string $xmlLang;
    public function close() {}
    public function getAttribute(string $name): ?string {}
    public function getAttributeNo(int $index): ?string {}
    public function getAttributeNs(string $name, string $namespace): ?string {}
    public function getParserProperty(int $property): bool {}
    public function isValid(): bool {}
    public function lookupNamespace(string $prefix): ?string {}
    public function moveToAttribute(string $name): bool {}
    public function moveToAttributeNo(int $index): bool {}
    public function moveToAttributeNs(string $name, string $namespace): bool {}
    public function moveToElement(): bool {}
    public function moveToFirstAttribute(): bool {}
    public function moveToNextAttribute(): bool {}
    public function read(): bool {}
    public function next(?string $name = NULL): bool {}
    public static function open(string $uri, ?string $encoding = NULL, int $flags = 0) {}
    public function readInnerXml(): string {}
    public function readOuterXml(): string {}
    public function readString(): string {}
    public function setSchema(?string $filename): bool {}
    public function setParserProperty(int $property, bool $value): bool {}
    public function setRelaxNGSchema(?string $filename): bool {}
    public function setRelaxNGSchemaSource(?string $source): bool {}
    public static function XML(string $source, ?string $encoding = NULL, int $flags = 0) {}
    public function expand(?\DOMNode $baseNode = NULL): \DOMNode|false {}
}

