package MIME::QuotedPrint;

=head1 NAME

MIME::QuotedPrint - Texts as lines of a mail

=cut

our @EXPORT = qw(encode_qp decode_qp);
sub decode { }
sub decode_qp { }
sub encode { }
sub encode_qp { }
1;
