package Digest::MD5;

=head1 NAME

Digest::MD5 - Digests of 128 bits

=cut

our @ISA = qw(Digest::base);
our @EXPORT_OK = qw(md5 md5_hex md5_base64);
sub add { }
sub addfile { }
sub b64digest { }
sub clone { }
sub context { }
sub digest { }
sub hexdigest { }
sub md5 { }
sub md5_base64 { }
sub md5_hex { }
sub new { }
sub reset { }
1;
