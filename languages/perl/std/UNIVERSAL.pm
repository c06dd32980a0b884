package UNIVERSAL;

=head1 NAME

UNIVERSAL - What every object answers: isa, can, DOES, VERSION

=cut

sub DOES { }
sub VERSION { }
sub can { }
sub isa { }
1;
