<?php

/** Writes XML. */
class XMLWriter
{
    public function openUri(string $uri): bool {}
    public function openMemory(): bool {}
    public function setIndent(bool $enable): bool {}
    public function setIndentString(string $indentation): bool {}
    public function startComment(): bool {}
    public function endComment(): bool {}
    public function startAttribute(string $name): bool {}
    public function endAttribute(): bool {}
    public function writeAttribute(string $name, string $value): bool {}
    public function startAttributeNs(?string $prefix, string $name, ?string $namespace): bool {}
    public function writeAttributeNs(?string $prefix, string $name, ?string $namespace, string $value): bool {}
    public function startElement(string $name): bool {}
    public function endElement(): bool {}
    public function fullEndElement(): bool {}
    public function startElementNs(?string $prefix, string $name, ?string $namespace): bool {}
    public function writeElement(string $name, ?string $content = NULL): bool {}
    public function writeElementNs(?string $prefix, string $name, ?string $namespace, ?string $content = NULL): bool {}
    public function startPi(string $target): bool {}
    public function endPi(): bool {}
    public function writePi(string $target, string $content): bool {}
    public function startCdata(): bool {}
    public function endCdata(): bool {}
    public function writeCdata(string $content): bool {}
    public function text(string $content): bool {}
    public function writeRaw(string $content): bool {}
    public function startDocument(?string $version = '1.0', ?string $encoding = NULL, ?string $standalone = NULL): bool {}
    public function endDocument(): bool {}
    public function writeComment(string $content): bool {}
    public function startDtd(string $qualifiedName, ?string $publicId = NULL, ?string $systemId = NULL): bool {}
    public function endDtd(): bool {}
    public function writeDtd(string $name, ?string $publicId = NULL, ?string $systemId = NULL, ?string $content = NULL): bool {}
    public function startDtdElement(string $qualifiedName): bool {}
    public function endDtdElement(): bool {}
    public function writeDtdElement(string $name, string $content): bool {}
    public function startDtdAttlist(string $name): bool {}
    public function endDtdAttlist(): bool {}
    public function writeDtdAttlist(string $name, string $content): bool {}
    public function startDtdEntity(string $name, bool $isParam): bool {}
    public function endDtdEntity(): bool {}
    public function writeDtdEntity(string $name, string $content, bool $isParam = false, ?string $publicId = NULL, ?string $systemId = NULL, ?string $notationData = NULL): bool {}
    public function outputMemory(bool $flush = true): string {}
    public function flush(bool $empty = true): string|int {}
}

function xmlwriter_open_uri(string $uri): \XMLWriter|false {}
function xmlwriter_open_memory(): \XMLWriter|false {}
function xmlwriter_set_indent(\XMLWriter $writer, bool $enable): bool {}
function xmlwriter_set_indent_string(\XMLWriter $writer, string $indentation): bool {}
function xmlwriter_start_comment(\XMLWriter $writer): bool {}
function xmlwriter_end_comment(\XMLWriter $writer): bool {}
function xmlwriter_start_attribute(\XMLWriter $writer, string $name): bool {}
function xmlwriter_end_attribute(\XMLWriter $writer): bool {}
function xmlwriter_write_attribute(\XMLWriter $writer, string $name, string $value): bool {}
function xmlwriter_start_attribute_ns(\XMLWriter $writer, ?string $prefix, string $name, ?string $namespace): bool {}
function xmlwriter_write_attribute_ns(\XMLWriter $writer, ?string $prefix, string $name, ?string $namespace, string $value): bool {}
function xmlwriter_start_element(\XMLWriter $writer, string $name): bool {}
function xmlwriter_end_element(\XMLWriter $writer): bool {}
function xmlwriter_full_end_element(\XMLWriter $writer): bool {}
function xmlwriter_start_element_ns(\XMLWriter $writer, ?string $prefix, string $name, ?string $namespace): bool {}
function xmlwriter_write_element(\XMLWriter $writer, string $name, ?string $content = NULL): bool {}
function xmlwriter_write_element_ns(\XMLWriter $writer, ?string $prefix, string $name, ?string $namespace, ?string $content = NULL): bool {}
function xmlwriter_start_pi(\XMLWriter $writer, string $target): bool {}
function xmlwriter_end_pi(\XMLWriter $writer): bool {}
function xmlwriter_write_pi(\XMLWriter $writer, string $target, string $content): bool {}
function xmlwriter_start_cdata(\XMLWriter $writer): bool {}
function xmlwriter_end_cdata(\XMLWriter $writer): bool {}
function xmlwriter_write_cdata(\XMLWriter $writer, string $content): bool {}
function xmlwriter_text(\XMLWriter $writer, string $content): bool {}
function xmlwriter_write_raw(\XMLWriter $writer, string $content): bool {}
function xmlwriter_start_document(\XMLWriter $writer, ?string $version = '1.0', ?string $encoding = NULL, ?string $standalone = NULL): bool {}
function xmlwriter_end_document(\XMLWriter $writer): bool {}
function xmlwriter_write_comment(\XMLWriter $writer, string $content): bool {}
function xmlwriter_start_dtd(\XMLWriter $writer, string $qualifiedName, ?string $publicId = NULL, ?string $systemId = NULL): bool {}
function xmlwriter_end_dtd(\XMLWriter $writer): bool {}
function xmlwriter_write_dtd(\XMLWriter $writer, string $name, ?string $publicId = NULL, ?string $systemId = NULL, ?string $content = NULL): bool {}
function xmlwriter_start_dtd_element(\XMLWriter $writer, string $qualifiedName): bool {}
function xmlwriter_end_dtd_element(\XMLWriter $writer): bool {}
function xmlwriter_write_dtd_element(\XMLWriter $writer, string $name, string $content): bool {}
function xmlwriter_start_dtd_attlist(\XMLWriter $writer, string $name): bool {}
function xmlwriter_end_dtd_attlist(\XMLWriter $writer): bool {}
function xmlwriter_write_dtd_attlist(\XMLWriter $writer, string $name, string $content): bool {}
function xmlwriter_start_dtd_entity(\XMLWriter $writer, string $name, bool $isParam): bool {}
function xmlwriter_end_dtd_entity(\XMLWriter $writer): bool {}
function xmlwriter_write_dtd_entity(\XMLWriter $writer, string $name, string $content, bool $isParam = false, ?string $publicId = NULL, ?string $systemId = NULL, ?string $notationData = NULL): bool {}
function xmlwriter_output_memory(\XMLWriter $writer, bool $flush = true): string {}
function xmlwriter_flush(\XMLWriter $writer, bool $empty = true): string|int {}
