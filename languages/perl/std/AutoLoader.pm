package AutoLoader;

=head1 NAME

AutoLoader - Loads functions when they are first called

=cut

sub autoload_sub { }
sub find_filename { }
1;
