<?php

const XML_ELEMENT_NODE = 1;
const XML_ATTRIBUTE_NODE = 2;
const XML_TEXT_NODE = 3;
const XML_CDATA_SECTION_NODE = 4;
const XML_ENTITY_REF_NODE = 5;
const XML_ENTITY_NODE = 6;
const XML_PI_NODE = 7;
const XML_COMMENT_NODE = 8;
const XML_DOCUMENT_NODE = 9;
const XML_DOCUMENT_TYPE_NODE = 10;
const XML_DOCUMENT_FRAG_NODE = 11;
const XML_NOTATION_NODE = 12;
const XML_HTML_DOCUMENT_NODE = 13;
const XML_DTD_NODE = 14;
const XML_ELEMENT_DECL_NODE = 15;
const XML_ATTRIBUTE_DECL_NODE = 16;
const XML_ENTITY_DECL_NODE = 17;
const XML_NAMESPACE_DECL_NODE = 18;
const XML_LOCAL_NAMESPACE = 18;
const XML_ATTRIBUTE_CDATA = 1;
const XML_ATTRIBUTE_ID = 2;
const XML_ATTRIBUTE_IDREF = 3;
const XML_ATTRIBUTE_IDREFS = 4;
const XML_ATTRIBUTE_ENTITY = 6;
const XML_ATTRIBUTE_NMTOKEN = 7;
const XML_ATTRIBUTE_NMTOKENS = 8;
const XML_ATTRIBUTE_ENUMERATION = 9;
const XML_ATTRIBUTE_NOTATION = 10;
const DOM_PHP_ERR = 0;
const DOM_INDEX_SIZE_ERR = 1;
const DOMSTRING_SIZE_ERR = 2;
const DOM_HIERARCHY_REQUEST_ERR = 3;
const DOM_WRONG_DOCUMENT_ERR = 4;
const DOM_INVALID_CHARACTER_ERR = 5;
const DOM_NO_DATA_ALLOWED_ERR = 6;
const DOM_NO_MODIFICATION_ALLOWED_ERR = 7;
const DOM_NOT_FOUND_ERR = 8;
const DOM_NOT_SUPPORTED_ERR = 9;
const DOM_INUSE_ATTRIBUTE_ERR = 10;
const DOM_INVALID_STATE_ERR = 11;
const DOM_SYNTAX_ERR = 12;
const DOM_INVALID_MODIFICATION_ERR = 13;
const DOM_NAMESPACE_ERR = 14;
const DOM_INVALID_ACCESS_ERR = 15;
const DOM_VALIDATION_ERR = 16;
final class DOMException extends \Exception
{
    public $code;
}

interface DOMParentNode
{
    public function append(...$nodes): void;
    public function prepend(...$nodes): void;
}

interface DOMChildNode
{
    public function remove(): void;
    public function before(...$nodes): void;
    public function after(...$nodes): void;
    public function replaceWith(...$nodes): void;
}

class DOMImplementation
{
    public function getFeature(string $feature, string $version): never {}
    public function hasFeature(string $feature, string $version): bool {}
    public function createDocumentType(string $qualifiedName, string $publicId = '', string $systemId = '') {}
    public function createDocument(?string $namespace = NULL, string $qualifiedName = '', ?\DOMDocumentType $doctype = NULL) {}
}

/** A node of a document. */
class DOMNode
{
    public string $nodeName;
    public ?string $nodeValue;
    public int $nodeType;
    public ?\DOMNode $parentNode;
    public \DOMNodeList $childNodes;
    public ?\DOMNode $firstChild;
    public ?\DOMNode $lastChild;
    public ?\DOMNode $previousSibling;
    public ?\DOMNode $nextSibling;
    public ?\DOMNamedNodeMap $attributes;
    public ?\DOMDocument $ownerDocument;
    public ?string $namespaceURI;
    public string $prefix;
    public ?string $localName;
    public ?string $baseURI;
    public string $textContent;
    public function __sleep(): array {}
    public function __wakeup(): void {}
    public function appendChild(\DOMNode $node) {}
    public function C14N(bool $exclusive = false, bool $withComments = false, ?array $xpath = NULL, ?array $nsPrefixes = NULL): string|false {}
    public function C14NFile(string $uri, bool $exclusive = false, bool $withComments = false, ?array $xpath = NULL, ?array $nsPrefixes = NULL): int|false {}
    public function cloneNode(bool $deep = false) {}
    public function getLineNo(): int {}
    public function getNodePath(): ?string {}
    public function hasAttributes(): bool {}
    public function hasChildNodes(): bool {}
    public function insertBefore(\DOMNode $node, ?\DOMNode $child = NULL) {}
    public function isDefaultNamespace(string $namespace): bool {}
    public function isSameNode(\DOMNode $otherNode): bool {}
    public function isSupported(string $feature, string $version): bool {}
    public function lookupNamespaceURI(?string $prefix): ?string {}
    public function lookupPrefix(string $namespace): ?string {}
    public function normalize(): void {}
    public function removeChild(\DOMNode $child) {}
    public function replaceChild(\DOMNode $node, \DOMNode $child) {}
}

class DOMNameSpaceNode
{
    public string $nodeName;
    public ?string $nodeValue;
    public int $nodeType;
    public string $prefix;
    public ?string $localName;
    public ?string $namespaceURI;
    public ?\DOMDocument $ownerDocument;
    public ?\DOMNode $parentNode;
    public function __sleep(): array {}
    public function __wakeup(): void {}
}

class DOMDocumentFragment extends \DOMNode implements \DOMParentNode
{
    public ?\DOMElement $firstElementChild;
    public ?\DOMElement $lastElementChild;
    public int $childElementCount;
    public function __construct() {}
    public function appendXML(string $data): bool {}
    public function append(...$nodes): void {}
    public function prepend(...$nodes): void {}
}

/** A document of XML or HTML as a tree. */
class DOMDocument extends \DOMNode implements \DOMParentNode
{
    public ?\DOMDocumentType $doctype;
    public \DOMImplementation $implementation;
    public ?\DOMElement $documentElement;
    public ?string $actualEncoding;
    public ?string $encoding;
    public ?string $xmlEncoding;
    public bool $standalone;
    public bool $xmlStandalone;
    public ?string $version;
    public ?string $xmlVersion;
    public bool $strictErrorChecking;
    public ?string $documentURI;
    public mixed $config;
    public bool $formatOutput;
    public bool $validateOnParse;
    public bool $resolveExternals;
    public bool $preserveWhiteSpace;
    public bool $recover;
    public bool $substituteEntities;
    public ?\DOMElement $firstElementChild;
    public ?\DOMElement $lastElementChild;
    public int $childElementCount;
    public function __construct(string $version = '1.0', string $encoding = '') {}
    public function createAttribute(string $localName) {}
    public function createAttributeNS(?string $namespace, string $qualifiedName) {}
    public function createCDATASection(string $data) {}
    public function createComment(string $data): \DOMComment {}
    public function createDocumentFragment(): \DOMDocumentFragment {}
    public function createElement(string $localName, string $value = '') {}
    public function createElementNS(?string $namespace, string $qualifiedName, string $value = '') {}
    public function createEntityReference(string $name) {}
    public function createProcessingInstruction(string $target, string $data = '') {}
    public function createTextNode(string $data): \DOMText {}
    public function getElementById(string $elementId): ?\DOMElement {}
    public function getElementsByTagName(string $qualifiedName): \DOMNodeList {}
    public function getElementsByTagNameNS(?string $namespace, string $localName): \DOMNodeList {}
    public function importNode(\DOMNode $node, bool $deep = false) {}
    public function load(string $filename, int $options = 0) {}
    public function loadXML(string $source, int $options = 0) {}
    public function normalizeDocument(): void {}
    public function registerNodeClass(string $baseClass, ?string $extendedClass): bool {}
    public function save(string $filename, int $options = 0): int|false {}
    public function loadHTML(string $source, int $options = 0) {}
    public function loadHTMLFile(string $filename, int $options = 0) {}
    public function saveHTML(?\DOMNode $node = NULL): string|false {}
    public function saveHTMLFile(string $filename): int|false {}
    public function saveXML(?\DOMNode $node = NULL, int $options = 0): string|false {}
    public function schemaValidate(string $filename, int $flags = 0): bool {}
    public function schemaValidateSource(string $source, int $flags = 0): bool {}
    public function relaxNGValidate(string $filename): bool {}
    public function relaxNGValidateSource(string $source): bool {}
    public function validate(): bool {}
    public function xinclude(int $options = 0): int|false {}
    public function adoptNode(\DOMNode $node) {}
    public function append(...$nodes): void {}
    public function prepend(...$nodes): void {}
}

class DOMNodeList implements \IteratorAggregate, \Countable
{
    public int $length;
    public function count(): int {}
    public function getIterator(): \Iterator {}
    public function item(int $index) {}
}

class DOMNamedNodeMap implements \IteratorAggregate, \Countable
{
    public int $length;
    public function getNamedItem(string $qualifiedName): ?\DOMNode {}
    public function getNamedItemNS(?string $namespace, string $localName): ?\DOMNode {}
    public function item(int $index): ?\DOMNode {}
    public function count(): int {}
    public function getIterator(): \Iterator {}
}

class DOMCharacterData extends \DOMNode implements \DOMChildNode
{
    public string $data;
    public int $length;
    public ?\DOMElement $previousElementSibling;
    public ?\DOMElement $nextElementSibling;
    public function appendData(string $data): bool {}
    public function substringData(int $offset, int $count) {}
    public function insertData(int $offset, string $data): bool {}
    public function deleteData(int $offset, int $count): bool {}
    public function replaceData(int $offset, int $count, string $data): bool {}
    public function replaceWith(...$nodes): void {}
    public function remove(): void {}
    public function before(...$nodes): void {}
    public function after(...$nodes): void {}
}

class DOMAttr extends \DOMNode
{
    public string $name;
    public bool $specified;
    public string $value;
    public ?\DOMElement $ownerElement;
    public mixed $schemaTypeInfo;
    public function __construct(string $name, string $value = '') {}
    public function isId(): bool {}
}

/** An element of a document. */
class DOMElement extends \DOMNode implements \DOMParentNode, \DOMChildNode
{
    public string $tagName;
    public mixed $schemaTypeInfo;
    public ?\DOMElement $firstElementChild;
    public ?\DOMElement $lastElementChild;
    public int $childElementCount;
    public ?\DOMElement $previousElementSibling;
    public ?\DOMElement $nextElementSibling;
    public function __construct(string $qualifiedName, ?string $value = NULL, string $namespace = '') {}
    public function getAttribute(string $qualifiedName): string {}
    public function getAttributeNS(?string $namespace, string $localName): string {}
    public function getAttributeNode(string $qualifiedName) {}
    public function getAttributeNodeNS(?string $namespace, string $localName) {}
    public function getElementsByTagName(string $qualifiedName): \DOMNodeList {}
    public function getElementsByTagNameNS(?string $namespace, string $localName): \DOMNodeList {}
    public function hasAttribute(string $qualifiedName): bool {}
    public function hasAttributeNS(?string $namespace, string $localName): bool {}
    public function removeAttribute(string $qualifiedName): bool {}
    public function removeAttributeNS(?string $namespace, string $localName): void {}
    public function removeAttributeNode(\DOMAttr $attr) {}
    public function setAttribute(string $qualifiedName, string $value) {}
    public function setAttributeNS(?string $namespace, string $qualifiedName, string $value): void {}
    public function setAttributeNode(\DOMAttr $attr) {}
    public function setAttributeNodeNS(\DOMAttr $attr) {}
    public function setIdAttribute(string $qualifiedName, bool $isId): void {}
    public function setIdAttributeNS(string $namespace, string $qualifiedName, bool $isId): void {}
    public function setIdAttributeNode(\DOMAttr $attr, bool $isId): void {}
    public function remove(): void {}
    public function before(...$nodes): void {}
    public function after(...$nodes): void {}
    public function replaceWith(...$nodes): void {}
    public function append(...$nodes): void {}
    public function prepend(...$nodes): void {}
}

class DOMText extends \DOMCharacterData
{
    public string $wholeText;
    public function __construct(string $data = '') {}
    public function isWhitespaceInElementContent(): bool {}
    public function isElementContentWhitespace(): bool {}
    public function splitText(int $offset) {}
}

class DOMComment extends \DOMCharacterData
{
    public function __construct(string $data = '') {}
}

class DOMCdataSection extends \DOMText
{
    public function __construct(string $data) {}
}

class DOMDocumentType extends \DOMNode
{
    public string $name;
    public \DOMNamedNodeMap $entities;
    public \DOMNamedNodeMap $notations;
    public string $publicId;
    public string $systemId;
    public ?string $internalSubset;
}

class DOMNotation extends \DOMNode
{
    public string $publicId;
    public string $systemId;
}

class DOMEntity extends \DOMNode
{
    public ?string $publicId;
    public ?string $systemId;
    public ?string $notationName;
    public ?string $actualEncoding;
    public ?string $encoding;
    public ?string $version;
}

class DOMEntityReference extends \DOMNode
{
    public function __construct(string $name) {}
}

class DOMProcessingInstruction extends \DOMNode
{
    public string $target;
    public string $data;
    public function __construct(string $name, string $value = '') {}
}

/** Paths through a document. */
class DOMXPath
{
    public \DOMDocument $document;
    public bool $registerNodeNamespaces;
    public function __construct(\DOMDocument $document, bool $registerNodeNS = true) {}
    public function evaluate(string $expression, ?\DOMNode $contextNode = NULL, bool $registerNodeNS = true): mixed {}
    public function query(string $expression, ?\DOMNode $contextNode = NULL, bool $registerNodeNS = true): mixed {}
    public function registerNamespace(string $prefix, string $namespace): bool {}
    public function registerPhpFunctions(array|string|null $restrict = NULL): void {}
}

function dom_import_simplexml(object $node): \DOMAttr|\DOMElement {}
