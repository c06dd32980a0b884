package MIME::Base64;

=head1 NAME

MIME::Base64 - Bytes as letters of a mail

=cut

our @EXPORT = qw(encode_base64 decode_base64);
our @EXPORT_OK = qw(encode_base64url decode_base64url encoded_base64_length decoded_base64_length);
sub decode { }
sub decode_base64 { }
sub decode_base64url { }
sub decoded_base64_length { }
sub encode { }
sub encode_base64 { }
sub encode_base64url { }
sub encoded_base64_length { }
1;
