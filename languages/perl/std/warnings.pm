package warnings;

=head1 NAME

warnings - Warns of what is likely a mistake, by category

=cut

sub Croaker { }
sub bits { }
sub enabled { }
sub enabled_at_level { }
sub fatal_enabled { }
sub fatal_enabled_at_level { }
sub register_categories { }
sub warn { }
sub warn_at_level { }
sub warnif { }
sub warnif_at_level { }
1;
