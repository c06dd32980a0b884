package File::Compare;

=head1 NAME

File::Compare - Compares files by content

=cut

our @EXPORT = qw(compare);
our @EXPORT_OK = qw(cmp compare_text);
sub cmp { }
sub compare { }
sub compare_text { }
sub croak { }
1;
