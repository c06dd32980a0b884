package open;

=head1 NAME

open - Sets the layers that files are opened with

=cut

sub croak { }
1;
