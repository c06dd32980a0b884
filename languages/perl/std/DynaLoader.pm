package DynaLoader;

=head1 NAME

DynaLoader - Loads compiled libraries

=cut

sub CLONE { }
sub boot_DynaLoader { }
sub bootstrap_inherit { }
sub croak { }
sub dl_error { }
sub dl_expandspec { }
sub dl_find_symbol { }
sub dl_find_symbol_anywhere { }
sub dl_findfile { }
sub dl_install_xsub { }
sub dl_load_file { }
sub dl_undef_symbols { }
sub dl_unload_file { }
1;
