package strict;

=head1 NAME

strict - Refuses symbolic references, undeclared variables and bare words

=cut

sub all_bits { }
sub all_explicit_bits { }
sub bits { }
1;
