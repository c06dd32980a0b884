"""Encrypted connections."""
import enum
import socket
import sys
from collections.abc import Callable, Iterable
from typing import Any, Literal, NamedTuple, TypedDict, final, overload
socket_error = OSError
class _Cipher(TypedDict):
    aead: bool
    alg_bits: int
    auth: str
    description: str
    digest: str | None
    id: int
    kea: str
    name: str
    protocol: str
    strength_bits: int
    symmetric: str
class SSLError(OSError):
    library: str
    reason: str
class SSLZeroReturnError(SSLError):
    ...
class SSLWantReadError(SSLError):
    ...
class SSLWantWriteError(SSLError):
    ...
class SSLSyscallError(SSLError):
    ...
class SSLEOFError(SSLError):
    ...
class SSLCertVerificationError(SSLError, ValueError):
    verify_code: int
    verify_message: str
CertificateError = SSLCertVerificationError
def create_default_context(purpose=..., *, cafile=None, capath=None, cadata=None) -> SSLContext: ...
def _create_unverified_context(protocol=None, *, cert_reqs=..., check_hostname=False, purpose=..., certfile=None, keyfile=None, cafile=None, capath=None, cadata=None) -> SSLContext: ...
_create_default_https_context: Callable[..., SSLContext]
def RAND_bytes(n) -> bytes: ...
def RAND_status() -> bool: ...
def RAND_egd(path) -> None: ...
def RAND_add(string, entropy) -> None: ...
def cert_time_to_seconds(cert_time) -> int: ...
def get_server_certificate(addr, ssl_version=..., ca_certs=None, timeout=...) -> str: ...
def DER_cert_to_PEM_cert(der_cert_bytes) -> str: ...
def PEM_cert_to_DER_cert(pem_cert_string) -> bytes: ...
class DefaultVerifyPaths(NamedTuple):
    cafile: str
    capath: str
    openssl_cafile_env: str
    openssl_cafile: str
    openssl_capath_env: str
    openssl_capath: str
def get_default_verify_paths() -> DefaultVerifyPaths: ...
class VerifyMode(enum.IntEnum):
    CERT_NONE = 0
    CERT_OPTIONAL = 1
    CERT_REQUIRED = 2
CERT_NONE: VerifyMode
CERT_OPTIONAL: VerifyMode
CERT_REQUIRED: VerifyMode
class VerifyFlags(enum.IntFlag):
    VERIFY_DEFAULT = 0
    VERIFY_CRL_CHECK_LEAF = 4
    VERIFY_CRL_CHECK_CHAIN = 12
    VERIFY_X509_STRICT = 32
    VERIFY_X509_TRUSTED_FIRST = 32768
    VERIFY_ALLOW_PROXY_CERTS = 64
    VERIFY_X509_PARTIAL_CHAIN = 524288
VERIFY_DEFAULT: VerifyFlags
VERIFY_CRL_CHECK_LEAF: VerifyFlags
VERIFY_CRL_CHECK_CHAIN: VerifyFlags
VERIFY_X509_STRICT: VerifyFlags
VERIFY_X509_TRUSTED_FIRST: VerifyFlags
VERIFY_ALLOW_PROXY_CERTS: VerifyFlags
VERIFY_X509_PARTIAL_CHAIN: VerifyFlags
class _SSLMethod(enum.IntEnum):
    PROTOCOL_SSLv23 = 2
    PROTOCOL_SSLv2 = ...
    PROTOCOL_SSLv3 = ...
    PROTOCOL_TLSv1 = 3
    PROTOCOL_TLSv1_1 = 4
    PROTOCOL_TLSv1_2 = 5
    PROTOCOL_TLS = 2
    PROTOCOL_TLS_CLIENT = 16
    PROTOCOL_TLS_SERVER = 17
PROTOCOL_SSLv23: _SSLMethod
PROTOCOL_SSLv2: _SSLMethod
PROTOCOL_SSLv3: _SSLMethod
PROTOCOL_TLSv1: _SSLMethod
PROTOCOL_TLSv1_1: _SSLMethod
PROTOCOL_TLSv1_2: _SSLMethod
PROTOCOL_TLS: _SSLMethod
PROTOCOL_TLS_CLIENT: _SSLMethod
PROTOCOL_TLS_SERVER: _SSLMethod
class Options(enum.IntFlag):
    OP_ALL = 2147483728
    OP_NO_SSLv2 = 0
    OP_NO_SSLv3 = 33554432
    OP_NO_TLSv1 = 67108864
    OP_NO_TLSv1_1 = 268435456
    OP_NO_TLSv1_2 = 134217728
    OP_NO_TLSv1_3 = 536870912
    OP_CIPHER_SERVER_PREFERENCE = 4194304
    OP_SINGLE_DH_USE = 0
    OP_SINGLE_ECDH_USE = 0
    OP_NO_COMPRESSION = 131072
    OP_NO_TICKET = 16384
    OP_NO_RENEGOTIATION = 1073741824
    OP_ENABLE_MIDDLEBOX_COMPAT = 1048576
    OP_LEGACY_SERVER_CONNECT = 4
    OP_ENABLE_KTLS = 8
    OP_IGNORE_UNEXPECTED_EOF = 128
OP_ALL: Options
OP_NO_SSLv2: Options
OP_NO_SSLv3: Options
OP_NO_TLSv1: Options
OP_NO_TLSv1_1: Options
OP_NO_TLSv1_2: Options
OP_NO_TLSv1_3: Options
OP_CIPHER_SERVER_PREFERENCE: Options
OP_SINGLE_DH_USE: Options
OP_SINGLE_ECDH_USE: Options
OP_NO_COMPRESSION: Options
OP_NO_TICKET: Options
OP_NO_RENEGOTIATION: Options
OP_ENABLE_MIDDLEBOX_COMPAT: Options
OP_LEGACY_SERVER_CONNECT: Options
OP_ENABLE_KTLS: Options
OP_IGNORE_UNEXPECTED_EOF: Options
HAS_NEVER_CHECK_COMMON_NAME: bool
HAS_SSLv2: bool
HAS_SSLv3: bool
HAS_TLSv1: bool
HAS_TLSv1_1: bool
HAS_TLSv1_2: bool
HAS_TLSv1_3: bool
HAS_ALPN: bool
HAS_ECDH: bool
HAS_SNI: bool
HAS_NPN: bool
CHANNEL_BINDING_TYPES: list[str]
OPENSSL_VERSION: str
OPENSSL_VERSION_INFO: tuple[int, int, int, int, int]
OPENSSL_VERSION_NUMBER: int
class AlertDescription(enum.IntEnum):
    ALERT_DESCRIPTION_ACCESS_DENIED = 49
    ALERT_DESCRIPTION_BAD_CERTIFICATE = 42
    ALERT_DESCRIPTION_BAD_CERTIFICATE_HASH_VALUE = 114
    ALERT_DESCRIPTION_BAD_CERTIFICATE_STATUS_RESPONSE = 113
    ALERT_DESCRIPTION_BAD_RECORD_MAC = 20
    ALERT_DESCRIPTION_CERTIFICATE_EXPIRED = 45
    ALERT_DESCRIPTION_CERTIFICATE_REVOKED = 44
    ALERT_DESCRIPTION_CERTIFICATE_UNKNOWN = 46
    ALERT_DESCRIPTION_CERTIFICATE_UNOBTAINABLE = 111
    ALERT_DESCRIPTION_CLOSE_NOTIFY = 0
    ALERT_DESCRIPTION_DECODE_ERROR = 50
    ALERT_DESCRIPTION_DECOMPRESSION_FAILURE = 30
    ALERT_DESCRIPTION_DECRYPT_ERROR = 51
    ALERT_DESCRIPTION_HANDSHAKE_FAILURE = 40
    ALERT_DESCRIPTION_ILLEGAL_PARAMETER = 47
    ALERT_DESCRIPTION_INSUFFICIENT_SECURITY = 71
    ALERT_DESCRIPTION_INTERNAL_ERROR = 80
    ALERT_DESCRIPTION_NO_RENEGOTIATION = 100
    ALERT_DESCRIPTION_PROTOCOL_VERSION = 70
    ALERT_DESCRIPTION_RECORD_OVERFLOW = 22
    ALERT_DESCRIPTION_UNEXPECTED_MESSAGE = 10
    ALERT_DESCRIPTION_UNKNOWN_CA = 48
    ALERT_DESCRIPTION_UNKNOWN_PSK_IDENTITY = 115
    ALERT_DESCRIPTION_UNRECOGNIZED_NAME = 112
    ALERT_DESCRIPTION_UNSUPPORTED_CERTIFICATE = 43
    ALERT_DESCRIPTION_UNSUPPORTED_EXTENSION = 110
    ALERT_DESCRIPTION_USER_CANCELLED = 90
ALERT_DESCRIPTION_HANDSHAKE_FAILURE: AlertDescription
ALERT_DESCRIPTION_INTERNAL_ERROR: AlertDescription
ALERT_DESCRIPTION_ACCESS_DENIED: AlertDescription
ALERT_DESCRIPTION_BAD_CERTIFICATE: AlertDescription
ALERT_DESCRIPTION_BAD_CERTIFICATE_HASH_VALUE: AlertDescription
ALERT_DESCRIPTION_BAD_CERTIFICATE_STATUS_RESPONSE: AlertDescription
ALERT_DESCRIPTION_BAD_RECORD_MAC: AlertDescription
ALERT_DESCRIPTION_CERTIFICATE_EXPIRED: AlertDescription
ALERT_DESCRIPTION_CERTIFICATE_REVOKED: AlertDescription
ALERT_DESCRIPTION_CERTIFICATE_UNKNOWN: AlertDescription
ALERT_DESCRIPTION_CERTIFICATE_UNOBTAINABLE: AlertDescription
ALERT_DESCRIPTION_CLOSE_NOTIFY: AlertDescription
ALERT_DESCRIPTION_DECODE_ERROR: AlertDescription
ALERT_DESCRIPTION_DECOMPRESSION_FAILURE: AlertDescription
ALERT_DESCRIPTION_DECRYPT_ERROR: AlertDescription
ALERT_DESCRIPTION_ILLEGAL_PARAMETER: AlertDescription
ALERT_DESCRIPTION_INSUFFICIENT_SECURITY: AlertDescription
ALERT_DESCRIPTION_NO_RENEGOTIATION: AlertDescription
ALERT_DESCRIPTION_PROTOCOL_VERSION: AlertDescription
ALERT_DESCRIPTION_RECORD_OVERFLOW: AlertDescription
ALERT_DESCRIPTION_UNEXPECTED_MESSAGE: AlertDescription
ALERT_DESCRIPTION_UNKNOWN_CA: AlertDescription
ALERT_DESCRIPTION_UNKNOWN_PSK_IDENTITY: AlertDescription
ALERT_DESCRIPTION_UNRECOGNIZED_NAME: AlertDescription
ALERT_DESCRIPTION_UNSUPPORTED_CERTIFICATE: AlertDescription
ALERT_DESCRIPTION_UNSUPPORTED_EXTENSION: AlertDescription
ALERT_DESCRIPTION_USER_CANCELLED: AlertDescription
class _ASN1ObjectBase(NamedTuple):
    nid: int
    shortname: str
    longname: str
    oid: str
class _ASN1Object(_ASN1ObjectBase):
    def __new__(cls, oid) -> _ASN1Object: ...
    @classmethod
    def fromnid(cls, nid) -> _ASN1Object: ...
    @classmethod
    def fromname(cls, name) -> _ASN1Object: ...
class Purpose(_ASN1Object, enum.Enum):
    SERVER_AUTH = (129, 'serverAuth', 'TLS Web Server Authentication', '1.3.6.1.5.5.7.3.2')
    CLIENT_AUTH = (130, 'clientAuth', 'TLS Web Client Authentication', '1.3.6.1.5.5.7.3.1')
class SSLSocket(socket.socket):
    context: SSLContext
    server_side: bool
    server_hostname: str | None
    session: SSLSession | None
    @property
    def session_reused(self) -> bool | None: ...
    def __init__(self, *args, **kwargs) -> None: ...
    def connect(self, addr) -> None: ...
    def connect_ex(self, addr) -> int: ...
    def recv(self, buflen=1024, flags=0) -> bytes: ...
    def recv_into(self, buffer, nbytes=None, flags=0) -> int: ...
    def recvfrom(self, buflen=1024, flags=0) -> tuple[bytes, socket._RetAddress]: ...
    def recvfrom_into(self, buffer, nbytes=None, flags=0) -> tuple[int, socket._RetAddress]: ...
    def send(self, data, flags=0) -> int: ...
    def sendall(self, data, flags=0) -> None: ...
    def sendto(self, data, flags_or_addr, addr=None) -> int: ...
    def shutdown(self, how) -> None: ...
    def read(self, len=1024, buffer=None) -> bytes: ...
    def write(self, data) -> int: ...
    def do_handshake(self, block=False) -> None: ...
    def getpeercert(self, binary_form=False) -> Any | None: ...
    def cipher(self) -> tuple[str, str, int] | None: ...
    def shared_ciphers(self) -> list[tuple[str, str, int]] | None: ...
    def compression(self) -> str | None: ...
    def get_channel_binding(self, cb_type='tls-unique') -> bytes | None: ...
    def selected_alpn_protocol(self) -> str | None: ...
    def selected_npn_protocol(self) -> str | None: ...
    def accept(self) -> tuple[SSLSocket, socket._RetAddress]: ...
    def unwrap(self) -> socket.socket: ...
    def version(self) -> str | None: ...
    def pending(self) -> int: ...
    def verify_client_post_handshake(self) -> None: ...
    def recvmsg(self, *args, **kwargs) -> Never: ...
    def recvmsg_into(self, *args, **kwargs) -> Never: ...
    def sendmsg(self, *args, **kwargs) -> Never: ...
class TLSVersion(enum.IntEnum):
    MINIMUM_SUPPORTED = -2
    MAXIMUM_SUPPORTED = -1
    SSLv3 = 768
    TLSv1 = 769
    TLSv1_1 = 770
    TLSv1_2 = 771
    TLSv1_3 = 772
class SSLContext:
    check_hostname: bool
    options: Options
    verify_flags: VerifyFlags
    verify_mode: VerifyMode
    @property
    def protocol(self) -> _SSLMethod: ...
    hostname_checks_common_name: bool
    maximum_version: TLSVersion
    minimum_version: TLSVersion
    sni_callback: Callable[[SSLObject, str, SSLContext], None | int] | None
    sslobject_class: type[SSLObject]
    sslsocket_class: type[SSLSocket]
    keylog_filename: str
    post_handshake_auth: bool
    security_level: int
    def __new__(cls, protocol=None, *args, **kwargs) -> SSLContext: ...
    def cert_store_stats(self) -> dict[str, int]: ...
    def load_cert_chain(self, certfile, keyfile=None, password=None) -> None: ...
    def load_default_certs(self, purpose=...) -> None: ...
    def load_verify_locations(self, cafile=None, capath=None, cadata=None) -> None: ...
    def get_ca_certs(self, binary_form=False) -> list[Any]: ...
    def get_ciphers(self) -> list[_Cipher]: ...
    def set_default_verify_paths(self) -> None: ...
    def set_ciphers(self, cipherlist) -> None: ...
    def set_alpn_protocols(self, alpn_protocols) -> None: ...
    def set_npn_protocols(self, npn_protocols) -> None: ...
    def set_servername_callback(self, server_name_callback) -> None: ...
    def load_dh_params(self, path) -> None: ...
    def set_ecdh_curve(self, name) -> None: ...
    def wrap_socket(self, sock, server_side=False, do_handshake_on_connect=True, suppress_ragged_eofs=True, server_hostname=None, session=None) -> SSLSocket: ...
    def wrap_bio(self, incoming, outgoing, server_side=False, server_hostname=None, session=None) -> SSLObject: ...
    def session_stats(self) -> dict[str, int]: ...
class SSLObject:
    context: SSLContext
    @property
    def server_side(self) -> bool: ...
    @property
    def server_hostname(self) -> str | None: ...
    session: SSLSession | None
    @property
    def session_reused(self) -> bool: ...
    def __init__(self, *args, **kwargs) -> None: ...
    def read(self, len=1024, buffer=None) -> bytes: ...
    def write(self, data) -> int: ...
    def getpeercert(self, binary_form=False) -> Any | None: ...
    def selected_alpn_protocol(self) -> str | None: ...
    def selected_npn_protocol(self) -> str | None: ...
    def cipher(self) -> tuple[str, str, int] | None: ...
    def shared_ciphers(self) -> list[tuple[str, str, int]] | None: ...
    def compression(self) -> str | None: ...
    def pending(self) -> int: ...
    def do_handshake(self) -> None: ...
    def unwrap(self) -> None: ...
    def version(self) -> str | None: ...
    def get_channel_binding(self, cb_type='tls-unique') -> bytes | None: ...
    def verify_client_post_handshake(self) -> None: ...
class MemoryBIO:
    pending: int
    eof: bool
    def read(self, size=-1) -> bytes: ...
    def write(self, b) -> int: ...
    def write_eof(self) -> None: ...
class SSLSession:
    @property
    def has_ticket(self) -> bool: ...
    @property
    def id(self) -> bytes: ...
    @property
    def ticket_lifetime_hint(self) -> int: ...
    @property
    def time(self) -> int: ...
    @property
    def timeout(self) -> int: ...
class SSLErrorNumber(enum.IntEnum):
    SSL_ERROR_EOF = 8
    SSL_ERROR_INVALID_ERROR_CODE = 10
    SSL_ERROR_SSL = 1
    SSL_ERROR_SYSCALL = 5
    SSL_ERROR_WANT_CONNECT = 7
    SSL_ERROR_WANT_READ = 2
    SSL_ERROR_WANT_WRITE = 3
    SSL_ERROR_WANT_X509_LOOKUP = 4
    SSL_ERROR_ZERO_RETURN = 6
SSL_ERROR_EOF: SSLErrorNumber
SSL_ERROR_INVALID_ERROR_CODE: SSLErrorNumber
SSL_ERROR_SSL: SSLErrorNumber
SSL_ERROR_SYSCALL: SSLErrorNumber
SSL_ERROR_WANT_CONNECT: SSLErrorNumber
SSL_ERROR_WANT_READ: SSLErrorNumber
SSL_ERROR_WANT_WRITE: SSLErrorNumber
SSL_ERROR_WANT_X509_LOOKUP: SSLErrorNumber
SSL_ERROR_ZERO_RETURN: SSLErrorNumber
def get_protocol_name(protocol_code) -> str: ...
PEM_FOOTER: str
PEM_HEADER: str
SOCK_STREAM: int
SOL_SOCKET: int
SO_TYPE: int
