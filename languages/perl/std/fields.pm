package fields;

=head1 NAME

fields - Declares the fields of a class, checked when the program is compiled

=cut

sub INHERITED { }
sub PRIVATE { }
sub PROTECTED { }
sub PUBLIC { }
sub inherit { }
sub new { }
sub phash { }
1;
