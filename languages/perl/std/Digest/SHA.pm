package Digest::SHA;

=head1 NAME

Digest::SHA - Digests of the SHA family

=cut

our @ISA = qw(Digest::base);
our @EXPORT_OK = qw($errmsg hmac_sha1 hmac_sha1_base64 hmac_sha1_hex hmac_sha224 hmac_sha224_base64 hmac_sha224_hex hmac_sha256 hmac_sha256_base64 hmac_sha256_hex hmac_sha384 hmac_sha384_base64 hmac_sha384_hex hmac_sha512 hmac_sha512_base64 hmac_sha512_hex hmac_sha512224 hmac_sha512224_base64 hmac_sha512224_hex hmac_sha512256 hmac_sha512256_base64 hmac_sha512256_hex sha1 sha1_base64 sha1_hex sha224 sha224_base64 sha224_hex sha256 sha256_base64 sha256_hex sha384 sha384_base64 sha384_hex sha512 sha512_base64 sha512_hex sha512224 sha512224_base64 sha512224_hex sha512256 sha512256_base64 sha512256_hex);
sub O_RDONLY { }
sub O_RDWR { }
sub add { }
sub add_bits { }
sub addfile { }
sub algorithm { }
sub b64digest { }
sub clone { }
sub digest { }
sub dump { }
sub getstate { }
sub hashsize { }
sub hexdigest { }
sub hmac_sha1 { }
sub hmac_sha1_base64 { }
sub hmac_sha1_hex { }
sub hmac_sha224 { }
sub hmac_sha224_base64 { }
sub hmac_sha224_hex { }
sub hmac_sha256 { }
sub hmac_sha256_base64 { }
sub hmac_sha256_hex { }
sub hmac_sha384 { }
sub hmac_sha384_base64 { }
sub hmac_sha384_hex { }
sub hmac_sha512 { }
sub hmac_sha512224 { }
sub hmac_sha512224_base64 { }
sub hmac_sha512224_hex { }
sub hmac_sha512256 { }
sub hmac_sha512256_base64 { }
sub hmac_sha512256_hex { }
sub hmac_sha512_base64 { }
sub hmac_sha512_hex { }
sub load { }
sub new { }
sub newSHA { }
sub putstate { }
sub reset { }
sub sha1 { }
sub sha1_base64 { }
sub sha1_hex { }
sub sha224 { }
sub sha224_base64 { }
sub sha224_hex { }
sub sha256 { }
sub sha256_base64 { }
sub sha256_hex { }
sub sha384 { }
sub sha384_base64 { }
sub sha384_hex { }
sub sha512 { }
sub sha512224 { }
sub sha512224_base64 { }
sub sha512224_hex { }
sub sha512256 { }
sub sha512256_base64 { }
sub sha512256_hex { }
sub sha512_base64 { }
sub sha512_hex { }
sub shainit { }
sub sharewind { }
sub shawrite { }
1;
