package Module::Load;

=head1 NAME

Module::Load - Loads a module by its name at run time

=cut

sub autoload { }
sub autoload_remote { }
sub load { }
sub load_remote { }
1;
