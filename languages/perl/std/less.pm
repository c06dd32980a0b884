package less;

=head1 NAME

less - Asks for less of something

=cut

sub of { }
sub stash_name { }
1;
