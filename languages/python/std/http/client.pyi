"""Requests by hand."""
import email.message
import io
import ssl
import sys
import types
from collections.abc import Callable, Iterable, Iterator, Mapping
from socket import socket
from typing import Any, BinaryIO, overload
HTTP_PORT: int
HTTPS_PORT: int
CONTINUE: int
SWITCHING_PROTOCOLS: int
PROCESSING: int
OK: int
CREATED: int
ACCEPTED: int
NON_AUTHORITATIVE_INFORMATION: int
NO_CONTENT: int
RESET_CONTENT: int
PARTIAL_CONTENT: int
MULTI_STATUS: int
IM_USED: int
MULTIPLE_CHOICES: int
MOVED_PERMANENTLY: int
FOUND: int
SEE_OTHER: int
NOT_MODIFIED: int
USE_PROXY: int
TEMPORARY_REDIRECT: int
BAD_REQUEST: int
UNAUTHORIZED: int
PAYMENT_REQUIRED: int
FORBIDDEN: int
NOT_FOUND: int
METHOD_NOT_ALLOWED: int
NOT_ACCEPTABLE: int
PROXY_AUTHENTICATION_REQUIRED: int
REQUEST_TIMEOUT: int
CONFLICT: int
GONE: int
LENGTH_REQUIRED: int
PRECONDITION_FAILED: int
REQUEST_ENTITY_TOO_LARGE: int
REQUEST_URI_TOO_LONG: int
UNSUPPORTED_MEDIA_TYPE: int
REQUESTED_RANGE_NOT_SATISFIABLE: int
EXPECTATION_FAILED: int
UNPROCESSABLE_ENTITY: int
LOCKED: int
FAILED_DEPENDENCY: int
UPGRADE_REQUIRED: int
PRECONDITION_REQUIRED: int
TOO_MANY_REQUESTS: int
REQUEST_HEADER_FIELDS_TOO_LARGE: int
INTERNAL_SERVER_ERROR: int
NOT_IMPLEMENTED: int
BAD_GATEWAY: int
SERVICE_UNAVAILABLE: int
GATEWAY_TIMEOUT: int
HTTP_VERSION_NOT_SUPPORTED: int
INSUFFICIENT_STORAGE: int
NOT_EXTENDED: int
NETWORK_AUTHENTICATION_REQUIRED: int
responses: dict[int, str]
class HTTPMessage(email.message.Message[str, str]):
    def getallmatchingheaders(self, name) -> list[str]: ...
def parse_headers[MessageT](fp, _class: Callable[[], MessageT]) -> MessageT: ...
class HTTPResponse(io.BufferedIOBase, BinaryIO):
    msg: HTTPMessage
    headers: HTTPMessage
    version: int
    debuglevel: int
    fp: io.BufferedReader
    closed: bool
    status: int
    reason: str
    chunked: bool
    chunk_left: int | None
    length: int | None
    will_close: bool
    url: str
    def __init__(self, sock, debuglevel=0, method=None, url=None) -> None: ...
    def peek(self, n=-1) -> bytes: ...
    def read(self, amt=None) -> bytes: ...
    def read1(self, n=-1) -> bytes: ...
    def readinto(self, b) -> int: ...
    def readline(self, limit=-1) -> bytes: ...
    def getheader[T](self, name, default: T) -> str | None: ...
    def getheaders(self) -> list[tuple[str, str]]: ...
    def isclosed(self) -> bool: ...
    def __iter__(self) -> Iterator[bytes]: ...
    def __enter__(self) -> HTTPResponse: ...
    def info(self) -> email.message.Message: ...
    def geturl(self) -> str: ...
    def getcode(self) -> int: ...
    def begin(self) -> None: ...
class HTTPConnection:
    auto_open: int
    debuglevel: int
    default_port: int
    response_class: type[HTTPResponse]
    timeout: float | None
    host: str
    port: int
    sock: socket | Any
    def __init__(self, host, port=None, timeout=..., source_address=None, blocksize=8192) -> None: ...
    def request(self, method, url, body=None, headers={}, *, encode_chunked=False) -> None: ...
    def getresponse(self) -> HTTPResponse: ...
    def set_debuglevel(self, level) -> None: ...
    def get_proxy_response_headers(self) -> HTTPMessage | None: ...
    def set_tunnel(self, host, port=None, headers=None) -> None: ...
    def connect(self) -> None: ...
    def close(self) -> None: ...
    def putrequest(self, method, url, skip_host=False, skip_accept_encoding=False) -> None: ...
    def putheader(self, header, *argument) -> None: ...
    def endheaders(self, message_body=None, *, encode_chunked=False) -> None: ...
    def send(self, data) -> None: ...
class HTTPSConnection(HTTPConnection):
    sock: ssl.SSLSocket | Any
    def __init__(self, host, port=None, *, timeout=..., source_address=None, context=None, blocksize=8192) -> None: ...
class HTTPException(Exception):
    ...
error = HTTPException
class NotConnected(HTTPException):
    ...
class InvalidURL(HTTPException):
    ...
class UnknownProtocol(HTTPException):
    def __init__(self, version) -> None: ...
class UnknownTransferEncoding(HTTPException):
    ...
class UnimplementedFileMode(HTTPException):
    ...
class IncompleteRead(HTTPException):
    def __init__(self, partial, expected=None) -> None: ...
    partial: bytes
    expected: int | None
class ImproperConnectionState(HTTPException):
    ...
class CannotSendRequest(ImproperConnectionState):
    ...
class CannotSendHeader(ImproperConnectionState):
    ...
class ResponseNotReady(ImproperConnectionState):
    ...
class BadStatusLine(HTTPException):
    def __init__(self, line) -> None: ...
class LineTooLong(HTTPException):
    def __init__(self, line_type) -> None: ...
class RemoteDisconnected(ConnectionResetError, BadStatusLine):
    ...
