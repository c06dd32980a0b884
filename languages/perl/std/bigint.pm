package bigint;

=head1 NAME

bigint - Reckons with whole numbers of any size

=cut

our @EXPORT = qw(inf NaN);
our @EXPORT_OK = qw(PI e bpi bexp hex oct);
sub LEXICAL { }
sub NaN { }
sub PI { }
sub accuracy { }
sub bexp { }
sub bpi { }
sub div_scale { }
sub e { }
sub hex { }
sub in_effect { }
sub inf { }
sub oct { }
sub precision { }
sub round_mode { }
1;
