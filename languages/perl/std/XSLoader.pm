package XSLoader;

=head1 NAME

XSLoader - Loads the compiled part of a module

=cut

sub bootstrap_inherit { }
sub load { }
1;
