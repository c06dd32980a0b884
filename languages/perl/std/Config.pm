package Config;

=head1 NAME

Config - How this interpreter was built

=cut

our @EXPORT = qw(%Config);
our @EXPORT_OK = qw(compile_date local_patches bincompat_options non_bincompat_options header_files myconfig config_re config_sh config_vars);
sub CLEAR { }
sub DELETE { }
sub EXISTS { }
sub FETCH { }
sub FIRSTKEY { }
sub NEXTKEY { }
sub STORE { }
sub TIEHASH { }
sub bincompat_options { }
sub compile_date { }
sub config_re { }
sub config_sh { }
sub config_vars { }
sub fetch_string { }
sub header_files { }
sub launcher { }
sub local_patches { }
sub myconfig { }
sub non_bincompat_options { }
1;
