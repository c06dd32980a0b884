package mro;

=head1 NAME

mro - The order in which bases are looked through for a method

=cut

sub get_isarev { }
sub get_linear_isa { }
sub get_mro { }
sub get_pkg_gen { }
sub invalidate_all_method_caches { }
sub is_universal { }
sub method_changed_in { }
sub set_mro { }
1;
